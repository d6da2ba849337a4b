package vantbreeze.server.export;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.measure.Length;
import vantbreeze.structure.Curve;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Path;
import vantbreeze.structure.Piece;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Slit;

/** Draws a flat piece's lines: outline solid, valleys dashed, mountains dash-dot (Yoshizawa-Randlett), slits bold. */
final class PieceDrawing {

    private final PdfPage page;
    private final double scale;
    private final double left;
    private final double bottom;

    /** @param scale 1 for life size; the piece's origin comes to lie at (left, bottom) mm */
    PieceDrawing(PdfPage page, double scale, double left, double bottom) {
        this.page = page;
        this.scale = scale;
        this.left = left;
        this.bottom = bottom;
    }

    double x(double mm) {
        return left + mm * scale;
    }

    double y(double mm) {
        return bottom + mm * scale;
    }

    void draw(Piece piece) {
        page.stroke(0.25, 0);
        page.region(piece.polygon(), this::at);
        for (ScoreLine score : piece.scores()) {
            if (score.fold() == Fold.VALLEY) {
                page.stroke(0.2, 0.2, 2.4, 1.4);
            } else {
                page.stroke(0.2, 0.2, 3.2, 1.1, 0.4, 1.1);
            }
            line(score.path());
        }
        page.stroke(0.45, 0);
        for (Slit slit : piece.slits()) {
            page.along(slit.path().curves(), this::at, false);
        }
    }

    private void line(Path path) {
        /* In one stroke, so that dashes run on where it bends. */
        List<Curve> legs = path.legs().stream()
                .<Curve>map(leg -> new Curve.Straight(leg.p0, leg.p1))
                .toList();
        page.along(legs, this::at, false);
    }

    private double[] at(Coordinate place) {
        return new double[] {x(mm(place.x)), y(mm(place.y))};
    }

    private static double mm(double counts) {
        return counts / Length.COUNTS_PER_MILLIMETRE;
    }
}
