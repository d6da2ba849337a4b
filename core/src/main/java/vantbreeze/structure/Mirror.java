package vantbreeze.structure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;

/**
 * Which panels change places when a card is looked at in a mirror: every piece is laid on its own mirror image or on that of
 * another piece, with the same folds and the same glue.
 */
public final class Mirror {

    /** Halving leaves a count over. */
    private static final double TOLERANCE = 3;

    private static final double AREA = TOLERANCE * Length.COUNTS_PER_MILLIMETRE * 1000;
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final Structure structure;
    private final boolean sideways;
    private final Map<String, List<Panel>> ofPiece = new HashMap<>();
    private final Map<String, Image> images = new HashMap<>();

    /** How a piece comes to lie on another one, or on itself. */
    private record Image(Piece on, FlatMotion motion, Map<Panel, Panel> panels) {}

    private Mirror(Structure structure, boolean sideways) {
        this.structure = structure;
        this.sideways = sideways;
        structure
                .panels()
                .forEach(p -> ofPiece.computeIfAbsent(p.piece(), k -> new ArrayList<>())
                        .add(p));
    }

    /** @return for each mirror in which the card looks the same, left to right and top to bottom, what changes places */
    public static List<Map<Panel, Panel>> of(Structure structure) {
        List<Map<Panel, Panel>> found = new ArrayList<>();
        for (boolean sideways : new boolean[] {true, false}) {
            Mirror mirror = new Mirror(structure, sideways);
            if (mirror.laysFrom(0)) {
                Map<Panel, Panel> all = new HashMap<>();
                mirror.images.values().forEach(i -> all.putAll(i.panels()));
                found.add(Collections.unmodifiableMap(all));
            }
        }
        return List.copyOf(found);
    }

    private boolean laysFrom(int first) {
        List<Piece> pieces = structure.pieces();
        int next = first;
        while (next < pieces.size() && images.containsKey(pieces.get(next).name())) {
            next++;
        }
        if (next == pieces.size()) {
            return true;
        }
        Piece piece = pieces.get(next);
        for (int other = next; other < pieces.size(); other++) {
            Piece on = pieces.get(other);
            if (images.containsKey(on.name())) {
                continue;
            }
            Optional<Image> there = image(piece, on);
            Optional<Image> back = there.isEmpty() ? Optional.empty() : image(on, piece);
            if (back.isPresent()) {
                images.put(piece.name(), there.get());
                images.put(on.name(), back.get());
                if (gluesAlike() && laysFrom(next + 1)) {
                    return true;
                }
                images.remove(piece.name());
                images.remove(on.name());
            }
        }
        return false;
    }

    private Optional<Image> image(Piece piece, Piece on) {
        List<Panel> panels = ofPiece.get(piece.name());
        List<Panel> others = ofPiece.get(on.name());
        if (panels.size() != others.size() || piece.isClear() != on.isClear()) {
            return Optional.empty();
        }
        FlatMotion motion =
                motion(piece.polygon().getEnvelopeInternal(), on.polygon().getEnvelopeInternal());
        Map<Panel, Panel> laid = new HashMap<>();
        for (Panel panel : panels) {
            Polygon there = motion.apply(panel.outline());
            Optional<Panel> under =
                    others.stream().filter(o -> alike(there, o.outline())).findFirst();
            if (under.isEmpty()) {
                return Optional.empty();
            }
            laid.put(panel, under.get());
        }
        return foldsAlike(piece, on, laid) ? Optional.of(new Image(on, motion, laid)) : Optional.empty();
    }

    private FlatMotion motion(Envelope from, Envelope to) {
        return sideways
                ? new FlatMotion(-1, 0, to.getMinX() + from.getMaxX(), 0, 1, to.getMinY() - from.getMinY())
                : new FlatMotion(1, 0, to.getMinX() - from.getMinX(), 0, -1, to.getMinY() + from.getMaxY());
    }

    private static boolean alike(Polygon one, Polygon other) {
        Envelope a = one.getEnvelopeInternal();
        Envelope b = other.getEnvelopeInternal();
        Coordinate inside = other.getInteriorPoint().getCoordinate();
        return Math.abs(a.getMinX() - b.getMinX()) <= TOLERANCE
                && Math.abs(a.getMaxX() - b.getMaxX()) <= TOLERANCE
                && Math.abs(a.getMinY() - b.getMinY()) <= TOLERANCE
                && Math.abs(a.getMaxY() - b.getMaxY()) <= TOLERANCE
                && Math.abs(one.getArea() - other.getArea()) <= AREA
                && one.covers(GEOMETRY.createPoint(inside));
    }

    private boolean foldsAlike(Piece piece, Piece on, Map<Panel, Panel> laid) {
        List<Hinge> theirs = structure.hinges().stream()
                .filter(h -> h.first().piece().equals(on.name()))
                .toList();
        List<Hinge> ours = structure.hinges().stream()
                .filter(h -> h.first().piece().equals(piece.name()))
                .toList();
        return ours.size() == theirs.size()
                && ours.stream()
                        .allMatch(h -> theirs.stream()
                                .anyMatch(t -> t.score().fold() == h.score().fold()
                                        && t.joins(laid.get(h.first()), laid.get(h.second()))));
    }

    /** As far as the pieces have an image by now. */
    private boolean gluesAlike() {
        return structure.bonds().stream().allMatch(bond -> {
            Panel panel = structure.panel(bond.panel());
            Panel onto = structure.panel(bond.onto());
            Image ofPanel = images.get(panel.piece());
            Image ofOnto = images.get(onto.piece());
            if (ofPanel == null || ofOnto == null) {
                return true;
            }
            FlatMotion placed = ofOnto.motion()
                    .after(bond.placement())
                    .after(ofPanel.motion().inverse());
            return structure.bonds().stream()
                    .anyMatch(b -> structure
                                    .panel(b.panel())
                                    .equals(ofPanel.panels().get(panel))
                            && structure.panel(b.onto()).equals(ofOnto.panels().get(onto))
                            && b.side() == bond.side()
                            && b.ontoSide() == bond.ontoSide()
                            && same(b.placement(), placed));
        });
    }

    private static boolean same(FlatMotion one, FlatMotion other) {
        return Math.abs(one.a() - other.a()) + Math.abs(one.b() - other.b()) < 1e-9
                && Math.abs(one.c() - other.c()) + Math.abs(one.d() - other.d()) < 1e-9
                && Math.abs(one.tx() - other.tx()) <= TOLERANCE
                && Math.abs(one.ty() - other.ty()) <= TOLERANCE;
    }
}
