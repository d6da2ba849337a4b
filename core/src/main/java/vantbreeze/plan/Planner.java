package vantbreeze.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.catalogue.Handle;
import vantbreeze.catalogue.Parameter;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.StackMap;
import vantbreeze.layer.PocketRoom;
import vantbreeze.make.ShapeReading;
import vantbreeze.measure.Size;
import vantbreeze.operation.Task;
import vantbreeze.operation.Tasks;
import vantbreeze.part.CutList;
import vantbreeze.part.PaperNames;
import vantbreeze.part.Part;
import vantbreeze.part.PatternTop;
import vantbreeze.part.Trimming;
import vantbreeze.structure.Grouped;

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
        List<Task> tasks = Tasks.of(
                work.structure(),
                work.faces(),
                work.dressing(),
                work.ornaments(),
                work.closure(),
                work.parts(),
                brief.sheet().name(),
                brief.tools(),
                brief.gluedWith(),
                brief.ownSteps());
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
                work.parts(),
                cutList(brief, work),
                Yield.of(work.structure(), brief.sheet().size()),
                draft.fit(),
                draft.closest(),
                tasks,
                Snags.of(draft, tasks));
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
        List<PartWeight> weights = PartWeight.of(
                work.parts(), trimmings(brief, work), work.structure().held());
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

    private static List<Trimming> trimmings(Brief brief, Workpiece work) {
        return Trimming.of(work.ornaments(), brief.tools().ruler());
    }

    private static List<Plan.CutPiece> cutList(Brief brief, Workpiece work) {
        List<String> labels = work.dressing().mats().stream()
                .map(m -> m.face().label())
                .distinct()
                .toList();
        PaperNames names = PaperNames.of(work.parts(), trimmings(brief, work));
        Stream<Plan.CutPiece> cut = CutList.of(work.parts()).stream().map(alike -> {
            Part part = alike.first();
            return new Plan.CutPiece(
                    alike.count(),
                    part.name(),
                    part.size(),
                    names.of(part.paper()),
                    goesOn(alike, labels),
                    note(brief, work, part),
                    part.kind() == Part.Kind.MAT,
                    part.division().isPresent());
        });
        return Stream.concat(cut, trimmings(brief, work).stream().map(t -> trimming(brief, names, t)))
                .toList();
    }

    private static Plan.CutPiece trimming(Brief brief, PaperNames names, Trimming it) {
        return new Plan.CutPiece(
                1,
                it.name(),
                it.length().map(l -> new Size(l, it.wide())).orElse(it.size()),
                names.of(it.paper()),
                it.goesOn(),
                it.length()
                        .map(l -> "%s off the spool".formatted(brief.ruler().text(l)))
                        .orElse("ready"),
                false,
                false);
    }

    private static String goesOn(CutList.Alike alike, List<String> labels) {
        if (alike.first().kind() == Part.Kind.CLOSURE) {
            return "holds the card shut";
        }
        List<String> faces = alike.parts().stream()
                .flatMap(p -> p.goesOn().stream())
                .distinct()
                .toList();
        return String.join(", ", Grouped.names(faces, labels));
    }

    private static String note(Brief brief, Workpiece work, Part part) {
        List<String> notes = new ArrayList<>();
        if (part.kind() == Part.Kind.PIECE && work.structure().isWritten(part.piece())) {
            notes.add("from plain card");
        }
        if (part.offcutOf().isPresent()) {
            notes.add("an offcut of the "
                    + work.structure().offcutOf(part.piece()).orElseThrow().name());
        } else if (!part.isRectangle()) {
            notes.add(ShapeReading.of(part.piece())
                    .map(ShapeReading::note)
                    .orElseGet(() -> part.kind() == Part.Kind.MAT
                            ? "cut by the template"
                            : part.form().note() + ", cut by the template"));
        }
        if (CutList.hasMirrorImage(part, work.parts())) {
            notes.add("mirror image of the other");
        }
        part.division()
                .ifPresent(d ->
                        notes.add("cut whole, then split at " + brief.ruler().text(d.at())));
        work.ornaments().placed().stream()
                .filter(o ->
                        part.kind() == Part.Kind.TOPPER && o.ornament().name().equals(part.name()))
                .filter(o -> o.lift().isPositive())
                .forEach(
                        o -> notes.add("on foam %.1f mm high".formatted(o.lift().millimetres())));
        part.up().ifPresent(up -> notes.add(PatternTop.text(part, up, brief.ruler())));
        return String.join("; ", notes);
    }
}
