package vantbreeze.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import vantbreeze.catalogue.Caution;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.FoldFault;
import vantbreeze.fold.Projection;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.make.ScoreCard;
import vantbreeze.make.ScoreReading;
import vantbreeze.make.SquareReading;
import vantbreeze.material.Reach;
import vantbreeze.material.Stock;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.operation.BoardSettings;
import vantbreeze.operation.FenceSetting;
import vantbreeze.operation.OwnStep;
import vantbreeze.operation.Task;
import vantbreeze.operation.Tasks;
import vantbreeze.post.EnvelopeFit;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Regions;
import vantbreeze.structure.Side;

/** Looks a finished draft over for everything that goes wrong at the table. */
final class Snags {

    /** A narrower panel does not fold cleanly. Common practice, no published source. */
    static final Length NARROWEST_PANEL = Length.inches(1, 4);

    /** Common practice, no published source. */
    /** A quarter of a millimetre: nobody measures a closed card nearer. */
    private static final Length NOTICED = Length.ofCounts(160);

    private static final Length THICKEST_LETTER = Length.inches(1, 4);

    /** Common practice, no published source. */
    private static final Length HIGHEST_FOAM_IN_A_LETTER = Length.millimetres(2L);

    private final Draft draft;
    private final Workpiece work;
    private final Ruler ruler;
    private final List<Snag> found = new ArrayList<>();

    private Snags(Draft draft) {
        this.draft = draft;
        this.work = draft.work();
        this.ruler = draft.ruler();
    }

    /** @return every finding but those about the order of work, the worst first */
    static List<Snag> of(Draft draft) {
        return of(draft, List.of());
    }

    /** @return every finding, the worst first, then in the order of the work */
    static List<Snag> of(Draft draft, List<Task> tasks) {
        Snags snags = new Snags(draft);
        snags.astray(tasks);
        snags.folding();
        snags.pieces();
        snags.scores();
        snags.panels();
        snags.overlaps();
        snags.stock();
        snags.ownSteps();
        if (draft.work().foldsFlat()) {
            snags.cautions();
            snags.closedSize();
            snags.projections();
            snags.envelope();
            snags.box();
        }
        return Stream.of(snags.found, LayerSnags.of(draft), OrnamentSnags.of(draft))
                .flatMap(List::stream)
                .sorted(Comparator.comparing(Snag::severity))
                .toList();
    }

    private void add(Snag.Code code, Severity severity, Snag.Kind kind, String id, String text) {
        found.add(new Snag(code, severity, new Snag.Place(kind, id), text, List.of()));
    }

    private void ownSteps() {
        for (OwnStep lost : Tasks.lost(draft.brief().ownSteps(), work.faces(), work.parts())) {
            add(
                    Snag.Code.OWN_STEP_HOMELESS,
                    Severity.WARNING,
                    Snag.Kind.CARD,
                    "",
                    "Your step (%s) was for (%s), which this card does not have now: put it somewhere else or take it out."
                            .formatted(
                                    lost.named(), lost.on().substring(lost.on().indexOf('/') + 1)));
        }
    }

    private void astray(List<Task> tasks) {
        for (OwnStep step : Tasks.astray(tasks)) {
            add(
                    Snag.Code.OWN_STEP_ASTRAY,
                    Severity.WARNING,
                    Snag.Kind.CARD,
                    "",
                    "Your step (%s) can't be done where you put it, so it stands as late as it can be done. Choose another place for it under Make, all steps."
                            .formatted(step.named()));
        }
    }

    private void folding() {
        for (FoldFault fault : work.faults()) {
            add(Snag.Code.CANNOT_FOLD, Severity.STOP, Snag.Kind.CARD, "", fault.text(ruler));
        }
    }

