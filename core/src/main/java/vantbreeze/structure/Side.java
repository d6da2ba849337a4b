package vantbreeze.structure;

import java.util.Locale;

/** The two sides of a panel: the face lies up on the flat piece. */
public enum Side {
    FACE,
    BACK;

    public Side other() {
        return this == FACE ? BACK : FACE;
    }

    /** As it is said: "face" or "back". */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
