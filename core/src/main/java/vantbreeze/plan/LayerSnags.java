package vantbreeze.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.layer.Closure;
import vantbreeze.layer.Dressing;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.layer.Meetings;
import vantbreeze.layer.MessageRoom;
import vantbreeze.layer.PocketRoom;
import vantbreeze.material.Paper;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Regions;
import vantbreeze.structure.Side;
import vantbreeze.structure.Slit;
import vantbreeze.structure.Stage;

/** Looks over what is laid on the panels. */
final class LayerSnags {

    /** Tape needs about a fifth of what film is glued by behind something opaque. Common practice, no published source. */
    private static final double HIDDEN = 0.2;

    private final Draft draft;
    private final Workpiece work;
    private final Ruler ruler;
    private final List<Snag> found = new ArrayList<>();

    private LayerSnags(Draft draft) {
        this.draft = draft;
        this.work = draft.work();
        this.ruler = draft.ruler();
    }

    static List<Snag> of(Draft draft) {
        LayerSnags snags = new LayerSnags(draft);
        snags.dropped();
        if (draft.work().foldsFlat()) {
            snags.overSlits();
            snags.upsideDown();
            snags.pockets();
            snags.showsThrough();
            snags.messageRoom();
            snags.closure();
            snags.film();
        }
        return snags.found;
    }

    /** Film that is held at both ends has to bow when the card opens. */
    private void film() {
        if (draft.brief().papers().film().bows()) {
            return;
        }
        work.structure().pieces().stream()
                .filter(Piece::isClear)
                .filter(p -> work.structure().bonds().stream()
                                .filter(b -> work.structure()
                                                .panel(b.panel())
                                                .piece()
                                                .equals(p.name())
                                        || work.structure()
                                                .panel(b.onto())
                                                .piece()
                                                .equals(p.name()))
                                .count()
                        > 1)
                .forEach(p -> add(
                        Snag.Code.FILM_TOO_STIFF,
                        Severity.WARNING,
                        place(work.structure().panels().stream()
                                .filter(panel -> panel.piece().equals(p.name()))
                                .findFirst()
                                .orElseThrow()),
                        "The %s has to bow as the card opens, and film of %s creases instead: take film of %s or less."
                                .formatted(
                                        p.name(),
                                        Ruler.thick(
                                                draft.brief().papers().film().thickness()),
                                        Ruler.thick(Paper.THICKEST_FILM_THAT_BOWS))));
    }

    private void add(Snag.Code code, Severity severity, Snag.Place place, String text) {
        found.add(new Snag(code, severity, place, text, List.of()));
    }

    private static Snag.Place place(Panel panel) {
        return new Snag.Place(Snag.Kind.PANEL, panel.name());
    }

    private void dropped() {
        for (Dressing.Dropped dropped : work.dressing().dropped()) {
            add(
                    Snag.Code.MAT_DROPPED,
                    Severity.NOTE,
                    place(dropped.face().panel()),
                    "The %s gets nothing in layer %d: it would be narrower than %s or leave what it lies on."
                            .formatted(dropped.face().label(), dropped.layer(), ruler.about(Dressing.NARROWEST)));
        }
    }

    /** What is tucked into a slit, or stands up out of it, needs it open. */
    private void overSlits() {
        for (Piece piece : work.structure().pieces()) {
            for (Slit slit : piece.slits()) {
                LineString way = slit.path().lineString();
                work.dressing().mats().stream()
                        .filter(m -> m.layer() == 1
                                && m.face().panel().piece().equals(piece.name())
                                && m.outline().intersection(way).getLength() > 0)
                        .forEach(m -> add(
                                Snag.Code.MAT_OVER_SLIT,
                                Severity.NOTE,
                                place(m.face().panel()),
                                "The %s on the %s covers %s: cut it through the paper too once that is glued, or leave this face bare."
                                        .formatted(m.kind().word(), m.face().label(), slit.id())));
            }
        }
    }

    /** A pattern with an up, seen the wrong way up when it is seen most, or at another moment. */
    private void upsideDown() {
        List<Face> faces = work.dressing().mats().stream()
                .filter(m -> m.paper().print().hasUp())
                .map(Mat::face)
                .distinct()
                .toList();
        for (Face face : faces) {
            if (draft.brief().matting().on(face).turned()) {
                add(
                        Snag.Code.UPSIDE_DOWN,
                        Severity.WARNING,
                        place(face.panel()),
                        "The pattern on the %s stands on its head %s.".formatted(face.label(), when(face.mostSeen())));
            } else if (!face.upsideDown().isEmpty()) {
                add(
                        Snag.Code.UPSIDE_DOWN,
                        Severity.NOTE,
                        place(face.panel()),
                        "The %s turns over by folding: its pattern is upright %s, upside down %s."
                                .formatted(
                                        face.label(),
                                        when(face.mostSeen()),
                                        String.join(
                                                " and ",
                                                face.upsideDown().stream()
                                                        .map(LayerSnags::when)
                                                        .toList())));
            }
        }
    }

