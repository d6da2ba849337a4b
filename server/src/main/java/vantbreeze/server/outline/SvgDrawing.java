package vantbreeze.server.outline;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import vantbreeze.server.web.Text;

/** A drawing of W3C Scalable Vector Graphics 1.1, gone through from outside inwards. */
public final class SvgDrawing {

    private static final int DEEPEST = 50;
    private static final int LONGEST_TRANSFORM = 1_000;

    /** What has no outline of its own to cut, or belongs to something else. */
    private static final Set<String> NOT_DRAWN = Set.of("defs", "clippath", "mask", "symbol", "pattern", "marker");

    private SvgDrawing() {}

    /** Looks at one element. */
    public interface Visitor {

        /**
         * @param here carries the element's own coordinates to those of the drawing
         * @param groups ids of the groups around it, the innermost last
         */
        void visit(Element element, AffineTransform here, List<String> groups);
    }

    /**
     * @param longest how many characters it may have
     * @return the drawing's own element
     * @throws IllegalArgumentException if it is no such drawing; the message says what to change
     */
    public static Element walk(String svg, int longest, Visitor visitor) {
        if (svg.length() > longest) {
            throw new IllegalArgumentException(
                    "The drawing has %d characters; it must have at most %d.".formatted(svg.length(), longest));
        }
        Element root = parse(svg).getDocumentElement();
        walk(root, new AffineTransform(), List.of(), visitor);
        return root;
    }

    /** The shape of a path's data. */
    public static Shape path(String d) {
        return SvgPath.read(d);
    }

    /** Goes down the drawing, each transform on top of those around it. */
    private static void walk(Element element, AffineTransform around, List<String> groups, Visitor visitor) {
        if (groups.size() > DEEPEST) {
            throw new IllegalArgumentException(
                    "The drawing has groups within groups more than %d deep; ungroup it.".formatted(DEEPEST));
        }
        if (NOT_DRAWN.contains(element.getLocalName().toLowerCase(Locale.ROOT))) {
            return;
        }
        AffineTransform here = new AffineTransform(around);
        here.concatenate(transform(element.getAttribute("transform")));
        visitor.visit(element, here, groups);
        List<String> inner = new ArrayList<>(groups);
        inner.add(element.getAttribute("id"));
        for (Node child = element.getFirstChild(); child != null; child = child.getNextSibling()) {
            if (child instanceof Element below) {
                walk(below, here, inner, visitor);
            }
        }
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

    private static AffineTransform transform(String text) {
        if (text.isBlank()) {
            return new AffineTransform();
        }
        try {
            if (text.length() > LONGEST_TRANSFORM) {
                throw new ParseException("too long", null);
            }
            return AWTTransformProducer.createAffineTransform(text);
        } catch (ParseException e) {
            throw new IllegalArgumentException("The transform (%s) cannot be read.".formatted(Text.upTo(60, text)), e);
        }
    }
}
