package vantbreeze.server.pattern;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import vantbreeze.catalogue.LengthList;
import vantbreeze.catalogue.PanelList;
import vantbreeze.catalogue.PanelRows;
import vantbreeze.measure.Length;
import vantbreeze.structure.Fold;

/**
 * A flat pattern as a free strip: an upright rectangle, in rows that level cuts part, with scores across each row.
 *
 * @param slits heights of the cuts; none for one row
 * @param ends where each of them begins and ends, in turn
 */
record StripOfPattern(PanelRows panels, Length height, LengthList slits, LengthList ends) {

    /** Nearer than this two places are one: what drawing programs round away. */
    private static final double NEAR_MM = 0.02;

    private static final int SIDES = 4;

    /** A stretch along one line, in mm. */
    private record Stretch(double from, double to) {}

    /** It has lines that no strip has. */
    private static final class NoStrip extends IllegalArgumentException {
        private static final long serialVersionUID = 1L;
    }

    /**
     * @param mm of one of the pattern's numbers
     * @return the strip, or empty for any other sheet
     */
    static Optional<StripOfPattern> of(FlatPattern pattern, double mm) {
        try {
            return Optional.of(new Reader(pattern, mm).read());
        } catch (IllegalArgumentException noStrip) {
            return Optional.empty();
        }
    }

    private static final class Reader {

        private final FlatPattern pattern;
        private final double mm;
        private final double left;
        private final double low;
        private final double width;
        private final double height;

        private Reader(FlatPattern pattern, double mm) {
            this.pattern = pattern;
            this.mm = mm;
            List<double[]> border = pattern.lines().stream()
                    .filter(l -> l.kind() == FlatPattern.Kind.BORDER)
                    .flatMap(l -> Stream.of(l.from(), l.to()))
                    .toList();
            if (border.isEmpty()) {
                throw new NoStrip();
            }
            left = border.stream().mapToDouble(p -> p[0]).min().orElseThrow() * mm;
            low = border.stream().mapToDouble(p -> p[1]).min().orElseThrow() * mm;
            width = border.stream().mapToDouble(p -> p[0]).max().orElseThrow() * mm - left;
            height = border.stream().mapToDouble(p -> p[1]).max().orElseThrow() * mm - low;
        }

        StripOfPattern read() {
            TreeMap<Double, List<Stretch>> cuts = new TreeMap<>();
            TreeMap<Double, List<Stretch>> mountains = new TreeMap<>();
            TreeMap<Double, List<Stretch>> valleys = new TreeMap<>();
            List<FlatPattern.Line> borders = new ArrayList<>();
            for (FlatPattern.Line line : pattern.lines()) {
                if (line.liesOpen()) {
                    throw new NoStrip();
                }
                switch (line.kind()) {
                    case BORDER -> borders.add(line);
                    case CUT -> add(cuts, line, false);
                    case MOUNTAIN -> add(mountains, line, true);
                    case VALLEY -> add(valleys, line, true);
                    case NOTHING -> {}
                }
            }
            requireWholeRectangle(borders);
            List<Stretch> ends = ends(cuts);
            List<Double> levels = new ArrayList<>(List.of(0.0));
            levels.addAll(cuts.keySet());
            levels.add(height);
            List<PanelList> rows = new ArrayList<>();
            for (int i = 0; i + 1 < levels.size(); i++) {
                rows.add(row(levels.get(i), levels.get(i + 1), mountains, valleys));
            }
            return new StripOfPattern(
                    new PanelRows(rows),
                    length(height),
                    new LengthList(lengths(cuts.keySet())),
                    new LengthList(ends.stream()
                            .flatMap(s -> Stream.of(length(s.from()), length(s.to())))
                            .toList()));
        }

