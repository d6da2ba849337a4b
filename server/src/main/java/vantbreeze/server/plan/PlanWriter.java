package vantbreeze.server.plan;

import java.util.Comparator;
import java.util.List;
import vantbreeze.catalogue.Handle;
import vantbreeze.catalogue.Parameter;
import vantbreeze.catalogue.Range;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.make.ScoreCard;
import vantbreeze.make.ScoreReading;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.plan.Plan;
import vantbreeze.plan.Snag;
import vantbreeze.post.EnvelopeFit;
import vantbreeze.post.PostalClass;
import vantbreeze.post.PostalVerdict;
import vantbreeze.server.plan.LengthJson.SizeJson;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;

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
        return new PlanJson(
                BriefJson.of(plan.brief()),
                plan.parameters().stream().map(this::parameter).toList(),
                plan.scoreCards().stream().map(this::piece).toList(),
                plan.closed() == null ? null : closed(plan.closed()),
                plan.faces().stream().map(this::face).toList(),
                plan.dressing().mats().stream().map(this::mat).toList(),
                plan.cutList().stream()
                        .map(c -> new PlanJson.CutJson(
                                c.count(), c.name(), size(c.size()), c.goesOn(), c.note(), c.isMat(), c.isSplit()))
                        .toList(),
                new PlanJson.SheetUseJson(
                        plan.brief().sheet().name(), size(plan.brief().sheet().size()), plan.basesFromSheet()),
                plan.fit() == null ? null : fit(plan.fit()),
                plan.closest().stream().map(this::fit).toList(),
                plan.post().stream().map(this::post).toList(),
                plan.steps(),
                plan.snags().stream().map(PlanWriter::snag).toList());
    }

    private LengthJson length(Length length) {
        return LengthJson.of(length, units);
    }

    private LengthJson lengthOrNull(Length length) {
        return length == null ? null : length(length);
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

    private PlanJson.PieceJson piece(ScoreCard card) {
        Piece piece = card.piece();
        return new PlanJson.PieceJson(
                piece.name(),
                size(piece.size()),
                LengthJson.corners(piece.polygon()),
                LengthJson.holes(piece.polygon()),
                plan.structure().panels().stream()
                        .filter(p -> p.piece().equals(piece.name()))
                        .map(p -> new PlanJson.PanelJson(
                                p.id(),
                                p.name(),
                                size(p.box()),
                                LengthJson.corners(p.outline()),
                                LengthJson.holes(p.outline()),
                                LengthJson.inside(p.outline())))
                        .toList(),
                card.readings().stream().map(this::score).toList(),
                card.lines().stream().map(this::score).toList(),
                piece.slits().stream()
                        .map(s -> new PlanJson.SlitJson(s.id(), point(s.from()), point(s.to())))
                        .toList(),
                card.sameFromBothEnds().stream().map(this::length).toList());
    }

    private PlanJson.ScoreJson score(ScoreReading reading) {
        PlanJson.HandleJson handle = plan.handles().stream()
                .filter(h -> h.score().equals(reading.score().id()))
                .findFirst()
                .map(PlanWriter::handle)
                .orElse(null);
        return new PlanJson.ScoreJson(
                reading.score().id(),
                reading.score().fold(),
                reading.scoreOn(),
                reading.lie(),
                point(reading.score().from()),
                point(reading.score().to()),
                reading.runsThrough(),
                lengthOrNull(reading.fromStart()),
                lengthOrNull(reading.fromEnd()),
                lengthOrNull(reading.begins()),
                lengthOrNull(reading.ends()),
                handle);
    }

    private static PlanJson.HandleJson handle(Handle h) {
        return new PlanJson.HandleJson(
                h.parameter(),
                h.panel(),
                h.rate(),
                h.least().millimetres(),
                h.most().millimetres());
    }

    private static double[] point(Point p) {
        return new double[] {p.x().millimetres(), p.y().millimetres()};
    }

    private PlanJson.ClosedJson closed(Plan.ClosedCard closed) {
        return new PlanJson.ClosedJson(
                size(closed.size()),
                length(closed.thickness()),
                closed.layers(),
                closed.grams(),
                closed.front().stream()
                        .map(r -> new PlanJson.RegionJson(
                                r.face().panel().name(),
                                r.face().side(),
                                r.layer(),
                                LengthJson.corners(r.outline()),
                                LengthJson.holes(r.outline())))
                        .toList(),
                closed.bulk().stream()
                        .map(s -> new PlanJson.SpotJson(
                                s.thickness().millimetres(),
                                s.layers(),
                                LengthJson.corners(s.outline()),
                                LengthJson.holes(s.outline())))
                        .toList());
    }

    private PlanJson.FaceJson face(Face face) {
        return new PlanJson.FaceJson(
                face.key(),
                face.label(),
                face.panel().name(),
                face.side(),
                face.seen().stream().sorted(Comparator.naturalOrder()).toList(),
                plan.brief().matting().layersOn(face),
                face.beforeAssembly());
    }

    private PlanJson.MatJson mat(Mat m) {
        return new PlanJson.MatJson(
                m.face().key(),
                m.face().panel().name(),
                m.face().side(),
                m.layer(),
                size(m.size()),
                length(m.left()),
                length(m.right()),
                length(m.top()),
                length(m.bottom()),
                LengthJson.corners(m.outline()),
                LengthJson.holes(m.outline()));
    }

    private PlanJson.FitJson fit(EnvelopeFit fit) {
        return new PlanJson.FitJson(
                fit.envelope().id(),
                fit.envelope().name(),
                size(fit.envelope().size()),
                fit.turned(),
                length(fit.spareAcross()),
                length(fit.spareUp()),
                fit.verdict());
    }

    private PlanJson.PostJson post(PostalVerdict verdict) {
        return new PlanJson.PostJson(
                verdict.service(),
                verdict.taken().map(PostalClass::name).orElse(null),
                decides(verdict),
                verdict.dearer());
    }

    private String decides(PostalVerdict verdict) {
        PostalClass c = verdict.decidedBy();
        Ruler ruler = Ruler.of(c.system());
        String limit = switch (verdict.decides()) {
            case LONG_SIDE -> "long side at most " + ruler.text(c.most().longSide());
            case SHORT_SIDE -> "short side at most " + ruler.text(c.most().shortSide());
            case THICKNESS -> "at most %s thick".formatted(ruler.text(c.thickness()));
            case WEIGHT -> "at most %.0f g".formatted(c.grams());
            case LEAST_SIZE -> "at least " + c.least().map(ruler::text).orElse("");
        };
        return verdict.taken().isPresent()
                ? "%s; it uses %d%% of the limit".formatted(limit, Math.round(100 * verdict.share()))
                : "too much for a %s: %s".formatted(c.name(), limit);
    }

    private static PlanJson.SnagJson snag(Snag snag) {
        List<PlanJson.FixJson> fixes = snag.fixes().stream()
                .map(f -> new PlanJson.FixJson(f.label(), BriefJson.of(f.brief())))
                .toList();
        return new PlanJson.SnagJson(
                snag.code(), snag.severity(), snag.place().kind(), snag.place().id(), snag.text(), fixes);
    }
}
