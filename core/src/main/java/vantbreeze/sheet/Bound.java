package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** How many sheets are needed at the least, whoever cuts them. */
final class Bound {

    private Bound() {}

    /** The larger of two: as many as the parts' area takes, and as many as there are parts of which no two share a sheet. */
    static int of(Job job) {
        double area = 0;
        for (int i = 0; i < job.size(); i++) {
            area += job.area(i);
        }
        return Math.max(byArea(area, job.supplies()), apart(job));
    }

    /** The largest sheets first, as many as there are of each. */
    static int byArea(double area, List<Supply> supplies) {
        List<Supply> largest = supplies.stream()
                .sorted(Comparator.comparingDouble(Supply::area).reversed())
                .toList();
        int sheets = 0;
        double left = area;
        for (Supply supply : largest) {
            /* A millionth of a sheet is rounding. */
            int here = (int) Math.min(supply.count(), Math.ceil(left / supply.area() - 1e-6));
            if (here <= 0) {
                break;
            }
            sheets += here;
            left -= here * supply.area();
        }
        return sheets;
    }

    private static int apart(Job job) {
        List<Integer> chosen = new ArrayList<>();
        List<Integer> byArea = new ArrayList<>();
        for (int i = 0; i < job.size(); i++) {
            byArea.add(i);
        }
        byArea.sort(Comparator.comparingDouble(i -> -job.area(i)));
        for (int blank : byArea) {
            if (chosen.stream().noneMatch(other -> share(job, blank, other))) {
                chosen.add(blank);
            }
        }
        return chosen.size();
    }

    /** Whether two lie beside or above each other on some sheet. */
    private static boolean share(Job job, int a, int b) {
        for (int s = 0; s < job.supplies().size(); s++) {
            long width = job.supplies().get(s).size().width().count();
            long height = job.supplies().get(s).size().height().count();
            for (Job.Way first : job.ways(s, a)) {
                for (Job.Way second : job.ways(s, b)) {
                    if (first.width() + second.width() <= width || first.height() + second.height() <= height) {
                        return true;
                    }
                }
            }
        }
        return false;
    }
}
