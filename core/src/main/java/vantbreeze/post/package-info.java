/** Envelopes and whether a card goes into them. */
package vantbreeze.post;
