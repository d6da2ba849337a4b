package vantbreeze.structure;

import java.util.List;

/**
 * What hands must do with a card that no cut, score, fold or glue says: weave it, gather it, turn it through, stand it up.
 *
 * @param title two or three words: "Weave the strips"
 * @param words what to do, in whole sentences
 * @param moment when in the work
 * @param bonds ids of the bonds that it comes before or after; empty where the moment says it all
 */
public record Handling(String title, String words, Moment moment, List<String> bonds) {

    /** When in the work. */
    public enum Moment {
        /** Once everything is folded, before anything is glued. */
        FOLDED,
        BEFORE_BONDS,
        AFTER_BONDS,
        /** Once everything is joined, before it is dressed. */
        JOINED,
        /** Once everything is in its place. */
        DRESSED
    }

    public Handling {
        bonds = List.copyOf(bonds);
    }

    public static Handling folded(String title, String words) {
        return new Handling(title, words, Moment.FOLDED, List.of());
    }

    public static Handling before(String title, String words, String... bonds) {
        return new Handling(title, words, Moment.BEFORE_BONDS, List.of(bonds));
    }

    public static Handling after(String title, String words, String... bonds) {
        return new Handling(title, words, Moment.AFTER_BONDS, List.of(bonds));
    }

    public static Handling joined(String title, String words) {
        return new Handling(title, words, Moment.JOINED, List.of());
    }

    public static Handling dressed(String title, String words) {
        return new Handling(title, words, Moment.DRESSED, List.of());
    }
}
