package vantbreeze.server.outline;

import java.awt.geom.AffineTransform;
import java.util.Optional;
import org.w3c.dom.Element;

/**
 * Where a drawing, or one within it, lies and how its own numbers fill that place (SVG 1.1, 7.7 and 7.8).
 *
 * @param width of the place, in units of what is around it
 * @param height of the place
 * @param inner width of the drawing in its own units, for percentages
 * @param within carries its own numbers to those of what is around it
 */
public record SvgViewport(double width, double height, double inner, double innerHeight, AffineTransform within) {

    /** What a viewBox says. */
    private record Box(double x, double y, double width, double height) {

        static Optional<Box> of(Element svg) {
            String text = svg.getAttribute("viewBox").strip();
            if (text.isEmpty()) {
                return Optional.empty();
            }
            String[] numbers = text.split("[\\s,]+");
            try {
                if (numbers.length == 4) {
                    Box box = new Box(
                            Double.parseDouble(numbers[0]),
                            Double.parseDouble(numbers[1]),
                            Double.parseDouble(numbers[2]),
                            Double.parseDouble(numbers[3]));
                    if (box.width() > 0 && box.height() > 0) {
                        return Optional.of(box);
                    }
                }
            } catch (NumberFormatException e) {
                // refused below
            }
            throw new IllegalArgumentException("The viewBox must be four numbers, the last two above 0.");
        }
    }

    /**
     * @param wide of what is around it, in its units; 0 where there is nothing
     * @param high of what is around it
     */
    public static SvgViewport of(Element svg, double wide, double high) {
        Optional<Box> box = Box.of(svg);
        double width = SvgLength.of(
                svg, "width", wide, wide > 0 ? wide : box.map(Box::width).orElse(0.0));
        double height = SvgLength.of(
                svg, "height", high, high > 0 ? high : box.map(Box::height).orElse(0.0));
        if (width <= 0) {
            width = box.map(Box::width).orElse(0.0);
        }
        if (height <= 0) {
            height = box.map(Box::height).orElse(0.0);
        }
        AffineTransform within = AffineTransform.getTranslateInstance(
                wide > 0 ? SvgLength.of(svg, "x", wide, 0) : 0, high > 0 ? SvgLength.of(svg, "y", high, 0) : 0);
        if (box.isEmpty()) {
            return new SvgViewport(width, height, width, height, within);
        }
        fill(
                within,
                box.get(),
                width,
                height,
                svg.getAttribute("preserveAspectRatio").strip());
        return new SvgViewport(width, height, box.get().width(), box.get().height(), within);
    }

    private static void fill(AffineTransform within, Box box, double width, double height, String how) {
        double x = width / box.width();
        double y = height / box.height();
        if (!how.startsWith("none")) {
            double scale = how.endsWith("slice") ? Math.max(x, y) : Math.min(x, y);
            within.translate(
                    share(how, "xM") * (width - scale * box.width()),
                    share(how, "YM") * (height - scale * box.height()));
            x = scale;
            y = scale;
        }
        within.scale(x, y);
        within.translate(-box.x(), -box.y());
    }

    /** Of the room that is left: at the beginning, in the middle as usual, at the end. */
    private static double share(String how, String axis) {
        if (how.contains(axis + "in")) {
            return 0;
        }
        return how.contains(axis + "ax") ? 1 : 0.5;
    }
}
