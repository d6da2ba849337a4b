package vantbreeze.operation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import vantbreeze.make.ScoreCard;
import vantbreeze.make.ScoreReading;
import vantbreeze.make.SquareReading;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;

/** The settings of a board's fence for the scores of one side of a piece, from left to right as the piece lies then. */
public final class BoardSettings {

    private record Place(boolean upright, Length at) {}

    private final ScoreCard card;
    private final Piece piece;
    private final Side side;
    private final boolean round;

    private BoardSettings(ScoreCard card, Side side, boolean round) {
        this.card = card;
        this.piece = card.piece();
        this.side = side;
        this.round = round;
    }

    /**
     * How the scores of one side are told.
     *
     * @param round whether the piece is turned round on the board, because more of them lie on its grooves then
     * @param bothEnds the same numbers from either end, where it is so
     */
    public record Told(boolean round, List<FenceSetting> settings, Optional<ScoreCard.BothEnds> bothEnds) {

        /** What the maker reads off the board: of the same numbers from either end only the one end's. */
        public List<FenceSetting> read() {
            return settings.stream()
                    .filter(s -> bothEnds.map(b ->
                                    b.positions().contains(s.at()) || b.middle().equals(Optional.of(s.at())))
                            .orElse(true))
                    .toList();
        }
    }

    public static Told told(ScoreCard card, Side side, ToolGrid board) {
        if (card.piece().scoredAcross()) {
            return new Told(
                    false,
                    side == Side.FACE ? across(card) : List.of(),
                    card.sameFromBothEnds().stream().findFirst());
        }
        Optional<ScoreCard.BothEnds> both =
                card.sameFromBothEnds().stream().filter(b -> b.side() == side).findFirst();
        boolean round = both.isEmpty() && off(of(card, side, true), board) < off(of(card, side, false), board);
        return new Told(round, of(card, side, round), both);
    }

    private static long off(List<FenceSetting> settings, ToolGrid board) {
        return settings.stream().filter(s -> !board.isOn(s.at())).count();
    }

    /** In one go, whichever side is up: what stays flat is let be. */
    private static List<FenceSetting> across(ScoreCard card) {
        return card.settings().stream()
                .flatMap(s -> s.at() instanceof SquareReading square
                        ? Stream.of(new FenceSetting(
                                square.lie() == ScoreReading.Lie.UPRIGHT,
                                square.fromStart(),
                                List.of(),
                                List.of(square.score().id())))
                        : Stream.empty())
                .toList();
    }

    private static List<FenceSetting> of(ScoreCard card, Side side, boolean round) {
        BoardSettings board = new BoardSettings(card, side, round);
        return board.settings(board.ofSide(card.lines()), board.ofSide(card.readings()));
    }

    private List<SquareReading> ofSide(List<ScoreReading> readings) {
        return readings.stream()
                .filter(r -> card.scoreOn(r) == side)
                .flatMap(r -> r instanceof SquareReading square ? Stream.of(square) : Stream.empty())
                .toList();
    }

    /**
     * @param lines as they are scored: what runs on straight is one
     * @param readings every score by itself
     */
    private List<FenceSetting> settings(List<SquareReading> lines, List<SquareReading> readings) {
        Map<Place, List<SquareReading>> places = new LinkedHashMap<>();
        lines.stream()
                .sorted(Comparator.comparing(SquareReading::lie).thenComparing(this::at))
                .forEach(r ->
                        places.computeIfAbsent(place(r), k -> new ArrayList<>()).add(r));
        return places.entrySet().stream()
                .map(e -> new FenceSetting(
                        e.getKey().upright(),
                        e.getKey().at(),
                        e.getValue().stream()
                                .filter(r -> !r.runsThrough())
                                .map(this::span)
                                .toList(),
                        readings.stream()
                                .filter(r -> place(r).equals(e.getKey()))
                                .map(r -> r.score().id())
                                .toList()))
                .toList();
    }

    private Place place(SquareReading r) {
        return new Place(r.lie() == ScoreReading.Lie.UPRIGHT, at(r));
    }

    /** Turned over like a page, what was at the right end is now at the left; turned round, what was at the top is at the bottom too. */
    private Length at(SquareReading reading) {
        boolean fromOtherEnd = reading.lie() == ScoreReading.Lie.UPRIGHT ? isMirrored() : round;
        return fromOtherEnd ? reading.fromEnd() : reading.fromStart();
    }

    private boolean isMirrored() {
        return Score.isMirrored(side, round);
    }

    private Span span(SquareReading r) {
        boolean level = r.lie() == ScoreReading.Lie.LEVEL;
        Length whole = level ? piece.size().width() : piece.size().height();
        boolean fromOtherEnd = level ? isMirrored() : round;
        return fromOtherEnd ? new Span(whole.minus(r.ends()), whole.minus(r.begins())) : new Span(r.begins(), r.ends());
    }
}
