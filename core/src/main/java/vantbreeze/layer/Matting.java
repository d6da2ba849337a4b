package vantbreeze.layer;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import vantbreeze.material.Paper;
import vantbreeze.material.Print;
import vantbreeze.material.Stock;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;

/**
 * How the maker layers.
 *
 * @param layers mats on every dressed face, 0 to {@link Finish#MOST_MATS}
 * @param steps what each mat is smaller on every side than what it lies on, the first mat's first; the last holds for
 *     those above it; each 0 to 1 in
 * @param grid the marks that mats are rounded down to
 * @param meeting how mats of two faces that meet are cut
 * @param byFace what single faces get by {@link Face#key()}, where it differs
 * @param papers what they are cut from, the lowest first; the last holds for those above it
 * @param papersByFace the same for single faces by {@link Face#key()}, where it differs
 */
public record Matting(
        int layers,
        List<Length> steps,
        ToolGrid grid,
        Meeting meeting,
        Map<String, Finish> byFace,
        List<Paper> papers,
        Map<String, List<Paper>> papersByFace) {

    public static final Length WIDEST_STEP = Length.inches(1);

    /** What the maker starts from: three plain papers. */
    public static final List<Paper> USUAL_PAPERS = List.of(
            new Paper(new Stock(160), "#7e93a8", Print.PLAIN),
            new Paper(new Stock(160), "#e9dcc3", Print.PLAIN),
            new Paper(new Stock(160), "#a8564a", Print.PLAIN));

    /** What is written on. */
    private static final String WRITING_COLOUR = "#fbf8f0";

    /** What happens at the line where two gates meet. */
    public enum Meeting {
        /** One mat lies over both and is split on the meeting line: the pattern runs on up to the edge. */
        RUN_ON,
        /** Each half keeps the border on all four sides; the two are still cut from one piece. */
        BORDER
    }

    public Matting {
        byFace = Map.copyOf(byFace);
        steps = List.copyOf(steps);
        papers = List.copyOf(papers);
        if (layers < 0 || layers > Finish.MOST_MATS) {
            throw new IllegalArgumentException("The layers (%d) must be 0 to %d.".formatted(layers, Finish.MOST_MATS));
        }
        requireEach("steps", steps);
        requireEach("papers", papers);
        papersByFace.values().forEach(p -> requireEach("papers", p));
        papersByFace = Map.copyOf(papersByFace);
        papers.forEach(Paper::requireSheet);
        papersByFace.values().forEach(p -> p.forEach(Paper::requireSheet));
        steps.forEach(Matting::requireStep);
    }

    static void requireStep(Length step) {
        if (step.isNegative() || step.isMoreThan(WIDEST_STEP)) {
            throw new IllegalArgumentException("A border must be 0 to 1 in (25.4 mm) wide.");
        }
    }

    /** With the same papers on every face. */
    public Matting(
            int layers,
            List<Length> steps,
            ToolGrid grid,
            Meeting meeting,
            Map<String, Finish> byFace,
            List<Paper> papers) {
        this(layers, steps, grid, meeting, byFace, papers, Map.of());
    }

    private static void requireEach(String what, List<?> list) {
        if (list.isEmpty() || list.size() > Finish.MOST_MATS) {
            throw new IllegalArgumentException(
                    "There must be 1 to %d %s, not %d.".formatted(Finish.MOST_MATS, what, list.size()));
        }
    }

    /** @return how that face is dressed */
    public Finish on(Face face) {
        return byFace.getOrDefault(face.key(), usual(face));
    }

    private Finish usual(Face face) {
        Finish usual = Finish.mats(face.isDressed() ? layers : 0);
        return face.isSigned() && layers > 0 ? usual.withNote() : usual;
    }

    public Matting with(Face face, Finish finish) {
        Map<String, Finish> changed = new HashMap<>(byFace);
        changed.put(face.key(), finish);
        return new Matting(layers, steps, grid, meeting, changed, papers, papersByFace);
    }

    /** @param mat the first is 1 */
    public Length step(Face face, int mat) {
        List<Length> own = on(face).steps();
        List<Length> counted = own.isEmpty() ? steps : own;
        return counted.get(Math.min(mat, counted.size()) - 1);
    }

    /** @return what that face's papers are cut from, the lowest first */
    public List<Paper> papers(Face face) {
        return papersByFace.getOrDefault(face.key(), papers);
    }

    /** @param layer the lowest is 1 */
    public Paper paper(Face face, int layer) {
        List<Paper> own = papers(face);
        return own.get(Math.min(layer, own.size()) - 1);
    }

    /** One face's papers, or the usual ones again where none are given. */
    public Matting withPapers(Face face, List<Paper> own) {
        Map<String, List<Paper>> changed = new HashMap<>(papersByFace);
        if (own.isEmpty()) {
            changed.remove(face.key());
        } else {
            changed.put(face.key(), own);
        }
        return new Matting(layers, steps, grid, meeting, byFace, papers, changed);
    }

    /** Every paper changed alike. */
    public Matting withEach(UnaryOperator<Paper> change) {
        Map<String, List<Paper>> changed = new HashMap<>();
        papersByFace.forEach(
                (face, own) -> changed.put(face, own.stream().map(change).toList()));
        return new Matting(
                layers,
                steps,
                grid,
                meeting,
                byFace,
                papers.stream().map(change).toList(),
                changed);
    }

    /** Plain, of the lowest paper's stock. */
    public Paper writingPaper() {
        Stock stock = papers.stream()
                .filter(p -> p.material().takesInk())
                .findFirst()
                .orElse(USUAL_PAPERS.get(0))
                .stock();
        return new Paper(stock, WRITING_COLOUR, Print.PLAIN);
    }
}
