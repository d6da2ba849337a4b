package vantbreeze.server.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.plan.Shelf;

/**
 * A fold with the largest card that it gives for the envelope and the sheet of a brief.
 *
 * @param brief the given one with this fold and that size
 * @param closed absent if no card can be made; then {@code reason} says why
 * @param messageRoom the largest face to write on; absent if none is large enough
 * @param effort turns of the hand: each score one, each glued area two
 */
@Schema(name = "ShelfEntry")
public record ShelfJson(
        String fold,
        String name,
        String summary,
        BriefJson brief,
        @Schema(nullable = true) String closed,
        @Schema(nullable = true) Shelf.Limit limit,
        String reason,
        @Schema(nullable = true) String messageRoom,
        int scores,
        int glued,
        int effort,
        boolean stands,
        @Schema(nullable = true) FoldingJson folding) {

    public static ShelfJson of(Shelf.Entry e) {
        Ruler ruler = e.brief().ruler();
        return new ShelfJson(
                e.fold().id(),
                e.fold().name(),
                e.fold().summary(),
                BriefJson.of(e.brief()),
                textOrNull(ruler, e.closed()),
                e.limit(),
                e.reason(),
                textOrNull(ruler, e.messageRoom()),
                e.scores(),
                e.glued(),
                e.effort(),
                e.stands(),
                e.folding() == null
                        ? null
                        : FoldingJson.of(e.folding(), e.brief().units()));
    }

    private static String textOrNull(Ruler ruler, Size size) {
        return size == null ? null : ruler.text(size);
    }
}
