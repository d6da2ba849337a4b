package vantbreeze.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.fold.FlatFolder;
import vantbreeze.layer.Dressing;
import vantbreeze.layer.Mat;
import vantbreeze.layer.MatCut;
import vantbreeze.layer.Ornament;
import vantbreeze.layer.Ornaments;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.layer.PocketRoom;
import vantbreeze.material.Adhesive;
import vantbreeze.material.Sheet;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.post.ClosureKit;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Form;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Side;
import vantbreeze.structure.Slide;
import vantbreeze.structure.Structure;

/** Writes the order of work from the structure and its mats. */
public final class Steps {

    /** Cautions are common practice; the tool's maker and local rules come first. */
    private static final String BLADES =
            "Blades are sharp: cut away from your hand, knives along a metal ruler, cap them, keep children off. Follow"
                    + " the tool maker's instructions and your local rules.";

    private static final String GLUE = "Read the glue's label; ventilate with solvent glue and keep flames away.";

    private static final String SMALL_PARTS = " Small parts are not for small children.";

    private final Structure structure;
    private final Dressing dressing;
    private final Ornaments ornaments;
    private final ClosureKit closure;
    private final Sheet sheet;
    private final Ruler ruler;
    private final List<Step> steps = new ArrayList<>();

    private Steps(
            Structure structure, Dressing dressing, Ornaments ornaments, ClosureKit closure, Sheet sheet, Ruler ruler) {
        this.structure = structure;
        this.dressing = dressing;
        this.ornaments = ornaments;
        this.closure = closure;
        this.sheet = sheet;
        this.ruler = ruler;
    }

    public static List<Step> of(
            Structure structure, Dressing dressing, Ornaments ornaments, ClosureKit closure, Sheet sheet, Ruler ruler) {
        return new Steps(structure, dressing, ornaments, closure, sheet, ruler).write();
    }

    private List<Step> write() {
        structure.pieces().forEach(this::cutAndScore);
        structure.pieces().forEach(this::slit);
        structure.pieces().forEach(this::open);
        steps.add(new Step(
                "Fold",
                "Fold every score the way the score card says, lower edges level, and burnish each fold with the bone"
                        + " folder.",
                ""));
        if (!dressing.cuts().isEmpty()) {
            cutMats();
        }
        structure.bonds().stream().filter(structure::isFilm).forEach(this::join);
        layMats("Lay the mats that go on first", "Before anything else is joined", true);
        ornaments.placed().stream().filter(o -> o.face().beforeAssembly()).forEach(this::lay);
        structure.bonds().stream().filter(b -> !structure.isFilm(b)).forEach(this::join);
        structure.slides().forEach(this::thread);
        layMats("Lay the mats", "Dry-fit the mats first", false);
        ornaments.placed().stream().filter(o -> !o.face().beforeAssembly()).forEach(this::lay);
        PocketRoom.of(structure)
                .forEach(room ->
                        steps.add(new Step("Put the %s in".formatted(room.held().name()), room.text(ruler), "")));
        steps.add(new Step(
                "Close and check",
                "Close the card: nothing may stick out. Let it dry closed under a weight, then try it in its envelope.%s"
                        .formatted(dries() ? " Give glue a day to dry before you post it." : ""),
                ""));
        close();
        return List.copyOf(steps);
    }

    private void layMats(String title, String when, boolean early) {
        Map<Joint, List<String>> faces = new LinkedHashMap<>();
        for (MatCut cut : dressing.cuts()) {
            for (Mat mat : cut.mats()) {
                List<String> list = faces.computeIfAbsent(Joint.of(cut), k -> new ArrayList<>());
                if (mat.face().beforeAssembly() == early
                        && !list.contains(mat.face().label())) {
                    list.add(mat.face().label());
                }
            }
        }
        faces.values().removeIf(List::isEmpty);
        if (faces.isEmpty()) {
            return;
        }
        StringBuilder text = new StringBuilder(when).append(", lower layers first, borders even.");
        faces.forEach((joint, list) ->
                text.append(" On %s: %s.".formatted(the(Grouped.names(list, labels())), joint.text())));
        text.append(" Keep glue and tape %s off every score.".formatted(ruler.about(Joint.TAPE_INSET)))
                .append(Joint.drying(List.copyOf(faces.keySet())));
        steps.add(new Step(title, text.toString(), GLUE));
    }

