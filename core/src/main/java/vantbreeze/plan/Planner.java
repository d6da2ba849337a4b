package vantbreeze.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.catalogue.Handle;
import vantbreeze.catalogue.Parameter;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.StackMap;
import vantbreeze.layer.Mat;
import vantbreeze.layer.MatCut;
import vantbreeze.layer.Ornament;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.layer.PocketRoom;
import vantbreeze.make.Grouped;
import vantbreeze.make.Steps;
import vantbreeze.measure.Size;
import vantbreeze.structure.Form;
import vantbreeze.structure.Piece;

/** Turns a brief into a plan. Without state: the same brief always gives the same plan. */
public final class Planner {

    private Planner() {}

    /**
     * The plan with its findings and the fixes that were tried and mend them.
     *
     * @throws BriefException if no card follows from the brief; it names every field at fault
     */
    public static Plan plan(Brief brief) {
        return plan(Draft.of(brief));
    }

    static Plan plan(Draft draft) {
        Plan plan = worked(draft);
        Fixes.Trials trials = Fixes.Trials.of(draft);
        return plan.withSnags(plan.snags().stream()
                .map(snag -> snag.withFixes(Fixes.proven(plan, draft, snag, trials)))
                .toList());
    }

    /** The plan with its findings, none of which has a fix. */
    static Plan withoutFixes(Brief brief) {
        return worked(Draft.of(brief));
    }

    private static Plan worked(Draft draft) {
        Brief brief = draft.brief();
        Workpiece work = draft.work();
        Plan.ClosedCard closed =
                work.stack().map(s -> closedCard(brief, work, s)).orElse(null);
        return new Plan(
                brief,
                parameters(work, brief),
                work.structure(),
                draft.scoreCards(),
                Handle.of(
                        brief.fold(),
                        work.values(),
                        work.structure(),
                        brief.parameters().keySet()),
                closed,
                work.faces(),
                work.dressing(),
                work.ornaments(),
                work.messageRoom(),
                PocketRoom.of(work.structure()),
                brief.fold().tradeOff(work.values()),
                work.closure(),
                cutList(brief, work),
                Yield.of(work.structure().pieces(), brief.sheet().size()),
                draft.fit(),
                draft.closest(),
                Steps.of(
                        work.structure(),
                        work.dressing(),
                        work.ornaments(),
                        work.closure(),
                        brief.sheet(),
                        brief.ruler()),
                Snags.of(draft));
    }

    private static List<Plan.ParameterValue> parameters(Workpiece work, Brief brief) {
        List<Plan.ParameterValue> values = new ArrayList<>();
        for (Parameter parameter : brief.fold().parameters()) {
            if (!work.values().byKey().containsKey(parameter.key())) {
                continue;
            }
            values.add(new Plan.ParameterValue(
                    parameter,
                    work.values().byKey().get(parameter.key()),
                    brief.parameters().containsKey(parameter.key()),
                    parameter.range() == null ? null : parameter.range().apply(work.values()),
                    parameter.choices() == null
                            ? List.of()
                            : parameter.choices().apply(work.values())));
        }
        return values;
    }

    private static Plan.ClosedCard closedCard(Brief brief, Workpiece work, LayerStack stack) {
        Envelope box = work.ornaments().closedWith(work.closed());
        AffineTransformation toOrigin = AffineTransformation.translationInstance(-box.getMinX(), -box.getMinY());
        List<PartWeight> weights = PartWeight.of(brief, work);
        return new Plan.ClosedCard(
                work.closedSize(),
                work.postedSize(),
                work.girth(),
                work.thickness(),
                work.bulk().thickest().layers(),
                weights.stream().mapToDouble(PartWeight::grams).sum(),
                weights,
                Look.closed(brief, work, stack).regions(),
                work.bulk().spots().stream()
                        .map(s ->
                                new StackMap.Spot((Polygon) toOrigin.transform(s.outline()), s.thickness(), s.layers()))
                        .toList());
    }

