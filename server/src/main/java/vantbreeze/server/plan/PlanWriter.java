package vantbreeze.server.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import vantbreeze.catalogue.Parameter;
import vantbreeze.catalogue.Range;
import vantbreeze.layer.Covering;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.make.GlueArea;
import vantbreeze.make.RunMark;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.operation.Setting;
import vantbreeze.part.PaperNames;
import vantbreeze.plan.GluedStep;
import vantbreeze.plan.Handiwork;
import vantbreeze.plan.Plan;
import vantbreeze.plan.Snag;
import vantbreeze.server.outline.PathData;
import vantbreeze.server.plan.LengthJson.SizeJson;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Panel;

/** Writes a plan for the wire, lengths in the maker's units. */
public final class PlanWriter {

    private final Plan plan;
    private final UnitSystem units;

    private PlanWriter(Plan plan) {
        this.plan = plan;
        this.units = plan.brief().units();
    }

    public static PlanJson write(Plan plan) {
        return new PlanWriter(plan).write();
    }

    private PlanJson write() {
        List<GlueArea> glue = GlueArea.of(plan.structure());
        List<RunMark> runs = RunMark.of(plan.structure());
        return new PlanJson(
                BriefJson.of(plan.brief()),
                plan.parameters().stream().map(this::parameter).toList(),
                plan.scoreCards().stream()
                        .map(c -> PieceJson.of(c, plan.structure().panels(), glue, runs, plan.handles(), units))
                        .toList(),
                plan.brief()
                        .baseAt()
                        .map(p -> new PlanJson.BaseAtJson(p.x().millimetres(), p.y().millimetres()))
                        .orElse(new PlanJson.BaseAtJson(0, 0)),
                plan.closed() == null ? null : closed(plan.closed()),
                plan.faces().stream().map(this::face).toList(),
                plan.dressing().mats().stream().map(this::mat).toList(),
                plan.ornaments().placed().stream().map(this::ornament).toList(),
                plan.messageRoom().stream()
                        .map(r -> new PlanJson.RoomJson(r.face().key(), r.label(), LengthJson.judged(r.size(), units)))
                        .toList(),
                plan.pockets().stream().map(p -> p.text(plan.brief().ruler())).toList(),
                plan.tradeOff().map(t -> PlanJson.TradeOffJson.of(t, units)).orElse(null),
                plan.cutList().stream()
                        .map(c -> new PlanJson.CutJson(
                                c.count(),
                                c.name(),
                                size(c.size()),
                                c.paper(),
                                c.goesOn(),
                                c.note(),
                                c.isMat(),
                                c.isSplit()))
                        .toList(),
                plan.trimmings().stream().map(t -> t.text(plan.brief().ruler())).toList(),
                plan.parts().stream().map(PlanJson.PartJson::of).toList(),
                PaperNames.of(plan.parts(), plan.trimmings()).byPaper().entrySet().stream()
                        .map(e -> PlanJson.CalledJson.of(e.getKey(), e.getValue()))
                        .toList(),
                new PlanJson.SheetUseJson(
                        plan.brief().sheet().name(),
                        size(plan.brief().sheet().size()),
                        plan.fromSheet().bases(),
                        plan.fromSheet().sheets()),
                plan.fit() == null ? null : PlanJson.FitJson.of(plan.fit(), units),
                plan.closest().stream().map(f -> PlanJson.FitJson.of(f, units)).toList(),
                tasks(1),
                plan.snags().stream().map(PlanWriter::snag).toList());
    }

    /** The order of work for so many cards at once. */
    static List<TaskJson> tasks(Plan plan, int cards) {
        return new PlanWriter(plan).tasks(cards);
    }

    private List<TaskJson> tasks(int cards) {
        List<Setting> settings = Handiwork.of(plan).map(Handiwork::settings).orElse(List.of());
        Map<String, GluedStep> gluing = GluedStep.of(plan);
        return plan.tasks().stream()
                .map(t -> TaskJson.of(
                        t,
                        cards,
                        settings,
                        Optional.ofNullable(gluing.get(t.id())),
                        plan.brief().ruler(),
                        units))
                .toList();
    }

