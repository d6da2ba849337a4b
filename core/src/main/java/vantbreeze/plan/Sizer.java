package vantbreeze.plan;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import vantbreeze.catalogue.Means;
import vantbreeze.catalogue.Parameter;
import vantbreeze.catalogue.ParameterException;
import vantbreeze.catalogue.Values;
import vantbreeze.fold.FlatFolder;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.post.EnvelopeFit;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Structure;
import vantbreeze.structure.StructureException;

/** Finds the values that a brief's basis asks for, by building and folding the card, so that no design has to say how. */
final class Sizer {

    private static final Length SMALLEST = Length.inches(1);
    private static final Length LARGEST = Length.inches(40);

    /** Thickness follows from the mats, which follow from the size; this settles in two rounds. */
    private static final int ROUNDS = 4;

    private final Brief brief;
    private final ToolGrid grid;
    private final Means means;
    private final Ruler ruler;

    /** What was tried: the last try is most often the card. */
    private final Map<Map<String, Object>, Values> tried = new HashMap<>();

    private Sizer(Brief brief) {
        this.brief = brief;
        this.grid = brief.tools().ruler();
        this.ruler = brief.ruler();
        this.means = new Means(
                grid,
                brief.basis() instanceof Basis.FromSheet
                        ? Optional.empty()
                        : Optional.of(brief.sheet().size().longSide()));
    }

    /** @throws BriefException naming the field that cannot be met, and what could */
    static Workpiece size(Brief brief) {
        return size(brief, Length.ZERO);
    }

    /**
     * @param expected how thick the card may turn out, to begin with: it ends sooner where that is right
     * @throws BriefException naming the field that cannot be met, and what could
     */
    static Workpiece size(Brief brief, Length expected) {
        Sizer sizer = new Sizer(brief);
        try {
            Values.checkWhateverTheSize(brief.fold(), brief.parameters());
            if (brief.basis() instanceof Basis.ClosedSize closed) {
                return sizer.work(closed.width(), closed.height());
            }
            if (brief.basis() instanceof Basis.FixedPanel panel) {
                return sizer.work(sizer.widthFor(panel), panel.height());
            }
            if (brief.basis() instanceof Basis.FromSheet sheet) {
                Size size = sizer.largestFrom(sheet);
                return sizer.work(size.width(), size.height());
            }
            return sizer.largestFor((Basis.ForEnvelope) brief.basis(), expected);
        } catch (ParameterException e) {
            throw new BriefException(
                    sizer.field(e.parameter().key()),
                    e.value(sizer.ruler),
                    e.allowed(sizer.ruler),
                    e.text(sizer.ruler));
        }
    }

    private String field(String parameter) {
        boolean ofBasis = parameter.equals(Parameter.WIDTH) || parameter.equals(Parameter.HEIGHT);
        return (ofBasis ? "basis." : "parameters.") + parameter;
    }

    private Workpiece work(Length width, Length height) {
        return Workpiece.of(brief, values(width, height));
    }

    private Values values(Length width, Length height) {
        Map<String, Object> given = new HashMap<>(brief.parameters());
        if (width != null) {
            given.put(Parameter.WIDTH, width);
        }
        if (height != null) {
            given.put(Parameter.HEIGHT, height);
        }
        return tried.computeIfAbsent(given, g -> Values.resolve(brief.fold(), g, means));
    }

    /** @return the structure of that size, or empty where the parameters do not allow it */
    private Optional<Structure> structure(Length width, Length height) {
        try {
            return Optional.of(values(width, height).structure(brief.fold()));
        } catch (ParameterException outOfRange) {
            return Optional.empty();
        }
    }

    /**
     * By how many counts a card of that size is too large; 0 or less is good, minus infinity for a size that the
     * parameters do not allow.
     */
    private double excess(Length width, Length height, ToDoubleFunction<Structure> counts) {
        return structure(width, height).map(counts::applyAsDouble).orElse(Double.NEGATIVE_INFINITY);
    }

