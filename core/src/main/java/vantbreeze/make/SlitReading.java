package vantbreeze.make;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Slit;

/**
 * How a trimmer cuts the slits of a piece: which edge against the fence at which mark, cut from where to where. Where the
 * piece reads the same turned round, only half of them is said, then: turn it round and repeat.
 */
public final class SlitReading {

    private final Piece piece;
    private final Ruler ruler;

    public SlitReading(Piece piece, Ruler ruler) {
        this.piece = piece;
        this.ruler = ruler;
    }

    /** One fence setting. */
    private record Setting(boolean upright, Length at) {}

    private record Span(Length from, Length to) {}

    public String text() {
        Map<Setting, List<Span>> settings = new LinkedHashMap<>();
        List<String> byHand = new ArrayList<>();
        List<String> curved = new ArrayList<>();
        for (Slit slit : piece.slits()) {
            if (slit.isUpright()) {
                add(
                        settings,
                        new Setting(true, slit.from().x()),
                        slit.from().y(),
                        slit.to().y());
            } else if (slit.isLevel()) {
                add(
                        settings,
                        new Setting(false, slit.from().y()),
                        slit.from().x(),
                        slit.to().x());
            } else if (slit.path().isCurved()) {
                curved.add(slit.id());
            } else {
                byHand.add(
                        "cut %s with a knife%s".formatted(slit.id(), slit.path().isStraight() ? " and ruler" : ""));
            }
        }
        if (!curved.isEmpty()) {
            byHand.add("lay the template on top and cut the curved %s through both with a knife"
                    .formatted(Grouped.joined(curved)));
        }
        List<String> cuts = new ArrayList<>();
        boolean turns = byHand.isEmpty() && readsTheSameTurnedRound(settings);
        settings.forEach((setting, spans) -> {
            if (!turns || !setting.at().isMoreThan(turned(setting).at())) {
                cuts.add(cut(setting, spans));
            }
        });
        cuts.addAll(byHand);
        boolean repeats = turns && cuts.size() < settings.size();
        String text = String.join("; ", cuts) + (repeats ? ". Turn the piece round and do the same" : "");
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private static void add(Map<Setting, List<Span>> settings, Setting setting, Length one, Length other) {
        settings.computeIfAbsent(setting, k -> new ArrayList<>())
                .add(new Span(Length.min(one, other), Length.max(one, other)));
    }

    private boolean readsTheSameTurnedRound(Map<Setting, List<Span>> settings) {
        return settings.entrySet().stream().allMatch(e -> {
            List<Span> there = settings.getOrDefault(turned(e.getKey()), List.of());
            return e.getValue().stream().allMatch(span -> there.contains(turned(e.getKey(), span)));
        });
    }

    private Setting turned(Setting setting) {
        Size size = piece.size();
        Length whole = setting.upright() ? size.width() : size.height();
        return new Setting(setting.upright(), whole.minus(setting.at()));
    }

    private Span turned(Setting setting, Span span) {
        Size size = piece.size();
        Length whole = setting.upright() ? size.height() : size.width();
        return new Span(whole.minus(span.to()), whole.minus(span.from()));
    }

    private String cut(Setting setting, List<Span> spans) {
        List<String> from = spans.stream()
                .map(s -> "from %s to %s".formatted(ruler.text(s.from()), ruler.text(s.to())))
                .toList();
        return "set the trimmer to %s, %s edge against the fence, and cut %s, counted from the %s"
                .formatted(
                        ruler.text(setting.at()),
                        setting.upright() ? "left" : "bottom",
                        String.join(" and ", from),
                        setting.upright() ? "bottom" : "left");
    }
}
