package vantbreeze.material;

import java.util.HashMap;
import java.util.Map;

/**
 * What the pieces of a card are cut from.
 *
 * @param base for every piece that has no paper of its own
 * @param own by the name of the piece; a name that the card does not have now is kept for when it has it again
 */
public record PiecePapers(Paper base, Map<String, Paper> own) {

    /** No fold has as many pieces. */
    public static final int MOST = 60;

    public PiecePapers {
        own = Map.copyOf(own);
        if (own.size() > MOST) {
            throw new IllegalArgumentException(
                    "At most %d pieces can have a paper of their own, not %d.".formatted(MOST, own.size()));
        }
    }

    public static PiecePapers of(Paper base) {
        return new PiecePapers(base, Map.of());
    }

    public Paper of(String piece) {
        return own.getOrDefault(piece, base);
    }

    public PiecePapers withBase(Paper other) {
        return new PiecePapers(other, own);
    }

    public PiecePapers with(String piece, Paper paper) {
        Map<String, Paper> changed = new HashMap<>(own);
        changed.put(piece, paper);
        return new PiecePapers(base, changed);
    }
}
