package vantbreeze.server.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiFunction;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.catalogue.Parameter;
import vantbreeze.layer.Closure;
import vantbreeze.layer.Finish;
import vantbreeze.layer.Matting;
import vantbreeze.layer.Ornament;
import vantbreeze.material.Adhesive;
import vantbreeze.material.Adhesives;
import vantbreeze.material.Material;
import vantbreeze.material.Paper;
import vantbreeze.material.PiecePapers;
import vantbreeze.material.Scoring;
import vantbreeze.material.Sheet;
import vantbreeze.material.Tools;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.operation.OwnStep;
import vantbreeze.plan.Basis;
import vantbreeze.plan.Brief;
import vantbreeze.plan.BriefException;
import vantbreeze.post.Envelope;
import vantbreeze.server.web.FieldReader;
import vantbreeze.structure.Point;

/** Reads every field of a brief before it complains, so that the maker sees all faults at once. */
public final class BriefReader {

    private static final int MOST_FACES = 200;
    private static final int MOST_PARAMETERS = 50;
    private static final Length FARTHEST = Length.inches(60);
    private static final int LONGEST_KEY = 60;
    private static final int LONGEST_PLACE = 200;
    private static final Length LONGEST_TOOL = Length.inches(60);
    private static final Length SHORTEST_TOOL = Length.inches(4);

    private final BriefJson json;
    private final UnitSystem units;
    private final FieldReader fields;
    private final OrnamentReader ornaments;

    BriefReader(BriefJson json) {
        this.json = json;
        this.units = json.units() == null ? UnitSystem.INCH : json.units();
        this.fields = new FieldReader(units);
        this.ornaments = new OrnamentReader(fields, units);
    }

    Brief read() {
        FoldDesign fold = fields.field("fold", json.fold(), foldIds(), () -> FoldCatalogue.named(json.fold()));
        Basis basis = basis();
        Map<String, Object> parameters = fold == null ? Map.of() : parameters(fold);
        Sheet sheet =
                fields.field("sheet", json.sheet(), "a sheet of the table, or a size", () -> Sheet.named(json.sheet()));
        Envelope envelope = json.envelope() == null || json.envelope().isBlank()
                ? null
                : fields.field(
                        "envelope",
                        json.envelope(),
                        "an envelope of the table, or a size",
                        () -> Envelope.named(json.envelope()));
        Paper base = ornaments.paper("base", json.base());
        PiecePapers papers = piecePapers(base);
        Tools tools = tools();
        Matting matting = matting();
        List<Ornament> laid = ornaments.read(json.ornaments());
        Closure closure = json.closure() == null || json.closure().isBlank()
                ? Closure.NONE
                : fields.field("closure", json.closure(), Closure.FORM, () -> Closure.parse(json.closure(), units));
        Optional<Point> baseAt = json.baseAt() == null
                ? Optional.empty()
                : Optional.of(new Point(
                        onSheet("baseAt.x", json.baseAt().x()),
                        onSheet("baseAt.y", json.baseAt().y())));
        List<OwnStep> ownSteps = ownSteps();
        Map<String, String> gluedWith = gluedWith();
        refuseFaults();
        Brief brief = fields.field(
                "ornaments",
                laid.size(),
                "at most %d, each with its own name".formatted(Brief.MOST_ORNAMENTS),
                () -> new Brief(
                        fold,
                        basis,
                        parameters,
                        sheet,
                        papers,
                        tools,
                        matting,
                        laid,
                        closure,
                        envelope,
                        baseAt,
                        ownSteps,
                        gluedWith,
                        units));
        refuseFaults();
        return brief;
    }

