/** Exact lengths, sizes and tool grids: what every other package counts in. */
package vantbreeze.measure;
