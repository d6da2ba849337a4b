package vantbreeze.operation;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.layer.Dressing;
import vantbreeze.layer.Mat;
import vantbreeze.make.GluePart;
import vantbreeze.make.GluedPlace;
import vantbreeze.make.Joint;
import vantbreeze.make.Joints;
import vantbreeze.material.Adhesive.Quality;
import vantbreeze.measure.Length;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/** What is glued: each joint laid where the maker puts it, or closed where it lands by itself. */
final class JoinTasks {

    private static final int SHAPED_CORNERS = 12;
    private static final double SHARED = 0.5;

    /** A few thousandths of a millimetre: rounding, never a measure. */
    private static final double NEAR = 4;

    private final TaskGraph graph;
    private final Structure structure;
    private final Dressing dressing;
    private final Joints joints;
    private final FlatStage open;

    JoinTasks(TaskGraph graph, Structure structure, Dressing dressing, Joints joints) {
        this.graph = graph;
        this.structure = structure;
        this.dressing = dressing;
        this.joints = joints;
        this.open = FlatFolder.fold(structure, Stage.flat());
    }

    /** Each bond with where the glued panel comes to lie, measured on the panel that takes it. */
    void join(Bond bond, Phase phase) {
        Glued glued = glued(bond);
        Joint joint = joints.of(bond);
        List<String> touched = Stream.of(glued.laid(), glued.onto())
                .map(PieceTasks::partOf)
                .distinct()
                .toList();
        boolean lands = structure.landsByItself(bond)
                && !glued.place().isLocatedByMat()
                && structure.bonds().stream().noneMatch(b -> isLaidWith(bond, b));
        boolean last = lands && touched.size() > 1 && phase == Phase.JOIN;
        List<String> pieces = structure.pieces().stream().map(Piece::name).toList();
        List<String> before = graph.where(d -> d.phase() == phase
                        && d.id().startsWith("glue/")
                        && d.parts().stream().anyMatch(touched::contains))
                .toList();
        graph.add(
                        "glue/" + bond.id(),
                        last ? Phase.CLOSE_ONTO : phase,
                        lands
                                ? new CloseOnto(List.of(glued), joint, pieces)
                                : new Glue(
                                        List.of(glued),
                                        joint,
                                        structure.anchor().piece(),
                                        structure),
                        touched,
                        true)
                .after(touched.stream()
                        .flatMap(graph::workedOn)
                        .filter(earlier -> !earlier.startsWith("glue/") && !earlier.startsWith("dry/")))
                .after(before.stream().filter(earlier -> !isLaidWith(earlier, bond)))
                .after(phase == Phase.JOIN ? graph.of(Phase.LAY_FIRST) : Stream.empty())
                .after(last ? graph.of(Phase.JOIN) : Stream.empty());
    }

    private boolean isLaidWith(String task, Bond bond) {
        return structure.bonds().stream()
                .filter(b -> task.equals("glue/" + b.id()))
                .anyMatch(b -> isLaidWith(b, bond) || isAlike(b, bond));
    }

    /** What is done alike at another place need not wait for it. */
    private boolean isAlike(Bond one, Bond other) {
        return Glued.isAlike(
                structure.panel(one.panel()),
                structure.panel(one.onto()),
                structure.panel(other.panel()),
                structure.panel(other.onto()));
    }

    /** Whether both come down in one go. */
    private boolean isLaidWith(Bond one, Bond other) {
        boolean oneLaying = Glued.isOneLaying(
                structure.panel(one.panel()),
                structure.panel(one.onto()),
                structure.panel(other.panel()),
                structure.panel(other.onto()));
        return !one.equals(other) && (oneLaying || structure.isMadeWith(one, other));
    }

    private Glued glued(Bond bond) {
        Panel laid = structure.panel(bond.panel());
        Panel onto = structure.panel(bond.onto());
        GluePart part = GluePart.of(structure, bond);
        GluedPlace place = GluedPlace.of(bond.placement().apply(laid.outline()), onto.outline(), bond.ontoSide())
                .beside(lying(onto, bond.ontoSide()));
        Joint joint = joints.of(bond);
        return new Glued(
                bond,
                laid,
                onto,
                OpenLaying.of(bond, structure).map(place::along).orElse(place),
                part,
                joint.adhesive().is(Quality.STRIPS) && bond.seams().isEmpty() ? tapeOn(part) : Optional.empty(),
                isOnOutline(laid),
                liesOpen(bond),
                isHidden(onto, bond.ontoSide()));
    }

    /** The mat that lies there before anything is joined. */
    private Optional<Polygon> lying(Panel panel, Side side) {
        return dressing.mats().stream()
                .filter(m -> m.layer() == 1 && m.face().beforeAssembly())
                .filter(m -> m.face().panel().equals(panel) && m.face().side() == side)
                .filter(m -> structure
                        .dressed(m.face().panel(), m.face().side())
                        .map(Structure.Dressed::over)
                        .orElse(Set.of())
                        .isEmpty())
                .map(Mat::outline)
                .findFirst();
    }

    private boolean liesOpen(Bond bond) {
        return open.gaps().stream().noneMatch(g -> g.bond().filter(bond::equals).isPresent() && g.counts() > NEAR);
    }

    /** As long as the rectangle that takes glue, less what it keeps off its ends. */
    private static Optional<Length> tapeOn(GluePart part) {
        if (!part.area().isRectangle()) {
            return Optional.empty();
        }
        Envelope box = part.area().getEnvelopeInternal();
        Length longest = Length.nearestTo(Math.max(box.getWidth(), box.getHeight()));
        return Optional.of(longest.minus(Joint.TAPE_INSET.times(2))).filter(Length::isPositive);
    }

    /** Whether a shaped piece lies on the card's own outline when closed: then it needs no measuring. */
    private boolean isOnOutline(Panel laid) {
        if (laid.outline().getNumPoints() <= SHAPED_CORNERS) {
            return false;
        }
        Polygon lying = FlatFolder.closed(structure).placed(laid).outline();
        Polygon card = structure.piece(structure.anchor().piece()).polygon();
        return lying.getExteriorRing()
                        .intersection(card.getExteriorRing().buffer(NEAR))
                        .getLength()
                >= SHARED * lying.getLength();
    }

    private boolean isHidden(Panel panel, Side side) {
        return structure.isFilmOn(panel, side)
                && dressing.mats().stream()
                        .map(Mat::face)
                        .anyMatch(f -> f.panel().equals(panel) && f.side() == side);
    }
}
