package vantbreeze.material;

import java.util.HashMap;
import java.util.Map;

/**
 * What the pieces of a card are cut from.
 *
 * @param base for every piece that has no paper of its own
 * @param film for pieces that have to be clear
 * @param own by the name of the piece; a name that the card does not have now is kept for when it has it again
 */
public record PiecePapers(Paper base, Paper film, Map<String, Paper> own) {

    /** No fold has as many pieces. */
    public static final int MOST = 60;

    public PiecePapers {
        own = Map.copyOf(own);
        if (own.size() > MOST) {
            throw new IllegalArgumentException(
                    "At most %d pieces can have a paper of their own, not %d.".formatted(MOST, own.size()));
        }
        requireOpaque(base);
        own.values().forEach(PiecePapers::requireOpaque);
        base.requireSheet();
        film.requireSheet();
        own.values().forEach(Paper::requireSheet);
    }

    /** How a fold looks is worked out with pieces that are not seen through. */
    private static void requireOpaque(Paper paper) {
        if (paper.isClear()) {
            throw new IllegalArgumentException(
                    "A piece that folds cannot be cut from %s. Choose another material for it."
                            .formatted(paper.called()));
        }
    }

    public static PiecePapers of(Paper base) {
        return new PiecePapers(base, Paper.USUAL_FILM, Map.of());
    }

    /** @param clear whether the piece has to be seen through */
    public Paper of(String piece, boolean clear) {
        return clear ? film : own.getOrDefault(piece, base);
    }

    public PiecePapers withBase(Paper other) {
        return new PiecePapers(other, film, own);
    }

    public PiecePapers withFilm(Paper other) {
        return new PiecePapers(base, other, own);
    }

    public PiecePapers with(String piece, Paper paper) {
        Map<String, Paper> changed = new HashMap<>(own);
        changed.put(piece, paper);
        return new PiecePapers(base, film, changed);
    }
}
