package vantbreeze.material;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What joins two papers.
 *
 * @param key the same for the same adhesive whatever it is called
 * @param name as makers say it: "wet glue"
 * @param uses what it is good for
 * @param gripSeconds until it holds by itself; from memory, the label counts
 * @param minutes until the joint may be bent; 0 if at once. From memory: the label counts.
 */
public record Adhesive(String key, String name, Set<Use> uses, int gripSeconds, int minutes, Set<Quality> qualities) {

    /** What something is glued for. */
    public enum Use {
        /** It can be moved for a moment: edges come level. */
        LINE_UP,
        /** It does not creep where a fold pulls all the time. */
        PULL,
        /** It holds at once and does not seep. */
        GRIP,
        /** It leaves large sheets flat and without a bubble. */
        LARGE,
        /** It is small enough to hide. */
        SHEER,
        LIFT
    }

    /** What decides where it may be used. */
    public enum Quality {
        /** Made with water: it cockles, smears and soaks through. */
        WET,
        /** It is seen through film and vellum. */
        SHOWS,
        /** It is cut to a length. */
        STRIPS,
        /** Its vapour burns. */
        BURNS,
        HOLDS_ON_SLICK,
        HOLDS_ON_ROUGH
    }

    /** What most makers use, what they reach for first before the others. */
    static final List<Adhesive> USUAL = DataTable.read(Adhesive.class, "adhesives.csv", 6).stream()
            .map(row -> new Adhesive(
                    row.get(0),
                    row.get(1),
                    each(row.get(2), Use::valueOf),
                    Integer.parseInt(row.get(3)),
                    Integer.parseInt(row.get(4)),
                    each(row.get(5), Quality::valueOf)))
            .toList();

    public static final int LONGEST_NAME = 40;
    public static final int MOST_GRIP_SECONDS = 3600;
    public static final int MOST_MINUTES = 1440;

    /** What is said where an adhesive cannot be so. */
    public static final String FORM = "a name of 1 to %d characters, 0 to %d seconds to grip, 0 to %d minutes to dry"
            .formatted(LONGEST_NAME, MOST_GRIP_SECONDS, MOST_MINUTES);

    public Adhesive {
        name = name.strip();
        if (key.isBlank() || key.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(
                    "The adhesive's key (%s) must have 1 to %d characters.".formatted(key, LONGEST_NAME));
        }
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(
                    "The adhesive's name (%s) must have 1 to %d characters.".formatted(name, LONGEST_NAME));
        }
        if (gripSeconds < 0 || gripSeconds > MOST_GRIP_SECONDS) {
            throw new IllegalArgumentException(
                    "The %s must grip after 0 to %d seconds, not %d.".formatted(name, MOST_GRIP_SECONDS, gripSeconds));
        }
        if (minutes < 0 || minutes > MOST_MINUTES) {
            throw new IllegalArgumentException(
                    "The %s must dry in 0 to %d minutes, not %d.".formatted(name, MOST_MINUTES, minutes));
        }
        uses = Set.copyOf(uses);
        qualities = Set.copyOf(qualities);
    }

    private static <T> Set<T> each(String text, Function<String, T> read) {
        return Arrays.stream(text.split(" "))
                .filter(s -> !s.isEmpty())
                .map(read)
                .collect(Collectors.toSet());
    }

    public boolean is(Quality quality) {
        return qualities.contains(quality);
    }

    public boolean isFor(Use use) {
        return uses.contains(use);
    }

    public boolean dries() {
        return minutes > 0;
    }
}
