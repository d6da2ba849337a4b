package vantbreeze.server.outline;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
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

    /** What is used again is drawn each time: so that a few of them do not become millions. */
    private static final int MOST_ELEMENTS = 20_000;

    private static final Pattern HIDDEN = Pattern.compile("(?:^|;)\\s*display\\s*:\\s*none");

    /** What has no outline of its own to cut, or belongs to something else. */
    private static final Set<String> NOT_DRAWN = Set.of("defs", "clippath", "mask", "symbol", "pattern", "marker");

    private SvgDrawing() {}

    /**
     * Where an element stands.
     *
     * @param here carries the element's own coordinates to those of the drawing
     * @param groups ids of the groups around it, the innermost last
     * @param width of the drawing around it in its own units, for percentages
     */
    public record Place(AffineTransform here, List<String> groups, double width, double height) {}

    /** Looks at one element. */
    public interface Visitor {
        void visit(Element element, Place place);
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
        SvgViewport view = SvgViewport.of(root, 0, 0);
        new Walk(root, visitor)
                .below(root, new Place(new AffineTransform(), List.of(""), view.inner(), view.innerHeight()));
        return root;
    }

    /** The shape of a path's data. */
    public static Shape path(String d) {
        return SvgPath.read(d);
    }

    /** One way through a drawing, each transform on top of those around it. */
    private static final class Walk {
        private final Visitor visitor;
        private final Map<String, Element> byId = new HashMap<>();
        private int visited;

        Walk(Element root, Visitor visitor) {
            this.visitor = visitor;
            note(root, 0);
        }

        private void note(Element element, int depth) {
            if (depth > 2 * DEEPEST) {
                return;
            }
            byId.putIfAbsent(element.getAttribute("id"), element);
            for (Element child : children(element)) {
                note(child, depth + 1);
            }
        }

        private void at(Element element, Place around) {
            if (around.groups().size() > DEEPEST) {
                throw new IllegalArgumentException(
                        "The drawing has groups within groups more than %d deep; ungroup it.".formatted(DEEPEST));
            }
            if (++visited > MOST_ELEMENTS) {
                throw new IllegalArgumentException(
                        "The drawing has more than %,d elements, those that are used again counted each time."
                                .formatted(MOST_ELEMENTS));
            }
            String name = element.getLocalName().toLowerCase(Locale.ROOT);
            if (NOT_DRAWN.contains(name) || isHidden(element)) {
                return;
            }
            AffineTransform here = new AffineTransform(around.here());
            here.concatenate(transform(element.getAttribute("transform")));
            List<String> inner = new ArrayList<>(around.groups());
            inner.add(element.getAttribute("id"));
            Place place = new Place(here, around.groups(), around.width(), around.height());
            Place within = new Place(here, inner, around.width(), around.height());
            switch (name) {
                case "svg" -> below(element, viewed(element, within));
                case "use" -> used(element, within);
                default -> {
                    visitor.visit(element, place);
                    below(element, within);
                }
            }
        }

        void below(Element element, Place within) {
            for (Element child : children(element)) {
                at(child, within);
            }
        }

        private static Place viewed(Element drawing, Place around) {
            SvgViewport view = SvgViewport.of(drawing, around.width(), around.height());
            AffineTransform here = new AffineTransform(around.here());
            here.concatenate(view.within());
            return new Place(here, around.groups(), view.inner(), view.innerHeight());
        }

        private void used(Element use, Place around) {
            String link = use.hasAttribute("href")
                    ? use.getAttribute("href")
                    : use.getAttributeNS("http://www.w3.org/1999/xlink", "href");
            Element wanted = link.startsWith("#") ? byId.get(link.substring(1)) : null;
            if (wanted == null) {
                visitor.visit(use, around);
                return;
            }
            AffineTransform here = new AffineTransform(around.here());
            here.translate(SvgLength.of(use, "x", around.width(), 0), SvgLength.of(use, "y", around.height(), 0));
            Place place = new Place(here, around.groups(), around.width(), around.height());
            if (wanted.getLocalName().equalsIgnoreCase("symbol")) {
                Element sized = (Element) wanted.cloneNode(false);
                for (String side : new String[] {"width", "height"}) {
                    if (use.hasAttribute(side)) {
                        sized.setAttribute(side, use.getAttribute(side));
                    }
                }
                below(wanted, viewed(sized, place));
            } else {
                at(wanted, place);
            }
        }

        private static boolean isHidden(Element element) {
            return element.getAttribute("display").strip().equals("none")
                    || HIDDEN.matcher(element.getAttribute("style")).find();
        }

        private static List<Element> children(Element element) {
            List<Element> children = new ArrayList<>();
            for (Node child = element.getFirstChild(); child != null; child = child.getNextSibling()) {
                if (child instanceof Element below) {
                    children.add(below);
                }
            }
            return children;
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
