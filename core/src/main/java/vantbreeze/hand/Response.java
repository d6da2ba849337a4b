package vantbreeze.hand;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.fold.Displaced;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.FlatStage;
import vantbreeze.measure.Length;
import vantbreeze.operation.Setting;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Structure;

/**
 * How the closed card answers to each setting: it is folded once as planned and once with each setting missed by a
 * millimetre. Everything is linear in what is missed, so that says all.
 */
final class Response {

    /** For each panel: left, right, lower and upper edge closed, then width and height flat. */
    private static final int OF_PANEL = 6;

    private static final double MILLIMETRE = Length.COUNTS_PER_MILLIMETRE;

    private final Map<Panel, Integer> index = new HashMap<>();
    private final FlatStage planned;
    private final double[] base;
    private final double[][] by;

    Response(Structure structure, List<Setting> settings) {
        for (Panel panel : structure.panels()) {
            index.put(panel, index.size());
        }
        planned = FlatFolder.closed(structure);
        base = quantities(structure, planned, Displaced.NOT);
        by = new double[settings.size()][];
        for (int k = 0; k < settings.size(); k++) {
            Drift drift = new Drift(structure, Map.of(settings.get(k), MILLIMETRE));
            double[] moved = quantities(structure, FlatFolder.fold(structure, structure.closed(), drift), drift);
            for (int q = 0; q < moved.length; q++) {
                moved[q] -= base[q];
            }
            by[k] = moved;
        }
    }

    private double[] quantities(Structure structure, FlatStage stage, Displaced made) {
        double[] all = new double[OF_PANEL * index.size() + 2 * stage.gaps().size()];
        for (FlatStage.Placed placed : stage.panels()) {
            Envelope closed = placed.outline().getEnvelopeInternal();
            Envelope flat = made.outline(placed.panel()).getEnvelopeInternal();
            int at = OF_PANEL * index.get(placed.panel());
            all[at] = closed.getMinX() / MILLIMETRE;
            all[at + 1] = closed.getMaxX() / MILLIMETRE;
            all[at + 2] = closed.getMinY() / MILLIMETRE;
            all[at + 3] = closed.getMaxY() / MILLIMETRE;
            all[at + 4] = flat.getWidth() / MILLIMETRE;
            all[at + 5] = flat.getHeight() / MILLIMETRE;
        }
        int at = OF_PANEL * index.size();
        for (FlatStage.Gap gap : stage.gaps()) {
            all[at++] = gap.dx() / MILLIMETRE;
            all[at++] = gap.dy() / MILLIMETRE;
        }
        return all;
    }

    List<FlatStage.Gap> gaps() {
        return planned.gaps();
    }

    /** A side of a panel on the closed card. */
    enum Edge {
        LEFT,
        RIGHT,
        LOWER,
        UPPER;

        boolean isFar() {
            return this == RIGHT || this == UPPER;
        }
    }

    Linear edge(Panel panel, Edge edge) {
        return linear(OF_PANEL * index.get(panel) + edge.ordinal());
    }

    Linear width(Panel panel) {
        return linear(OF_PANEL * index.get(panel) + 4);
    }

    Linear height(Panel panel) {
        return linear(OF_PANEL * index.get(panel) + 5);
    }

    /** @param up whether that part of the gap that is upwards is meant, not the one across */
    Linear gap(int number, boolean up) {
        return linear(OF_PANEL * index.size() + 2 * number + (up ? 1 : 0));
    }

    private static final double NOTHING = 1e-6;

    private Linear linear(int quantity) {
        int[] of = new int[by.length];
        double[] how = new double[by.length];
        int found = 0;
        for (int k = 0; k < by.length; k++) {
            if (Math.abs(by[k][quantity]) > NOTHING) {
                of[found] = k;
                how[found++] = by[k][quantity];
            }
        }
        return new Linear(base[quantity], java.util.Arrays.copyOf(of, found), java.util.Arrays.copyOf(how, found));
    }
}
