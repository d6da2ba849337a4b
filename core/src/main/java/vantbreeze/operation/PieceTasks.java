package vantbreeze.operation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.make.ObliqueReading;
import vantbreeze.make.PlacedBySlits;
import vantbreeze.make.RulerMark;
import vantbreeze.make.ScoreCard;
import vantbreeze.make.ScoreSetting;
import vantbreeze.make.ShapeReading;
import vantbreeze.make.TemplateReading;
import vantbreeze.material.Material;
import vantbreeze.material.Paper;
import vantbreeze.material.Tools;
import vantbreeze.measure.Length;
import vantbreeze.part.CutList;
import vantbreeze.part.PaperNames;
import vantbreeze.part.Part;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Point;
import vantbreeze.structure.Side;
import vantbreeze.structure.Slit;
import vantbreeze.structure.Structure;

/** What is done to one flat piece before it is folded. */
record PieceTasks(TaskGraph graph, Structure structure, List<Part> parts, PaperNames names, String sheet, Tools tools) {

    /** Of places, in counts. */
    private static final double ROUNDED = 2;

    /** The id of the part that a panel is of. */
    static String partOf(Panel panel) {
        return "piece/" + panel.piece();
    }

    static String id(Piece piece, boolean ofCard) {
        return (ofCard ? "piece/" : "closure/") + piece.name();
    }

    private List<String> names(Piece piece, boolean ofCard) {
        return ofCard ? structure.pieces().stream().map(Piece::name).toList() : List.of(piece.name());
    }

    Pieces these(Piece piece, boolean ofCard) {
        return Pieces.of(piece, material(piece), names(piece, ofCard));
    }

    /** Cut, score, slit, open. */
    void shape(Piece trimmed, Phase phase, boolean ofCard) {
        Piece piece = trimmed.untrimmed();
        String part = id(piece, ofCard);
        List<Part> own = parts.stream().filter(p -> p.id().equals(part)).toList();
        List<String> touched = List.of(part);
        if (ofCard && structure.offcutOf(piece).isPresent()) {
            return;
        }
        String cut = "cut/" + part;
        graph.add(
                cut,
                phase,
                new CutParts(
                        names(piece, ofCard),
                        source(piece),
                        own.stream().map(p -> new CutList.Alike(List.of(p))).toList()),
                touched,
                ofCard);
        ScoreCard card = ScoreCard.of(piece, tools.scoring(), score -> !ofCard || structure.isFolded(score));
        List<String> shaped = new ArrayList<>(List.of(cut));
        for (Side side : Side.values()) {
            score(piece, side, card, phase, part, ofCard, shaped);
        }
        if (trimmed.sliver().isPositive()) {
            String end = "trim-end/" + part;
            graph.add(end, phase, new TrimEnd(these(piece, ofCard), trimmed.sliver()), touched, ofCard)
                    .after(List.copyOf(shaped).stream());
            shaped.add(end);
        }
        trim(piece, ofCard, phase, part, shaped);
        slit(piece, ofCard ? Phase.SLIT : phase, part, ofCard, shaped);
        int opening = 0;
        for (List<Point> around : piece.holes()) {
            opening++;
            String id = "open/%s/%d".formatted(part, opening);
            Polygon hole = Piece.outline(piece.name(), around.toArray(new Point[0]))
                    .build()
                    .polygon();
            graph.add(id, ofCard ? Phase.OPEN : phase, new CutWindow(piece, hole), touched, ofCard)
                    .after(Stream.of(cut));
        }
    }

    /** Out of the box that was cut and scored first: a cut may run to the end of a score, or through both halves of a folded piece. */
    private void trim(Piece piece, boolean ofCard, Phase phase, String part, List<String> shaped) {
        ShapeReading.of(piece).ifPresent(shape -> {
            String id = "trim/" + part;
            graph.add(
                            id,
                            phase,
                            new Trim(piece, shape, ofCard ? structure.offcuts(piece) : List.of()),
                            Stream.concat(
                                            Stream.of(part),
                                            ofCard
                                                    ? structure.offcuts(piece).stream()
                                                            .map(p -> id(p, true))
                                                    : Stream.empty())
                                    .toList(),
                            ofCard)
                    .after(List.copyOf(shaped).stream());
            shaped.add(id);
        });
    }

    private Optional<Paper> paper(Piece piece) {
        return parts.stream()
                .filter(p -> p.piece().name().equals(piece.name()) && p.kind() != Part.Kind.MAT)
                .findFirst()
                .map(Part::paper);
    }

    private Material material(Piece piece) {
        return paper(piece).map(Paper::material).orElse(piece.isClear() ? Material.FILM : Material.PAPER);
    }

    private String source(Piece piece) {
        String paper = paper(piece).map(names::of).orElse("");
        return piece.isClear() || paper.isEmpty() ? "clear film" : "%s, %s".formatted(paper, sheet);
    }

