package vantbreeze.fold;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Regions;
import vantbreeze.structure.Side;
import vantbreeze.structure.Slide;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/**
 * A flat stage with its layers in order.
 *
 * @param spots the card cut into regions with the same layers throughout
 */
public record LayerStack(FlatStage stage, List<Spot> spots) {

    /** @param bottomToTop what lies there, from the table upwards, never empty */
    public record Spot(Polygon outline, List<FlatStage.Placed> bottomToTop) {

        /** What is seen from above: the highest that is not clear, or the clear one where there is no other. */
        public FlatStage.Placed top() {
            for (int i = bottomToTop.size() - 1; i >= 0; i--) {
                if (!bottomToTop.get(i).panel().isClear()) {
                    return bottomToTop.get(i);
                }
            }
            return bottomToTop.get(bottomToTop.size() - 1);
        }

        /** What is seen from below. */
        public FlatStage.Placed bottom() {
            return bottomToTop.stream()
                    .filter(p -> !p.panel().isClear())
                    .findFirst()
                    .orElse(bottomToTop.get(0));
        }
    }

    /** @param placed where a hinge lies at the stage, which two panels it joins, and its angle */
    private record PlacedHinge(int first, int second, LineSegment line, boolean folded) {}

    /** @return the ordered layers, or empty if the panels could only lie so by passing through each other */
    public static Optional<LayerStack> of(Structure structure, Stage stage, FlatStage flat) {
        List<FlatStage.Placed> placed = flat.panels();
        if (isOneSheet(structure, stage)) {
            return Optional.of(new LayerStack(
                    flat,
                    placed.stream().map(p -> new Spot(p.outline(), List.of(p))).toList()));
        }
        double snap = Math.max(Overlay.SNAP_COUNTS, PLAY * flat.widestGap());
        Overlay overlay =
                Overlay.of(placed.stream().map(FlatStage.Placed::outline).toList(), snap);
        LayerOrder order = new LayerOrder(placed.size());
        overlay.cells().forEach(cell -> requireStacks(order, cell.covers()));
        List<PlacedHinge> hinges = placedHinges(structure, stage, flat);
        structure.hinges().forEach(h -> requireFold(order, h, stage, placed));
        structure.bonds().forEach(b -> requireBond(order, structure, b, placed, overlay));
        structure.slides().forEach(s -> requireSlide(order, structure, s, placed));
        structure.lays().stream()
                .filter(lay -> lay.stages().contains(stage.name()))
                .forEach(lay -> requireLay(order, structure, lay, placed));
        for (Overlay.Edge edge : overlay.edges()) {
            requireAtEdge(order, edge, hinges, snap);
        }
        return order.solve().map(found -> new LayerStack(flat, spots(overlay, placed, found)));
    }

    /** One piece lying flat covers itself nowhere: slits part its panels, they do not lay one on another. */
    private static boolean isOneSheet(Structure structure, Stage stage) {
        return structure.pieces().size() == 1
                && structure.bonds().isEmpty()
                && structure.scores().stream().allMatch(s -> stage.degrees(s.id()) == 0);
    }

    /** Areas of cells are rounded; a thousandth is a hair. */
    private static final double NEARLY_ALL = 0.999;

    /** How many panels lie on the spot with the most of them. */
    public int mostLayers() {
        return spots.stream().mapToInt(s -> s.bottomToTop().size()).max().orElse(0);
    }

    /** @return whether some part of that side of the panel can be seen from above, or from below if {@code behind} */
    public boolean shows(Panel panel, Side side, boolean behind) {
        return spots.stream().map(s -> behind ? s.bottom() : s.top()).anyMatch(p -> isSide(p, panel, side, behind));
    }

    /** @return whether all of that side of the panel is seen, from above or from below */
    public boolean showsWhole(Panel panel, Side side) {
        double above = 0;
        double below = 0;
        for (Spot spot : spots) {
            above += isSide(spot.top(), panel, side, false) ? spot.outline().getArea() : 0;
            below += isSide(spot.bottom(), panel, side, true) ? spot.outline().getArea() : 0;
        }
        return Math.max(above, below) >= NEARLY_ALL * panel.outline().getArea();
    }