    /** A place or an adhesive that is no longer there counts for nothing. */
    private Map<String, String> gluedWith() {
        Map<String, String> said = json.gluedWith() == null ? Map.of() : json.gluedWith();
        fields.field("gluedWith", said.size(), "at most %d".formatted(Brief.MOST_CHOICES_OF_GLUE), () -> {
            if (said.size() > Brief.MOST_CHOICES_OF_GLUE) {
                throw new IllegalArgumentException("There must be at most %d choices of glue, not %d."
                        .formatted(Brief.MOST_CHOICES_OF_GLUE, said.size()));
            }
            return said.size();
        });
        said.forEach((place, key) -> fields.field("gluedWith", key, "the key of an adhesive", () -> {
            if (key == null || key.length() > LONGEST_KEY || place.length() > LONGEST_PLACE) {
                throw new IllegalArgumentException(
                        "What is taken at %s must be the key of an adhesive.".formatted(place));
            }
            return key;
        }));
        return fields.faults().isEmpty() ? said : Map.of();
    }

    private List<OwnStep> ownSteps() {
        if (json.ownSteps() == null) {
            return List.of();
        }
        int count = json.ownSteps().size();
        fields.field("ownSteps", count, "at most %d".formatted(OwnStep.MOST_ON_A_CARD), () -> {
            if (count > OwnStep.MOST_ON_A_CARD) {
                throw new IllegalArgumentException(
                        "There must be at most %d own steps, not %d.".formatted(OwnStep.MOST_ON_A_CARD, count));
            }
            return count;
        });
        List<OwnStep> steps = new ArrayList<>();
        for (int i = 0; i < Math.min(count, OwnStep.MOST_ON_A_CARD); i++) {
            BriefJson.OwnStepJson step = json.ownSteps().get(i);
            String field = "ownSteps[%d]".formatted(i);
            steps.add(fields.field(
                    field,
                    step,
                    "a technique, what it is done to, at most %d characters, and before or after which step"
                            .formatted(OwnStep.LONGEST_WORDS),
                    step::read));
        }
        return steps;
    }

    private void refuseFaults() {
        if (!fields.faults().isEmpty()) {
            throw new BriefException(fields.faults());
        }
    }

    private static String foldIds() {
        return String.join(
                ", ", FoldCatalogue.all().stream().map(FoldDesign::id).toList());
    }

    private static ToolGrid grid(FieldReader fields, String field, String text) {
        return fields.field(field, text, ToolGrid.names(), () -> ToolGrid.parse(text));
    }

    private PiecePapers piecePapers(Paper base) {
        Map<String, Paper> own = new HashMap<>();
        if (json.piecePapers() != null) {
            json.piecePapers()
                    .forEach((piece, paper) -> own.put(piece, ornaments.paper("piecePapers." + piece, paper)));
        }
        own.values().removeIf(Objects::isNull);
        Paper film = film();
        return fields.field(
                "piecePapers",
                own.size(),
                "at most %d, none of clear film".formatted(PiecePapers.MOST),
                () -> base == null || film == null ? null : new PiecePapers(base, film, own));
    }

    private Paper film() {
        return json.film() == null || json.film().isBlank()
                ? Paper.USUAL_FILM
                : fields.field(
                        "film",
                        json.film(),
                        Material.FILM.range(),
                        () -> Paper.film(Length.parse(json.film(), UnitSystem.METRIC)));
    }

    /** @return nothing after noting the fault */
    private Length onSheet(String field, String text) {
        String allowed = "0 to " + FARTHEST.exactText(units);
        Length read = fields.field(field, text, allowed, () -> {
            Length place = Length.parse(text, units);
            if (place.isNegative() || place.isMoreThan(FARTHEST)) {
                throw new IllegalArgumentException("The place (%s) must be %s.".formatted(text, allowed));
            }
            return place;
        });
        return read == null ? Length.ZERO : read;
    }

