package vantbreeze.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.layer.MessageRoom;
import vantbreeze.measure.Size;
import vantbreeze.post.EnvelopeFit;
import vantbreeze.structure.Effort;
import vantbreeze.structure.Piece;

/** All folds with the largest card that each gives for the envelope and the sheet at hand, those that can be made first. */
public final class Shelf {

    /** Enough for a small model; the screen draws what lies between. */
    private static final int FRAMES = 10;

    private Shelf() {}

    /** @param parameters what makes it that fold */
    public record Own(FoldDesign fold, Map<String, Object> parameters) {}

    /** What kept the card from being larger. */
    public enum Limit {
        ENVELOPE,
        SHEET
    }

    /**
     * One fold on the shelf.
     *
     * @param brief the given one with this fold, sized for the envelope or from the sheet
     * @param closed the largest card; null if there is none
     * @param limit what kept it from being larger; null if there is no card
     * @param reason why there is none; empty if there is one
     * @param messageRoom the largest face to write on; null if none is large enough
     * @param scores how many lines are scored
     * @param glued how many areas are glued
     * @param folding how it moves; null if there is no card
     */
    public record Entry(
            FoldDesign fold,
            Brief brief,
            Size closed,
            Limit limit,
            String reason,
            Size messageRoom,
            int scores,
            int glued,
            Folding folding) {

        public boolean canBeMade() {
            return closed != null;
        }

        public boolean stands() {
            return folding != null && folding.standing().filter(s -> s.stands()).isPresent();
        }

        /** Hand's turns: every score is one, every glued area two. */
        public int effort() {
            return scores + 2 * glued;
        }
    }

    /** @param brief its envelope, sheet, stock, tools and mats count; its size does not */
    public static List<Entry> of(Brief brief) {
        return of(brief, List.of());
    }

    /** @param own folds that the maker kept */
    public static List<Entry> of(Brief brief, List<Own> own) {
        Thread asker = Thread.currentThread();
        AtomicBoolean over = new AtomicBoolean();
        try {
            return Stream.concat(
                            FoldCatalogue.all().stream().map(brief::withFold),
                            own.stream().map(o -> brief.withFold(o.fold()).withAll(o.parameters())))
                    .parallel()
                    .filter(b -> !over.get())
                    .peek(b -> Effort.ifNobodyWaits(asker))
                    .map(Shelf::entry)
                    .sorted(Comparator.comparing((Entry e) -> !e.canBeMade()).thenComparingInt(Entry::effort))
                    .toList();
        } catch (Effort.GivenUp e) {
            /* Those that work on other parts of it go on otherwise. */
            over.set(true);
            throw e;
        }
    }

    private static Entry entry(Brief brief) {
        List<Tried> tried = candidates(brief).map(Shelf::tryToMake).toList();
        return tried.stream()
                .filter(t -> t.trouble().isEmpty())
                .reduce((a, b) -> area(b) > area(a) ? b : a)
                .map(t -> entry(t.candidate(), t.draft()))
                .orElseGet(() ->
                        new Entry(brief.fold(), brief, null, null, tried.get(0).trouble(), null, 0, 0, null));
    }

    /** @param trouble why it cannot be made, or empty */
    private record Tried(Brief candidate, Draft draft, String trouble) {}

    private static Tried tryToMake(Brief candidate) {
        try {
            Draft draft = Draft.of(candidate);
            return new Tried(candidate, draft, trouble(draft).orElse(""));
        } catch (BriefException none) {
            return new Tried(candidate, null, none.getMessage());
        }
    }

    private static double area(Tried tried) {
        return tried.draft().work().closedSize().squareMillimetres();
    }

    /** As large as the envelope takes, from the sheet; held as the card is now, then turned. */
    private static Stream<Brief> candidates(Brief brief) {
        Orientation held = held(brief);
        return Stream.of(held, held.turned())
                .map(o -> brief.withBasis(
                        brief.envelope() == null ? new Basis.FromSheet(1, o) : new Basis.ForEnvelope(o, false)));
    }

    private static Orientation held(Brief brief) {
        if (brief.basis() instanceof Basis.ForEnvelope posted) {
            return posted.orientation();
        }
        if (brief.basis() instanceof Basis.FromSheet cut) {
            return cut.orientation();
        }
        return Orientation.PORTRAIT;
    }

    private static Optional<String> trouble(Draft draft) {
        if (!draft.work().foldsFlat()) {
            return Optional.of("It does not fold flat.");
        }
        Size sheet = draft.brief().sheet().size();
        Optional<Piece> tooLong = draft.work().structure().pieces().stream()
                .filter(p -> !p.size().fitsWithinEitherWay(sheet))
                .findFirst();
        if (tooLong.isPresent()) {
            return Optional.of("Its %s (%s) is larger than a sheet of %s."
                    .formatted(
                            tooLong.get().name(),
                            draft.ruler().text(tooLong.get().size()),
                            draft.brief().sheet().name()));
        }
        if (draft.fit() != null && !draft.fit().goesIn()) {
            return Optional.of("It does not go into the envelope %s."
                    .formatted(draft.fit().envelope().name()));
        }
        return Optional.empty();
    }

    /** What lies loose in its envelope the sheet keeps from being larger. */
    private static Limit limit(Draft draft) {
        return draft.fit() == null || draft.fit().verdict() == EnvelopeFit.Verdict.LOOSE ? Limit.SHEET : Limit.ENVELOPE;
    }

    private static Entry entry(Brief candidate, Draft draft) {
        Workpiece work = draft.work();
        return new Entry(
                candidate.fold(),
                candidate,
                work.closedSize(),
                limit(draft),
                "",
                work.messageRoom().stream().findFirst().map(MessageRoom::size).orElse(null),
                work.structure().scores().size(),
                work.structure().bonds().size(),
                Folding.of(work, FRAMES));
    }
}
