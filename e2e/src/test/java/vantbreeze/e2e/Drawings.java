package vantbreeze.e2e;

import java.util.Locale;
import java.util.Random;

/** Ordinary SVG drawings, the same for the same seed. */
final class Drawings {

    private static final String[] UNITS = {"", "", "", "mm", "px", "pt", "cm", "in"};
    private static final String[] FITTINGS = {
        "", "none", "xMinYMin meet", "xMaxYMid meet", "xMidYMax slice", "xMinYMax meet"
    };

    private final Random chance;
    private int ids;

    Drawings(long seed) {
        this.chance = new Random(seed);
    }

    private String number(double least, double most) {
        return String.format(Locale.ROOT, "%.2f", least + chance.nextDouble() * (most - least));
    }

    /** About that many units of the drawing. */
    private String length(double least, double most) {
        String unit = UNITS[chance.nextInt(UNITS.length)];
        double size = switch (unit) {
            case "mm" -> 96 / 25.4;
            case "pt" -> 96 / 72.0;
            case "cm" -> 96 / 2.54;
            case "in" -> 96;
            default -> 1;
        };
        return number(least / size, most / size) + unit;
    }

    private String transform(boolean mayTurn) {
        return switch (chance.nextInt(mayTurn ? 5 : 3)) {
            case 0 -> " transform=\"translate(%s,%s)\"".formatted(number(-20, 20), number(-20, 20));
            case 1 -> " transform=\"scale(%s %s)\"".formatted(number(0.5, 2), number(0.5, 2));
            case 2 -> "";
            case 3 -> " transform=\"rotate(%s) skewX(%s)\"".formatted(number(-90, 90), number(-30, 30));
            default -> " transform=\"matrix(0.8 0.3 -0.2 1.1 5 6)\"";
        };
    }

    /** @param mayTurn boxes of what is turned are not told tightly */
    String shape(boolean mayTurn) {
        String at = transform(mayTurn);
        return switch (chance.nextInt(8)) {
            case 0 ->
                "<rect x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\"%s%s/>"
                        .formatted(length(0, 90), length(0, 90), length(10, 90), length(10, 90), rounding(), at);
            case 1 ->
                "<circle cx=\"%s\" cy=\"%s\" r=\"%s\"%s/>".formatted(length(10, 90), length(10, 90), length(2, 40), at);
            case 2 ->
                "<ellipse cx=\"%s\" cy=\"%s\" rx=\"%s\" ry=\"%s\"%s/>"
                        .formatted(length(10, 90), "30%", length(2, 40), length(2, 40), at);
            case 3 ->
                "<line x1=\"%s\" y1=\"%s\" x2=\"%s\" y2=\"%s\"%s/>"
                        .formatted(length(0, 90), length(0, 90), length(0, 90), "75%", at);
            case 4 -> corners("<polygon points=\"%s,%s %s %s %s,%s\"%s/>", at);
            case 5 ->
                "<path d=\"M%s %s A%s %s %s %d %d %s %s l5-3 q8 9 20 4 T80 60 z\"%s/>"
                        .formatted(
                                number(0, 50),
                                number(0, 50),
                                number(5, 40),
                                number(5, 40),
                                number(0, 90),
                                chance.nextInt(2),
                                chance.nextInt(2),
                                number(60, 90),
                                number(0, 90),
                                at);
            case 6 ->
                "<path d=\"m%s,%s c10,20 30-10 40 5 s10 20 -5 30 h-12.5v8H%s\"%s/>"
                        .formatted(number(0, 50), number(0, 50), number(0, 20), at);
            default -> corners("<polyline points=\"%s %s %s %s %s %s\"%s/>", at);
        };
    }

    private String corners(String element, String at) {
        return element.formatted(
                number(0, 50), number(0, 50), number(50, 90), number(0, 50), number(20, 60), number(60, 90), at);
    }

    private String rounding() {
        return switch (chance.nextInt(4)) {
            case 0 -> " rx=\"%s\"".formatted(length(1, 60));
            case 1 -> " ry=\"%s\"".formatted(length(1, 60));
            case 2 -> " rx=\"%s\" ry=\"%s\"".formatted(length(1, 20), length(1, 20));
            default -> "";
        };
    }

    private String fitting() {
        String said = FITTINGS[chance.nextInt(FITTINGS.length)];
        return said.isEmpty() ? "" : " preserveAspectRatio=\"%s\"".formatted(said);
    }

    /** @param usesAgain whether it draws some shapes by use */
    String drawing(boolean usesAgain) {
        StringBuilder svg = new StringBuilder(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%s\" height=\"%s\" viewBox=\"%s %s 120 100\"%s>"
                        .formatted(
                                number(60, 200) + "mm",
                                number(5, 20) + "cm",
                                number(-10, 10),
                                number(-10, 10),
                                fitting()));
        for (int i = 1 + chance.nextInt(3); i > 0; i--) {
            svg.append("<g%s>%s</g>".formatted(transform(!usesAgain), shape(!usesAgain)));
        }
        svg.append("<g style=\"fill:none; display : none\">%s</g>".formatted(shape(true)));
        svg.append("<path display=\"none\" d=\"M0 0h500v500z\"/>");
        if (chance.nextBoolean()) {
            svg.append(
                    "<svg x=\"%s\" y=\"%s\" width=\"%s\" height=\"60%%\" viewBox=\"0 0 90 70\" overflow=\"visible\"%s>%s</svg>"
                            .formatted(length(5, 20), length(5, 20), length(30, 80), fitting(), shape(false)));
        }
        if (usesAgain) {
            String id = "shape" + ids++;
            svg.append("<defs><g id=\"%s\">%s</g>".formatted(id, shape(false)))
                    .append("<symbol id=\"%ss\" viewBox=\"0 0 100 100\" overflow=\"visible\">%s</symbol></defs>"
                            .formatted(id, shape(false)))
                    .append("<use href=\"#%s\" x=\"%s\" y=\"%s\"/>".formatted(id, length(0, 30), length(0, 30)))
                    .append("<use href=\"#%ss\" x=\"%s\" width=\"50\" height=\"%s\"/>"
                            .formatted(id, length(0, 30), length(20, 60)));
        }
        return svg.append("</svg>").toString();
    }
}
