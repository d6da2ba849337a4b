package vantbreeze.operation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import vantbreeze.make.ScoreReading;
import vantbreeze.make.ScoreSetting;
import vantbreeze.make.SquareReading;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;

/**
 * All scores of pieces that are folded alike, each its way.
 *
 * @param settings of the first piece
 * @param pushed those that nothing scores: the ends of slits place them
 * @param turned pieces alike, that are folded at the same places turned by a quarter
 */
@Kind("fold")
public record FoldPiece(
        Pieces pieces, List<ScoreSetting> settings, List<ScoreSetting> pushed, Optional<FoldPiece> turned)
        implements Operation, Crosswise<FoldPiece> {

    /** So many folds are listed where the piece is folded; more are on the score card. */
    private static final int MOST_FOLDS = 8;

    public FoldPiece {
        settings = List.copyOf(settings);
        pushed = List.copyOf(pushed);
    }

    FoldPiece(Pieces pieces, List<ScoreSetting> settings, List<ScoreSetting> pushed) {
        this(pieces, settings, pushed, Optional.empty());
    }

    public Piece piece() {
        return pieces.first();
    }

    @Override
    public FoldPiece with(Optional<FoldPiece> other) {
        return new FoldPiece(pieces, settings, pushed, other);
    }

    @Override
    public Optional<Operation> together(Operation other) {
        return other instanceof FoldPiece more ? joined(more).map(Operation.class::cast) : Optional.empty();
    }

    @Override
    public boolean isTurned(FoldPiece other) {
        return pieces.areTurned(other.pieces)
                && isEven()
                && other.isEven()
                && settings.get(0).lie() != other.settings.get(0).lie()
                && positions().equals(other.positions());
    }

    /** Folds right across, all of them one way, the same from either end. */
    private boolean isEven() {
        return pushed.isEmpty()
                && settings.stream()
                        .allMatch(s -> s.at() instanceof SquareReading
                                && s.lie() == settings.get(0).lie()
                                && s.only().isPresent()
                                && s.only().equals(settings.get(0).only()))
                && settings.stream()
                        .map(s -> ((SquareReading) s.at()).fromEnd())
                        .allMatch(positions()::contains);
    }

    private List<Length> positions() {
        return settings.stream()
                .map(s -> ((SquareReading) s.at()).fromStart())
                .sorted()
                .toList();
    }

    @Override
    public Optional<FoldPiece> alike(FoldPiece more) {
        return pushed.isEmpty()
                        && more.pushed.isEmpty()
                        && piece().slits().isEmpty() == more.piece().slits().isEmpty()
                        && settings.size() == more.settings.size()
                        && IntStream.range(0, settings.size())
                                .allMatch(i -> settings.get(i).foldsLike(more.settings.get(i)))
                ? Optional.of(new FoldPiece(pieces.with(more.pieces), settings, pushed))
                : Optional.empty();
    }

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
        return "Fold " + turned.map(t -> pieces.with(t.pieces)).orElse(pieces).named();
    }

    @Override
    public Wording wording(Ruler ruler) {
        if (turned.isPresent()) {
            return bothWays(ruler);
        }
        List<FoldedRow> rows = FoldedRow.of(settings);
        if (rows.size() > 1) {
            return inRows(rows, ruler);
        }
        boolean listed = settings.size() <= MOST_FOLDS;
        String which = listed
                ? "fold at " + Grouped.joined(folds(ruler))
                : "fold all %d scores as drawn: dashes are valleys, dash and dot are mountains"
                        .formatted(settings.size());
        String through = pushed.stream().map(FoldPiece::pushed).collect(Collectors.joining(" "));
        String begin = through.isEmpty() ? "Face up, " : "Face up. %s Then ".formatted(through);
        String reversed = piece().slits().isEmpty() || !pushed.isEmpty()
                ? ""
                : " Ease the strips between the slits forward and back. Then burnish them.";
        String level = settings.stream().allMatch(s -> s.lie() == ScoreReading.Lie.LEVEL)
                ? "Keep the side edges level."
                : "Keep the bottom edges level.";
        return Wording.plain(
                settings.isEmpty()
                        ? "Face up. " + through
                        : "%s%s. %s Burnish each fold.%s%s"
                                .formatted(begin, which, level, reversed, pieces.foldedWithCare()));
    }

    private Wording bothWays(Ruler ruler) {
        return new Wording(
                "Face up, fold at %s:"
                        .formatted(Grouped.joined(
                                positions().stream().map(ruler::text).toList())),
                ways().stream()
                        .map(w -> "%s as %ss"
                                .formatted(w.pieces.named(), w.settings.get(0).how(ruler)))
                        .toList(),
                "; ",
                ". Keep the long edges level. Burnish each fold." + pieces.foldedWithCare(),
                Optional.empty());
    }

    /** What runs through the same way is told together: "1 in and 3 in (valley)". */
    private List<String> folds(Ruler ruler) {
        Map<String, List<String>> byFold = new LinkedHashMap<>();
        for (ScoreSetting setting : settings) {
            byFold.computeIfAbsent(setting.how(ruler), k -> new ArrayList<>()).add(position(setting, ruler));
        }
        return byFold.entrySet().stream()
                .map(e -> "%s (%s%s)"
                        .formatted(Grouped.joined(e.getValue()), e.getValue().size() == 1 ? "" : "each ", e.getKey()))
                .toList();
    }

    /** From the middle row outwards, rows that fold alike in one line. */
    private Wording inRows(List<FoldedRow> rows, Ruler ruler) {
        return new Wording(
                "Face up; row 1 is at the bottom. Push the rows into their folds, the middle row first:",
                rows.stream().map(row -> row.text(ruler)).toList(),
                "; ",
                ". Nudge the ends of the slits, never pull. Close it flat, then burnish every fold."
                        + pieces.foldedWithCare(),
                Optional.empty());
    }

    private static String pushed(ScoreSetting setting) {
        boolean away =
                setting.stretches().stream().flatMap(s -> s.fold().stream()).allMatch(fold -> fold == Fold.MOUNTAIN);
        return "Push the %s %s: the ends of the cuts place its crease. Nudge it square, then burnish it."
                .formatted(setting.name(), away ? "away from you and fold it back" : "towards you and fold it over");
    }

    private static String position(ScoreSetting setting, Ruler ruler) {
        return setting.at() instanceof SquareReading square ? ruler.text(square.fromStart()) : setting.name();
    }

    @Override
    public List<Consumer<SketchPad>> drawEach() {
        if (turned.isPresent()) {
            return ways().stream().<Consumer<SketchPad>>map(w -> w::draw).toList();
        }
        List<FoldedRow> rows = FoldedRow.of(settings);
        return rows.size() > 1
                ? rows.stream()
                        .map(row -> (Consumer<SketchPad>) pad -> pad.row(piece(), row))
                        .toList()
                : List.of();
    }

    @Override
    public void draw(SketchPad pad) {
        pad.folds(piece(), settings);
    }
}