    private void pieces() {
        Reach reach = draft.brief().reach();
        List<Piece> all = Stream.concat(work.structure().pieces().stream(), work.closure().pieces().stream())
                .toList();
        for (Piece piece : all) {
            Size size = piece.size();
            if (!piece.isClear() && !reach.gives(size)) {
                add(
                        Snag.Code.LONGER_THAN_SHEET,
                        Severity.STOP,
                        Snag.Kind.PIECE,
                        piece.name(),
                        "The %s (%s) does not fit on a sheet of %s."
                                .formatted(
                                        piece.name(),
                                        ruler.text(size),
                                        draft.brief().sheet().name()));
            }
            if (!reach.trims(size)) {
                add(
                        Snag.Code.LONGER_THAN_TRIMMER,
                        Severity.WARNING,
                        Snag.Kind.PIECE,
                        piece.name(),
                        "The %s is %s long and your trimmer cuts %s: cut its long sides with a knife along a ruler."
                                .formatted(piece.name(), ruler.text(size.longSide()), ruler.text(reach.trimmer())));
            }
        }
    }

    private void scores() {
        for (ScoreCard card : draft.scoreCards()) {
            for (Side side : Side.values()) {
                BoardSettings.told(card, side, draft.brief().tools().board())
                        .read()
                        .forEach(this::offBoard);
            }
            Set<List<Object>> said = new HashSet<>();
            for (ScoreReading reading : card.readings()) {
                if (reading instanceof SquareReading square
                        && said.add(List.of(card.scoreOn(square), square.fromStart()))) {
                    reach(square, card.scoreOn(square), draft.brief().tools().boardReach());
                }
            }
        }
    }

    /** From whichever end it is told. */
    private void offBoard(FenceSetting setting) {
        ToolGrid board = draft.brief().tools().board();
        if (!board.isOn(setting.at())) {
            String id = setting.scores().get(0);
            add(
                    Snag.Code.SCORE_OFF_BOARD,
                    Severity.WARNING,
                    Snag.Kind.SCORE,
                    id,
                    "%s at %s falls between the grooves of your board (%s)."
                            .formatted(capital(id), ruler.text(setting.at()), board.name()));
        }
    }

    /** What a board does not reach from one end it may reach from the other. */
    private void reach(SquareReading square, Side scoreOn, Length board) {
        boolean isTurned = square.lie() == ScoreReading.Lie.UPRIGHT && scoreOn == Side.BACK;
        Length at = isTurned ? square.fromEnd() : square.fromStart();
        Length fromOther = isTurned ? square.fromStart() : square.fromEnd();
        if (!at.isMoreThan(board)) {
            return;
        }
        String id = square.score().id();
        boolean isReached = !fromOther.isMoreThan(board);
        add(
                Snag.Code.SCORE_BEYOND_BOARD,
                isReached ? Severity.NOTE : Severity.WARNING,
                Snag.Kind.SCORE,
                id,
                isReached
                        ? "%s is set at %s, and your board reaches %s: put the other end against the fence and set it at %s."
                                .formatted(capital(id), ruler.text(at), ruler.text(board), ruler.text(fromOther))
                        : "%s lies %s from one end and %s from the other, and your board reaches %s: crease it along a ruler."
                                .formatted(capital(id), ruler.text(at), ruler.text(fromOther), ruler.text(board)));
    }

    private void panels() {
        for (Panel panel : work.structure().panels()) {
            Length narrow = panel.box().shortSide();
            if (narrow.isLessThan(NARROWEST_PANEL)) {
                add(
                        Snag.Code.PANEL_TOO_NARROW,
                        Severity.WARNING,
                        Snag.Kind.PANEL,
                        panel.name(),
                        "The %s is %s wide; under %s it does not fold cleanly."
                                .formatted(panel.name(), ruler.text(narrow), ruler.about(NARROWEST_PANEL)));
            }
        }
    }

    /** Two flaps folded onto the same side of a third panel, lying partly on each other. */
    private void overlaps() {
        List<Hinge> hinges = work.structure().hinges();
        for (int i = 0; i < hinges.size(); i++) {
            for (int j = i + 1; j < hinges.size(); j++) {
                Hinge one = hinges.get(i);
                Hinge other = hinges.get(j);
                for (Panel shared : List.of(one.first(), one.second())) {
                    boolean share = shared.equals(other.first()) || shared.equals(other.second());
                    if (share && one.score().fold() == other.score().fold() && isClosed(one) && isClosed(other)) {
                        Panel a = one.across(shared);
                        Panel b = other.across(shared);
                        if (boxesOverlap(a, b) && areFlaps(one, other)) {
                            overlap(a, b);
                        }
                    }
                }
            }
        }
    }

