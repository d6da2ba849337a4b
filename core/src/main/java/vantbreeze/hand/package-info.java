/** How exactly hands work, and what comes of what they miss. */
package vantbreeze.hand;