    private LengthJson length(Length length) {
        return LengthJson.of(length, units);
    }

    private SizeJson size(Size size) {
        return SizeJson.of(size, units);
    }

    private PlanJson.ParameterJson parameter(Plan.ParameterValue p) {
        Parameter parameter = p.parameter();
        boolean isLength = p.value() instanceof Length;
        String value = BriefJson.text(p.value(), units);
        Range range = p.range();
        return new PlanJson.ParameterJson(
                parameter.key(),
                parameter.label(),
                parameter.help(),
                parameter.kind(),
                value,
                isLength ? Ruler.of(units).text((Length) p.value()) : value,
                isLength ? ((Length) p.value()).millimetres() : null,
                p.chosen(),
                range == null ? null : length(range.least()),
                range == null ? null : length(range.most()),
                range == null ? counts(parameter) : limits(range),
                p.choices());
    }

    private static String counts(Parameter parameter) {
        return parameter.counts() == null ? null : parameter.counts().text() + ".";
    }

    private String limits(Range range) {
        Ruler ruler = Ruler.of(units);
        return "At least %s, %s; at most %s, %s."
                .formatted(ruler.text(range.least()), range.whyLeast(), ruler.text(range.most()), range.whyMost());
    }

    private PlanJson.ClosedJson closed(Plan.ClosedCard closed) {
        return new PlanJson.ClosedJson(
                size(closed.size()),
                size(closed.posted()),
                LengthJson.thick(closed.thickness(), units),
                closed.layers(),
                closed.grams(),
                closed.weights().stream()
                        .map(w -> new PlanJson.WeightJson(w.part(), w.grams()))
                        .toList(),
                closed.front().stream().map(LookJson.RegionJson::of).toList(),
                closed.bulk().stream()
                        .map(s -> new PlanJson.SpotJson(
                                s.thickness().millimetres(), s.layers(), PathData.FROM_ZERO.of(s.outline())))
                        .toList());
    }

    private PlanJson.FaceJson face(Face face) {
        return new PlanJson.FaceJson(
                face.key(),
                face.label(),
                Grouped.kind(face.label()),
                face.panel().name(),
                face.side(),
                face.moments().stream().map(LookJson.MomentJson::of).toList(),
                plan.brief().matting().on(face).text(units),
                plan.brief().matting().on(face).papers(),
                face.up(),
                face.beforeAssembly(),
                Covering.of(face, plan.structure()).stream()
                        .map(c -> c.text(plan.brief().ruler()))
                        .toList(),
                face.isNotched());
    }

    private PlanJson.MatJson mat(Mat m) {
        return new PlanJson.MatJson(
                m.face().key(),
                m.face().panel().name(),
                m.face().side(),
                m.kind(),
                m.layer(),
                BriefJson.PaperJson.of(m.paper()),
                m.up(),
                size(m.size()),
                LengthJson.judged(m.left(), units),
                LengthJson.judged(m.right(), units),
                LengthJson.judged(m.top(), units),
                LengthJson.judged(m.bottom(), units),
                LengthJson.corners(m.outline()),
                LengthJson.holes(m.outline()),
                PathData.FROM_ZERO.of(m.outline()));
    }

    private PlanJson.PlacedJson ornament(PlacedOrnament o) {
        return new PlanJson.PlacedJson(
                o.ornament().name(),
                o.face().key(),
                o.face().panel().name(),
                o.face().side(),
                LengthJson.corners(o.onPiece()),
                PathData.FROM_ZERO.of(o.onPiece()),
                length(o.lift()),
                length(o.needed()),
                o.outside(),
                o.crosses().stream().map(Panel::name).toList());
    }

    private static PlanJson.SnagJson snag(Snag snag) {
        List<PlanJson.FixJson> fixes = snag.fixes().stream()
                .map(f -> new PlanJson.FixJson(f.label(), BriefJson.of(f.brief())))
                .toList();
        return new PlanJson.SnagJson(
                snag.code(), snag.severity(), snag.place().kind(), snag.place().id(), snag.text(), fixes);
    }
}
