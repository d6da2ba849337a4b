package vantbreeze.server.outline;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.locationtech.jts.awt.ShapeReader;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;

/**
 * The outer line of a drawing, W3C Scalable Vector Graphics 1.1: all its paths together, the largest shape of them.
 *
 * @param corners "x,y x,y ...", y up, {@link #WIDTH} wide
 * @param leftOut how many smaller shapes and holes were left out
 */
record SvgOutline(String corners, int leftOut) {

    static final int LONGEST = 256 * 1024;

    /** Whole numbers are fine enough: on the largest ornament one of them is 0.03 mm. */
    private static final double WIDTH = 10_000;

    private static final int MOST_CORNERS = 400;

    /** Curves first come out as straight as the eye sees them; drawings with many are taken coarser step by step. */
    private static final double FINEST = 2;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** What has no outline of its own to cut, or belongs to something else. */
    private static final Set<String> NOT_DRAWN = Set.of("defs", "clippath", "mask", "symbol", "pattern", "marker");

    /** @throws IllegalArgumentException if there is no outline in it; the message says what to change */
    static SvgOutline of(String svg) {
        if (svg.length() > LONGEST) {
            throw new IllegalArgumentException(
                    "The drawing has %d characters; it must have at most %d.".formatted(svg.length(), LONGEST));
        }
        List<Geometry> shapes = new ArrayList<>();
        NodeList paths = parse(svg).getElementsByTagNameNS("*", "path");
        for (int i = 0; i < paths.getLength(); i++) {
            Element path = (Element) paths.item(i);
            if (isDrawn(path)) {
                shapes.addAll(areas(SvgPath.read(path.getAttribute("d")), transform(path)));
            }
        }
        Geometry union = shapes.isEmpty() ? GEOMETRY.createPolygon() : UnaryUnionOp.union(shapes);
        Polygon largest = null;
        int parts = 0;
        for (int i = 0; i < union.getNumGeometries(); i++) {
            if (union.getGeometryN(i) instanceof Polygon polygon && polygon.getArea() > 0) {
                parts += 1 + polygon.getNumInteriorRing();
                largest = largest == null || polygon.getArea() > largest.getArea() ? polygon : largest;
            }
        }
        if (largest == null) {
            throw new IllegalArgumentException(
                    "The drawing must have a closed path; turn shapes and text into paths first.");
        }
        return new SvgOutline(corners(largest), parts - 1);
    }

    /** Without document type and so without entities, inner or outer. */
    private static Document parse(String svg) {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setAttribute(XMLConstants.ACCESS_EXTERNAL_DTD, "");
            factory.setAttribute(XMLConstants.ACCESS_EXTERNAL_SCHEMA, "");
            factory.setExpandEntityReferences(false);
            factory.setXIncludeAware(false);
            factory.setNamespaceAware(true);
            DocumentBuilder builder = factory.newDocumentBuilder();
            builder.setErrorHandler(null);
            return builder.parse(new InputSource(new StringReader(svg)));
        } catch (SAXException e) {
            throw new IllegalArgumentException(
                    "The drawing cannot be read: %s A document type (<!DOCTYPE) must be taken out."
                            .formatted(e.getMessage()),
                    e);
        } catch (ParserConfigurationException | IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static boolean isDrawn(Element path) {
        for (Node n = path.getParentNode(); n instanceof Element parent; n = parent.getParentNode()) {
            if (NOT_DRAWN.contains(parent.getLocalName().toLowerCase(java.util.Locale.ROOT))) {
                return false;
            }
        }
        return true;
    }

    /** From the path's own coordinates to the drawing's. */
    private static AffineTransform transform(Element path) {
        AffineTransform all = new AffineTransform();
        for (Node n = path; n instanceof Element element; n = element.getParentNode()) {
            String text = element.getAttribute("transform");
            if (!text.isBlank()) {
                try {
                    all.preConcatenate(AWTTransformProducer.createAffineTransform(text));
                } catch (ParseException e) {
                    throw new IllegalArgumentException("The transform (%s) cannot be read.".formatted(text), e);
                }
            }
        }
        return all;
    }

    /** Each closed line as an area; curves as fine as 1/5000 of the drawing. */
    private static List<Geometry> areas(Shape shape, AffineTransform transform) {
        Shape drawn = transform.createTransformedShape(shape);
        double size =
                Math.max(drawn.getBounds2D().getWidth(), drawn.getBounds2D().getHeight());
        if (!(size > 0) || !Double.isFinite(size)) {
            return List.of();
        }
        List<Geometry> areas = new ArrayList<>();
        for (Object line : ShapeReader.toCoordinates(drawn.getPathIterator(null, FINEST / WIDTH * size))) {
            List<Coordinate> ring = new ArrayList<>(Arrays.asList((Coordinate[]) line));
            if (!ring.isEmpty() && !ring.get(0).equals2D(ring.get(ring.size() - 1))) {
                ring.add(ring.get(0).copy());
            }
            if (ring.size() > 3) {
                areas.add(
                        GEOMETRY.createPolygon(ring.toArray(new Coordinate[0])).buffer(0));
            }
        }
        return areas;
    }

    private static String corners(Polygon outer) {
        Envelope box = outer.getEnvelopeInternal();
        double scale = WIDTH / box.getWidth();
        Coordinate[] upright = Arrays.stream(outer.getExteriorRing().getCoordinates())
                .map(c -> new Coordinate((c.x - box.getMinX()) * scale, (box.getMaxY() - c.y) * scale))
                .toArray(Coordinate[]::new);
        Polygon turned = GEOMETRY.createPolygon(upright);
        double coarse = FINEST;
        Geometry simple = TopologyPreservingSimplifier.simplify(turned, coarse);
        while (simple.getNumPoints() > MOST_CORNERS + 1) {
            coarse *= 2;
            simple = TopologyPreservingSimplifier.simplify(turned, coarse);
        }
        Coordinate[] ring = simple.getCoordinates();
        return Arrays.stream(ring, 0, ring.length - 1)
                .map(c -> "%d,%d".formatted(Math.round(c.x), Math.round(c.y)))
                .collect(Collectors.joining(" "));
    }
}
