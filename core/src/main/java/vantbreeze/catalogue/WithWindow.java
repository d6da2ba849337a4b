package vantbreeze.catalogue;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.LayerStack;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Side;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/** A fold that can have a film window: an opening in one of its panels, and clear film glued behind it. */
record WithWindow(FoldDesign fold) implements WithExtra {

    private static final String WINDOW = "window";
    private static final String WIDE = "windowWidth";
    private static final String TALL = "windowHeight";
    private static final String LEFT = "windowLeft";
    private static final String LOW = "windowLow";
    private static final String FILM = "window film";

    /** How far film reaches behind the panel all round, to be glued. Common practice, no published source. */
    private static final Length RIM = Length.inches(1, 4);

    private static final Length SMALLEST_OPENING = Length.inches(1, 2);

    /** A panel smaller than this, either way, has no room for one. */
    private static final Length SMALLEST = Length.inches(3, 2);

    @Override
    public String key() {
        return WINDOW;
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(fold.parameters());
        all.add(panelChoice("film window", "An opening in one panel with clear film behind it."));
        all.add(side(WIDE, "window's width", "Width of the opening.", Size::width));
        all.add(side(TALL, "window's height", "Height of the opening.", Size::height));
        all.add(windowPlace(LEFT, "window from the left", "Where the opening begins on the panel.", WIDE, Size::width));
        all.add(windowPlace(
                LOW, "window from the bottom", "How high the opening sits on the panel.", TALL, Size::height));
        return all;
    }

    private Parameter side(String key, String label, String help, Function<Size, Length> along) {
        return Parameter.length(
                        key,
                        label,
                        help,
                        v -> Length.max(SMALLEST_OPENING, v.grid().nearest(Values.half(along.apply(box(v))))),
                        v -> new Range(
                                SMALLEST_OPENING,
                                "the least that shows anything",
                                along.apply(box(v)).minus(RIM.times(2)),
                                "or the film behind it has nothing to be glued to"))
                .onlyIf(this::isThere);
    }

    /** In the middle, unless it is said. */
    private Parameter windowPlace(String key, String label, String help, String size, Function<Size, Length> along) {
        return Parameter.length(
                        key,
                        label,
                        help,
                        v -> v.onGrid(Values.half(along.apply(box(v)).minus(v.length(size)))),
                        v -> new Range(
                                RIM,
                                "the film's rim",
                                along.apply(box(v)).minus(v.length(size)).minus(RIM),
                                "or the film's rim leaves the panel"))
                .onlyIf(this::isThere);
    }

    /** Film needs a panel that nothing is glued to on either side. */
    @Override
    public Stream<String> panels(Structure plain) {
        return plain.panels().stream()
                .filter(p -> !p.isClear()
                        && p.rectangle().filter(WithWindow::isLargeEnough).isPresent())
                .filter(p -> !plain.isGlued(p, Side.FACE) && !plain.isGlued(p, Side.BACK))
                .map(Panel::name);
    }

    private static boolean isLargeEnough(Size size) {
        return !size.shortSide().isLessThan(SMALLEST);
    }

    /**
     * The side that the recipient looks at least, where the film's rim hides: most is seen of what lies on the front of the
     * closed card, then of the face, which is looked at on the open card or as it stands.
     */
    private static Side leastSeen(Structure plain, Panel panel) {
        Stage stage = plain.closed();
        FlatStage closed = FlatFolder.fold(plain, stage);
        boolean backIsInFront = closed.faults().isEmpty()
                && LayerStack.of(plain, stage, closed)
                        .filter(s -> s.shows(panel, Side.BACK, false))
                        .isPresent();
        return backIsInFront ? Side.FACE : Side.BACK;
    }

    @Override
    public Structure build(Values v) {
        Structure plain = v.structure(fold);
        if (!isThere(v)) {
            return plain;
        }
        Panel panel = plain.panel(v.choice(WINDOW));
        Envelope box = panel.outline().getEnvelopeInternal();
        Point corner = new Point(Length.nearestTo(box.getMinX()), Length.nearestTo(box.getMinY()));
        Length left = corner.x().plus(v.length(LEFT));
        Length low = corner.y().plus(v.length(LOW));
        Length right = left.plus(v.length(WIDE));
        Length high = low.plus(v.length(TALL));
        Piece opened = plain.piece(panel.piece())
                .cutOut(
                        List.of(
                                new Point(left, low),
                                new Point(right, low),
                                new Point(right, high),
                                new Point(left, high)),
                        new Point(corner.x().plus(Values.half(RIM)), corner.y().plus(Values.half(RIM))));
        Side hidden = leastSeen(plain, panel);
        Piece film = Piece.rectangle(
                        FILM, v.length(WIDE).plus(RIM.times(2)), v.length(TALL).plus(RIM.times(2)))
                .clear()
                .name(FILM, new Point(RIM, RIM))
                .build();
        return plain.extended()
                .replace(opened)
                .piece(film)
                .bond(new Bond(
                        FILM + " behind " + panel.name(),
                        FILM,
                        hidden.other(),
                        panel.name(),
                        hidden,
                        FlatMotion.shift(left.minus(RIM).count(), low.minus(RIM).count())))
                .build();
    }
}
