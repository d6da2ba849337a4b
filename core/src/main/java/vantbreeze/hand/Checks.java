package vantbreeze.hand;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import vantbreeze.fold.FlatStage;
import vantbreeze.layer.Mat;
import vantbreeze.operation.Effect;
import vantbreeze.operation.Hand;
import vantbreeze.operation.Setting;
import vantbreeze.post.EnvelopeFit;
import vantbreeze.structure.Hinge;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Structure;

/** What has to be right about a closed card, as far as it depends on what hands miss. */
final class Checks {

    /** No more than that looks out of a flush edge, opens a joint or makes a border uneven: about 1/32 in. Common practice. */
    static final double HAIRLINE = 0.8;

    /** Paper gives about so much before a ring of panels buckles. Derived, please check. */
    static final double BUCKLES = 1;

    /** A border that is left with less of itself looks thin. Derived, please check. */
    private static final double THIN = 0.5;

    /** What was planned to be at the same place differs by rounding only. */
    private static final double SAME = 0.1;

    /** Gates with no more between them meet: a sixteenth of an inch. */
    private static final double MEETING = 1.6;

    /** Of the shorter of two edges that meet. */
    private static final double ALONG = 0.5;

    /** What is farther inside matters to no envelope. */
    private static final double NEAR_EDGE = 12;

    private final Structure structure;
    private final Response response;
    private final List<Check> checks = new ArrayList<>();

    /** What hands do besides the settings: mats, in the order cut width, cut height, laid across, laid up. */
    private final List<Hand> more = new ArrayList<>();

    private final List<Setting> settings;

    private Checks(Structure structure, Response response, List<Setting> settings) {
        this.structure = structure;
        this.response = response;
        this.settings = settings;
    }

    /**
     * @param all each check once
     * @param more what hands do besides the settings, numbered on after them
     */
    record Found(List<Check> all, List<Hand> more) {}

    static Found of(Intended card) {
        List<Setting> settings = card.settings();
        Set<Panel> front = card.front();
        Checks found = new Checks(card.structure(), new Response(card.structure(), settings), settings);
        for (Response.Edge edge : Response.Edge.values()) {
            found.sticksOut(edge);
            found.fallsShort(edge, front, card.back());
        }
        /* A pull tab is meant to look out. */
        found.checks.removeIf(c -> c.margin(new double[settings.size()]) < 0);
        found.closes();
        found.meets(front, Response.Edge.RIGHT, Response.Edge.LEFT, Response.Edge.LOWER, Response.Edge.UPPER);
        found.meets(front, Response.Edge.UPPER, Response.Edge.LOWER, Response.Edge.LEFT, Response.Edge.RIGHT);
        card.fit().ifPresent(found::fits);
        found.borders(card.mats());
        return new Found(List.copyOf(found.checks), List.copyOf(found.more));
    }

    private double planned(Panel panel, Response.Edge edge) {
        double at = response.edge(panel, edge).planned();
        return edge.isFar() ? at : -at;
    }

    private Panel outermost(Response.Edge edge) {
        double border = structure.panels().stream()
                .mapToDouble(p -> planned(p, edge))
                .max()
                .orElseThrow();
        return structure.panels().stream()
                .filter(p -> planned(p, edge) > border - SAME)
                .max(Comparator.comparingDouble(p -> p.outline().getArea()))
                .orElseThrow();
    }

    /** Beyond the largest panel that makes the closed card's edge there. */
    private void sticksOut(Response.Edge edge) {
        Panel cover = outermost(edge);
        double sign = edge.isFar() ? 1 : -1;
        for (Panel panel : structure.panels()) {
            if (!panel.equals(cover)) {
                Linear[] both = {response.edge(panel, edge), response.edge(cover, edge)};
                checks.add(new Check(
                        Check.Kind.STICKS_OUT,
                        "%s looks out beyond %s".formatted(panel.inWords(), cover.inWords()),
                        both,
                        at -> HAIRLINE - sign * (at[0] - at[1])));
            }
        }
    }

    /**
     * A cover that ends short of the other one shows it: on the front and behind, whatever is planned to end at the closed card's edge
     * has to end where the largest panel there does.
     */
    private void fallsShort(Response.Edge edge, Set<Panel> front, Set<Panel> back) {
        Panel cover = outermost(edge);
        double border = planned(cover, edge);
        double sign = edge.isFar() ? 1 : -1;
        for (Panel panel : structure.panels()) {
            boolean isSeen = front.contains(panel) || back.contains(panel);
            if (isSeen && !panel.equals(cover) && planned(panel, edge) > border - SAME) {
                Linear[] both = {response.edge(panel, edge), response.edge(cover, edge)};
                checks.add(new Check(
                        Check.Kind.STICKS_OUT,
                        "%s looks out beyond %s".formatted(cover.inWords(), panel.inWords()),
                        both,
                        at -> HAIRLINE - sign * (at[1] - at[0])));
            }
        }
    }

    private void closes() {
        List<FlatStage.Gap> gaps = response.gaps();
        for (int i = 0; i < gaps.size(); i++) {
            if (gaps.get(i).bond().isEmpty()
                    || structure.landsByItself(gaps.get(i).bond().get())) {
                continue;
            }
            Linear[] gap = {response.gap(i, false), response.gap(i, true)};
            checks.add(new Check(
                    Check.Kind.CLOSES,
                    "%s and %s do not come together"
                            .formatted(
                                    gaps.get(i).from().inWords(),
                                    gaps.get(i).to().inWords()),
                    gap,
                    at -> BUCKLES - Math.hypot(at[0], at[1])));
        }
    }

