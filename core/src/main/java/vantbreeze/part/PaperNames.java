package vantbreeze.part;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import vantbreeze.material.Paper;
import vantbreeze.material.Stuff;

/**
 * What the papers of a card are called, so that no two are called alike.
 *
 * @param byStuff in the order of the parts
 */
public record PaperNames(Map<Stuff, String> byStuff) {

    public static PaperNames of(List<Part> parts) {
        Map<Stuff, String> names = new LinkedHashMap<>();
        parts.forEach(p -> names.putIfAbsent(p.stuff(), p.stuff().called()));
        tellApart(names, paper -> paper.stock().text());
        tellApart(names, paper -> paper.print().word());
        tellApart(names, Paper::colour);
        return new PaperNames(names);
    }

    /** @param mark what tells one paper from others */
    private static void tellApart(Map<Stuff, String> names, Function<Paper, String> mark) {
        Set<String> once = new LinkedHashSet<>();
        Set<String> twice = new LinkedHashSet<>();
        names.values().stream().filter(n -> !once.add(n)).forEach(twice::add);
        names.replaceAll((stuff, name) -> twice.contains(name) && stuff instanceof Paper paper
                ? "%s, %s".formatted(name, mark.apply(paper))
                : name);
    }

    public String of(Stuff stuff) {
        return byStuff.getOrDefault(stuff, stuff.called());
    }
}