    /** What of that side of the panel is seen where it lies, from above or from below; empty if nothing is. */
    public Optional<Geometry> seen(Panel panel, Side side, boolean behind) {
        List<Polygon> seen = spots.stream()
                .filter(s -> isSide(behind ? s.bottom() : s.top(), panel, side, behind))
                .map(Spot::outline)
                .toList();
        if (seen.isEmpty()) {
            return Optional.empty();
        }
        Polygon whole = stage.placed(panel).outline();
        double area = seen.stream().mapToDouble(Polygon::getArea).sum();
        return Optional.of(area >= NEARLY_ALL * whole.getArea() ? whole : Regions.union(seen));
    }

    private static boolean isSide(FlatStage.Placed seen, Panel panel, Side side, boolean behind) {
        return seen.panel().equals(panel) && (behind ? seen.upSide().other() : seen.upSide()) == side;
    }

    private static List<Spot> spots(Overlay overlay, List<FlatStage.Placed> placed, LayerOrder.Order order) {
        return overlay.cells().stream()
                .map(cell -> new Spot(
                        cell.outline(),
                        cell.covers().stream()
                                .boxed()
                                .sorted((a, b) -> a.equals(b) ? 0 : order.isAbove(a, b) ? 1 : -1)
                                .map(placed::get)
                                .toList()))
                .toList();
    }

    private static void requireStacks(LayerOrder order, BitSet covers) {
        int[] all = covers.stream().toArray();
        for (int i = 0; i < all.length; i++) {
            for (int j = i + 1; j < all.length; j++) {
                order.overlap(all[i], all[j]);
            }
        }
        for (int i = 0; i < all.length; i++) {
            for (int j = i + 1; j < all.length; j++) {
                for (int k = j + 1; k < all.length; k++) {
                    order.requireStack(all[i], all[j], all[k]);
                }
            }
        }
    }

    private static List<PlacedHinge> placedHinges(Structure structure, Stage stage, FlatStage flat) {
        List<Panel> panels = structure.panels();
        List<PlacedHinge> hinges = new ArrayList<>();
        for (Hinge hinge : structure.hinges()) {
            int first = panels.indexOf(hinge.first());
            hinges.add(new PlacedHinge(
                    first,
                    panels.indexOf(hinge.second()),
                    flat.panels().get(first).motion().apply(hinge.line()),
                    stage.degrees(hinge.score().id()) != 0));
        }
        return hinges;
    }

    /** A valley lays the second panel on the first one's face: above it where the face looks up. */
    private static void requireFold(LayerOrder order, Hinge hinge, Stage stage, List<FlatStage.Placed> placed) {
        double degrees = stage.degrees(hinge.score().id());
        if (degrees != 0) {
            int first = indexOf(placed, hinge.first());
            int second = indexOf(placed, hinge.second());
            requireOn(order, second, first, placed.get(first).upSide(), degrees > 0 ? Side.FACE : Side.BACK);
        }
    }

    private static void requireBond(
            LayerOrder order, Structure structure, Bond bond, List<FlatStage.Placed> placed, Overlay overlay) {
        int panel = indexOf(placed, structure.panel(bond.panel()));
        int onto = indexOf(placed, structure.panel(bond.onto()));
        requireOn(order, panel, onto, placed.get(onto).upSide(), bond.ontoSide());
        Geometry glued = bond.seams().isEmpty()
                ? null
                : Regions.union(bond.seams().stream()
                        .map(placed.get(panel).motion()::apply)
                        .toList());
        for (Overlay.Cell cell : overlay.cells()) {
            if (cell.covers().get(panel)
                    && cell.covers().get(onto)
                    && (glued == null || glued.contains(cell.outline().getInteriorPoint()))) {
                cell.covers().stream()
                        .filter(i -> i != panel && i != onto)
                        .forEach(i -> order.requireNotBetween(panel, onto, i));
            }
        }
    }

