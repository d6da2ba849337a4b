package vantbreeze.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;

/**
 * How one face is dressed, from the panel upwards: a ground over all of it, mats, a strip across.
 *
 * @param ground whether paper covers the whole panel first
 * @param mats how many, 0 to {@link #MOST_MATS}
 * @param note whether the topmost is plain, to write on
 * @param strip a band across the top layer, or empty
 * @param turned whether the maker lays its papers the other way up
 * @param notched how a face that slits notch is covered
 * @param steps what each mat is smaller on every side than what it lies on, the lowest first, the last for those above; empty
 *     where the card's own hold
 */
public record Finish(
        boolean ground,
        int mats,
        boolean note,
        Optional<Strip> strip,
        boolean turned,
        Notched notched,
        List<Length> steps) {

    public static final int MOST_MATS = 3;
    public static final Length WIDEST_STRIP = Length.inches(12);
    public static final String FORM =
            "0 to 3, \"ground\", \"note\" or \"strip 3/4 in low\", several with + between, \"turned\", \"shaped\" or \"column\", and \"borders 0 in, 1/16 in\"";

    /** Where a strip crosses. */
    public enum Height {
        LOW(1.0 / 3),
        MIDDLE(0.5),
        HIGH(2.0 / 3);

        private final double share;

        Height(double share) {
            this.share = share;
        }

        /** Where its middle lies: 0 at the lower edge of what carries it, 1 at the upper one. */
        double share() {
            return share;
        }
    }

    /** How papers cover a face that slits notch. */
    public enum Notched {
        /** A strip on each of its rows. */
        ROWS,
        /** One paper with its outline. */
        SHAPED,
        /** One rectangle where it is whole from top to bottom, between the slits. */
        COLUMN;

        String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** @param width across the strip */
    public record Strip(Length width, Height height) {

        public Strip {
            if (!width.isMoreThan(Length.ZERO) || width.isMoreThan(WIDEST_STRIP)) {
                throw new IllegalArgumentException(
                        "The strip (%s) must be wider than 0 and at most 12 in.".formatted(width));
            }
        }
    }

    public Finish {
        if (mats < 0 || mats > MOST_MATS) {
            throw new IllegalArgumentException("The mats (%d) must be 0 to %d.".formatted(mats, MOST_MATS));
        }
        steps = List.copyOf(steps);
        if (steps.size() > MOST_MATS) {
            throw new IllegalArgumentException(
                    "There must be at most %d borders, not %d.".formatted(MOST_MATS, steps.size()));
        }
        steps.forEach(Matting::requireStep);
    }

    public static Finish mats(int count) {
        return new Finish(false, count, false, Optional.empty(), false, Notched.ROWS, List.of());
    }

    /** The same with its papers the other way up. */
    public Finish turnedRound() {
        return new Finish(ground, mats, note, strip, !turned, notched, steps);
    }

    /** The same with something plain on top to write on. */
    public Finish withNote() {
        return new Finish(ground, mats, true, strip, turned, notched, steps);
    }

    /** How many papers lie on the panel. */
    public int papers() {
        return (ground ? 1 : 0) + mats + (note ? 1 : 0) + (strip.isPresent() ? 1 : 0);
    }

    /**
     * @param text such as "2", "ground + 1", "1 + strip 3/4 in low" or "note"
     * @throws IllegalArgumentException if it is none of these; the message says the form
     */
    public static Finish parse(String text, UnitSystem units) {
        boolean ground = false;
        int mats = 0;
        boolean note = false;
        Optional<Strip> strip = Optional.empty();
        boolean turned = false;
        Notched notched = Notched.ROWS;
        List<Length> steps = List.of();
        for (String part : text.split("\\+")) {
            String said = part.strip().toLowerCase(Locale.ROOT);
            if (said.matches("\\d")) {
                mats = Integer.parseInt(said);
            } else if (said.startsWith("strip ")) {
                strip = Optional.of(strip(said.substring("strip ".length()).strip(), units));
            } else if (said.startsWith("borders ")) {
                steps = Stream.of(said.substring("borders ".length()).split(","))
                        .map(step -> Length.parse(step.strip(), units))
                        .toList();
            } else {
                switch (said) {
                    case "ground" -> ground = true;
                    case "note" -> note = true;
                    case "turned" -> turned = true;
                    case "shaped" -> notched = Notched.SHAPED;
                    case "column" -> notched = Notched.COLUMN;
                    default -> throw new IllegalArgumentException("The finish (%s) must be %s.".formatted(text, FORM));
                }
            }
        }
        return new Finish(ground, mats, note, strip, turned, notched, steps);
    }

    private static Strip strip(String said, UnitSystem units) {
        for (Height height : Height.values()) {
            String name = " " + height.name().toLowerCase(Locale.ROOT);
            if (said.endsWith(name)) {
                return new Strip(Length.parse(said.substring(0, said.length() - name.length()), units), height);
            }
        }
        return new Strip(Length.parse(said, units), Height.MIDDLE);
    }

    /** As {@link #parse} reads it. */
    public String text(UnitSystem units) {
        List<String> parts = new ArrayList<>();
        if (ground) {
            parts.add("ground");
        }
        if (mats > 0 || papers() == 0) {
            parts.add(String.valueOf(mats));
        }
        if (note) {
            parts.add("note");
        }
        strip.ifPresent(s -> parts.add(
                "strip " + s.width().exactText(units) + " " + s.height().name().toLowerCase(Locale.ROOT)));
        if (turned) {
            parts.add("turned");
        }
        if (notched != Notched.ROWS) {
            parts.add(notched.word());
        }
        if (!steps.isEmpty()) {
            parts.add("borders " + steps.stream().map(s -> s.exactText(units)).collect(Collectors.joining(", ")));
        }
        return String.join(" + ", parts);
    }
}
