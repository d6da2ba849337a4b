package vantbreeze.layer;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.Level;
import vantbreeze.fold.StackMap;
import vantbreeze.fold.Together;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Regions;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * All ornaments of a card.
 *
 * @param homeless those whose face this card does not have or never shows
 */
public record Ornaments(List<PlacedOrnament> placed, List<Ornament> homeless) {

    public static final Ornaments NONE = new Ornaments(List.of(), List.of());

    /** Foam is sold in steps of half a millimetre; a little more than what lies under it. Common practice. */
    private static final ToolGrid FOAM = ToolGrid.HALF_MILLIMETRE;

    /** Paper is glued flat over less; a higher step is bridged by foam. Common practice, no published source. */
    private static final Length BENDS_OVER = Length.millimetres(1);

    private static final Length A_LITTLE = Length.millimetres(0.25);

    /** A hundredth of a millimetre. */
    private static final double TOLERANCE = Length.COUNTS_PER_MILLIMETRE / 100.0;

    /**
     * @param grid the marks that parts of faces are cut to
     * @param papers panels and mats as they lie closed
     * @param level what stays level with what from closed on
     */
    public static Ornaments of(
            List<Ornament> ornaments, ToolGrid grid, Dressed card, List<StackMap.Layer> papers, Level level) {
        if (ornaments.isEmpty()) {
            return NONE;
        }
        Placer placer = new Placer(card, StackMap.of(papers), level);
        List<PlacedOrnament> placed = new ArrayList<>();
        List<Ornament> homeless = new ArrayList<>();
        for (Ornament ornament : ornaments) {
            card.face(ornament.face())
                    .flatMap(face -> placer.place(ornament, grid, face, placed))
                    .ifPresentOrElse(placed::add, () -> homeless.add(ornament));
        }
        return new Ornaments(List.copyOf(placed), List.copyOf(homeless));
    }

    /** From the flat piece to the panel as one looks at that side of it, the lower left corner of its box at the origin. */
    private static FlatMotion lookedAt(Face face) {
        Envelope box = face.panel().outline().getEnvelopeInternal();
        return face.side() == Side.FACE
                ? FlatMotion.shift(-box.getMinX(), -box.getMinY())
                : new FlatMotion(-1, 0, box.getMaxX(), 0, 1, -box.getMinY());
    }

    public Optional<PlacedOrnament> named(String name) {
        return placed.stream().filter(o -> o.ornament().name().equals(name)).findFirst();
    }

    /** The box around the closed card with all that sticks out of it. */
    public Envelope closedWith(FlatStage closed) {
        Envelope box = closed.box();
        placed.forEach(o -> box.expandToInclude(o.closed().getEnvelopeInternal()));
        return box;
    }

    /**
     * What they add to a closed card. On the outside an ornament is as high everywhere as on its own panel: where it
     * crosses other panels it adds only what it is higher than these. Inside, foam keeps apart all that lies above it.
     */
    public List<StackMap.Layer> layers(FlatStage closed) {
        return placed.stream().flatMap(o -> layers(o, closed)).toList();
    }

    /** What lies behind makes thicker all that lies on it. */
    private static Stream<StackMap.Layer> layers(PlacedOrnament o, FlatStage closed) {
        Length own = o.ornament().paper().thickness();
        FlatMotion closing = closed.placed(o.face().panel()).motion();
        return Stream.of(
                        Stream.of(layer(o, o.closed(), own, o.thickness(), o.top())),
                        o.run().stream()
                                .flatMap(run -> run.bow().stream())
                                .map(bow -> layer(
                                        o,
                                        closing.apply(bow),
                                        Bow.THICKNESS,
                                        Bow.THICKNESS,
                                        o.top().plus(Bow.THICKNESS))),
                        o.run().stream()
                                .flatMap(run -> run.behind().stream())
                                .map(end -> new StackMap.Layer(
                                        closing.apply(end), own, StackMap.Lies.BETWEEN, Length.ZERO)))
                .flatMap(l -> l);
    }

    /** @param inside how thick it is where it lies inside the card */
    private static StackMap.Layer layer(PlacedOrnament o, Polygon place, Length thickness, Length inside, Length top) {
        return o.outside()
                ? new StackMap.Layer(place, thickness, o.fromBelow() ? StackMap.Lies.BELOW : StackMap.Lies.ABOVE, top)
                : new StackMap.Layer(place, inside, StackMap.Lies.BETWEEN, Length.ZERO);
    }