    /** What is counted needs no article: "the front and back", "all 12 walls". */
    private static String the(List<String> names) {
        boolean counted = names.get(0).matches("(all|both|\\d+) .*");
        return (counted ? "" : "the ") + joined(names);
    }

    private List<String> labels() {
        return dressing.mats().stream().map(m -> m.face().label()).distinct().toList();
    }

    private void lay(PlacedOrnament placed) {
        Ornament ornament = placed.ornament();
        String own = placed.crosses().isEmpty() && placed.overlaps().isEmpty()
                ? ""
                : " Glue only what lies over the %s: the rest has to come away."
                        .formatted(placed.face().panel().name());
        steps.add(new Step(
                "Add the " + ornament.name(),
                "Cut the %s (%s%s) and lay it on the %s. Its place on the %s: %s. Use %s.%s"
                        .formatted(
                                ornament.name(),
                                ruler.text(ornament.outline().size()),
                                form(ornament.outline().polygon()),
                                placed.liesOn(),
                                placed.face().label(),
                                new GluedPlace(
                                                placed.onPiece().getEnvelopeInternal(),
                                                placed.face().panel().outline().getEnvelopeInternal(),
                                                placed.face().side())
                                        .text(ruler),
                                Joint.of(placed).text(),
                                own),
                BLADES + SMALL_PARTS));
    }

    private static String form(Polygon outline) {
        String note = Form.of(outline).note();
        return note.isEmpty() ? "" : ", " + note;
    }

    private void close() {
        for (Piece piece : closure.pieces()) {
            cutAndScore(piece);
            slit(piece);
            open(piece);
        }
        closure.ribbon()
                .ifPresent(length -> steps.add(
                        new Step("Cut the ribbon", "Cut %s of ribbon.".formatted(ruler.text(length)), BLADES)));
        if (!closure.text().isEmpty()) {
            steps.add(new Step("Close it for good", closure.text(), ""));
        }
    }

    /** Whether anything of it is glued with what has to dry. */
    private boolean dries() {
        return structure.bonds().stream()
                        .anyMatch(b -> Joint.of(b, structure).adhesive().dries())
                || dressing.cuts().stream().anyMatch(c -> Joint.of(c).adhesive().dries());
    }

    /** What runs is passed under its band and kept by its stud. */
    private void thread(Slide slide) {
        Panel onto = structure.panel(slide.onto());
        Envelope box = onto.outline().getEnvelopeInternal();
        String stud = slide.stud()
                .map(at ->
                        " Fix a stud, such as a flat paper fastener, through its slot to the %s, %s from the left edge and %s from the lower edge, loose enough to run."
                                .formatted(
                                        onto.name(),
                                        text(at.x().count() - box.getMinX()),
                                        text(at.y().count() - box.getMinY())))
                .orElse("");
        steps.add(new Step(
                "Thread the " + structure.panel(slide.panel()).name(),
                "Pass the %s between the %s and the %s until the next score lies on the edge of the %s. No glue there: it runs %s.%s Try it before the last mats go on."
                        .formatted(
                                structure.panel(slide.panel()).name(),
                                structure.panel(slide.band()).name(),
                                onto.name(),
                                structure.panel(slide.band()).name(),
                                ruler.text(slide.travel()),
                                stud),
                ""));
    }

    /** Each bond with where the glued panel comes to lie, measured on the panel that takes it. */
    private void join(Bond bond) {
        Panel laid = structure.panel(bond.panel());
        Panel onto = structure.panel(bond.onto());
        Polygon lying = bond.placement().apply(laid.outline());
        GluedPlace place =
                new GluedPlace(lying.getEnvelopeInternal(), onto.outline().getEnvelopeInternal(), bond.ontoSide());
        Joint joint = Joint.of(bond, structure);
        Size tab = laid.box();
        String tape = joint.adhesive().equals(Adhesive.TAPE)
                        && bond.seams().isEmpty()
                        && tab.longSide().isMoreThan(Joint.TAPE_INSET.times(2))
                ? " Cut the tape %s long: it ends %s before the edges."
                        .formatted(
                                ruler.about(tab.longSide().minus(Joint.TAPE_INSET.times(2))),
                                ruler.about(Joint.TAPE_INSET))
                : "";
        steps.add(new Step(
                "Glue the " + laid.name(),
                "Glue the %s of the %s to the %s of the %s, %s.%s Use %s.%s%s%s"
                        .formatted(
                                bond.side().word(),
                                laid.name(),
                                bond.ontoSide().word(),
                                onto.name(),
                                isEdgeOnEdge(laid)
                                        ? "with the %s closed, edge on edge with the outline of the %s"
                                                .formatted(
                                                        onto.name(),
                                                        structure.anchor().piece())
                                        : place.text(ruler),
                                GluePart.of(structure, bond).text(ruler),
                                joint.text(),
                                tape,
                                isHidden(onto, bond.ontoSide()) ? " The mat that goes over it hides the tape." : "",
                                Joint.drying(List.of(joint))),
                GLUE));
    }

