package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Lays blanks one after another where they go best by a simple rule, each in a free rectangle that is then cut around it. */
final class Filling {

    /** Where a blank goes best. */
    enum Place {
        LEAST_AREA_LEFT,
        LEAST_SIDE_LEFT,
        FIRST_SHEET
    }

    /** Which cut comes first around it. */
    enum Split {
        LARGEST_REST,
        ACROSS,
        ALONG,
        SHORTER_REST
    }

    /** Which sheet is begun next. */
    enum Begin {
        LARGEST,
        OWNED_FIRST,
        SMALLEST
    }

    /** How a filling is done. */
    record Rule(Place place, Split split, Begin begin) {}

    /** A sheet that was begun. */
    private record Begun(int supply, Node whole, List<Node> free) {}

    private record Spot(Begun sheet, Node free, Job.Way way, double worth) {}

    private final Job job;
    private final Rule rule;
    private final int most;
    private final int[] left;
    private final List<Begun> begun = new ArrayList<>();

    private Filling(Job job, Rule rule, int most) {
        this.job = job;
        this.rule = rule;
        this.most = most;
        this.left = job.supplies().stream().mapToInt(Supply::count).toArray();
    }

    /**
     * @param order the blanks that are laid, by index
     * @param started sheets on which some blanks lie already
     * @param most sheets that may be begun in all
     * @return the sheets, or empty if they do not suffice
     */
    static Optional<List<CutSheet>> of(Job job, int[] order, Rule rule, List<Started> started, int most) {
        Filling filling = new Filling(job, rule, most);
        for (Started s : started) {
            Node whole = s.around();
            filling.begun.add(new Begun(s.supply(), whole, free(whole)));
            filling.left[s.supply()]--;
        }
        for (int blank : order) {
            if (!filling.lay(blank)) {
                return Optional.empty();
            }
        }
        return Optional.of(filling.begun.stream()
                .map(b -> new CutSheet(job.supplies().get(b.supply()), b.whole().cell()))
                .toList());
    }

    /**
     * One sheet with as many of the blanks as go on it, one after another; what does not is left.
     *
     * @param supply the only kind of sheet
     */
    static Node oneSheet(Job job, int[] order, Rule rule, int supply) {
        Filling filling = new Filling(job, rule, 1);
        Node whole = Node.of(job.supplies().get(supply));
        Begun only = new Begun(supply, whole, new ArrayList<>(List.of(whole)));
        /* What has no room now has none later. */
        boolean[] hasNoRoom = new boolean[job.size()];
        for (int blank : order) {
            if (hasNoRoom[job.sort()[blank]]) {
                continue;
            }
            Spot best = null;
            for (Node node : only.free()) {
                best = filling.better(best, only, node, blank);
            }
            if (best == null) {
                hasNoRoom[job.sort()[blank]] = true;
            } else {
                filling.take(best, blank);
            }
        }
        return whole;
    }

    private static List<Node> free(Node node) {
        List<Node> free = new ArrayList<>();
        if (node.isFree()) {
            free.add(node);
        } else if (node.isCut()) {
            free.addAll(free(node.first()));
            free.addAll(free(node.second()));
        }
        return free;
    }

    private boolean lay(int blank) {
        Spot best = null;
        for (Begun sheet : begun) {
            for (Node node : sheet.free()) {
                best = better(best, sheet, node, blank);
            }
            if (best != null && rule.place() == Place.FIRST_SHEET) {
                break;
            }
        }
        if (best == null) {
            if (begun.size() >= most) {
                return false;
            }
            int next = next(blank);
            if (next < 0) {
                return false;
            }
            left[next]--;
            Node whole = Node.of(job.supplies().get(next));
            Begun sheet = new Begun(next, whole, new ArrayList<>(List.of(whole)));
            begun.add(sheet);
            best = better(null, sheet, whole, blank);
        }
        take(best, blank);
        return true;
    }

    private Spot better(Spot best, Begun sheet, Node node, int blank) {
        Spot found = best;
        for (Job.Way way : job.ways(sheet.supply(), blank)) {
            if (way.width() > node.width || way.height() > node.height) {
                continue;
            }
            double worth = rule.place() == Place.LEAST_SIDE_LEFT
                    ? Math.min(node.width - way.width(), node.height - way.height())
                    : (double) node.width * node.height;
            if ((found == null || worth < found.worth()) && (cuts(node, way, true) || cuts(node, way, false))) {
                found = new Spot(sheet, node, way, worth);
            }
        }
        return found;
    }

    private boolean cuts(Node node, Job.Way way, boolean acrossFirst) {
        return Job.isCut(node.width, node.height, way.width(), way.height(), acrossFirst, job.trimmer());
    }

    private int next(int blank) {
        int best = -1;
        for (int s = 0; s < left.length; s++) {
            if (left[s] > 0 && !job.ways(s, blank).isEmpty() && (best < 0 || comesBefore(s, best))) {
                best = s;
            }
        }
        return best;
    }

    private boolean comesBefore(int a, int b) {
        Supply first = job.supplies().get(a);
        Supply second = job.supplies().get(b);
        if (rule.begin() == Begin.SMALLEST) {
            return first.area() < second.area();
        }
        if (rule.begin() == Begin.OWNED_FIRST && first.owned() != second.owned()) {
            return first.owned();
        }
        return first.area() > second.area() || (first.area() == second.area() && first.owned() && !second.owned());
    }

    private void take(Spot spot, int blank) {
        Node free = spot.free();
        Job.Way way = spot.way();
        boolean across = cuts(free, way, true) && (isAcrossFirst(free, way) || !cuts(free, way, false));
        List<Node> list = spot.sheet().free();
        list.remove(free);
        Node lies = free.corner(way.width(), way.height(), across);
        lies.take(job.blanks().get(blank), way.laying());
        for (Node node = free; node != lies; node = node.first()) {
            list.add(node.second());
        }
    }

    private boolean isAcrossFirst(Node free, Job.Way way) {
        long right = free.width - way.width();
        long above = free.height - way.height();
        return switch (rule.split()) {
            case ACROSS -> true;
            case ALONG -> false;
            case SHORTER_REST -> right < above;
            /* Across first leaves the whole width above; along first the whole height at the right. */
            case LARGEST_REST -> above * (double) free.width >= right * (double) free.height;
        };
    }
}
