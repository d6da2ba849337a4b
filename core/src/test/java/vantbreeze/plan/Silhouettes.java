package vantbreeze.plan;

import java.util.Random;
import vantbreeze.structure.Silhouette;

/** Outlines as a maker might draw them. */
final class Silhouettes {

    private Silhouettes() {}

    /** The same left and right, upright at the sides from the foot up, then narrower step by step: it suits every fold. */
    static Silhouette drawn(Random random) {
        int steps = 1 + random.nextInt(6);
        StringBuilder right = new StringBuilder("100,0 ");
        StringBuilder left = new StringBuilder();
        double x = 100;
        double y = 100 + random.nextInt(60);
        for (int i = 0; i <= steps; i++) {
            right.append("%.3f,%.3f ".formatted(x, y));
            left.insert(0, "%.3f,%.3f ".formatted(-x, y));
            x -= x * (0.1 + 0.2 * random.nextDouble());
            y += 5 + random.nextInt(30);
        }
        return Silhouette.parse("drawn " + right + left + "-100,0");
    }
}
