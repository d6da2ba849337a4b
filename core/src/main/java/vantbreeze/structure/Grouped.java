package vantbreeze.structure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Long lists of names said short: "all 12 walls and links" for twelve names that differ in side and row. */
public final class Grouped {

    /** So many names are read, more are counted. */
    private static final int READ = 4;

    private Grouped() {}

    /**
     * @param names what is meant, such as "left wall, row 2" or "front (back side)"
     * @param all the names that there are
     */
    public static List<String> names(List<String> names, List<String> all) {
        if (names.size() <= READ) {
            return names;
        }
        Map<String, List<String>> byKind = byKind(names);
        Map<String, List<String>> everything = byKind(all);
        List<String> said = new ArrayList<>();
        List<String> whole = new ArrayList<>();
        int wholeCount = 0;
        for (Map.Entry<String, List<String>> kind : byKind.entrySet()) {
            List<String> there = kind.getValue();
            if (there.size() == 1) {
                said.add(there.get(0));
            } else if (there.size()
                    == everything.getOrDefault(kind.getKey(), List.of()).size()) {
                whole.add(plural(kind.getKey()));
                wholeCount += there.size();
            } else if (there.size() <= READ) {
                said.addAll(there);
            } else {
                said.add("%d of the %d %s"
                        .formatted(
                                there.size(),
                                everything.getOrDefault(kind.getKey(), there).size(),
                                plural(kind.getKey())));
            }
        }
        if (!whole.isEmpty()) {
            String kinds = String.join(" and ", whole);
            said.add(0, wholeCount == 2 ? "both " + kinds : "all %d %s".formatted(wholeCount, kinds));
        }
        return said;
    }

    private static Map<String, List<String>> byKind(List<String> names) {
        Map<String, List<String>> kinds = new LinkedHashMap<>();
        names.forEach(
                n -> kinds.computeIfAbsent(kind(n), k -> new ArrayList<>()).add(n));
        return kinds;
    }

    /** "wall" for "left wall, row 2", "end" for "strip A, left end", "strut (back side)" for "right strut 3 (back side)". */
    public static String kind(String name) {
        String side = name.endsWith(" (back side)") ? " (back side)" : "";
        return name.substring(0, name.length() - side.length())
                        .replaceAll(", row \\d+$", "")
                        .replaceAll("^\\w+ (\\d+|[A-Z]), ", "")
                        .replaceAll("\\s(\\d+|[A-Z])$", "")
                        .replaceAll("^((left|right|upper|lower|front|back) )+", "")
                + side;
    }

    /** Whether two names are of one kind: "left strut" and "right strut". */
    public static boolean isAlike(String one, String other) {
        return kind(one).equals(kind(other));
    }

    private static String plural(String kind) {
        int side = kind.indexOf(" (");
        String noun = side < 0 ? kind : kind.substring(0, side);
        String many = noun.endsWith("lf") ? noun.substring(0, noun.length() - 1) + "ves" : noun + "s";
        return many + (side < 0 ? "" : kind.substring(side));
    }

    /**
     * What is worked on together: "the base", "both doors", "all 4 strips", "the base and strip".
     *
     * @param all the names that there are
     */
    public static String together(List<String> names, List<String> all) {
        String kind = kind(names.get(0));
        long others = all.stream().filter(n -> kind(n).equals(kind)).count();
        boolean whole = names.size() > 1 && byKind(names).size() == 1 && others == names.size();
        return whole
                ? (names.size() == 2 ? "both " : "all %d ".formatted(names.size())) + plural(kind)
                : names.stream().anyMatch(Grouped::isNumbered)
                        ? joined(names.stream().map(Grouped::the).toList())
                        : "the " + joined(names);
    }

    /** "a, b and c". */
    public static String joined(List<String> parts) {
        int last = parts.size() - 1;
        return last < 1
                ? String.join("", parts)
                : String.join(", ", parts.subList(0, last)) + " and " + parts.get(last);
    }

    /** "the band"; a number or a letter names it without an article: "panel 1", "the left tab of strip 1". */
    public static String the(String name) {
        int comma = name.indexOf(", ");
        if (comma > 0) {
            return "the %s of %s".formatted(name.substring(comma + 2), the(name.substring(0, comma)));
        }
        return isNumbered(name) ? name : "the " + name;
    }

    private static boolean isNumbered(String name) {
        return name.matches(".* (\\d+|[A-Z])( \\(back side\\))?");
    }
}
