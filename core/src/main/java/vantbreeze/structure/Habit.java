package vantbreeze.structure;

/** What makers do with a face whatever is seen of it. Common practice, no published source. */
public enum Habit {
    /** A tab, a mount, a strip that folds narrow: it stays as it is. */
    BARE,
    /** It gets the usual mats, with their borders all round. */
    DRESSED,
    /** It gets the usual mats on either half. */
    HALVED,
    /** It gets the usual mats beside what is glued to it. */
    BESIDE_GLUE,
    /** It gets one plain paper, to sign. */
    SIGNED,
    /** It is of plain card whatever the rest is cut from, and written on across the score to the next one like it. */
    WRITTEN;

    /** Whether it gets mats, whatever is seen of it. */
    public boolean isDressed() {
        return this == DRESSED || this == HALVED || this == BESIDE_GLUE;
    }
}
