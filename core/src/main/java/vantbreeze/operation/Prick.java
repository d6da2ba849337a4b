package vantbreeze.operation;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;

/** Scores that come with the template: no edge lies against a fence. */
@Kind("prick")
public record Prick(Piece piece, Side side, List<String> scores) implements Operation {

    @Override
    public Optional<Side> up() {
        return Optional.of(side);
    }

    @Override
    public List<Tool> tools() {
        return List.of(Tool.TEMPLATE, Tool.NEEDLE, Tool.RULER, Tool.BONE_FOLDER, Tool.SOFT_MAT);
    }

    @Override
    public String title() {
        return "Score the " + piece.name();
    }

    @Override
    public Wording wording(Ruler ruler) {
        boolean bend = piece.scores().stream()
                .anyMatch(s -> scores.contains(s.id()) && !s.path().isStraight());
        return Wording.plain(
                "%s, lay the template on the piece. Prick through the ends%s of %s. Take the template off and crease between the pricks, along a ruler on a soft mat."
                        .formatted(Phrases.sideUp(side), bend ? " and bends" : "", Grouped.joined(scores)));
    }

    @Override
    public void draw(SketchPad pad) {
        pad.scores(piece, side, Set.copyOf(scores));
    }

    @Override
    public void settings(SettingFinder found) {
        if (found.isMechanism()) {
            piece.scores().stream().filter(s -> scores.contains(s.id())).forEach(s -> settings(s, found));
        }
    }

    /** What came with the template is measured from the outline's left or lower side, if it is square to it. */
    private void settings(ScoreLine line, SettingFinder found) {
        List<String> moved = List.of(line.id());
        if (!line.isUpright() && !line.isLevel()) {
            found.beside(
                    line.id(),
                    line.id() + " lies, face up,",
                    "its pricks",
                    line,
                    moved,
                    new SettingFinder.Beside(false, false, false));
            return;
        }
        Point corner = piece.lowerLeft();
        found.measured(
                Hand.SCORE,
                line.id(),
                "how far %s lies from the %s, face up"
                        .formatted(line.id(), line.isUpright() ? "outline's left side" : "foot of the outline"),
                line.isUpright()
                        ? line.from().x().minus(corner.x())
                        : line.from().y().minus(corner.y()),
                new Effect.OfScores(moved, line.isUpright() ? 1 : 0, line.isUpright() ? 0 : 1));
    }
}
