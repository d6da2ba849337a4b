/** Text in any script, in the fonts that ship with the product: printed pages and pictures are set alike. */
package vantbreeze.server.type;
