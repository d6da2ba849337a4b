/** What is cut for a card: parts, cut list, what their papers are called. */
package vantbreeze.part;