    private void meets(
            Set<Panel> front, Response.Edge end, Response.Edge begin, Response.Edge low, Response.Edge high) {
        for (Panel one : front) {
            for (Panel other : front) {
                double gap = response.edge(other, begin).planned()
                        - response.edge(one, end).planned();
                if (one.equals(other)
                        || Math.abs(gap) > MEETING
                        || isHinged(one, other)
                        || !isBeside(one, other, low, high)) {
                    continue;
                }
                Linear[] both = {response.edge(one, end), response.edge(other, begin)};
                checks.add(new Check(
                        Check.Kind.MEETS,
                        "%s and %s do not meet in a hairline".formatted(one.inWords(), other.inWords()),
                        both,
                        at -> HAIRLINE - Math.abs(at[1] - at[0] - gap)));
            }
        }
    }

    private boolean isHinged(Panel one, Panel other) {
        return structure.hinges().stream().anyMatch((Hinge h) -> h.joins(one, other));
    }

    private boolean isBeside(Panel one, Panel other, Response.Edge low, Response.Edge high) {
        double a = response.edge(one, low).planned();
        double b = response.edge(one, high).planned();
        double c = response.edge(other, low).planned();
        double d = response.edge(other, high).planned();
        return Math.min(b, d) - Math.max(a, c) > ALONG * Math.min(b - a, d - c);
    }

    /** By how much the closed card is wider and higher than planned, against what the envelope has to spare. */
    private void fits(EnvelopeFit fit) {
        double across = (fit.turned() ? fit.spareUp() : fit.spareAcross()).millimetres();
        double up = (fit.turned() ? fit.spareAcross() : fit.spareUp()).millimetres();
        String name = fit.envelope().name();
        fits(Response.Edge.LEFT, Response.Edge.RIGHT, across, "it is too wide for the " + name);
        fits(Response.Edge.LOWER, Response.Edge.UPPER, up, "it is too high for the " + name);
    }

    private void fits(Response.Edge low, Response.Edge high, double spare, String about) {
        List<Linear> lows = near(low);
        List<Linear> highs = near(high);
        double whole = highs.stream().mapToDouble(Linear::planned).max().orElseThrow()
                - lows.stream().mapToDouble(Linear::planned).min().orElseThrow();
        List<Linear> all = new ArrayList<>(lows);
        all.addAll(highs);
        int first = lows.size();
        checks.add(new Check(Check.Kind.FITS, about, all.toArray(Linear[]::new), at -> {
            double least = Double.POSITIVE_INFINITY;
            double most = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < at.length; i++) {
                if (i < first) {
                    least = Math.min(least, at[i]);
                } else {
                    most = Math.max(most, at[i]);
                }
            }
            return spare - (most - least - whole);
        }));
    }

    private List<Linear> near(Response.Edge edge) {
        double border = planned(outermost(edge), edge);
        return structure.panels().stream()
                .filter(p -> planned(p, edge) > border - NEAR_EDGE)
                .map(p -> response.edge(p, edge))
                .toList();
    }

    /** Mats are laid by eye in the middle of what they lie on, be that a little wider or narrower than planned: what differs from side to side is seen. */
    private void borders(List<LaidMat> mats) {
        Map<String, int[]> below = new HashMap<>();
        for (LaidMat laid : mats) {
            Mat mat = laid.mat();
            int first = settings.size() + more.size();
            more.addAll(List.of(Hand.CUT, Hand.CUT, Hand.GLUE, Hand.GLUE));
            String key = mat.face().key();
            boolean alone = mats.stream()
                            .map(LaidMat::mat)
                            .filter(m ->
                                    m.layer() == mat.layer() && m.face().key().equals(key))
                            .count()
                    == 1;
            int wide = cutAt(laid.part(), true).orElse(first);
            int high = cutAt(laid.part(), false).orElse(first + 1);
            int[] under = below.put(key, new int[] {wide, high});
            if (!mat.hasEvenBorders() || !mat.left().isPositive()) {
                continue;
            }
            Panel panel = mat.face().panel();
            Linear width = !alone ? STILL : under == null ? response.width(panel) : setting(under[0]);
            Linear height = !alone ? STILL : under == null ? response.height(panel) : setting(under[1]);
            double border = mat.left().millimetres();
            /* What is laid by eye misses by how much one border is wider than the one opposite. */
            Linear[] all = {
                setting(first + 2), setting(first + 3), border(border, width, wide), border(border, height, high)
            };
            checks.add(new Check(
                    Check.Kind.BORDERS,
                    "the borders of layer %d on the %s look uneven"
                            .formatted(mat.layer(), mat.face().label()),
                    all,
                    at -> Math.min(
                            HAIRLINE - Math.max(Math.abs(at[0]), Math.abs(at[1])),
                            Math.min(at[2], at[3]) - THIN * border)));
        }
    }

    /** Mats that are cut at one setting miss together; what has no setting of its own misses by itself. */
    private OptionalInt cutAt(String part, boolean width) {
        return IntStream.range(0, settings.size())
                .filter(k -> settings.get(k).effect() instanceof Effect.OfMats mats
                        && mats.width() == width
                        && mats.parts().contains(part))
                .findFirst();
    }

    /** A row between slits is not told apart from its panel. */
    private static final Linear STILL = new Linear(0, new int[0], new double[0]);

    private static Linear setting(int number) {
        return new Linear(0, new int[] {number}, new double[] {1});
    }

    /** What is left on either side of a mat that is centred. */
    private static Linear border(double planned, Linear under, int cut) {
        int n = under.of().length;
        int[] of = java.util.Arrays.copyOf(under.of(), n + 1);
        double[] by = new double[n + 1];
        for (int i = 0; i < n; i++) {
            by[i] = under.by()[i] / 2;
        }
        of[n] = cut;
        by[n] = -0.5;
        return new Linear(planned, of, by);
    }
}
