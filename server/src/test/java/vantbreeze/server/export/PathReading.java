package vantbreeze.server.export;

import java.util.List;
import java.util.Scanner;

/**
 * Path data read by nothing of the product's and no library of its: moves, lines, cubic curves, arcs of circles and closings
 * in absolute places, after SVG 1.1, 8.3. Lengths in the unit of the places.
 */
final class PathReading {

    private static final int CHORDS = 400;

    private final Scanner in;
    private double x;
    private double y;
    private double startX;
    private double startY;
    private double length;

    private PathReading(String data) {
        in = new Scanner(data.replaceAll("([A-Za-z])", " $1 ").replace(',', ' ').strip());
    }

    /** @throws IllegalArgumentException if it holds anything else */
    static double length(String data) {
        PathReading reading = new PathReading(data);
        reading.read();
        return reading.length;
    }

    static double length(List<String> paths) {
        return paths.stream().mapToDouble(PathReading::length).sum();
    }

    private double number() {
        return Double.parseDouble(in.next());
    }

    private void read() {
        String command = "";
        while (in.hasNext()) {
            if (in.hasNext("[A-Za-z]")) {
                command = in.next();
            }
            switch (command) {
                case "M" -> {
                    x = startX = number();
                    y = startY = number();
                    command = "L";
                }
                case "L" -> to(number(), number());
                case "C" -> cubic(new double[] {number(), number(), number(), number(), number(), number()});
                case "A" -> {
                    double rx = number();
                    double ry = number();
                    number();
                    boolean large = number() == 1;
                    number();
                    arc(rx, ry, large, number(), number());
                }
                case "Z" -> {
                    to(startX, startY);
                    command = "";
                }
                default -> throw new IllegalArgumentException("What is \"%s\"?".formatted(command));
            }
        }
    }

    private void to(double toX, double toY) {
        length += Math.hypot(toX - x, toY - y);
        x = toX;
        y = toY;
    }

    private void cubic(double[] c) {
        double fromX = x;
        double fromY = y;
        for (int i = 1; i <= CHORDS; i++) {
            double t = (double) i / CHORDS;
            double s = 1 - t;
            to(
                    s * s * s * fromX + 3 * s * s * t * c[0] + 3 * s * t * t * c[2] + t * t * t * c[4],
                    s * s * s * fromY + 3 * s * s * t * c[1] + 3 * s * t * t * c[3] + t * t * t * c[5]);
        }
    }

    /** A chord of a circle, and the angle it takes: the rest of the circle where the arc is the larger one. */
    private void arc(double rx, double ry, boolean large, double toX, double toY) {
        if (rx != ry) {
            throw new IllegalArgumentException("An ellipse");
        }
        double chord = Math.hypot(toX - x, toY - y);
        double angle = 2 * Math.asin(Math.min(1, chord / 2 / rx));
        length += rx * (large ? 2 * Math.PI - angle : angle);
        x = toX;
        y = toY;
    }
}
