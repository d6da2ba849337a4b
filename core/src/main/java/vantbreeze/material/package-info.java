/** What is on the table: stock, sheets and the tools that cut and score them. */
package vantbreeze.material;
