package vantbreeze.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.fold.Crossing;
import vantbreeze.fold.Level;
import vantbreeze.fold.Motion;
import vantbreeze.fold.PoseSolver;
import vantbreeze.fold.RigidMotion;
import vantbreeze.fold.Scene;
import vantbreeze.layer.Face;
import vantbreeze.layer.Holder;
import vantbreeze.layer.Ornament;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Path;
import vantbreeze.structure.Regions;
import vantbreeze.structure.Structure;

/** Looks over what is laid on top: where it goes when the card folds, and what its glue holds. */
final class OrnamentSnags {

    /** What a topper has to reach over a flap to hold it. Common practice, no published source. */
    static final Length HOLDS = Length.inches(1, 4);

    /** Less is not seen. */
    private static final double NOTHING_COUNTS = 0.05 * Length.COUNTS_PER_MILLIMETRE;

    private final Draft draft;
    private final Workpiece work;
    private final Ruler ruler;
    private final List<Snag> found = new ArrayList<>();

    private OrnamentSnags(Draft draft) {
        this.draft = draft;
        this.work = draft.work();
        this.ruler = draft.ruler();
    }

    static List<Snag> of(Draft draft) {
        OrnamentSnags snags = new OrnamentSnags(draft);
        snags.homeless();
        List<PlacedOrnament> placed = draft.work().ornaments().placed();
        placed.forEach(snags::glue);
        placed.forEach(snags::around);
        placed.forEach(snags::under);
        placed.forEach(snags::outside);
        placed.forEach(snags::above);
        if (!placed.isEmpty()) {
            /* In a few steps a panel still passes an ornament in several of them. */
            List<Motion> motions = Folding.of(draft.work(), PoseSolver.FEW).motions();
            placed.forEach(o -> snags.folding(o, motions));
        }
        return snags.found;
    }

    private void add(Snag.Code code, Severity severity, Ornament ornament, String text) {
        found.add(new Snag(code, severity, new Snag.Place(Snag.Kind.ORNAMENT, ornament.name()), text, List.of()));
    }

    private void homeless() {
        for (Ornament ornament : work.ornaments().homeless()) {
            add(
                    Snag.Code.ORNAMENT_HOMELESS,
                    Severity.STOP,
                    ornament,
                    face(ornament)
                            .map(f ->
                                    "The %s finds no place on the %s: what it is laid by is not there before it, or too little of the face is left for it."
                                            .formatted(ornament.name(), f.label()))
                            .orElseGet(() -> "The %s belongs on \"%s\", which this card does not have or never shows."
                                    .formatted(ornament.name(), ornament.face())));
        }
    }

    private Optional<Face> face(Ornament ornament) {
        return work.faces().stream()
                .filter(f -> f.key().equals(ornament.face()))
                .findFirst();
    }

    private void glue(PlacedOrnament o) {
        String name = o.ornament().name();
        String own = o.face().panel().name();
        if (o.sticksTogether()) {
            List<Panel> others = o.crosses().isEmpty() ? o.overlaps() : o.crosses();
            add(
                    Snag.Code.ORNAMENT_STICKS_PANELS,
                    Severity.STOP,
                    o.ornament(),
                    "The %s glues %s to %s, and they part: %s."
                            .formatted(
                                    name,
                                    Grouped.the(own),
                                    names(others),
                                    parting(o.face().panel(), others)));
        }
        if (o.isTooLow()) {
            add(
                    Snag.Code.ORNAMENT_TOO_LOW,
                    Severity.WARNING,
                    o.ornament(),
                    "The %s is lifted by %s, but what it crosses is %s higher than the %s: it does not lie flat."
                            .formatted(name, millimetres(o.lift()), millimetres(o.needed()), own));
        }
        if (!o.crosses().isEmpty()) {
            Geometry held = Regions.union(o.crosses().stream()
                    .flatMap(p ->
                            parts(Regions.intersection(work.closed().placed(p).outline(), o.closed())).stream())
                    .toList());
            parts(held).forEach(part -> holds(o, part));
        }
    }

