package vantbreeze.post;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What one service makes of a letter.
 *
 * @param taken the smallest of its classes that takes it; empty if none in the table does
 * @param decides where it is taken the limit it comes nearest to, otherwise the one that its largest class sets
 * @param share how much of that limit it uses; more than 1 where it is not taken
 * @param dearer whether it is taken but out of the aspect that machines like
 */
public record PostalVerdict(
        String service,
        Optional<PostalClass> taken,
        Limit decides,
        PostalClass decidedBy,
        double share,
        boolean dearer) {

    /** What a class limits. */
    public enum Limit {
        LONG_SIDE,
        SHORT_SIDE,
        THICKNESS,
        WEIGHT,
        LEAST_SIZE
    }

    private record Use(Limit limit, double share) {}

    /**
     * @param table the classes of all services, in any order
     * @return a verdict for each service of the table, in its order
     */
    public static List<PostalVerdict> of(Letter letter, List<PostalClass> table) {
        Map<String, List<PostalClass>> services = new LinkedHashMap<>();
        table.forEach(c ->
                services.computeIfAbsent(c.service(), k -> new ArrayList<>()).add(c));
        return services.entrySet().stream()
                .map(e -> of(letter, e.getKey(), e.getValue()))
                .toList();
    }

    private static PostalVerdict of(Letter letter, String service, List<PostalClass> any) {
        List<PostalClass> classes = any.stream()
                .sorted(Comparator.comparingDouble(PostalClass::roomiest).thenComparing(PostalClass::grams))
                .toList();
        Optional<PostalClass> taken =
                classes.stream().filter(c -> tightest(letter, c).share() <= 1).findFirst();
        PostalClass shown = taken.orElse(classes.get(classes.size() - 1));
        Use tightest = tightest(letter, shown);
        boolean dearer = taken.flatMap(PostalClass::aspect)
                .filter(a -> letter.aspect() < a.least() || letter.aspect() > a.most())
                .isPresent();
        return new PostalVerdict(service, taken, tightest.limit(), shown, tightest.share(), dearer);
    }

    private static Use tightest(Letter letter, PostalClass c) {
        List<Use> uses = new ArrayList<>(List.of(
                new Use(
                        Limit.LONG_SIDE,
                        share(
                                letter.size().longSide().count(),
                                c.most().longSide().count())),
                new Use(
                        Limit.SHORT_SIDE,
                        share(
                                letter.size().shortSide().count(),
                                c.most().shortSide().count())),
                new Use(
                        Limit.THICKNESS,
                        share(letter.thickness().count(), c.thickness().count())),
                new Use(Limit.WEIGHT, letter.grams() / c.grams())));
        c.least()
                .filter(least -> letter.size().longSide().isLessThan(least.longSide())
                        || letter.size().shortSide().isLessThan(least.shortSide()))
                .ifPresent(least -> uses.add(new Use(
                        Limit.LEAST_SIZE,
                        Math.max(
                                share(
                                        least.longSide().count(),
                                        letter.size().longSide().count()),
                                share(
                                        least.shortSide().count(),
                                        letter.size().shortSide().count())))));
        return uses.stream().max(Comparator.comparingDouble(Use::share)).orElseThrow();
    }

    private static double share(long used, long limit) {
        return (double) used / limit;
    }
}