    /** Bases first, then what lies on them; alike ones counted together. */
    private static List<Plan.CutPiece> cutList(Brief brief, Workpiece work) {
        List<Plan.CutPiece> list = new ArrayList<>();
        for (Piece piece : work.structure().pieces()) {
            String note = piece.isFilm()
                    ? "from clear film"
                    : work.structure().isWritten(piece)
                            ? "from plain card"
                            : piece.form().note();
            list.add(new Plan.CutPiece(1, piece.name(), piece.size(), "", note, false, false));
        }
        record Kind(String name, Size size, List<Coordinate> shape, double up, boolean split, int number) {}
        Map<Kind, List<MatCut>> alike = new LinkedHashMap<>();
        for (MatCut cut : work.dressing().cuts()) {
            Mat mat = cut.mats().get(0);
            Kind kind = new Kind(
                    cutName(mat),
                    cut.size(),
                    mat.isRectangle() ? List.of() : mat.shape(),
                    mat.paper().print().hasUp() ? upOfCut(mat) : 0,
                    cut.isSplit(),
                    cut.isSplit() ? alike.size() : 0);
            alike.computeIfAbsent(kind, k -> new ArrayList<>()).add(cut);
        }
        for (PlacedOrnament placed : work.ornaments().placed()) {
            Ornament ornament = placed.ornament();
            list.add(new Plan.CutPiece(
                    1,
                    ornament.name(),
                    ornament.outline().size(),
                    placed.liesOn(),
                    Stream.of(
                                    Form.of(ornament.outline().polygon()).note(),
                                    placed.lift().isPositive()
                                            ? "on foam %.1f mm high"
                                                    .formatted(placed.lift().millimetres())
                                            : "")
                            .filter(n -> !n.isEmpty())
                            .collect(Collectors.joining("; ")),
                    false,
                    false));
        }
        for (Piece piece : work.closure().pieces()) {
            list.add(new Plan.CutPiece(
                    1,
                    piece.name(),
                    piece.size(),
                    "holds the card shut",
                    piece.form().note(),
                    false,
                    false));
        }
        List<String> labels = work.dressing().mats().stream()
                .map(m -> m.face().label())
                .distinct()
                .toList();
        List<List<Coordinate>> shapes = alike.keySet().stream().map(Kind::shape).toList();
        alike.forEach((kind, cuts) -> list.add(new Plan.CutPiece(
                cuts.size(),
                kind.name(),
                kind.size(),
                goesOn(cuts, labels),
                note(brief, cuts, shapes),
                true,
                kind.split())));
        return list;
    }

    private static String cutName(Mat mat) {
        return mat.kind() == Mat.Kind.MAT
                ? "mat, layer " + mat.layer()
                : mat.kind().word();
    }

    /** A rectangle can be laid either way round, so only its side counts; any other outline has one up. */
    private static double upOfCut(Mat mat) {
        double up = mat.upAsCut();
        return mat.isRectangle() ? Math.abs(Math.sin(Math.toRadians(up))) : up;
    }

    private static String goesOn(List<MatCut> cuts, List<String> labels) {
        List<String> faces = cuts.stream()
                .flatMap(c -> c.mats().stream())
                .map(m -> m.face().label())
                .distinct()
                .toList();
        return String.join(", ", Grouped.names(faces, labels));
    }

    private static String note(Brief brief, List<MatCut> cuts, List<List<Coordinate>> shapes) {
        List<String> notes = new ArrayList<>();
        MatCut cut = cuts.get(0);
        Mat mat = cut.mats().get(0);
        if (!mat.isRectangle()) {
            notes.add("cut by the template");
            List<Coordinate> mirrored = mat.mirroredShape();
            if (shapes.contains(mirrored) && !mirrored.equals(mat.shape())) {
                notes.add("one of a mirrored pair");
            }
        }
        if (cut.isSplit()) {
            notes.add("cut whole, then split at "
                    + brief.ruler()
                            .text(
                                    cut.alongWidth()
                                            ? mat.size().width()
                                            : mat.size().height()));
        }
        if (mat.paper().print().hasUp()) {
            notes.add(UpArrow.text(mat, brief.ruler()));
        }
        return String.join("; ", notes);
    }
}
