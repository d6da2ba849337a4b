package vantbreeze.structure;

/** A pattern that is no card, with the reason and the line or panel at fault. */
public final class StructureException extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;
    private final String place;

    public StructureException(String place, String reason) {
        super(reason);
        this.place = place;
    }

    /** The id of the piece, score, slit, bond or panel at fault. */
    public String place() {
        return place;
    }
}
