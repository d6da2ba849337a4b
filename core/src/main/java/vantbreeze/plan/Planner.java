package vantbreeze.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.catalogue.Handle;
import vantbreeze.catalogue.Parameter;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.StackMap;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.layer.MatCut;
import vantbreeze.make.Steps;
import vantbreeze.material.Film;
import vantbreeze.measure.Size;
import vantbreeze.post.Letter;
import vantbreeze.post.PostalVerdict;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Material;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Regions;

/** Turns a brief into a plan. Without state: the same brief always gives the same plan. */
public final class Planner {

    private Planner() {}

    /**
     * The plan with its findings and the fixes that were tried and mend them.
     *
     * @throws BriefException if no card follows from the brief; it names every field at fault
     */
    public static Plan plan(Brief brief) {
        Draft draft = Draft.of(brief);
        Plan plan = worked(draft);
        return plan.withSnags(plan.snags().stream()
                .map(snag -> snag.withFixes(Fixes.proven(plan, draft, snag)))
                .toList());
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
                Handle.of(brief.fold(), work.values(), work.structure()),
                closed,
                work.faces(),
                work.dressing(),
                cutList(brief, work),
                basesFromSheet(brief, work),
                draft.fit(),
                draft.closest(),
                closed == null || brief.envelope() == null
                        ? List.of()
                        : PostalVerdict.of(Letter.of(brief.envelope(), closed.thickness(), closed.grams())),
                Steps.of(work.structure(), work.dressing(), brief.sheet(), brief.ruler()),
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
        Envelope box = work.closed().box();
        AffineTransformation toOrigin = AffineTransformation.translationInstance(-box.getMinX(), -box.getMinY());
        double grams = work.structure().pieces().stream()
                .mapToDouble(p -> p.material() == Material.FILM
                        ? Film.grams(p.squareMillimetres())
                        : brief.base().grams(p.squareMillimetres()))
                .sum();
        grams += work.dressing().mats().stream()
                .mapToDouble(m -> brief.mat().grams(m.squareMillimetres()))
                .sum();
        return new Plan.ClosedCard(
                work.closedSize(),
                work.thickness(),
                work.bulk().thickest().layers(),
                grams,
                front(work, stack, toOrigin),
                work.bulk().spots().stream()
                        .map(s ->
                                new StackMap.Spot((Polygon) toOrigin.transform(s.outline()), s.thickness(), s.layers()))
                        .toList());
    }

    /** What is seen of each face in one piece, whatever lies hidden under it, and its mats over it. */
    private static List<Plan.Region> front(Workpiece work, LayerStack stack, AffineTransformation toOrigin) {
        List<Plan.Region> panels = new ArrayList<>();
        List<Plan.Region> mats = new ArrayList<>();
        for (Face face : work.faces()) {
            List<Polygon> seen = stack.spots().stream()
                    .filter(s -> s.top().panel().equals(face.panel()) && s.top().upSide() == face.side())
                    .map(LayerStack.Spot::outline)
                    .toList();
            if (seen.isEmpty()) {
                continue;
            }
            Geometry whole = Regions.union(seen);
            addRegions(panels, face, 0, toOrigin.transform(whole));
            FlatMotion motion = work.closed().placed(face.panel()).motion();
            for (Mat mat : work.dressing().mats()) {
                if (mat.face().equals(face)) {
                    addRegions(
                            mats,
                            face,
                            mat.layer(),
                            toOrigin.transform(Regions.intersection(whole, motion.apply(mat.outline()))));
                }
            }
        }
        panels.addAll(mats);
        return panels;
    }

    private static void addRegions(List<Plan.Region> regions, Face face, int layer, Geometry seen) {
        for (int i = 0; i < seen.getNumGeometries(); i++) {
            if (seen.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                regions.add(new Plan.Region(face, layer, polygon));
            }
        }
    }

    /** Bases first, then mats; alike ones counted together. */
    private static List<Plan.CutPiece> cutList(Brief brief, Workpiece work) {
        List<Plan.CutPiece> list = new ArrayList<>();
        for (Piece piece : work.structure().pieces()) {
            list.add(new Plan.CutPiece(1, piece.name(), piece.size(), "", "", false, false));
        }
        record Kind(Size size, String shape, int layer, boolean split, int number) {}
        Map<Kind, List<MatCut>> alike = new LinkedHashMap<>();
        for (MatCut cut : work.dressing().cuts()) {
            Kind kind = new Kind(
                    cut.size(), shape(cut.mats().get(0)), cut.layer(), cut.isSplit(), cut.isSplit() ? alike.size() : 0);
            alike.computeIfAbsent(kind, k -> new ArrayList<>()).add(cut);
        }
        alike.forEach((kind, cuts) -> list.add(new Plan.CutPiece(
                cuts.size(),
                "mat, layer " + kind.layer(),
                kind.size(),
                goesOn(cuts),
                note(brief, cuts),
                true,
                kind.split())));
        return list;
    }

    private static String goesOn(List<MatCut> cuts) {
        return String.join(
                ", ",
                cuts.stream()
                        .flatMap(c -> c.mats().stream())
                        .map(m -> m.face().label())
                        .distinct()
                        .toList());
    }

    /** Two outlines are cut alike if they can be laid on each other without turning one over. */
    private static String shape(Mat mat) {
        return mat.isRectangle() ? "" : mat.shape();
    }

    private static String note(Brief brief, List<MatCut> cuts) {
        MatCut cut = cuts.get(0);
        if (!cut.mats().get(0).isRectangle()) {
            return "cut by the template";
        }
        if (!cut.isSplit()) {
            return "";
        }
        Size first = cut.mats().get(0).size();
        return "cut whole, then split at " + brief.ruler().text(cut.alongWidth() ? first.width() : first.height());
    }

    /** How many bases one sheet gives in plain rows, all lying the same way; 0 if a piece is too large. */
    private static int basesFromSheet(Brief brief, Workpiece work) {
        return work.structure().pieces().stream()
                .mapToInt(p -> Math.max(
                        rows(p.size(), brief.sheet().size()),
                        rows(p.size().turned(), brief.sheet().size())))
                .min()
                .orElse(0);
    }

    private static int rows(Size piece, Size sheet) {
        return (int) (sheet.width().count() / piece.width().count())
                * (int) (sheet.height().count() / piece.height().count());
    }
}
