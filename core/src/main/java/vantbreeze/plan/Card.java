package vantbreeze.plan;

import java.util.List;
import vantbreeze.post.Envelope;
import vantbreeze.post.PostalClass;
import vantbreeze.structure.Structure;

/** A brief's card and all that is asked of it; whatever was worked out once is kept. Safe for several threads. */
public final class Card {

    private final Brief brief;
    private Draft draft;
    private Plan plan;
    private Folding folding;
    private List<Look> looks;

    public Card(Brief brief) {
        this.brief = brief;
    }

    public Brief brief() {
        return brief;
    }

    private synchronized Draft draft() {
        if (draft == null) {
            draft = Draft.of(brief);
        }
        return draft;
    }

    /** @throws BriefException if no card follows from the brief */
    public synchronized Plan plan() {
        if (plan == null) {
            plan = Planner.plan(draft());
        }
        return plan;
    }

    /** @throws BriefException if no card follows from the brief */
    public synchronized Folding folding() {
        if (folding == null) {
            folding = Folding.of(draft().work(), Folding.FRAMES);
        }
        return folding;
    }

    /**
     * How one of its pieces is folded, before anything is joined.
     *
     * @throws BriefException if no card follows from the brief, or it has no such piece
     */
    public Folding folding(String piece) {
        Structure structure = plan().structure();
        return structure.pieces().stream()
                .filter(p -> p.name().equals(piece))
                .findFirst()
                .map(p -> Folding.ofPiece(structure, p))
                .orElseThrow(() -> new BriefException(
                        "piece", piece, "a piece of the card", "The card has no piece called (%s).".formatted(piece)));
    }

    /** @throws BriefException if no card follows from the brief */
    public synchronized List<Look> looks() {
        if (looks == null) {
            looks = Look.all(brief, draft().work());
        }
        return looks;
    }

    /** @throws BriefException if no card follows from the brief, or it cannot close */
    public Posting posting(List<Envelope> drawer, List<PostalClass> table) {
        return Posting.of(plan(), drawer, table);
    }
}