    /** Without an envelope it is as large as the sheet gives; with toppers that reach out of every card, as large as it were without. */
    private Workpiece largestFor(Basis.ForEnvelope basis, Length expected) {
        if (brief.envelope() == null) {
            Size size = largestFrom(new Basis.FromSheet(1, basis.orientation()));
            return work(size.width(), size.height());
        }
        Optional<Workpiece> usual = usualCard(basis);
        if (usual.isPresent()) {
            return usual.get();
        }
        try {
            return largestTaken(basis, expected);
        } catch (BriefException nothingGoesIn) {
            if (brief.ornaments().isEmpty()) {
                throw nothingGoesIn;
            }
            Size bare = size(brief.withOrnaments(List.of()), expected).closedSize();
            return work(bare.width(), bare.height());
        }
    }

    /** The card that the envelope is made for, if the fold closes to it, the sheet gives it and it goes in. */
    private Optional<Workpiece> usualCard(Basis.ForEnvelope basis) {
        if (basis.utmost()) {
            return Optional.empty();
        }
        return brief.envelope()
                .usualCard()
                .map(basis.orientation()::hold)
                .filter(size -> structure(size.width(), size.height())
                        .filter(s -> isCutFromSheets(s)
                                && FlatFolder.closed(s).size().equals(size))
                        .isPresent())
                .map(size -> scoresMiss(size)
                        ? onMarks(size, t -> basis.orientation().holds(t) && isWithin(t, size, this::isCutFromSheets))
                        : size)
                .map(size -> work(size.width(), size.height()))
                .filter(this::goesIn);
    }

    /** Then a card a mark or two smaller is the better one. */
    private boolean scoresMiss(Size size) {
        return missed(size) >= Marks.SCORE;
    }

    private boolean isCutFromSheets(Structure structure) {
        return cutBeyond(structure) <= 0;
    }

    /** What goes around the card beyond its size follows from the size: it settles in a few rounds. */
    private Workpiece largestTaken(Basis.ForEnvelope basis, Length expected) {
        Length beyondAcross = expected;
        Length beyondUp = expected;
        Workpiece largest = null;
        for (int round = 0; round < ROUNDS; round++) {
            Workpiece work = largestWithin(room(basis, beyondAcross, beyondUp), basis);
            Length across = work.girth().across().half().minus(work.closedSize().width());
            Length up = work.girth().up().half().minus(work.closedSize().height());
            if (goesIn(work)) {
                largest = work;
                if (!across.isLessThan(beyondAcross) && !up.isLessThan(beyondUp)) {
                    return work;
                }
            }
            boolean settled = across.equals(beyondAcross) && up.equals(beyondUp);
            beyondAcross = settled ? across.plus(grid.step()) : across;
            beyondUp = settled ? up.plus(grid.step()) : up;
        }
        return Optional.ofNullable(largest).orElseThrow(this::noCardFits);
    }

    private boolean goesIn(Workpiece work) {
        return work.foldsFlat()
                && EnvelopeFit.of(work.girth(), brief.envelope())
                        .goesInWith(brief.envelope().ease());
    }

    /** What the envelope leaves the card itself each way. */
    private Size room(Basis.ForEnvelope basis, Length beyondAcross, Length beyondUp) {
        Size inside = basis.orientation().hold(brief.envelope().size());
        Length ease = brief.envelope().ease();
        try {
            return new Size(
                    inside.width().minus(ease).minus(beyondAcross),
                    inside.height().minus(ease).minus(beyondUp));
        } catch (IllegalArgumentException nothingLeft) {
            throw noCardFits();
        }
    }

    private BriefException noCardFits() {
        return new BriefException(
                "envelope",
                brief.envelope().name(),
                "a larger envelope",
                "No card of this fold goes into the envelope %s. Choose a larger one, or thinner stock."
                        .formatted(brief.envelope().name()));
    }

    /** By how many counts the folded box is too large for the room, either way. */
    private static double closedBeyond(Structure structure, Size room) {
        Size closed = FlatFolder.closed(structure).size();
        return Length.max(closed.width().minus(room.width()), closed.height().minus(room.height()))
                .count();
    }

    /** The largest card within the room whose pieces sheets give. */
    private Workpiece largestWithin(Size room, Basis.ForEnvelope basis) {
        Size size = largest(room, basis.orientation(), s -> {
                    /* What no sheet gives need not be folded. */
                    double cut = cutBeyond(s);
                    return cut > 0 ? cut : Math.max(closedBeyond(s, room), cut);
                })
                .map(s -> basis.utmost()
                        ? s
                        : onMarks(s, t -> basis.orientation().holds(t) && isWithin(t, room, this::isCutFromSheets)))
                .orElseThrow(this::noCardFits);
        return work(size.width(), size.height());
    }

