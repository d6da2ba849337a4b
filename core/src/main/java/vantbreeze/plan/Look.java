package vantbreeze.plan;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.fold.LayerStack;
import vantbreeze.fold.Scene;
import vantbreeze.fold.Sight;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.material.Paper;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Regions;

/**
 * The card as someone sees it at one moment.
 *
 * @param box around all of it, its lower left corner at the origin, in counts of 1/640 mm
 * @param regions to draw one over the other: panels, then what is laid on them, then ornaments
 */
public record Look(Face.Moment moment, Envelope box, List<Region> regions) {

    /**
     * One visible area.
     *
     * @param layer 0 for the panel itself, 1 or more for its mats, {@link #ORNAMENT} for what lies on top
     * @param up where its pattern's up is in the picture, in degrees anticlockwise from straight up
     */
    public record Region(Face face, int layer, Paper paper, double up, Polygon outline) {}

    /** The layer of every ornament. */
    public static final int ORNAMENT = 100;

    /** From straight before it and a little above, as it is looked at on a shelf. */
    private static final double[] BEFORE = {0, Math.sin(Math.toRadians(15)), Math.cos(Math.toRadians(15))};

    /** One face and where it is in the picture. */
    private record Shown(Face face, Geometry seen, AffineTransformation toPicture, boolean isWhole) {

        Shown(Face face, Geometry seen, AffineTransformation toPicture) {
            this(
                    face,
                    seen,
                    toPicture,
                    seen.getArea()
                            >= WHOLE
                                    * toPicture
                                            .transform(face.panel().outline())
                                            .getArea());
        }

        /** What is laid on the panel, which it does not leave, as far as nothing hides it. */
        Geometry seenOf(Mat mat) {
            Geometry laid = toPicture.transform(mat.outline());
            return isWhole ? laid : Regions.intersection(seen, laid);
        }

        /** An ornament may reach over the panel's edge; what hides its panel hides it there too. */
        Geometry seenOf(PlacedOrnament ornament) {
            Geometry laid = toPicture.transform(ornament.onPiece());
            if (isWhole) {
                return laid;
            }
            Geometry hidden =
                    Regions.difference(toPicture.transform(face.panel().outline()), seen);
            return Regions.difference(laid, hidden);
        }
    }

    /** Of a panel of which more is seen nothing is hidden but hairs between edges that coincide. */
    private static final double WHOLE = 1 - 1e-6;

    /** @return the card closed, at each stage the recipient is shown, and from behind */
    public static List<Look> all(Brief brief) {
        return all(brief, Draft.of(brief).work());
    }

    static List<Look> all(Brief brief, Workpiece work) {
        List<Look> looks = new ArrayList<>();
        work.stack().ifPresent(stack -> {
            looks.add(closed(brief, work, stack));
            for (Scene scene : work.scenes()) {
                looks.add(
                        scene instanceof Scene.Lying lying
                                ? lying(brief, work, lying.layers(), Face.Moment.of(scene))
                                : standing(brief, work, (Scene.Raised) scene));
            }
            looks.add(lying(brief, work, stack, Face.Moment.BEHIND));
        });
        return looks;
    }

    static Look closed(Brief brief, Workpiece work, LayerStack stack) {
        return lying(brief, work, stack, Face.Moment.CLOSED);
    }

    /** From above, or from behind after turning it over like a page. */
    private static Look lying(Brief brief, Workpiece work, LayerStack stack, Face.Moment moment) {
        boolean behind = moment.how() == Face.Seen.BEHIND;
        AffineTransformation turned = behind ? AffineTransformation.scaleInstance(-1, 1) : new AffineTransformation();
        List<Shown> shown = new ArrayList<>();
        for (Face face : work.faces()) {
            stack.seen(face.panel(), face.side(), behind).ifPresent(seen -> {
                FlatMotion m = stack.stage().placed(face.panel()).motion();
                AffineTransformation toPicture =
                        new AffineTransformation(m.a(), m.b(), m.tx(), m.c(), m.d(), m.ty()).compose(turned);
                shown.add(new Shown(face, turned.transform(seen), toPicture));
            });
        }
        return painted(brief, work, moment, shown);
    }

    private static Look standing(Brief brief, Workpiece work, Scene.Raised scene) {
        List<Shown> shown = new ArrayList<>();
        for (Sight.View view : Sight.of(work.structure(), scene.pose()).picture(BEFORE)) {
            Face face = work.faces().stream()
                    .filter(f -> f.panel().equals(view.face().panel())
                            && f.side() == view.face().side())
                    .findFirst()
                    .orElseGet(() ->
                            Face.hardlySeen(view.face().panel(), view.face().side()));
            shown.add(new Shown(face, view.seen(), view.toPicture()));
        }
        return painted(brief, work, Face.Moment.of(scene), shown);
    }

    private static Look painted(Brief brief, Workpiece work, Face.Moment moment, List<Shown> shown) {
        Envelope box = new Envelope();
        shown.forEach(s -> box.expandToInclude(s.seen().getEnvelopeInternal()));
        List<Region> regions = new ArrayList<>();
        for (Shown s : shown) {
            add(regions, s.face(), 0, brief.base(), picturedUp(s, 0), s.seen());
        }
        for (Shown s : shown) {
            for (Mat mat : work.dressing().mats()) {
                if (mat.face().equals(s.face())) {
                    add(regions, s.face(), mat.layer(), mat.paper(), picturedUp(s, mat.up()), s.seenOf(mat));
                }
            }
        }
        for (Shown s : shown) {
            for (PlacedOrnament o : work.ornaments().placed()) {
                if (o.face().equals(s.face())) {
                    /* On the closed card it lies above all that it crosses. */
                    boolean onTop = moment.how() == Face.Seen.CLOSED
                            && !o.fromBelow()
                            && !o.crosses().isEmpty();
                    Geometry seen = onTop ? s.toPicture().transform(o.onPiece()) : s.seenOf(o);
                    add(
                            regions,
                            s.face(),
                            ORNAMENT,
                            o.ornament().paper(),
                            picturedUp(s, s.face().up()),
                            seen);
                    box.expandToInclude(seen.getEnvelopeInternal());
                }
            }
        }
        AffineTransformation toOrigin = AffineTransformation.translationInstance(-box.getMinX(), -box.getMinY());
        return new Look(
                moment,
                new Envelope(0, box.getWidth(), 0, box.getHeight()),
                regions.stream()
                        .map(r -> new Region(
                                r.face(), r.layer(), r.paper(), r.up(), (Polygon) toOrigin.transform(r.outline())))
                        .toList());
    }

    /** @param up on the flat piece, in degrees anticlockwise from its up */
    private static double picturedUp(Shown s, double up) {
        double[] m = s.toPicture().getMatrixEntries();
        double x = -Math.sin(Math.toRadians(up));
        double y = Math.cos(Math.toRadians(up));
        return Math.round(Math.toDegrees(Math.atan2(-(m[0] * x + m[1] * y), m[3] * x + m[4] * y)));
    }

    private static void add(List<Region> regions, Face face, int layer, Paper paper, double up, Geometry seen) {
        for (int i = 0; i < seen.getNumGeometries(); i++) {
            if (seen.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                regions.add(new Region(face, layer, paper, up, polygon));
            }
        }
    }
}
