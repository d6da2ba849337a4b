package vantbreeze.part;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import vantbreeze.material.Material;
import vantbreeze.material.Paper;

/**
 * What the papers of a card are called, so that no two are called alike.
 *
 * @param byPaper in the order of the parts
 */
public record PaperNames(Map<Paper, String> byPaper) {

    public static PaperNames of(List<Part> parts) {
        return of(parts, List.of());
    }

    public static PaperNames of(List<Part> parts, List<Trimming> trimmings) {
        Map<Paper, String> names = new LinkedHashMap<>();
        Stream.concat(parts.stream().map(Part::paper), trimmings.stream().map(Trimming::paper))
                .forEach(paper -> names.putIfAbsent(paper, paper.called()));
        tellApart(names, paper -> paper.stock().text());
        tellApart(names, paper -> paper.print().word());
        tellApart(names, Paper::colour);
        return new PaperNames(names);
    }

    /** @param mark what tells one paper from others */
    private static void tellApart(Map<Paper, String> names, Function<Paper, String> mark) {
        Set<String> once = new LinkedHashSet<>();
        Set<String> twice = new LinkedHashSet<>();
        names.values().stream().filter(n -> !once.add(n)).forEach(twice::add);
        names.replaceAll((paper, name) -> twice.contains(name) && paper.material() != Material.FILM
                ? "%s, %s".formatted(name, mark.apply(paper))
                : name);
    }

    public String of(Paper paper) {
        return byPaper.getOrDefault(paper, paper.called());
    }
}
