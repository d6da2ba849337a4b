package vantbreeze.operation;

import java.util.List;

/**
 * What makers do to a surface besides folding and gluing.
 *
 * <p>Minutes of drying are from memory and common practice: the label counts.
 */
public enum Technique {
    STAMP("Stamp", When.FLAT, 10),
    HEAT_EMBOSS("Heat-emboss", When.FLAT, 2, Hazard.HEAT),
    STENCIL_PASTE("Stencil with paste", When.FLAT, 60),
    INK_BLENDING("Blend ink", When.FLAT, 5),
    ALCOHOL_INK("Drop alcohol ink", When.FLAT, 15, Hazard.SOLVENT),
    SHIMMER_SPRAY("Spray shimmer", When.FLAT, 20, Hazard.SPRAY),
    FOIL("Foil", When.FLAT, 0, Hazard.HEAT),
    DIE_CUT("Die-cut", When.FLAT, 0, Hazard.DIES),
    FUSSY_CUT("Fussy-cut", When.FLAT, 0, Hazard.BLADES),
    RIBBON("Tie a ribbon", When.LAST, 0),
    GEMS("Set gems", When.LAST, 30, Hazard.SMALL_PARTS),
    MESSAGE("Write the message", When.LAST, 2),
    OTHER("Do as you like", When.LAST, 0);

    /** When it is best done. */
    public enum When {
        /** While the paper lies flat, before anything is folded or laid. */
        FLAT,
        /** As late as it can be reached. */
        LAST
    }

    private final String title;
    private final When when;
    private final int minutes;
    private final List<Hazard> hazards;

    Technique(String title, When when, int minutes, Hazard... hazards) {
        this.title = title;
        this.when = when;
        this.minutes = minutes;
        this.hazards = List.of(hazards);
    }

    public String title() {
        return title;
    }

    public When when() {
        return when;
    }

    /** Until it may be covered; 0 if at once. */
    public int minutes() {
        return minutes;
    }

    public List<Hazard> hazards() {
        return hazards;
    }
}