    private boolean isClosed(Hinge hinge) {
        return work.structure().closed().degrees(hinge.score().id()) != 0;
    }

    private boolean boxesOverlap(Panel a, Panel b) {
        Envelope both = work.closed()
                .placed(a)
                .outline()
                .getEnvelopeInternal()
                .intersection(work.closed().placed(b).outline().getEnvelopeInternal());
        return both.getArea() > 0;
    }

    /** Asked last: it walks the whole card. */
    private boolean areFlaps(Hinge one, Hinge other) {
        return work.structure().isFlap(one) && work.structure().isFlap(other);
    }

    private void overlap(Panel a, Panel b) {
        FlatStage.Placed first = work.closed().placed(a);
        FlatStage.Placed second = work.closed().placed(b);
        Geometry both = Regions.intersection(first.outline(), second.outline());
        if (both.getArea() > 0) {
            Envelope box = both.getEnvelopeInternal();
            Length by = Length.nearestTo(Math.min(box.getWidth(), box.getHeight()));
            add(
                    Snag.Code.PANELS_OVERLAP,
                    Severity.NOTE,
                    Snag.Kind.PANEL,
                    b.name(),
                    "The %s and the %s overlap by %s: close the %s first."
                            .formatted(
                                    a.name(),
                                    b.name(),
                                    ruler.about(by),
                                    lower(a, b).name()));
        }
    }

    private Panel lower(Panel a, Panel b) {
        return work.stack()
                .flatMap(stack -> stack.spots().stream()
                        .flatMap(s -> s.bottomToTop().stream())
                        .map(FlatStage.Placed::panel)
                        .filter(p -> p.equals(a) || p.equals(b))
                        .findFirst())
                .orElse(a);
    }

    private void stock() {
        int gsm = draft.brief().base().stock().gramsPerSquareMetre();
        if (gsm < Stock.LIGHTEST_BASE || gsm > Stock.HEAVIEST_BASE) {
            String trouble = gsm < Stock.LIGHTEST_BASE
                    ? "sags unless mats stiffen it"
                    : "cracks along the fold without a good score";
            add(
                    Snag.Code.STOCK_WEIGHT,
                    Severity.NOTE,
                    Snag.Kind.CARD,
                    "",
                    "A base of %d gsm %s; %d to %d gsm suits most cards."
                            .formatted(gsm, trouble, Stock.LIGHTEST_BASE, Stock.HEAVIEST_BASE));
        }
    }

    /** What the fold itself has to say. */
    private void cautions() {
        for (Caution caution : draft.brief().fold().cautions(work.values())) {
            add(
                    Snag.Code.OF_THIS_FOLD,
                    Severity.NOTE,
                    Snag.Kind.PANEL,
                    work.structure().panel(caution.panel()).name(),
                    caution.text().apply(ruler, draft.brief().base().stock().thickness()));
        }
    }

    private void closedSize() {
        if (draft.brief().basis() instanceof Basis.ClosedSize asked
                && sticksOut().isEmpty()) {
            closesTo(work.closedSize().width(), asked.width(), "wide");
            closesTo(work.closedSize().height(), asked.height(), "high");
        }
    }

    /** @param asked null where the fold's own is wanted */
    private void closesTo(Length closed, Length asked, String way) {
        if (asked != null && !closed.isWithin(NOTICED, asked)) {
            add(
                    Snag.Code.CLOSES_DIFFERENTLY,
                    Severity.WARNING,
                    Snag.Kind.CARD,
                    "",
                    "It closes to %s %s, not %s: its panels keep their proportions."
                            .formatted(ruler.text(closed), way, ruler.text(asked)));
        }
    }