    /** What runs on a panel lies on that side of it, and the band over both. */
    private static void requireSlide(
            LayerOrder order, Structure structure, Slide slide, List<FlatStage.Placed> placed) {
        int panel = indexOf(placed, structure.panel(slide.panel()));
        int onto = indexOf(placed, structure.panel(slide.onto()));
        Side up = placed.get(onto).upSide();
        requireOn(order, panel, onto, up, slide.ontoSide());
        requireOn(order, indexOf(placed, structure.panel(slide.band())), panel, up, slide.ontoSide());
    }

    private static void requireLay(
            LayerOrder order, Structure structure, Structure.Lay lay, List<FlatStage.Placed> placed) {
        order.requireAbove(
                indexOf(placed, structure.panel(lay.upper())), indexOf(placed, structure.panel(lay.lower())));
    }

    private static void requireOn(LayerOrder order, int panel, int onto, Side ontoUp, Side side) {
        if (side == ontoUp) {
            order.requireAbove(panel, onto);
        } else {
            order.requireAbove(onto, panel);
        }
    }

    private static int indexOf(List<FlatStage.Placed> placed, Panel panel) {
        for (int i = 0; i < placed.size(); i++) {
            if (placed.get(i).panel().equals(panel)) {
                return i;
            }
        }
        throw new IllegalArgumentException("No panel (%s) lies here.".formatted(panel.name()));
    }

    /** The crease conditions along one stretch of boundary. */
    private static void requireAtEdge(LayerOrder order, Overlay.Edge edge, List<PlacedHinge> all, double snap) {
        List<PlacedHinge> here = all.stream()
                .filter(h -> liesOn(edge.line(), h.line(), COINCIDENT * snap))
                .toList();
        BitSet through = (BitSet) edge.left().clone();
        through.and(edge.right());
        for (int i = 0; i < here.size(); i++) {
            PlacedHinge h = here.get(i);
            through.stream().forEach(panel -> {
                if (h.folded()) {
                    order.requireNotBetween(h.first(), h.second(), panel);
                } else {
                    order.requireParallel(h.first(), h.second(), panel, panel);
                }
            });
            for (int j = i + 1; j < here.size(); j++) {
                requireBoth(order, edge, h, here.get(j));
            }
        }
    }

    private static void requireBoth(LayerOrder order, Overlay.Edge edge, PlacedHinge g, PlacedHinge h) {
        if (g.folded() && h.folded()) {
            if (edge.left().get(g.first()) == edge.left().get(h.first())) {
                order.requireNested(g.first(), g.second(), h.first(), h.second());
            }
        } else if (!g.folded() && !h.folded()) {
            boolean sameWay = edge.left().get(g.first()) == edge.left().get(h.first());
            order.requireParallel(
                    g.first(), g.second(), sameWay ? h.first() : h.second(), sameWay ? h.second() : h.first());
        } else {
            PlacedHinge fold = g.folded() ? g : h;
            PlacedHinge flat = g.folded() ? h : g;
            boolean firstBeside = edge.left().get(flat.first()) == edge.left().get(fold.first());
            order.requireNotBetween(fold.first(), fold.second(), firstBeside ? flat.first() : flat.second());
        }
    }

    private static boolean liesOn(LineSegment edge, LineSegment hinge, double near) {
        Envelope box = new Envelope(hinge.p0, hinge.p1);
        box.expandBy(near);
        return box.contains(edge.p0)
                && box.contains(edge.p1)
                && hinge.distance(edge.p0) <= near
                && hinge.distance(edge.p1) <= near;
    }

    /** In snaps of the overlay: an edge and the hinge it came from may each have moved by one. */
    private static final double COINCIDENT = 2;

    /** Corners lie as far apart as the loops around them miss, some times over: a gap is measured at a panel's middle. */
    private static final double PLAY = 4;
}
