/** What a cutting machine can do, and what it cannot. */
package vantbreeze.cutter;
