/** The order of work: what is scored where, and the steps at the table. */
package vantbreeze.make;
