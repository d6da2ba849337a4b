package vantbreeze.operation;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.structure.Structure;

/**
 * One number that a hand sets.
 *
 * @param key unique on a card: the task's id and what of it
 * @param task the id of the task it is set at
 * @param label as the maker calls it: "width of the base"
 * @param planned what is aimed at
 * @param pass what is set in one go with it, against the same edge, misses partly together; empty where it misses by itself
 * @param measurable whether a ruler tells afterwards what it has become
 * @param effect what a little more of it moves
 */
public record Setting(
        String key,
        Hand hand,
        String task,
        String label,
        Length planned,
        String pass,
        boolean measurable,
        Effect effect) {

    /** Those of all tasks of a card, in the order of the work. */
    public static List<Setting> of(List<Task> tasks, Structure structure) {
        return new SettingFinder(tasks, structure).found();
    }
}
