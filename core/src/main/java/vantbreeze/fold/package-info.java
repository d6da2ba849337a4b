/** Folding flat, exactly: where each panel lies, in what order, and how thick the card is on each spot. */
package vantbreeze.fold;