    private void score(
            Piece piece, Side side, ScoreCard card, Phase phase, String part, boolean mechanism, List<String> shaped) {
        List<String> touched = List.of(part);
        String tail = part + "/" + side.word();
        BoardSettings.Told told = BoardSettings.told(card, side, tools.board());
        List<String> needed = List.copyOf(shaped);
        if (!told.settings().isEmpty()) {
            String id = "score/" + tail;
            graph.add(
                            id,
                            phase,
                            new Score(
                                    these(piece, mechanism),
                                    side,
                                    told.round(),
                                    piece.scoredAcross(),
                                    told.settings(),
                                    told.bothEnds()),
                            touched,
                            mechanism)
                    .after(needed.stream());
            shaped.add(id);
        }
        crease(piece, side, card, phase, tail, touched, mechanism, shaped);
        List<String> pricked = card.readings().stream()
                .filter(r -> r instanceof TemplateReading && card.scoreOn(r) == side)
                .map(r -> r.score().id())
                .toList();
        if (!pricked.isEmpty()) {
            String id = "prick/" + tail;
            graph.add(id, phase, new Prick(piece, side, pricked), touched, mechanism)
                    .after(needed.stream());
            shaped.add(id);
        }
    }

    /** A board has no diagonals: a ruler and the bone folder, and pencil where neither a corner nor a score shows the place. */
    private void crease(
            Piece piece,
            Side side,
            ScoreCard card,
            Phase phase,
            String tail,
            List<String> touched,
            boolean mechanism,
            List<String> shaped) {
        Set<String> placed = PlacedBySlits.of(piece);
        List<ScoreSetting> aslant = card.settings().stream()
                .filter(s -> s.at() instanceof ObliqueReading first && card.scoreOn(first) == side)
                .filter(s -> !placed.contains(s.at().score().id()))
                .toList();
        if (aslant.isEmpty()) {
            return;
        }
        List<ObliqueReading> lines = aslant.stream()
                .map(s -> (ObliqueReading) s.at())
                .map(r -> side == Side.FACE ? r : r.turnedOver())
                .toList();
        List<List<Span>> spans = aslant.stream()
                .map(s -> ((ObliqueReading) s.at()).runsThrough()
                        ? List.<Span>of()
                        : s.stretches().stream()
                                .map(t -> new Span(t.begins(), t.ends()))
                                .toList())
                .toList();
        List<List<String>> scores = aslant.stream()
                .map(s -> card.readings().stream()
                        .filter(r -> r instanceof ObliqueReading o
                                && o.from().equals(((ObliqueReading) s.at()).from())
                                && o.to().equals(((ObliqueReading) s.at()).to()))
                        .map(r -> r.score().id())
                        .toList())
                .toList();
        List<RulerMark> marks = lines.stream()
                .flatMap(l -> Stream.of(l.from(), l.to()))
                .distinct()
                .filter(m -> !m.isThere())
                .toList();
        Crease crease = new Crease(piece, side, lines, spans, scores);
        if (marks.isEmpty()) {
            graph.add("crease/" + tail, phase, crease, touched, mechanism).after(List.copyOf(shaped).stream());
        } else {
            graph.add("mark/crease/" + tail, phase, new Mark(piece, side, List.of(), marks), touched, mechanism)
                    .after(List.copyOf(shaped).stream());
            graph.add("crease/" + tail, phase, crease, touched, mechanism).after(Stream.of("mark/crease/" + tail));
            graph.add("rub/crease/" + tail, phase, new Erase(piece, side), touched, false)
                    .after(Stream.of("crease/" + tail));
        }
        shaped.add("crease/" + tail);
    }

    /** Pencil only where no score marks the end, and no fence and scale tell it. */
    private void slit(Piece piece, Phase phase, String part, boolean mechanism, List<String> shaped) {
        if (piece.slits().isEmpty()) {
            return;
        }
        List<String> touched = List.of(part);
        List<MarkedLine> ends = slitEnds(piece);
        if (ends.isEmpty()) {
            graph.add("slit/" + part, phase, new CutSlits(these(piece, mechanism)), touched, mechanism)
                    .after(shaped.stream());
            return;
        }
        graph.add("mark/slit/" + part, phase, new Mark(piece, Side.FACE, ends, List.of()), touched, mechanism)
                .after(shaped.stream());
        graph.add("slit/" + part, phase, new CutSlits(these(piece, mechanism)), touched, mechanism)
                .after(Stream.of("mark/slit/" + part));
        graph.add("rub/slit/" + part, phase, new Erase(piece, Side.FACE), touched, false)
                .after(Stream.of("slit/" + part));
    }

    private static boolean isOnAScore(Piece piece, Point end) {
        return piece.scores().stream()
                .flatMap(s -> s.path().legs().stream())
                .anyMatch(leg -> leg.distance(end.coordinate()) <= ROUNDED);
    }

    /** A curved one comes with the template, one that is square to the piece is read off the trimmer. */
    private static List<MarkedLine> slitEnds(Piece piece) {
        Map<Length, Set<Length>> lines = new LinkedHashMap<>();
        for (Slit slit : piece.slits()) {
            if (slit.path().isCurved() || slit.isLevel() || slit.isUpright()) {
                continue;
            }
            for (Point end : slit.path().points()) {
                if (!isOnAScore(piece, end)) {
                    lines.computeIfAbsent(end.x(), k -> new TreeSet<>()).add(end.y());
                }
            }
        }
        return lines.entrySet().stream()
                .map(e -> new MarkedLine(e.getKey(), List.copyOf(e.getValue())))
                .toList();
    }
}
