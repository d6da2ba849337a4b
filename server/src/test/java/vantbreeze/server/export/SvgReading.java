package vantbreeze.server.export;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.batik.parser.DefaultPathHandler;
import org.apache.batik.parser.PathParser;
import org.xml.sax.InputSource;

/** Drawings as Apache Batik reads them. */
final class SvgReading {

    private SvgReading() {}

    /** Every path of a group as Batik's parser reads it: straight lengths and arcs. */
    static List<String> paths(String svg, String group) throws Exception {
        DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
        Matcher g = Pattern.compile("<g id=\"%s\".*?</g>".formatted(group), Pattern.DOTALL)
                .matcher(svg);
        List<String> paths = new ArrayList<>();
        if (g.find()) {
            Matcher d = Pattern.compile(" d=\"([^\"]+)\"").matcher(g.group());
            while (d.find()) {
                paths.add(d.group(1));
            }
        }
        return paths;
    }

    static double length(String path) {
        double[] state = new double[3];
        PathParser parser = new PathParser();
        parser.setPathHandler(new DefaultPathHandler() {
            @Override
            public void movetoAbs(float x, float y) {
                state[0] = x;
                state[1] = y;
            }

            @Override
            public void linetoAbs(float x, float y) {
                state[2] += Math.hypot(x - state[0], y - state[1]);
                movetoAbs(x, y);
            }

            @Override
            public void arcAbs(float rx, float ry, float turn, boolean large, boolean sweep, float x, float y) {
                double chord = Math.hypot(x - state[0], y - state[1]);
                state[2] += 2 * rx * Math.asin(Math.min(1, chord / 2 / rx));
                movetoAbs(x, y);
            }
        });
        parser.parse(path);
        return state[2];
    }

    /** What the first ring encloses, in square mm. */
    static double area(String path) throws IOException {
        Shape shape = AWTPathProducer.createShape(new StringReader(path), PathIterator.WIND_EVEN_ODD);
        double[] to = new double[6];
        double[] at = new double[2];
        double twice = 0;
        for (PathIterator p = shape.getPathIterator(null, 1e-4);
                p.currentSegment(to) != PathIterator.SEG_CLOSE;
                p.next()) {
            twice += at[0] * to[1] - to[0] * at[1];
            at = new double[] {to[0], to[1]};
        }
        return Math.abs(twice) / 2;
    }
}
