package vantbreeze.hand;

import vantbreeze.measure.Length;

/**
 * One number that a hand sets.
 *
 * @param key unique on a card: the task's id and what of it
 * @param task the id of the task it is set at
 * @param label as the maker calls it: "width of the base"
 * @param planned what is aimed at
 * @param measurable whether a ruler tells afterwards what it has become
 * @param shift what a little more of it moves
 */
public record Knob(String key, Hand hand, String task, String label, Length planned, boolean measurable, Shift shift) {}
