/** How parts are cut out of sheets, with as few of them as will do. */
package vantbreeze.sheet;