    /** When the first of them does, and by how much. */
    private String parting(Panel own, List<Panel> others) {
        Level level = work.level();
        return others.stream()
                .flatMap(other -> level.parting(own, other).stream()
                        .map(p -> "on the way from %s to %s %s %s"
                                .formatted(
                                        p.from(),
                                        p.to(),
                                        Grouped.the(other.name()),
                                        p.isTurn()
                                                ? "turns away by up to %.0f°".formatted(p.degrees())
                                                : "moves off by up to " + ruler.about(p.apart()))))
                .findFirst()
                .orElse("nothing opens");
    }

    /** A ribbon around a panel turns behind it at two free edges. */
    private void around(PlacedOrnament o) {
        if (o.holder().filter(Holder.PANEL::equals).isEmpty()
                || !o.ornament().shape().isBand()) {
            return;
        }
        work.structure().hinges().stream()
                .filter(h -> h.first().equals(o.face().panel())
                        || h.second().equals(o.face().panel()))
                .filter(h -> endsAt(h.score().path(), o))
                .findFirst()
                .ifPresent(h -> add(
                        Snag.Code.ORNAMENT_THROUGH_FOLD,
                        Severity.STOP,
                        o.ornament(),
                        "The %s cannot get behind the %s at %s: the %s hangs on there. Run it along that score, or around a mat."
                                .formatted(
                                        o.ornament().name(),
                                        o.face().panel().name(),
                                        h.score().id(),
                                        h.across(o.face().panel()).name())));
    }

    /** Along its own run it may lie beside a score: that is where many a ribbon is tied. */
    private static boolean endsAt(Path score, PlacedOrnament o) {
        boolean level = o.ornament().shape().runsLevel();
        return score.legs().stream()
                .map(leg -> leg.toGeometry(o.body().getFactory())
                        .intersection(o.body())
                        .getEnvelopeInternal())
                .anyMatch(shared -> (level ? shared.getHeight() : shared.getWidth()) > Length.COUNTS_PER_MILLIMETRE);
    }

    /** A topper that reaches over a flap is there to hold it. */
    private void holds(PlacedOrnament o, Polygon part) {
        Envelope box = part.getEnvelopeInternal();
        Length reach = Length.nearestTo(Math.min(box.getWidth(), box.getHeight()));
        if (reach.isLessThan(HOLDS)) {
            Panel panel = o.crosses().stream()
                    .filter(p -> work.closed().placed(p).outline().intersects(part))
                    .findFirst()
                    .orElseThrow();
            add(
                    Snag.Code.ORNAMENT_HOLDS_LITTLE,
                    Severity.NOTE,
                    o.ornament(),
                    "The %s reaches over the %s by %s; to hold it, it needs %s."
                            .formatted(o.ornament().name(), panel.name(), ruler.about(reach), ruler.about(HOLDS)));
        }
    }

    /** What is glued over the face afterwards hides a part of it, and lies on it unevenly. */
    private void under(PlacedOrnament o) {
        if (!o.face().beforeAssembly()) {
            return;
        }
        Structure structure = work.structure();
        Panel panel = o.face().panel();
        List<String> over = structure.bonds().stream()
                .filter(b -> structure.panel(b.onto()).equals(panel)
                        && b.ontoSide() == o.face().side())
                .filter(b -> {
                    double shared = Regions.intersection(
                                    b.placement()
                                            .apply(structure.panel(b.panel()).outline()),
                                    o.onPiece())
                            .getArea();
                    return shared > Regions.TOUCH && shared < o.onPiece().getArea() - Regions.TOUCH;
                })
                .map(b -> structure.panel(b.panel()).piece())
                .distinct()
                .toList();
        if (!over.isEmpty()) {
            String names = String.join(" and the ", over);
            add(
                    Snag.Code.ORNAMENT_UNDER,
                    Severity.WARNING,
                    o.ornament(),
                    "A part of the %s lies under the %s, which is glued over it: move it clear, or let the %s go over all of it."
                            .formatted(o.ornament().name(), names, names));
        }
    }