    private Basis basis() {
        BriefJson.BasisJson basis = json.basis();
        if (basis == null || basis.kind() == null) {
            return fields.field("basis.kind", null, "CLOSED, ENVELOPE, SHEET or PANEL", () -> null);
        }
        switch (basis.kind()) {
            case CLOSED -> {
                Length width = fields.lengthIfGiven("basis.width", basis.width());
                Length height = fields.lengthIfGiven("basis.height", basis.height());
                return new Basis.ClosedSize(width, height);
            }
            case ENVELOPE -> {
                return fields.field(
                        "basis.orientation",
                        basis.orientation(),
                        "PORTRAIT, LANDSCAPE",
                        () -> new Basis.ForEnvelope(basis.orientation(), Boolean.TRUE.equals(basis.utmost())));
            }
            case SHEET -> {
                fields.field("basis.orientation", basis.orientation(), "PORTRAIT, LANDSCAPE", basis::orientation);
                return fields.field(
                        "basis.share",
                        basis.share(),
                        "1 to " + Basis.FromSheet.MOST_SHARES,
                        () -> new Basis.FromSheet(basis.share(), basis.orientation()));
            }
            default -> {
                Length width = fields.length("basis.panelWidth", basis.panelWidth());
                Length height = fields.length("basis.height", basis.height());
                return fields.field(
                        "basis.panel",
                        basis.panel(),
                        "the name of a panel",
                        () -> new Basis.FixedPanel(basis.panel(), width, height));
            }
        }
    }

    /** Chosen values that this fold does not have are kept out, so that changing the fold keeps what fits. */
    private Map<String, Object> parameters(FoldDesign fold) {
        Map<String, Object> read = new LinkedHashMap<>();
        Map<String, String> given = json.parameters() == null ? Map.of() : json.parameters();
        if (fields.isMoreThan(MOST_PARAMETERS, "parameters", given.size())) {
            return read;
        }
        for (Parameter parameter : fold.parameters()) {
            String text = given.get(parameter.key());
            if (text == null || text.isBlank()) {
                continue;
            }
            String field = "parameters." + parameter.key();
            Object value = fields.fieldUpTo(
                    parameter.longestText(), field, text, parameter.form(), () -> parameter.read(text, units));
            if (value != null) {
                read.put(parameter.key(), value);
            }
        }
        return read;
    }

    private Tools tools() {
        return tools(json.tools(), fields, units);
    }

    /** @return null after noting the faults in the fields */
    public static Tools tools(BriefJson.ToolsJson tools, FieldReader fields, UnitSystem units) {
        if (tools == null) {
            return fields.field("tools", null, "ruler, board and trimmer", () -> null);
        }
        ToolGrid ruler = grid(fields, "tools.ruler", tools.ruler());
        ToolGrid board = grid(fields, "tools.board", tools.board());
        Length reach = tools.boardReach() == null
                ? Tools.USUAL_BOARD
                : tool(fields, "tools.boardReach", "board", tools.boardReach(), units);
        Length trimmer = tool(fields, "tools.trimmer", "trimmer", tools.trimmer(), units);
        Size bed = tools.bed() == null ? Tools.USUAL_BED : bed(fields, tools.bed(), units);
        Scoring scoring = tools.scoring() == null ? Scoring.RIDGE_SIDE : tools.scoring();
        return new Tools(ruler, board, reach, trimmer, bed, scoring, adhesives(tools.adhesives(), fields));
    }

