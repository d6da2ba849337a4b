/**
 * The order of work: one class for every kind of work, with its words, its drawing, the settings that can be measured, its tools
 * and cautions ({@link vantbreeze.operation.Operation}); and what must come before what ({@link vantbreeze.operation.TaskGraph}).
 */
package vantbreeze.operation;