    /**
     * An ornament as it lies, before it is known what of the card it crosses.
     *
     * @param onPiece with its bow, on the flat piece
     * @param lying the same on the closed card, roughly
     */
    private record Body(
            Ornament ornament, Laid laid, Face face, Polygon onPiece, Polygon lying, Optional<PlacedOrnament.Run> run) {

        /** What is not glued lies on no foam. */
        Length lift(Length enough) {
            return run.map(r -> Length.ZERO).orElse(ornament.lift().orElse(enough));
        }

        PlacedOrnament on(PlacedOrnament carrier) {
            Length lift = lift(Length.ZERO);
            return new PlacedOrnament(
                    ornament,
                    laid,
                    face,
                    onPiece,
                    lying,
                    carrier.outside(),
                    carrier.fromBelow(),
                    Optional.of(carrier.ornament().name()),
                    carrier.outside()
                            ? carrier.top().plus(lift).plus(ornament.paper().thickness())
                            : Length.ZERO,
                    lift,
                    Length.ZERO,
                    List.of(),
                    List.of(),
                    List.of(),
                    run);
        }
    }

    /** Finds out about one after the other. */
    private record Placer(Dressed card, StackMap bulk, Level level) {

        /** @param earlier those laid before it */
        Optional<PlacedOrnament> place(Ornament ornament, ToolGrid grid, Face face, List<PlacedOrnament> earlier) {
            Function<String, Optional<PlacedOrnament>> named = name -> earlier.stream()
                    .filter(o -> o.face().equals(face) && o.ornament().name().equals(name))
                    .findFirst();
            Optional<Held> held = ornament.fixing().holder().flatMap(h -> Held.by(h, ornament, face, card, named));
            if (ornament.fixing().holder().isPresent() && held.isEmpty()) {
                return Optional.empty();
            }
            FlatMotion looked = lookedAt(face);
            Optional<Laid> laid = held.isPresent() && ornament.shape().isBand()
                    ? held.flatMap(h -> ornament.shape().across(looked.apply(h.outline())))
                    : Laid.of(
                            ornament,
                            looked.apply(face.panel().outline()),
                            grid,
                            name -> named.apply(name).map(PlacedOrnament::laid));
            return laid.map(l -> placed(body(ornament, l, face, held), earlier));
        }

        private Body body(Ornament ornament, Laid laid, Face face, Optional<Held> held) {
            Polygon body = onPiece(laid, face, laid.outline().polygon());
            Optional<PlacedOrnament.Run> run = held.map(h -> h.run(ornament, body));
            Optional<Polygon> bow = run.flatMap(PlacedOrnament.Run::bow);
            FlatMotion closing = card.closed().stage().placed(face.panel()).motion();
            return new Body(
                    ornament,
                    laid,
                    face,
                    Held.with(body, bow),
                    closing.apply(Held.with(onPiece(laid, face, laid.outline().cover()), bow)),
                    run);
        }

        private PlacedOrnament placed(Body body, List<PlacedOrnament> earlier) {
            Face face = body.face();
            Polygon onPiece = onPiece(body.laid(), face, body.laid().outline().polygon());
            List<PlacedOrnament> beneath = earlier.stream()
                    .filter(o -> o.face().equals(face) && overlap(o.onPiece(), onPiece))
                    .toList();
            return beneath.stream()
                    .filter(o -> o.onPiece().buffer(TOLERANCE).covers(onPiece))
                    .reduce((lower, upper) -> upper)
                    .map(body::on)
                    .orElseGet(() -> onPanel(body, beneath));
        }