    private Optional<Size> largest(Size most, Orientation orientation, ToDoubleFunction<Structure> beyond) {
        return LargestCard.of(grid, most, brief.fold().proportions(), orientation, (w, h) -> excess(w, h, beyond));
    }

    private boolean isWithin(Size size, Size room, Predicate<Structure> isCut) {
        return structure(size.width(), size.height())
                .filter(s -> isCut.test(s) && closedBeyond(s, room) <= 0)
                .isPresent();
    }

    /** How far below the largest size a better one is looked for: an inch holds every share that folds make of a width. */
    private static final int STEPS_DOWN = 16;

    /** A maker gives a mark or two for round scores, not a finger's breadth: a sixteenth of the shorter side at the most. */
    private static final int LEAST_SHARE = 16;

    /** The largest size, a little smaller if need be, that misses fewest marks: first a better width, then a better height. */
    private Size onMarks(Size largest, Predicate<Size> isAllowed) {
        Size narrower =
                onMarks(largest, isAllowed, down -> new Size(largest.width().minus(down), largest.height()));
        return onMarks(
                narrower,
                isAllowed,
                down -> new Size(narrower.width(), narrower.height().minus(down)));
    }

    private Size onMarks(Size largest, Predicate<Size> isAllowed, Function<Length, Size> smaller) {
        Size best = largest;
        int fewest = missed(largest);
        for (int i = 1; i <= STEPS_DOWN && fewest > 0; i++) {
            Length down = grid.step().times(i);
            if (down.times(LEAST_SHARE).isMoreThan(largest.shortSide())) {
                break;
            }
            Size tried = smaller.apply(down);
            int missed = missed(tried);
            if (missed < fewest && isAllowed.test(tried)) {
                fewest = missed;
                best = tried;
            }
        }
        return best;
    }

    private int missed(Size size) {
        return structure(size.width(), size.height())
                .map(s -> Marks.missed(s, brief.tools(), brief.matting().grid()))
                .orElse(Integer.MAX_VALUE);
    }

    private Size largestFrom(Basis.FromSheet basis) {
        return parts(basis)
                .flatMap(part -> largestFrom(part, basis.orientation()).stream())
                .max(Comparator.comparingDouble(found -> found.size().squareMillimetres()))
                .map(found -> onMarks(found.size(), s -> basis.orientation().holds(s) && isCutFrom(found.part(), s)))
                .orElseThrow(() -> new BriefException(
                        "sheet",
                        brief.sheet().name(),
                        "a larger sheet",
                        "The sheet %s cut in %d gives no card of this fold. Choose a larger sheet or fewer parts."
                                .formatted(brief.sheet().name(), basis.share())));
    }

    /** The largest card from one of the sheet's equal parts. */
    private record FromPart(Size part, Size size) {}

    private boolean isCutFrom(Size part, Size size) {
        return structure(size.width(), size.height())
                .filter(s -> cutBeyond(s, part) <= 0)
                .isPresent();
    }

    /** The sheet's equal parts, cut across its long or its short side, lying either way; the long way first. */
    private Stream<Size> parts(Basis.FromSheet basis) {
        Size sheet = brief.sheet().size();
        Size lying = sheet.isLandscape() ? sheet : sheet.turned();
        return Stream.of(
                        new Size(lying.width().dividedBy(basis.share()).each(), lying.height()),
                        new Size(
                                lying.width(),
                                lying.height().dividedBy(basis.share()).each()))
                .distinct()
                .flatMap(p -> p.isLandscape() ? Stream.of(p, p.turned()) : Stream.of(p.turned(), p));
    }

    private Optional<FromPart> largestFrom(Size part, Orientation orientation) {
        return largest(new Size(LARGEST, LARGEST), orientation, s -> cutBeyond(s, part))
                .map(size -> new FromPart(part, size));
    }

    /** By how many counts the pieces are too large for a part of the sheet, all lying one way, and for the trimmer. */
    private double cutBeyond(Structure structure, Size part) {
        return cutBeyond(structure, piece -> beyond(piece.size(), part));
    }