    private static List<Polygon> parts(Geometry geometry) {
        List<Polygon> parts = new ArrayList<>();
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            if (geometry.getGeometryN(i) instanceof Polygon part && !part.isEmpty()) {
                parts.add(part);
            }
        }
        return parts;
    }

    private static String names(List<Panel> panels) {
        return Grouped.joined(panels.stream().map(p -> Grouped.the(p.name())).toList());
    }

    private static String millimetres(Length length) {
        return "%.1f mm".formatted(length.millimetres());
    }

    /** The size it makes of the card counts for the envelope. */
    private void outside(PlacedOrnament o) {
        Envelope card = work.closed().box();
        Envelope it = o.closed().getEnvelopeInternal();
        List<String> edges = new ArrayList<>();
        beyond(edges, card.getMinX() - it.getMinX(), "on the left");
        beyond(edges, it.getMaxX() - card.getMaxX(), "on the right");
        beyond(edges, card.getMinY() - it.getMinY(), "below");
        beyond(edges, it.getMaxY() - card.getMaxY(), "above");
        if (!edges.isEmpty()) {
            Size posted = work.postedSize();
            add(
                    Snag.Code.ORNAMENT_STICKS_OUT,
                    Severity.WARNING,
                    o.ornament(),
                    "Closed, the %s sticks out by %s: with it the card measures %s."
                            .formatted(o.ornament().name(), String.join(" and ", edges), ruler.text(posted)));
        }
    }

    private void beyond(List<String> edges, double counts, String where) {
        if (counts > NOTHING_COUNTS) {
            edges.add(ruler.text(Length.nearestTo(counts)) + " " + where);
        }
    }

    /** Above the line of the card as it stands: seen over its top, and the first thing to bend. */
    private void above(PlacedOrnament o) {
        Optional<List<RigidMotion>> pose = Scene.standing(work.scenes()).map(Scene.Raised::pose);
        if (pose.isEmpty()) {
            return;
        }
        Structure structure = work.structure();
        double card = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < structure.panels().size(); i++) {
            card = Math.max(
                    card,
                    top(
                            structure.panels().get(i).outline().getCoordinates(),
                            pose.get().get(i)));
        }
        int own = structure.panels().indexOf(o.face().panel());
        double it = top(o.onPiece().getCoordinates(), pose.get().get(own));
        if (it - card > NOTHING_COUNTS) {
            add(
                    Snag.Code.ORNAMENT_ABOVE,
                    Severity.NOTE,
                    o.ornament(),
                    "As the card stands, the %s rises %s above everything else."
                            .formatted(o.ornament().name(), ruler.text(Length.nearestTo(it - card))));
        }
    }

    private static double top(Coordinate[] corners, RigidMotion motion) {
        double top = Double.NEGATIVE_INFINITY;
        for (Coordinate corner : corners) {
            top = Math.max(top, motion.apply(corner).y);
        }
        return top;
    }

    private void folding(PlacedOrnament o, List<Motion> motions) {
        if (!o.scores().isEmpty()) {
            add(
                    Snag.Code.ORNAMENT_BLOCKS_FOLD,
                    Severity.STOP,
                    o.ornament(),
                    "The %s lies across %s, which folds towards it: the card cannot close."
                            .formatted(o.ornament().name(), String.join(" and ", o.scores())));
            return;
        }
        Crossing.Attached attached = new Crossing.Attached(o.face().panel(), o.onPiece());
        motions.stream()
                .flatMap(m -> Crossing.firstOf(work.structure(), m, attached).stream())
                .findFirst()
                .ifPresent(c -> add(
                        Snag.Code.ORNAMENT_COLLIDES,
                        Severity.STOP,
                        o.ornament(),
                        "On the way from %s to %s the %s runs into the %s."
                                .formatted(
                                        c.from(),
                                        c.to(),
                                        o.ornament().name(),
                                        c.other().name())));
    }
}