    /** Whether a shaped piece lies on the card's own outline when closed: then it needs no measuring. */
    private boolean isEdgeOnEdge(Panel laid) {
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

    private static final int SHAPED_CORNERS = 12;
    private static final double SHARED = 0.5;

    /** A few thousandths of a millimetre: rounding, never a measure. */
    private static final double NEAR = 4;

    private boolean isHidden(Panel panel, Side side) {
        return structure.isFilmOn(panel, side)
                && dressing.mats().stream()
                        .map(Mat::face)
                        .anyMatch(f -> f.panel().equals(panel) && f.side() == side);
    }

    private void cutAndScore(Piece piece) {
        steps.add(new Step(
                "Cut the " + piece.name(),
                switch (piece.form()) {
                    case RECTANGLE ->
                        "Cut the %s to %s from %s. Check twice, cut once."
                                .formatted(piece.name(), ruler.text(piece.size()), source(piece));
                    case ROUND ->
                        "Cut the %s out of %s by the template: it is round, %s across."
                                .formatted(
                                        piece.name(),
                                        source(piece),
                                        ruler.text(piece.size().width()));
                    case SHAPED ->
                        "Cut the %s out of %s by the template; its box is %s."
                                .formatted(piece.name(), source(piece), ruler.text(piece.size()));
                },
                BLADES));
        ScoreCard card = ScoreCard.of(piece, score -> !isOfCard(piece) || structure.isFolded(score));
        if (piece.scoredAcross()) {
            scoreAcross(piece, card);
            return;
        }
        for (Side side : Side.values()) {
            List<SquareReading> lines = card.lines().stream()
                    .filter(r -> r.scoreOn() == side)
                    .flatMap(r -> r instanceof SquareReading square ? Stream.of(square) : Stream.empty())
                    .toList();
            if (!lines.isEmpty()) {
                String how = card.sameFromBothEnds().stream()
                        .filter(both -> both.side() == side)
                        .map(both -> both.text(ruler))
                        .findFirst()
                        .orElseGet(() -> "score at " + joined(positions(piece, lines, side)));
                steps.add(new Step("Score the " + piece.name(), "%s, %s.".formatted(sideUp(side), how), ""));
            }
            new FreeScores(card, side, ruler)
                    .sentences()
                    .forEach(how -> steps.add(
                            new Step("Score the " + piece.name(), "%s, %s".formatted(sideUp(side), how), "")));
        }
    }

    private String source(Piece piece) {
        return piece.isFilm() ? "clear film" : structure.isWritten(piece) ? "plain card" : sheet.name();
    }

    private boolean isOfCard(Piece piece) {
        return structure.pieces().contains(piece);
    }

    /** In one go, whichever side is up: what stays flat is let be. */
    private void scoreAcross(Piece piece, ScoreCard card) {
        List<String> at = card.settings().stream().map(this::position).toList();
        String how = card.sameFromBothEnds().stream()
                .map(both -> both.text(ruler))
                .findFirst()
                .orElseGet(() -> "score at %s from the left end".formatted(joined(at)));
        String folds = card.settings().stream()
                .map(s -> "%s: %s".formatted(position(s), s.how(ruler)))
                .collect(Collectors.joining("; "));
        steps.add(new Step(
                "Score the " + piece.name(),
                "Face side up, right across from edge to edge, %s. Then fold, rows counted from the bottom, at %s."
                        .formatted(how, folds),
                ""));
    }

    private String position(ScoreSetting setting) {
        return setting.at() instanceof SquareReading square ? ruler.text(square.fromStart()) : setting.name();
    }

    /** From left to right as the piece lies then, what is scored at one setting together. */
    private List<String> positions(Piece piece, List<SquareReading> lines, Side side) {
        Map<String, List<SquareReading>> settings = new LinkedHashMap<>();
        lines.stream()
                .sorted(Comparator.comparing(SquareReading::lie).thenComparing(r -> at(r, side)))
                .forEach(r -> settings.computeIfAbsent(setting(r, side), k -> new ArrayList<>())
                        .add(r));
        List<String> positions = new ArrayList<>();
        settings.forEach((setting, there) -> positions.add(setting + spans(piece, there, side)));
        return positions;
    }

    /** Turned over like a page, what was at the right end is now at the left. */
    private static Length at(SquareReading reading, Side side) {
        boolean fromOtherEnd = reading.lie() == ScoreReading.Lie.UPRIGHT && side == Side.BACK;
        return fromOtherEnd ? reading.fromEnd() : reading.fromStart();
    }

    private String setting(SquareReading reading, Side side) {
        return "%s from the %s"
                .formatted(
                        ruler.text(at(reading, side)),
                        reading.lie() == ScoreReading.Lie.UPRIGHT ? "left end" : "bottom");
    }

    private String spans(Piece piece, List<SquareReading> there, Side side) {
        boolean level = there.get(0).lie() == ScoreReading.Lie.LEVEL;
        boolean mirrored = level && side == Side.BACK;
        Length width = piece.size().width();
        List<String> spans = there.stream()
                .filter(r -> !r.runsThrough())
                .map(r -> mirrored
                        ? ruler.text(width.minus(r.ends())) + " to " + ruler.text(width.minus(r.begins()))
                        : ruler.text(r.begins()) + " to " + ruler.text(r.ends()))
                .toList();
        return spans.isEmpty()
                ? ""
                : " (only from %s, %s)".formatted(joined(spans), level ? "across from the left" : "up from the bottom");
    }

    /** Pencil first: the ends are what must be right. */
    private void slit(Piece piece) {
        if (piece.slits().isEmpty()) {
            return;
        }
        steps.add(new Step(
                "Slit the " + piece.name(),
                "Face side up, mark the ends of every slit in pencil. %s. Stop the trimmer short of each end and finish to the mark with a knife: short of it the fold tears, past it the frame is weak."
                        .formatted(new SlitReading(piece, ruler).text()),
                BLADES));
    }

    private void open(Piece piece) {
        for (List<Point> around : piece.holes()) {
            Polygon opening = Piece.outline(piece.name(), around.toArray(new Point[0]))
                    .build()
                    .polygon();
            Envelope box = opening.getEnvelopeInternal();
            String how = opening.isRectangle()
                    ? "Face side up, pencil an opening %s wide and %s high on the %s, its left edge %s from the left end and its lower edge %s from the bottom, and cut it out from corner to corner."
                            .formatted(
                                    text(box.getWidth()),
                                    text(box.getHeight()),
                                    piece.name(),
                                    text(box.getMinX()),
                                    text(box.getMinY()))
                    : "Cut the opening of the %s out by the template.".formatted(piece.name());
            steps.add(new Step("Open the " + piece.name(), how, BLADES));
        }
    }

    private String text(double counts) {
        return ruler.text(Length.nearestTo(counts));
    }

    private static String sideUp(Side side) {
        return side == Side.FACE ? "Face side up" : "Turned over like a page, back up";
    }

    private void cutMats() {
        StringBuilder text = new StringBuilder("Cut the mats as listed.");
        for (MatCut cut : dressing.cuts()) {
            if (cut.isSplit()) {
                text.append(
                        " Cut one piece %s for the %s and the %s, then split it %s from its %s so that the pattern runs on."
                                .formatted(
                                        ruler.text(cut.size()),
                                        cut.mats().get(0).face().panel().name(),
                                        cut.mats().get(1).face().panel().name(),
                                        ruler.text(
                                                cut.alongWidth()
                                                        ? cut.mats()
                                                                .get(0)
                                                                .size()
                                                                .width()
                                                        : cut.mats()
                                                                .get(0)
                                                                .size()
                                                                .height()),
                                        cut.alongWidth() ? "left edge" : "lower edge"));
            }
        }
        steps.add(new Step("Cut the mats", text.toString(), BLADES));
    }

    static String joined(List<String> parts) {
        int last = parts.size() - 1;
        return last < 1
                ? String.join("", parts)
                : String.join(", ", parts.subList(0, last)) + " and " + parts.get(last);
    }
}