        /** Every border lies on a side of the rectangle, and each side is bordered from end to end. */
        private void requireWholeRectangle(List<FlatPattern.Line> borders) {
            Map<String, List<Stretch>> sides = new HashMap<>();
            for (FlatPattern.Line line : borders) {
                double[] a = at(line.from());
                double[] b = at(line.to());
                boolean upright = near(a[0], b[0]) && (near(a[0], 0) || near(a[0], width));
                boolean level = near(a[1], b[1]) && (near(a[1], 0) || near(a[1], height));
                if (!upright && !level) {
                    throw new NoStrip();
                }
                int along = upright ? 1 : 0;
                String side = "%s %s".formatted(upright, near(a[1 - along], 0));
                sides.computeIfAbsent(side, k -> new ArrayList<>())
                        .add(new Stretch(Math.min(a[along], b[along]), Math.max(a[along], b[along])));
            }
            sides.forEach((side, stretches) -> {
                List<Stretch> joined = joined(stretches);
                double whole = side.startsWith("true") ? height : width;
                if (joined.size() != 1
                        || !near(joined.get(0).from(), 0)
                        || !near(joined.get(0).to(), whole)) {
                    throw new NoStrip();
                }
            });
            if (sides.size() != SIDES) {
                throw new NoStrip();
            }
        }

        private void add(TreeMap<Double, List<Stretch>> lines, FlatPattern.Line line, boolean upright) {
            double[] a = at(line.from());
            double[] b = at(line.to());
            int across = upright ? 0 : 1;
            if (!near(a[across], b[across])) {
                throw new NoStrip();
            }
            Double known = lines.keySet().stream()
                    .filter(k -> near(k, a[across]))
                    .findFirst()
                    .orElse(a[across]);
            lines.computeIfAbsent(known, k -> new ArrayList<>())
                    .add(new Stretch(Math.min(a[1 - across], b[1 - across]), Math.max(a[1 - across], b[1 - across])));
        }

        /** The same on every level. */
        private List<Stretch> ends(TreeMap<Double, List<Stretch>> cuts) {
            List<Stretch> first =
                    cuts.isEmpty() ? List.of() : joined(cuts.firstEntry().getValue());
            cuts.forEach((level, stretches) -> {
                List<Stretch> here = joined(stretches);
                boolean same = here.size() == first.size();
                for (int i = 0; same && i < here.size(); i++) {
                    same = near(here.get(i).from(), first.get(i).from())
                            && near(here.get(i).to(), first.get(i).to());
                }
                if (!same) {
                    throw new NoStrip();
                }
            });
            return first;
        }

        private List<Stretch> joined(List<Stretch> stretches) {
            List<Stretch> joined = new ArrayList<>();
            stretches.stream().sorted(Comparator.comparingDouble(Stretch::from)).forEach(s -> {
                Stretch last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
                if (last != null && s.from() <= last.to() + NEAR_MM) {
                    joined.set(joined.size() - 1, new Stretch(last.from(), Math.max(last.to(), s.to())));
                } else {
                    joined.add(s);
                }
            });
            return joined;
        }

        private PanelList row(
                double from,
                double to,
                TreeMap<Double, List<Stretch>> mountains,
                TreeMap<Double, List<Stretch>> valleys) {
            TreeMap<Double, Fold> scores = new TreeMap<>();
            collect(scores, mountains, Fold.MOUNTAIN, from, to);
            collect(scores, valleys, Fold.VALLEY, from, to);
            if (scores.isEmpty()) {
                throw new NoStrip();
            }
            TreeSet<Double> places = new TreeSet<>(scores.keySet());
            places.add(width);
            List<Length> widths = new ArrayList<>();
            Length before = Length.ZERO;
            for (double place : places) {
                widths.add(length(place).minus(before));
                before = length(place);
            }
            return new PanelList(widths, List.copyOf(scores.values()));
        }

        private void collect(
                TreeMap<Double, Fold> scores, TreeMap<Double, List<Stretch>> lines, Fold fold, double from, double to) {
            lines.forEach((x, stretches) -> {
                for (Stretch s : joined(stretches)) {
                    double inside = Math.min(s.to(), to) - Math.max(s.from(), from);
                    if (inside <= NEAR_MM) {
                        continue;
                    }
                    boolean whole = s.from() <= from + NEAR_MM && s.to() >= to - NEAR_MM;
                    if (!whole || scores.put(x, fold) != null) {
                        throw new NoStrip();
                    }
                }
            });
        }

        private double[] at(double[] point) {
            return new double[] {point[0] * mm - left, point[1] * mm - low};
        }

        private static boolean near(double a, double b) {
            return Math.abs(a - b) <= NEAR_MM;
        }

        private static List<Length> lengths(Collection<Double> mm) {
            return mm.stream().map(Reader::length).toList();
        }

        private static Length length(double mm) {
            return Length.nearestTo(mm * Length.COUNTS_PER_MILLIMETRE);
        }
    }
}
