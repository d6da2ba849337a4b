package vantbreeze.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.material.Material;
import vantbreeze.measure.Length;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Regions;

/**
 * What a ribbon goes around, or a brad through.
 *
 * @param mat the mat that it is, if it is one
 * @param named in words: "the mat for the front"
 * @param outline on the flat piece
 * @param thick what a ribbon goes around there
 */
record Held(Optional<Mat> mat, String named, Polygon outline, Length thick) {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** @return nothing where the card has nothing of the kind */
    static Optional<Held> by(
            Holder holder,
            Ornament ornament,
            Face face,
            Dressed card,
            Function<String, Optional<PlacedOrnament>> earlier) {
        return switch (holder) {
            case PANEL ->
                Optional.of(new Held(
                        Optional.empty(),
                        Grouped.the(face.label()),
                        face.panel().outline(),
                        card.thickness(face.panel())));
            case MAT ->
                card.topmostMat(face)
                        .map(m -> new Held(
                                Optional.of(m),
                                "the %s for %s".formatted(m.kind().word(), Grouped.the(face.label())),
                                m.outline(),
                                m.paper().thickness()));
            case ORNAMENT ->
                ornament.holder()
                        .flatMap(earlier)
                        .map(o -> new Held(
                                Optional.empty(), Grouped.the(o.ornament().name()), o.onPiece(), thick(o, earlier)));
        };
    }

    /** With what carries it, as far as it is built off the card. */
    private static Length thick(PlacedOrnament it, Function<String, Optional<PlacedOrnament>> earlier) {
        Length own = it.thickness();
        return it.isBuiltOffTheCard()
                ? it.carrier()
                        .flatMap(earlier)
                        .map(c -> own.plus(thick(c, earlier)))
                        .orElse(own)
                : it.ornament().paper().thickness();
    }

    /** @param body what lies on top of it, on the flat piece */
    PlacedOrnament.Run run(Ornament ornament, Polygon body) {
        Envelope box = body.getEnvelopeInternal();
        boolean level = ornament.shape().runsLevel();
        double along = level ? box.getWidth() : box.getHeight();
        Fixing fixing = ornament.fixing();
        return new PlacedOrnament.Run(
                mat,
                body,
                named,
                outline,
                fixing.behind()
                        .map(each -> ends(box, level, Math.min(each.count(), along / 2)))
                        .orElse(List.of()),
                bow(ornament, body),
                ornament.paper().material().form() == Material.Form.LENGTH
                        ? Optional.of(fixing.length(Length.nearestTo(along), thick))
                        : Optional.empty());
    }

    /** On the middle of what is tied. */
    static Optional<Polygon> bow(Ornament ornament, Polygon body) {
        Envelope box = body.getEnvelopeInternal();
        Length wide = Length.nearestTo(ornament.shape().runsLevel() ? box.getHeight() : box.getWidth());
        return ornament.fixing().hasBow() && ornament.shape().isBand()
                ? Optional.of(Bow.of(Bow.size(wide), wide, box.centre()))
                : Optional.empty();
    }

    private static List<Polygon> ends(Envelope box, boolean level, double each) {
        return Stream.of(
                        level
                                ? new Envelope(box.getMinX(), box.getMinX() + each, box.getMinY(), box.getMaxY())
                                : new Envelope(box.getMinX(), box.getMaxX(), box.getMinY(), box.getMinY() + each),
                        level
                                ? new Envelope(box.getMaxX() - each, box.getMaxX(), box.getMinY(), box.getMaxY())
                                : new Envelope(box.getMinX(), box.getMaxX(), box.getMaxY() - each, box.getMaxY()))
                .map(end -> (Polygon) GEOMETRY.toGeometry(end))
                .toList();
    }

    /** The body and its bow. */
    static Polygon with(Polygon body, Optional<Polygon> bow) {
        List<Polygon> both = new ArrayList<>(List.of(body));
        bow.ifPresent(both::add);
        return Regions.largest(Regions.union(both));
    }
}