    private static Adhesives adhesives(List<BriefJson.AdhesiveJson> given, FieldReader fields) {
        if (given == null) {
            return Adhesives.USUAL;
        }
        String allowed = "1 to %d, each with its own name".formatted(Adhesives.MOST);
        if (given.size() > Adhesives.MOST) {
            return fields.field("tools.adhesives", given.size(), allowed, () -> {
                throw new IllegalArgumentException(
                        "There are %d adhesives; at most %d.".formatted(given.size(), Adhesives.MOST));
            });
        }
        List<Adhesive> read = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            BriefJson.AdhesiveJson adhesive = given.get(i);
            read.add(fields.field("tools.adhesives[%d]".formatted(i), adhesive, Adhesive.FORM, () -> adhesive.read()));
        }
        return read.contains(null)
                ? null
                : fields.field("tools.adhesives", given.size(), allowed, () -> new Adhesives(read));
    }

    private static Length tool(FieldReader fields, String field, String tool, String text, UnitSystem units) {
        return fields.field(
                field, text, toolLengths(units), () -> reaching(tool, text, Length.parse(text, units), units));
    }

    private static Size bed(FieldReader fields, String text, UnitSystem units) {
        return fields.field("tools.bed", text, "a size, each side " + toolLengths(units), () -> {
            Size bed = Size.parse(text, units);
            reaching("bed", text, bed.width(), units);
            reaching("bed", text, bed.height(), units);
            return bed;
        });
    }

    private static Length reaching(String tool, String text, Length length, UnitSystem units) {
        if (length.isLessThan(SHORTEST_TOOL) || length.isMoreThan(LONGEST_TOOL)) {
            throw new IllegalArgumentException("The %s (%s) must reach %s.".formatted(tool, text, toolLengths(units)));
        }
        return length;
    }

    private static String toolLengths(UnitSystem units) {
        return SHORTEST_TOOL.exactText(units) + " to " + LONGEST_TOOL.exactText(units);
    }

    private Matting matting() {
        BriefJson.MattingJson matting = json.matting();
        if (matting == null) {
            return fields.field("matting", null, "layers, steps, grid, meeting, byFace and papers", () -> null);
        }
        List<Length> steps = each(matting.steps(), "matting.steps", fields::length);
        List<Paper> papers = each(matting.papers(), "matting.papers", ornaments::paper);
        ToolGrid grid = grid(fields, "matting.grid", matting.grid());
        Matting.Meeting meeting =
                fields.field("matting.meeting", matting.meeting(), "RUN_ON, BORDER", matting::meeting);
        Map<String, Finish> byFace = new LinkedHashMap<>();
        Map<String, String> finishes = matting.byFace() == null ? Map.of() : matting.byFace();
        if (fields.isMoreThan(MOST_FACES, "matting.byFace", finishes.size())) {
            return null;
        }
        finishes.forEach((face, text) -> {
            Finish finish = fields.field("matting.byFace." + face, text, Finish.FORM, () -> Finish.parse(text, units));
            if (finish != null) {
                byFace.put(face, finish);
            }
        });
        Map<String, List<BriefJson.PaperJson>> given =
                matting.papersByFace() == null ? Map.of() : matting.papersByFace();
        if (fields.isMoreThan(MOST_FACES, "matting.papersByFace", given.size())) {
            return null;
        }
        Map<String, List<Paper>> own = new LinkedHashMap<>();
        given.forEach((face, list) -> own.put(face, each(list, "matting.papersByFace." + face, ornaments::paper)));
        if (steps.contains(null)
                || papers.contains(null)
                || own.values().stream().anyMatch(p -> p.contains(null))
                || grid == null
                || meeting == null) {
            return null;
        }
        return fields.field(
                "matting",
                "%d layers, steps %s".formatted(matting.layers(), matting.steps()),
                "0 to %d layers, 1 to 3 papers and steps, each 0 to %s"
                        .formatted(Finish.MOST_MATS, Matting.WIDEST_STEP.exactText(units)),
                () -> new Matting(matting.layers(), steps, grid, meeting, byFace, papers, own));
    }

    /** What could not be read is null there. */
    private <A, B> List<B> each(List<A> given, String field, BiFunction<String, A, B> reader) {
        List<B> read = new ArrayList<>();
        if (given != null && fields.isMoreThan(Finish.MOST_MATS, field, given.size())) {
            return read;
        }
        for (int i = 0; given != null && i < given.size(); i++) {
            read.add(reader.apply("%s[%d]".formatted(field, i), given.get(i)));
        }
        return read;
    }
}