    static String when(Face.Moment moment) {
        return switch (moment.how()) {
            case CLOSED -> "on the closed card";
            case OPENED ->
                moment.stage().equals(Stage.FLAT) ? "on the open card" : "with %s before you".formatted(moment.stage());
            case DISPLAYED -> "as it stands";
            case OPENING -> "as it opens";
            case ASIDE -> "seen from the side";
            case BEHIND -> "seen from behind";
        };
    }

    /** What sinks into its pocket cannot be pulled out again. */
    private void pockets() {
        for (PocketRoom room : PocketRoom.of(work.structure())) {
            if (room.atRest().isNothing() || room.slid().isNothing()) {
                add(
                        Snag.Code.POCKET_SWALLOWS,
                        Severity.WARNING,
                        place(work.structure().panel(room.held().pocket())),
                        "There is too little of the %s to take hold of. %s Raise it by a higher bottom seam, keep it at the outer edge by a side stop, or cut the mouth lower."
                                .formatted(room.held().name(), room.text(ruler)));
            }
        }
    }

    /** Tape on clear film is seen unless something opaque lies over it. */
    private void showsThrough() {
        for (Bond bond : work.structure().bonds()) {
            Panel tab = work.structure().panel(bond.panel());
            Panel onto = work.structure().panel(bond.onto());
            if (tab.isClear()
                    && !onto.isClear()
                    && isLookedAt(onto, bond.ontoSide())
                    && hiddenShare(bond, tab, onto) < HIDDEN) {
                add(
                        Snag.Code.SHOWS_THROUGH,
                        Severity.WARNING,
                        place(onto),
                        "Tape on the %s would show on the %s: nothing lies over it."
                                .formatted(tab.name(), onto.name()));
            }
        }
    }

    private boolean isLookedAt(Panel panel, Side side) {
        return work.faces().stream().anyMatch(f -> f.panel().equals(panel) && f.side() == side && f.isDressed());
    }

    /** Of what lies on the panel: over its opening there is nothing to glue to. */
    private double hiddenShare(Bond bond, Panel tab, Panel onto) {
        Geometry taped = Regions.intersection(bond.placement().apply(tab.outline()), onto.outline());
        Side side = bond.ontoSide();
        List<Polygon> mats = work.dressing().mats().stream()
                .filter(m -> m.face().panel().equals(onto) && m.face().side() == side)
                .map(Mat::outline)
                .toList();
        Stream<Geometry> hidden =
                mats.isEmpty() ? Stream.of() : Stream.of(Regions.intersection(Regions.union(mats), taped));
        return hidden.mapToDouble(Geometry::getArea).sum() / taped.getArea();
    }

    /** No face that is reached is large enough, whatever lies on it: nothing to put right on the card itself. */
    private boolean isTooSmallToWriteOn() {
        return work.faces().stream().filter(MessageRoom::isReached).noneMatch(f -> MessageRoom.couldHold(f.panel()));
    }

    private void messageRoom() {
        if (work.messageRoom().isEmpty()) {
            add(
                    Snag.Code.NO_MESSAGE_ROOM,
                    isTooSmallToWriteOn() ? Severity.NOTE : Severity.WARNING,
                    new Snag.Place(Snag.Kind.CARD, ""),
                    "There is no room to write: no plain face of %s, %s wide or more, is reached on the open card or behind. Write on a plain mat, or on a small card glued on."
                            .formatted(
                                    draft.brief().units() == UnitSystem.INCH ? "6 square inches" : "40 cm²",
                                    ruler.about(MessageRoom.NARROWEST).replace("about ", "")));
        }
    }

    private void closure() {
        Brief brief = draft.brief();
        boolean ring = brief.closure().kind() == Closure.Kind.RING;
        if (ring
                && !work.stack()
                        .filter(s -> new Meetings(work.faces(), work.structure(), s, brief.matting()).any())
                        .isPresent()) {
            add(
                    Snag.Code.CLOSURE_UNFIT,
                    Severity.WARNING,
                    new Snag.Place(Snag.Kind.CARD, ""),
                    "A ring and a disc hold two flaps that meet on the front; this card has none. A belt goes around any card.");
        }
    }
}
