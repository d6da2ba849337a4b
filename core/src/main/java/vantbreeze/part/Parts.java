package vantbreeze.part;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.layer.Dressing;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.layer.MatCut;
import vantbreeze.layer.Ornament;
import vantbreeze.layer.Ornaments;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.material.Paper;
import vantbreeze.material.PiecePapers;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Piece;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;
import vantbreeze.structure.TurnedRectangle;

/** The parts of a card: the one list that everything which counts, weighs, cuts or draws them is taken from. */
public final class Parts {

    /** Above this share of a card's scores, by length, one way is its main one. */
    private static final double MAIN = 0.6;

    private final Structure structure;
    private final List<Face> faces;
    private final PiecePapers papers;
    private final List<Part> parts = new ArrayList<>();

    private Parts(Structure structure, List<Face> faces, PiecePapers papers) {
        this.structure = structure;
        this.faces = faces;
        this.papers = papers;
    }

    /**
     * Bases first, then what lies on top, what holds it shut, and the mats.
     *
     * @param closure what holds the card shut, cut from the base's paper
     */
    public static List<Part> of(
            Structure structure,
            List<Face> faces,
            Dressing dressing,
            Ornaments ornaments,
            List<Piece> closure,
            PiecePapers papers) {
        Parts parts = new Parts(structure, faces, papers);
        structure.pieces().forEach(parts::piece);
        ornaments.placed().forEach(parts::topper);
        closure.forEach(parts::closure);
        dressing.cuts().forEach(parts::mat);
        return List.copyOf(parts.parts);
    }

    /** What a piece is cut from: its thickness in the closed card and its weight follow. */
    public static Paper cutFrom(Structure structure, Piece piece, PiecePapers papers) {
        Paper paper = papers.of(piece.name(), piece.isClear());
        return structure.isWritten(piece) && !papers.own().containsKey(piece.name()) ? paper.plain() : paper;
    }

    private void piece(Piece piece) {
        Paper paper = cutFrom(structure, piece, papers);
        parts.add(new Part(
                "piece/" + piece.name(),
                Part.Kind.PIECE,
                piece.name(),
                paper,
                piece.untrimmed(),
                up(paper, frontUp(piece)),
                grain(piece.scores()),
                Optional.empty(),
                List.of(),
                structure.offcutOf(piece).map(source -> "piece/" + source.name()),
                List.of()));
    }

    /** Where up is on its face side, closed on the front if it is seen there. */
    private double frontUp(Piece piece) {
        List<Face> own = faces.stream()
                .filter(f -> f.panel().piece().equals(piece.name()) && f.side() == Side.FACE)
                .toList();
        return own.stream()
                .filter(f -> f.seen().contains(Face.Seen.CLOSED))
                .findFirst()
                .or(() -> own.stream().findFirst())
                .map(Face::up)
                .orElse(0.0);
    }

    private static Optional<Double> up(Paper paper, double degrees) {
        return paper.hasUp() ? Optional.of(degrees) : Optional.empty();
    }

    /** Along the scores that are longest in all, where most run one way. */
    private static Optional<Part.Grain> grain(Collection<ScoreLine> scores) {
        double upright = 0;
        double level = 0;
        double all = 0;
        for (ScoreLine score : scores) {
            double length = score.path().length();
            upright += score.isUpright() ? length : 0;
            level += score.isLevel() ? length : 0;
            all += length;
        }
        if (all == 0) {
            return Optional.empty();
        }
        return upright > MAIN * all
                ? Optional.of(Part.Grain.UPRIGHT)
                : level > MAIN * all ? Optional.of(Part.Grain.LEVEL) : Optional.empty();
    }

    /**
     * As it is cut: what lies aslant on the card is cut straight.
     *
     * @param up where its pattern's up is then, in degrees anticlockwise from its own
     */
    private record Cut(Piece piece, double up) {

        static Cut of(String name, Polygon outline, double up) {
            return TurnedRectangle.of(outline)
                    .map(turned -> new Cut(
                            Piece.rectangle(
                                            name,
                                            turned.size().width(),
                                            turned.size().height())
                                    .build(),
                            up - turned.degrees()))
                    .orElseGet(() -> new Cut(Piece.outline(name, outline).build(), up));
        }
    }

    /** What comes off a spool or ready is no part that is cut from a sheet. */
    private void topper(PlacedOrnament placed) {
        Ornament ornament = placed.ornament();
        if (!ornament.paper().material().isSheet()) {
            return;
        }
        Cut cut = Cut.of(ornament.name(), placed.outline().polygon(), 0);
        parts.add(new Part(
                "topper/" + ornament.name(),
                Part.Kind.TOPPER,
                ornament.name(),
                ornament.paper(),
                cut.piece(),
                up(ornament.paper(), cut.up()),
                Optional.empty(),
                Optional.empty(),
                List.of(placed.liesOn()),
                Optional.empty(),
                List.of()));
    }

    private void closure(Piece piece) {
        parts.add(new Part(
                "closure/" + piece.name(),
                Part.Kind.CLOSURE,
                piece.name(),
                papers.of(piece.name(), false),
                piece,
                up(papers.of(piece.name(), false), 0),
                grain(piece.scores()),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                List.of()));
    }

    private void mat(MatCut cut) {
        Mat mat = cut.mats().get(0);
        String faceKeys = cut.mats().stream().map(m -> m.face().key()).collect(Collectors.joining("+"));
        List<String> labels =
                cut.mats().stream().map(m -> m.face().label()).distinct().toList();
        String name = mat.kind() == Mat.Kind.MAT
                ? "mat, layer " + mat.layer()
                : mat.kind().word();
        String called =
                mat.kind().word() + " for " + labels.stream().map(Grouped::the).collect(Collectors.joining(" and "));
        Cut piece = cut.isSplit()
                ? new Cut(
                        Piece.rectangle(called, cut.size().width(), cut.size().height())
                                .build(),
                        mat.upAsCut())
                : Cut.of(called, asCut(mat), mat.upAsCut());
        Optional<Division> division = cut.isSplit()
                ? Optional.of(new Division(
                        cut.alongWidth() ? mat.size().width() : mat.size().height(), cut.alongWidth()))
                : Optional.empty();
        parts.add(new Part(
                own("mat/%s/%d".formatted(faceKeys, mat.layer())),
                Part.Kind.MAT,
                name,
                mat.paper(),
                piece.piece(),
                up(mat.paper(), piece.up()),
                Optional.empty(),
                division,
                labels,
                Optional.empty(),
                cut.mats()));
    }

    /** A face that is dressed in strips has several of one layer. */
    private String own(String id) {
        long before = parts.stream()
                .filter(p -> p.id().equals(id) || p.id().startsWith(id + "/"))
                .count();
        return before == 0 ? id : "%s/%d".formatted(id, before + 1);
    }

    /** As it lies on the table, its own good side up: for the back of a panel the mirror image of how it lies on the flat piece. */
    private static Polygon asCut(Mat mat) {
        return mat.face().side() == Side.BACK
                ? Part.atOrigin(FlatMotion.MIRRORED.apply(mat.outline()))
                : Part.atOrigin(mat.outline());
    }
}
