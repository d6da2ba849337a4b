package vantbreeze.plan;

import java.util.List;

/**
 * A finding about a plan.
 *
 * @param place the panel, score, piece or envelope it is about
 * @param text plain words that say what to change
 * @param fixes briefs that are known to mend it; empty if there is none
 */
public record Snag(Code code, Severity severity, Place place, String text, List<Fix> fixes) {

    /** What was found. */
    public enum Code {
        CANNOT_FOLD,
        SCORE_OFF_BOARD,
        SCORE_BEYOND_BOARD,
        LONGER_THAN_SHEET,
        LONGER_THAN_TRIMMER,
        PANELS_OVERLAP,
        STICKS_OUT,
        OF_THIS_FOLD,
        PANEL_TOO_NARROW,
        CLOSES_DIFFERENTLY,
        MAT_DROPPED,
        MAT_OVER_SLIT,
        UPSIDE_DOWN,
        SHOWS_THROUGH,
        NO_MESSAGE_ROOM,
        FILM_TOO_STIFF,
        POCKET_SWALLOWS,
        ORNAMENT_HOMELESS,
        ORNAMENT_THROUGH_FOLD,
        ORNAMENT_BLOCKS_FOLD,
        ORNAMENT_COLLIDES,
        ORNAMENT_STICKS_PANELS,
        ORNAMENT_TOO_LOW,
        ORNAMENT_HOLDS_LITTLE,
        ORNAMENT_UNDER,
        ORNAMENT_STICKS_OUT,
        ORNAMENT_ABOVE,
        OWN_STEP_HOMELESS,
        OWN_STEP_ASTRAY,
        STOCK_WEIGHT,
        ENVELOPE_TOO_SMALL,
        ENVELOPE_SNUG,
        ENVELOPE_LOOSE,
        NO_ENVELOPE,
        NEEDS_BOX,
        CLOSURE_UNFIT
    }

    /** What a place is. */
    public enum Kind {
        PANEL,
        SCORE,
        PIECE,
        CARD,
        /** An ornament, by its name. */
        ORNAMENT,
        ENVELOPE
    }

    /** @param id the panel's, score's or piece's id as in the drawing; the envelope's id; empty for the card */
    public record Place(Kind kind, String id) {}

    /** @param label what the button says */
    public record Fix(String label, Brief brief) {}

    Snag withFixes(List<Fix> proven) {
        return new Snag(code, severity, place, text, proven);
    }

    boolean isSameAs(Snag other) {
        return code == other.code && place.equals(other.place);
    }
}