    /** The same for whole sheets, each piece lying as it likes. */
    private double cutBeyond(Structure structure) {
        Size sheet = brief.sheet().size();
        return cutBeyond(
                structure, piece -> Length.min(beyond(piece.size(), sheet), beyond(piece.size(), sheet.turned())));
    }

    private double cutBeyond(Structure structure, Function<Piece, Length> beyondSheet) {
        Length trimmer = brief.tools().trimmer();
        return structure.cutPieces().stream()
                .mapToDouble(piece -> {
                    Length beyond = piece.size().longSide().minus(trimmer);
                    return piece.isClear()
                            ? beyond.count()
                            : Length.max(beyond, beyondSheet.apply(piece)).count();
                })
                .max()
                .orElseThrow();
    }

    private static Length beyond(Size piece, Size part) {
        return Length.max(piece.width().minus(part.width()), piece.height().minus(part.height()));
    }

    /**
     * The card whose panel has that width exactly. Rounding inside a design makes several cards give the same panel: of those
     * on the maker's grid the one that misses fewest marks, nearest to the middle; where none is, the middle one.
     */
    private Length widthFor(Basis.FixedPanel basis) {
        Length first = narrowest(basis, w -> !w.isLessThan(basis.width()));
        Length after = narrowest(basis, w -> w.isMoreThan(basis.width()));
        Length last = Length.max(first, after.minus(Length.ofCounts(1)));
        Length middle = first.plus(last).dividedBy(2).each();
        Length width = onGridAround(basis, middle).orElse(middle);
        Optional<Length> reached = panelWidth(basis, width);
        if (reached.filter(basis.width()::equals).isEmpty()) {
            values(width, basis.height());
            Length least = panelWidth(basis, SMALLEST)
                    .or(() -> panelWidth(basis, LARGEST))
                    .orElse(Length.ZERO);
            throw new BriefException(
                    "basis.panelWidth",
                    ruler.text(basis.width()),
                    reached.map(r -> "such as " + ruler.text(r)).orElse("another width"),
                    reached.isPresent() && least.equals(reached.get())
                            ? "The %s is %s wide whatever the card's size; change it where that was chosen."
                                    .formatted(basis.panel(), ruler.text(least))
                            : "No card of this fold has a %s exactly %s wide."
                                    .formatted(basis.panel(), ruler.text(basis.width())));
        }
        return width;
    }

    /** Half an inch to either side: a panel grows with its card, and a share of it may be rounded by half a step. */
    private Optional<Length> onGridAround(Basis.FixedPanel basis, Length middle) {
        Length nearest = grid.nearest(middle);
        return IntStream.rangeClosed(-STEPS_DOWN / 2, STEPS_DOWN / 2)
                .mapToObj(i -> nearest.plus(grid.step().times(i)))
                .filter(w -> !w.isLessThan(SMALLEST))
                .filter(w -> panelWidth(basis, w).filter(basis.width()::equals).isPresent())
                .min(Comparator.comparingInt((Length w) -> missed(new Size(w, basis.height())))
                        .thenComparing(w -> Math.abs(w.minus(middle).count())));
    }

    /** @return the narrowest card whose panel is so, or the largest possible card if none is */
    private Length narrowest(Basis.FixedPanel basis, Predicate<Length> panelIsSo) {
        long low = SMALLEST.count() - 1;
        long high = LARGEST.count();
        while (high - low > 1) {
            long middle = (low + high) / 2;
            if (panelWidth(basis, Length.ofCounts(middle)).filter(panelIsSo).isPresent()) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return Length.ofCounts(high);
    }

    private Optional<Length> panelWidth(Basis.FixedPanel basis, Length width) {
        return structure(width, basis.height()).map(s -> {
            try {
                return s.panel(basis.panel()).box().width();
            } catch (StructureException unknown) {
                List<String> names = s.panels().stream().map(p -> p.name()).toList();
                throw new BriefException(
                        "basis.panel",
                        basis.panel(),
                        String.join(", ", names),
                        "This fold has no panel called (%s). Choose one of %s."
                                .formatted(basis.panel(), String.join(", ", names)));
            }
        });
    }
}
