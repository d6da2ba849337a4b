package vantbreeze.server.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.catalogue.Parameter;
import vantbreeze.layer.Matting;
import vantbreeze.material.Sheet;
import vantbreeze.material.Stock;
import vantbreeze.material.Tools;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.plan.Basis;
import vantbreeze.plan.Brief;
import vantbreeze.plan.BriefException;
import vantbreeze.post.Envelope;

/** Reads every field of a brief before it complains, so that the maker sees all faults at once. */
final class BriefReader {

    private static final int LONGEST_TEXT = 1200;
    private static final String A_LENGTH = "a length such as 5 1/2 in or 140 mm";
    private static final Length LONGEST_TRIMMER = Length.inches(60);
    private static final Length SHORTEST_TRIMMER = Length.inches(4);

    private final BriefJson json;
    private final UnitSystem units;
    private final List<BriefException.Fault> faults = new ArrayList<>();

    BriefReader(BriefJson json) {
        this.json = json;
        this.units = json.units() == null ? UnitSystem.INCH : json.units();
    }

    Brief read() {
        FoldDesign fold = field("fold", json.fold(), foldIds(), () -> FoldCatalogue.named(json.fold()));
        Basis basis = basis();
        Map<String, Object> parameters = fold == null ? Map.of() : parameters(fold);
        Sheet sheet = field("sheet", json.sheet(), "a sheet of the table, or a size", () -> Sheet.named(json.sheet()));
        Envelope envelope = json.envelope() == null || json.envelope().isBlank()
                ? null
                : field(
                        "envelope",
                        json.envelope(),
                        "an envelope of the table, or a size",
                        () -> Envelope.named(json.envelope()));
        Stock base = stock("baseGsm", json.baseGsm());
        Stock mat = stock("matGsm", json.matGsm());
        Tools tools = tools();
        Matting matting = matting();
        if (!faults.isEmpty()) {
            throw new BriefException(faults);
        }
        return new Brief(fold, basis, parameters, sheet, base, mat, tools, matting, envelope, units);
    }

    private static String foldIds() {
        return String.join(
                ", ", FoldCatalogue.all().stream().map(FoldDesign::id).toList());
    }

    /** @return what was read, or null after noting the fault */
    private <T> T field(String field, Object value, String allowed, Supplier<T> reader) {
        try {
            if (value == null) {
                throw new IllegalArgumentException("The field (%s) must be given.".formatted(field));
            }
            if (value.toString().length() > LONGEST_TEXT) {
                throw new IllegalArgumentException("The field (%s) is too long.".formatted(field));
            }
            return reader.get();
        } catch (IllegalArgumentException e) {
            String shown = value == null ? "" : value.toString();
            faults.add(new BriefException.Fault(
                    field, shown.substring(0, Math.min(shown.length(), LONGEST_TEXT)), allowed, e.getMessage()));
            return null;
        }
    }

    private Length length(String field, String text) {
        return field(field, text, A_LENGTH, () -> Length.parse(text, units));
    }

    private ToolGrid grid(String field, String text) {
        return field(field, text, ToolGrid.names(), () -> ToolGrid.parse(text));
    }

    private Stock stock(String field, int gsm) {
        return field(field, gsm, "%d to %d gsm".formatted(Stock.LIGHTEST, Stock.HEAVIEST), () -> new Stock(gsm));
    }

    private Basis basis() {
        BriefJson.BasisJson basis = json.basis();
        if (basis == null || basis.kind() == null) {
            return field("basis.kind", null, "CLOSED, ENVELOPE, SHEET or PANEL", () -> null);
        }
        switch (basis.kind()) {
            case CLOSED -> {
                Length width =
                        basis.width() == null || basis.width().isBlank() ? null : length("basis.width", basis.width());
                Length height = length("basis.height", basis.height());
                return new Basis.ClosedSize(width, height);
            }
            case ENVELOPE -> {
                return field(
                        "basis.orientation",
                        basis.orientation(),
                        "PORTRAIT, LANDSCAPE",
                        () -> new Basis.ForEnvelope(basis.orientation()));
            }
            case SHEET -> {
                field("basis.orientation", basis.orientation(), "PORTRAIT, LANDSCAPE", basis::orientation);
                return field(
                        "basis.share",
                        basis.share(),
                        "1 to " + Basis.FromSheet.MOST_SHARES,
                        () -> new Basis.FromSheet(basis.share(), basis.orientation()));
            }
            default -> {
                Length width = length("basis.panelWidth", basis.panelWidth());
                Length height = length("basis.height", basis.height());
                return field(
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
        for (Parameter parameter : fold.parameters()) {
            String text = given.get(parameter.key());
            if (text == null || text.isBlank()) {
                continue;
            }
            String field = "parameters." + parameter.key();
            Object value = field(field, text, parameter.form(), () -> parameter.read(text, units));
            if (value != null) {
                read.put(parameter.key(), value);
            }
        }
        return read;
    }

    private Tools tools() {
        BriefJson.ToolsJson tools = json.tools();
        if (tools == null) {
            return field("tools", null, "ruler, board and trimmer", () -> null);
        }
        ToolGrid ruler = grid("tools.ruler", tools.ruler());
        ToolGrid board = grid("tools.board", tools.board());
        String allowed = SHORTEST_TRIMMER.exactText(units) + " to " + LONGEST_TRIMMER.exactText(units);
        Length trimmer = field("tools.trimmer", tools.trimmer(), allowed, () -> {
            Length length = Length.parse(tools.trimmer(), units);
            if (length.isLessThan(SHORTEST_TRIMMER) || length.isMoreThan(LONGEST_TRIMMER)) {
                throw new IllegalArgumentException("The trimmer (%s) must cut %s.".formatted(tools.trimmer(), allowed));
            }
            return length;
        });
        return new Tools(ruler, board, trimmer);
    }

    private Matting matting() {
        BriefJson.MattingJson matting = json.matting();
        if (matting == null) {
            return field("matting", null, "layers, step, grid, meeting and byFace", () -> null);
        }
        Length step = length("matting.step", matting.step());
        ToolGrid grid = grid("matting.grid", matting.grid());
        Matting.Meeting meeting = field("matting.meeting", matting.meeting(), "RUN_ON, BORDER", matting::meeting);
        if (step == null || grid == null || meeting == null) {
            return null;
        }
        Map<String, Integer> byFace = matting.byFace() == null ? Map.of() : matting.byFace();
        return field(
                "matting",
                "%d layers, step %s".formatted(matting.layers(), matting.step()),
                "0 to %d layers, step 0 to %s".formatted(Matting.MOST_LAYERS, Matting.WIDEST_STEP.exactText(units)),
                () -> new Matting(matting.layers(), step, grid, meeting, byFace));
    }
}