    private void projections() {
        Size size = new Size(work.values().width(), work.values().height());
        for (Projection projection : sticksOut()) {
            add(
                    Snag.Code.STICKS_OUT,
                    Severity.WARNING,
                    Snag.Kind.PANEL,
                    projection.panels().get(0).name(),
                    "Closed, %s sticks out by %s %s: the card is %s, not %s.%s"
                            .formatted(
                                    projection.panels().get(0).inWords(),
                                    ruler.text(projection.by()),
                                    at(projection.edge()),
                                    ruler.text(work.closedSize()),
                                    ruler.text(size),
                                    because()));
        }
    }

    private List<Projection> sticksOut() {
        return Projection.of(
                work.closed(), new Size(work.values().width(), work.values().height()));
    }

    /** Which choice makes it so, where the fold knows. */
    private String because() {
        return draft.brief().fold().parameters().stream()
                .filter(p -> p.advice() != null && work.values().byKey().containsKey(p.key()))
                .filter(p -> work.values()
                        .length(p.key())
                        .isMoreThan(p.advice().apply(work.values()).most()))
                .map(p -> " The %s (%s) is more than %s (%s)."
                        .formatted(
                                p.label(),
                                ruler.text(work.values().length(p.key())),
                                p.advice().apply(work.values()).what(),
                                ruler.text(p.advice().apply(work.values()).most())))
                .findFirst()
                .orElse("");
    }

    private static String at(Projection.Edge edge) {
        return switch (edge) {
            case LEFT -> "on the left";
            case RIGHT -> "on the right";
            case BOTTOM -> "below";
            case TOP -> "above";
        };
    }

    private void envelope() {
        EnvelopeFit fit = draft.fit();
        if (draft.closest().isEmpty() && (fit == null || !fit.goesIn())) {
            add(
                    Snag.Code.NO_ENVELOPE,
                    Severity.WARNING,
                    Snag.Kind.ENVELOPE,
                    "",
                    "No envelope in the table takes a card of %s.".formatted(ruler.text(work.closedSize())));
        }
        if (fit == null) {
            return;
        }
        String id = fit.envelope().id();
        String name = fit.envelope().name();
        switch (fit.verdict()) {
            case TOO_SMALL ->
                add(
                        Snag.Code.ENVELOPE_TOO_SMALL,
                        Severity.STOP,
                        Snag.Kind.ENVELOPE,
                        id,
                        "The envelope %s is too small by %s. %s".formatted(name, fit.lacks(ruler), fit.why(ruler)));
            case SNUG ->
                add(
                        Snag.Code.ENVELOPE_SNUG,
                        Severity.WARNING,
                        Snag.Kind.ENVELOPE,
                        id,
                        "It is snug in the envelope %s: it goes in, with %s to spare. %s"
                                .formatted(name, ruler.about(fit.tightest()), fit.why(ruler)));
            case LOOSE ->
                add(
                        Snag.Code.ENVELOPE_LOOSE,
                        Severity.NOTE,
                        Snag.Kind.ENVELOPE,
                        id,
                        "It is loose in the envelope %s: %s to spare.".formatted(name, ruler.about(fit.loosest())));
            case FITS -> {}
        }
    }

    /** Common practice, no published source: thicker, or lifted higher, it is crushed or tears a flat envelope. */
    private void box() {
        if (draft.brief().envelope() == null) {
            return;
        }
        Length lifted =
                work.ornaments().placed().stream().map(PlacedOrnament::lift).reduce(Length.ZERO, Length::max);
        boolean needsBox = work.thickness().isMoreThan(THICKEST_LETTER) || lifted.isMoreThan(HIGHEST_FOAM_IN_A_LETTER);
        if (needsBox || lifted.isPositive()) {
            add(
                    Snag.Code.NEEDS_BOX,
                    Severity.NOTE,
                    Snag.Kind.ENVELOPE,
                    draft.brief().envelope().id(),
                    needsBox
                            ? "Closed it is %s thick: send it padded or in a box envelope. Envelope and post has one made to measure."
                                    .formatted(Ruler.thick(work.thickness()))
                            : "It has foam %s high; that much goes through the post in a plain envelope."
                                    .formatted(Ruler.thick(lifted)));
        }
    }

    private static String capital(String name) {
        return Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }
}
