package vantbreeze.material;

import java.util.List;

/**
 * What joins two papers.
 *
 * @param minutes until the joint may be bent; 0 if at once. From memory: the label counts.
 */
public record Adhesive(String key, String name, int minutes) {

    private static final List<Adhesive> TABLE = DataTable.read(Adhesive.class, "adhesives.csv", 3).stream()
            .map(row -> new Adhesive(row.get(0), row.get(1), Integer.parseInt(row.get(2))))
            .toList();

    /** It can be moved for a moment: edges come level, large sheets without a bubble. */
    public static final Adhesive WET = keyed("wet");

    /** It holds at once and on slick card. */
    public static final Adhesive TAPE = keyed("tape");

    public static final Adhesive FOAM = keyed("foam");

    public static final Adhesive DOTS = keyed("dots");

    /** It grips at once and does not creep where a fold pulls all the time. */
    public static final Adhesive QUICK = keyed("quick");

    private static Adhesive keyed(String key) {
        return TABLE.stream().filter(a -> a.key.equals(key)).findFirst().orElseThrow();
    }

    public boolean dries() {
        return minutes > 0;
    }
}
