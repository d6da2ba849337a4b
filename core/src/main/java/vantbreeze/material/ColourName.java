package vantbreeze.material;

import java.awt.Color;

/** A plain word for a colour, by its hue, saturation and lightness. Everyday words, the limits between them derived. */
final class ColourName {

    private static final double BLACK = 0.12;
    private static final double DARK = 0.34;
    private static final double LIGHT = 0.75;
    private static final double WHITE = 0.94;
    private static final double GREY = 0.1;
    private static final double TINT = 0.025;
    private static final double GREYISH = 0.25;

    private ColourName() {}

    /** A hue up to which a word holds, in degrees, and what a dark and a light one of it is called. */
    private record Hue(int upTo, String word, String dark, String light) {

        Hue(int upTo, String word) {
            this(upTo, word, "dark " + word, "light " + word);
        }
    }

    private static final Hue[] HUES = {
        new Hue(14, "red", "dark red", "pink"),
        new Hue(40, "orange", "brown", "beige"),
        new Hue(65, "yellow", "olive", "cream"),
        new Hue(160, "green"),
        new Hue(195, "turquoise"),
        new Hue(250, "blue"),
        new Hue(290, "violet"),
        new Hue(335, "pink", "purple", "light pink"),
        new Hue(360, "red", "dark red", "pink")
    };

    /** @param colour "#rrggbb" */
    static String of(String colour) {
        Color rgb = Color.decode(colour);
        double most = Math.max(rgb.getRed(), Math.max(rgb.getGreen(), rgb.getBlue())) / 255.0;
        double least = Math.min(rgb.getRed(), Math.min(rgb.getGreen(), rgb.getBlue())) / 255.0;
        double lightness = (most + least) / 2;
        double spread = most - least;
        double saturation = spread == 0 ? 0 : spread / (1 - Math.abs(2 * lightness - 1));
        if (lightness < BLACK) {
            return "black";
        }
        if (spread < GREY || saturation < GREY) {
            return grey(lightness, spread);
        }
        double degrees = 360.0 * Color.RGBtoHSB(rgb.getRed(), rgb.getGreen(), rgb.getBlue(), null)[0];
        for (Hue hue : HUES) {
            if (degrees <= hue.upTo()) {
                return lightness < DARK
                        ? hue.dark()
                        : lightness > LIGHT ? hue.light() : (saturation < GREYISH ? "grey " : "") + hue.word();
            }
        }
        throw new IllegalStateException("A hue is at most 360 degrees, not %f.".formatted(degrees));
    }

    private static String grey(double lightness, double spread) {
        if (lightness > WHITE && spread < TINT) {
            return "white";
        }
        if (lightness > LIGHT) {
            return spread < TINT ? "light grey" : "off-white";
        }
        return lightness < DARK ? "dark grey" : "grey";
    }
}
