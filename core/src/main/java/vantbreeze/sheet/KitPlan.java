package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;

/**
 * How all cards of a kit are cut, paper by paper.
 *
 * @param papers in the order in which their parts come
 */
public record KitPlan(List<Of> papers) {

    /** What is cut from one paper or film. */
    public record Of(Paper paper, List<Blank> blanks, Cutting cutting) {}

    public KitPlan {
        papers = List.copyOf(papers);
    }

    /**
     * @param supplies what each paper can be cut from
     * @param twoAtOnce whether sheets that are to be cut alike are cut two at a time
     * @param nanos how long may be looked for, on each paper
     * @param isStopped whether whoever waits takes what there is by then
     * @param progress is told of everything better that is found
     * @throws SheetException if sheets are lacking, or what is pinned cannot be cut so
     */
    public static KitPlan of(
            Kit kit,
            Function<Paper, List<Supply>> supplies,
            Length trimmer,
            boolean twoAtOnce,
            long nanos,
            BooleanSupplier isStopped,
            Consumer<KitPlan> progress) {
        Map<Paper, List<Supply>> known = new LinkedHashMap<>();
        Function<Paper, List<Supply>> from = paper -> known.computeIfAbsent(paper, supplies);
        List<Of> done = new ArrayList<>();
        kit.blanks((paper, pair) ->
                        Job.of(List.of(pair), from.apply(paper), trimmer).goesOnAny(0))
                .forEach((paper, blanks) -> {
                    Deadline deadline = new Deadline(nanos, isStopped);
                    Consumer<Cutting> tell = found -> {
                        List<Of> soFar = new ArrayList<>(done);
                        soFar.add(new Of(paper, blanks, found));
                        progress.accept(new KitPlan(soFar));
                    };
                    Cutting cutting = twoAtOnce
                            ? byTwo(blanks, from.apply(paper), trimmer, deadline, tell)
                            : Cutter.plan(blanks, from.apply(paper), trimmer, deadline, tell);
                    done.add(new Of(paper, blanks, cutting));
                });
        return new KitPlan(done);
    }

    /** Of every two blanks alike one is planned, on sheets of which two lie on each other; then those that are left alone. */
    private static Cutting byTwo(
            List<Blank> blanks, List<Supply> supplies, Length trimmer, Deadline deadline, Consumer<Cutting> progress) {
        Map<String, List<Blank>> bySort = new LinkedHashMap<>();
        blanks.forEach(
                b -> bySort.computeIfAbsent(b.sort(), k -> new ArrayList<>()).add(b));
        List<Blank> twice = new ArrayList<>();
        List<Blank> once = new ArrayList<>();
        for (List<Blank> alike : bySort.values()) {
            List<Blank> free = alike.stream().filter(b -> b.pin().isEmpty()).toList();
            alike.stream().filter(b -> b.pin().isPresent()).forEach(once::add);
            for (int i = 0; i + 1 < free.size(); i += 2) {
                twice.add(free.get(i));
            }
            if (free.size() % 2 == 1) {
                once.add(free.get(free.size() - 1));
            }
        }
        int fewest = Cutter.fewest(blanks, supplies, trimmer);
        List<Supply> inTwos = supplies.stream()
                .filter(s -> s.count() > 1)
                .map(s -> s.withCount(s.count() / 2))
                .toList();
        Cutting pairs = twice.isEmpty()
                ? new Cutting(List.of(), 0, List.of())
                : Cutter.plan(twice, inTwos, trimmer, deadline.within(deadline.left() / 2), c -> {});
        Map<String, Integer> used = new LinkedHashMap<>();
        pairs.sheets().forEach(s -> used.merge(s.supply().id(), 2, Integer::sum));
        List<Supply> rest = supplies.stream()
                .filter(s -> s.count() > used.getOrDefault(s.id(), 0))
                .map(s -> s.withCount(s.count() - used.getOrDefault(s.id(), 0)))
                .toList();
        Cutting singles = once.isEmpty()
                ? new Cutting(List.of(), 0, List.of())
                : Cutter.plan(once, rest, trimmer, deadline, c -> {});
        List<CutSheet> sheets =
                new ArrayList<>(pairs.sheets().stream().map(CutSheet::twice).toList());
        sheets.addAll(singles.sheets());
        List<Blank> unplaced = new ArrayList<>(pairs.unplaced());
        unplaced.addAll(singles.unplaced());
        Cutting all = new Cutting(sheets, fewest, unplaced);
        progress.accept(all);
        return all;
    }
}
