package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A sheet begun with what the maker wants in certain places: it is cut around that. */
record Started(Job job, int supply, List<Spot> spots) {

    /** A blank and where it lies, in counts. */
    record Spot(int blank, Job.Way way, long x, long y) {

        private long right() {
            return x + way.width();
        }

        private long top() {
            return y + way.height();
        }
    }

    /** A line to cut along. */
    private record Line(boolean upright, long at) {}

    /**
     * All sheets on which something is pinned.
     *
     * @throws SheetException if a pinned blank does not lie within its sheet, over another, or cannot be cut around
     */
    static List<Started> of(Job job) {
        record Which(String supply, int number) {}
        Map<Which, List<Integer>> pinned = new LinkedHashMap<>();
        for (int i = 0; i < job.size(); i++) {
            int blank = i;
            job.blanks()
                    .get(i)
                    .pin()
                    .ifPresent(p -> pinned.computeIfAbsent(new Which(p.supply(), p.number()), k -> new ArrayList<>())
                            .add(blank));
        }
        List<Started> started = new ArrayList<>();
        pinned.forEach((which, blanks) -> {
            int supply = supply(job, which.supply(), blanks.get(0));
            Started sheet = new Started(
                    job, supply, blanks.stream().map(b -> spot(job, supply, b)).toList());
            sheet.around();
            started.add(sheet);
        });
        return started;
    }

    private static int supply(Job job, String id, int blank) {
        for (int s = 0; s < job.supplies().size(); s++) {
            if (job.supplies().get(s).id().equals(id)) {
                return s;
            }
        }
        throw new SheetException("The sheet that the %s was laid on is not there any more; let it go."
                .formatted(job.blanks().get(blank).name()));
    }

    private static Spot spot(Job job, int supply, int blank) {
        Blank wanted = job.blanks().get(blank);
        Blank.Pin pin = wanted.pin().orElseThrow();
        Laying laying =
                wanted.layings().get(Math.min(pin.laying(), wanted.layings().size() - 1));
        Supply sheet = job.supplies().get(supply);
        long width = laying.size().width().count();
        long height = laying.size().height().count();
        boolean within = pin.x().count() >= 0
                && pin.y().count() >= 0
                && pin.x().count() + width <= sheet.size().width().count()
                && pin.y().count() + height <= sheet.size().height().count();
        if (!within) {
            throw new SheetException(
                    "The %s would lie outside the sheet %s there.".formatted(wanted.name(), sheet.name()));
        }
        return new Spot(
                blank,
                new Job.Way(width, height, laying),
                pin.x().count(),
                pin.y().count());
    }

    /** @return the sheet, cut around what is wanted, the rest free */
    Node around() {
        Node whole = Node.of(job.supplies().get(supply));
        if (!divide(whole, spots)) {
            throw new SheetException(
                    "The sheet %s cannot be cut from edge to edge around the parts as they lie; move one of them."
                            .formatted(job.supplies().get(supply).name()));
        }
        return whole;
    }

    private boolean divide(Node node, List<Spot> inside) {
        if (inside.isEmpty()) {
            return true;
        }
        Spot only = inside.get(0);
        if (inside.size() == 1 && only.way().width() == node.width && only.way().height() == node.height) {
            node.take(job.blanks().get(only.blank()), only.way().laying());
            return true;
        }
        for (Line line : lines(node, inside)) {
            node.cut(line.upright(), line.at() - (line.upright() ? node.x : node.y));
            List<Spot> first = inside.stream()
                    .filter(s -> (line.upright() ? s.right() : s.top()) <= line.at())
                    .toList();
            List<Spot> second = inside.stream().filter(s -> !first.contains(s)).toList();
            if (divide(node.first(), first) && divide(node.second(), second)) {
                return true;
            }
        }
        return false;
    }

    /** Along the sides of what lies there and through nothing; what leaves the largest free rectangle first. */
    private List<Line> lines(Node node, List<Spot> inside) {
        List<Line> lines = new ArrayList<>();
        for (Spot s : inside) {
            for (long at : new long[] {s.x(), s.right()}) {
                lines.add(new Line(true, at));
            }
            for (long at : new long[] {s.y(), s.top()}) {
                lines.add(new Line(false, at));
            }
        }
        return lines.stream()
                .distinct()
                .filter(l -> l.upright()
                        ? l.at() > node.x && l.at() < node.x + node.width && node.height <= job.trimmer()
                        : l.at() > node.y && l.at() < node.y + node.height && node.width <= job.trimmer())
                .filter(l -> inside.stream()
                        .allMatch(s -> l.upright()
                                ? s.right() <= l.at() || s.x() >= l.at()
                                : s.top() <= l.at() || s.y() >= l.at()))
                .sorted(Comparator.comparingDouble(l -> -free(node, inside, l)))
                .toList();
    }

    private static double free(Node node, List<Spot> inside, Line line) {
        double below = line.upright() ? line.at() - node.x : line.at() - node.y;
        double all = line.upright() ? node.width : node.height;
        double other = line.upright() ? node.height : node.width;
        boolean isBelowFree = inside.stream().noneMatch(s -> (line.upright() ? s.x() : s.y()) < line.at());
        boolean isAboveFree = inside.stream().noneMatch(s -> (line.upright() ? s.right() : s.top()) > line.at());
        return Math.max(isBelowFree ? below * other : 0, isAboveFree ? (all - below) * other : 0);
    }
}
