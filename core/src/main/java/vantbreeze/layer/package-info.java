/** What is seen of a card and the mats that dress it. */
package vantbreeze.layer;
