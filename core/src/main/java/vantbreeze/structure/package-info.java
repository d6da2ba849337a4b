/** Pieces with scores, slits and bonds, and the panels and hinges they make. Coordinates: x right, y up, face side up. */
package vantbreeze.structure;
