package vantbreeze.operation;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import vantbreeze.make.ScoreSetting;
import vantbreeze.make.SquareReading;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;

/** All scores of a piece, each its way. */
@Kind("fold")
public record FoldPiece(Piece piece, List<ScoreSetting> settings) implements Operation {

    /** So many folds are listed where the piece is folded; more are on the score card. */
    private static final int MOST_FOLDS = 8;

    @Override
    public Optional<Side> up() {
        return Optional.of(Side.FACE);
    }

    @Override
    public List<Tool> tools() {
        return List.of(Tool.BONE_FOLDER);
    }

    @Override
    public String title() {
        return "Fold the " + piece.name();
    }

    @Override
    public Wording wording(Ruler ruler) {
        boolean listed = settings.size() <= MOST_FOLDS || piece.scoredAcross();
        String which = listed
                ? "%s, fold %s"
                        .formatted(
                                piece.scoredAcross() ? "Face side up, rows counted from the bottom" : "Face side up",
                                settings.stream()
                                        .map(s -> "at %s: %s".formatted(position(s, ruler), s.how(ruler)))
                                        .collect(Collectors.joining("; ")))
                : "Fold all %d scores as they are drawn, dashes as valleys, dash and dot as mountains"
                        .formatted(settings.size());
        String reversed = piece.slits().isEmpty()
                ? ""
                : " Push what lies between slits through gently, a little forward, then backward, before you burnish it.";
        return Wording.plain(
                "%s. Lower edges level; burnish each fold with the bone folder.%s".formatted(which, reversed));
    }

    private static String position(ScoreSetting setting, Ruler ruler) {
        return setting.at() instanceof SquareReading square ? ruler.text(square.fromStart()) : setting.name();
    }

    @Override
    public void draw(SketchPad pad) {
        pad.folds(piece, settings);
    }
}