        private PlacedOrnament onPanel(Body body, List<PlacedOrnament> beneath) {
            Structure structure = card.structure();
            LayerStack closed = card.closed();
            Face face = body.face();
            Polygon onPiece = body.onPiece();
            Polygon lying = body.lying();
            boolean fromBelow = closed.stage().placed(face.panel()).upSide() != face.side();
            Set<Panel> together = Together.of(structure).with(face.panel());
            Predicate<Panel> own = other -> together.contains(other) || level.stay(face.panel(), other);
            List<LayerStack.Spot> under = closed.spots().stream()
                    .filter(s -> overlap(s.outline(), lying))
                    .toList();
            boolean outside =
                    under.stream().anyMatch(s -> outermost(s, fromBelow).panel().equals(face.panel()));
            Set<Panel> crosses = new LinkedHashSet<>();
            long free = 0;
            long glued = 0;
            long flat = 0;
            Set<Panel> beyond = under.stream()
                    .filter(s -> outside && !holds(s, face.panel()))
                    .map(s -> outermost(s, fromBelow).panel())
                    .collect(Collectors.toSet());
            for (LayerStack.Spot spot : under) {
                Panel outermost = outermost(spot, fromBelow).panel();
                long height = height(Regions.intersection(spot.outline(), lying));
                if (outermost.equals(face.panel())) {
                    flat = Math.max(flat, height);
                } else if (beyond.contains(outermost)) {
                    /* It cannot lie above a panel here and below it there: above it is, even where that one covers its own. */
                    if (own.test(outermost)) {
                        glued = Math.max(glued, height);
                    } else {
                        free = Math.max(free, height);
                        crosses.add(outermost);
                    }
                }
            }
            for (PlacedOrnament o : beneath) {
                glued = Math.max(glued, o.top().count());
            }
            /* What parts must slip away under it, however thin; over what does not it is glued flat. */
            boolean bends = glued - flat <= BENDS_OVER.count();
            long highest = Math.max(free, bends ? 0 : glued);
            Length needed = highest > flat && body.run().isEmpty() ? Length.ofCounts(highest - flat) : Length.ZERO;
            Length lift = body.lift(needed.isPositive() ? FOAM.ceiling(needed.plus(A_LITTLE)) : Length.ZERO);
            Length rests = Length.ofCounts(
                    body.run().isPresent()
                            ? Math.max(flat, Math.max(free, glued))
                            : lift.isPositive() || !bends ? flat : Math.max(flat, glued));
            List<String> scores = new ArrayList<>();
            List<Panel> overlaps = new ArrayList<>();
            for (Hinge hinge : structure.hinges()) {
                if (hinge.first().equals(face.panel()) || hinge.second().equals(face.panel())) {
                    Panel other = hinge.across(face.panel());
                    if (overlap(other.outline(), onPiece) && !own.test(other)) {
                        boolean towards = (hinge.score().fold() == Fold.VALLEY) == (face.side() == Side.FACE);
                        if (towards) {
                            scores.add(hinge.score().id());
                        } else if (!liesLevelBeyond(other, onPiece, face, own, under, fromBelow)) {
                            overlaps.add(other);
                        }
                    }
                }
            }
            return new PlacedOrnament(
                    body.ornament(),
                    body.laid(),
                    face,
                    onPiece,
                    lying,
                    outside,
                    fromBelow,
                    Optional.empty(),
                    outside ? rests.plus(lift).plus(body.ornament().paper().thickness()) : Length.ZERO,
                    lift,
                    needed,
                    List.copyOf(crosses),
                    List.copyOf(scores),
                    List.copyOf(overlaps),
                    body.run());
        }

        /** Whether what reaches over a panel that folds away lies there on another one that stays level with its own. */
        private boolean liesLevelBeyond(
                Panel folded,
                Polygon onPiece,
                Face face,
                Predicate<Panel> own,
                List<LayerStack.Spot> under,
                boolean fromBelow) {
            Geometry beyond = Regions.intersection(folded.outline(), onPiece);
            FlatMotion motion = card.closed().stage().placed(face.panel()).motion();
            List<Polygon> there = new ArrayList<>();
            for (int i = 0; i < beyond.getNumGeometries(); i++) {
                there.add(motion.apply((Polygon) beyond.getGeometryN(i)));
            }
            Geometry lying = Regions.union(there);
            return under.stream()
                            .filter(s -> own.test(outermost(s, fromBelow).panel()))
                            .mapToDouble(s ->
                                    Regions.intersection(s.outline(), lying).getArea())
                            .sum()
                    >= lying.getArea() - Regions.TOUCH;
        }

        /** On a panel's back its left is the flat piece's right. */
        private static Polygon onPiece(Laid laid, Face face, Polygon shape) {
            Envelope panel = face.panel().outline().getEnvelopeInternal();
            double x = laid.x().count();
            double y = panel.getMinY() + laid.y().count();
            return face.side() == Side.FACE
                    ? FlatMotion.shift(panel.getMinX() + x, y).apply(shape)
                    : new FlatMotion(-1, 0, panel.getMaxX() - x, 0, 1, y).apply(shape);
        }

        private static boolean holds(LayerStack.Spot spot, Panel panel) {
            return spot.bottomToTop().stream().anyMatch(p -> p.panel().equals(panel));
        }

        private static FlatStage.Placed outermost(LayerStack.Spot spot, boolean fromBelow) {
            return fromBelow ? spot.bottom() : spot.top();
        }

        private static boolean overlap(Polygon one, Polygon other) {
            return one.getEnvelopeInternal().intersects(other.getEnvelopeInternal())
                    && Regions.intersection(one, other).getArea() > Regions.TOUCH;
        }

        /** How high a flat thing rests there, in counts: on the thickest place under it. */
        private long height(Geometry here) {
            return bulk.spots().stream()
                    .filter(s -> s.outline().getEnvelopeInternal().intersects(here.getEnvelopeInternal())
                            && Regions.intersection(s.outline(), here).getArea() > Regions.TOUCH)
                    .mapToLong(s -> s.thickness().count())
                    .max()
                    .orElse(0);
        }
    }
}
