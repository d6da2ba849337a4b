/** The folds: one class each, building a structure from parameters. Nothing outside this package knows a fold by name. */
package vantbreeze.catalogue;
