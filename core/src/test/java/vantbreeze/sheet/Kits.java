package vantbreeze.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/** Random cutting jobs, the same for the same seed. Invented. */
final class Kits {

    static final Length TRIMMER = Length.inches(12);
    static final Supply SQUARE = Supply.bought("12x12", "12 × 12 in", inches(12, 12));
    static final Supply LETTER = Supply.bought("letter", "Letter", new Size(Length.inches(17, 2), Length.inches(11)));

    private Kits() {}

    static Size inches(long width, long height) {
        return new Size(Length.inches(width), Length.inches(height));
    }

    /** A blank that may be laid either way round. */
    static Blank blank(String id, Size size) {
        List<Laying> layings = size.width().equals(size.height())
                ? List.of(new Laying(size, 0, Optional.empty()))
                : List.of(new Laying(size, 0, Optional.empty()), new Laying(size.turned(), 90, Optional.empty()));
        return new Blank(id, id, size.toString(), List.of(), layings, Optional.empty());
    }

    static Blank fixed(String id, Size size) {
        return new Blank(
                id, id, size + " fixed", List.of(), List.of(new Laying(size, 0, Optional.empty())), Optional.empty());
    }

    /** As cards have them: a few sizes from an inch to eight, in quarters of an inch, several of each. */
    static List<Blank> random(long seed, int parts) {
        Random random = new Random(seed);
        List<Blank> blanks = new ArrayList<>();
        while (blanks.size() < parts) {
            Size size = new Size(Length.inches(4 + random.nextInt(29), 4), Length.inches(4 + random.nextInt(29), 4));
            int alike = Math.min(1 + random.nextInt(4), parts - blanks.size());
            for (int i = 0; i < alike; i++) {
                blanks.add(blank("part " + blanks.size(), size));
            }
        }
        return blanks;
    }

    /** All of different sizes. */
    static List<Blank> randomAllDifferent(long seed, int parts) {
        Random random = new Random(seed);
        List<Blank> blanks = new ArrayList<>();
        for (int i = 0; i < parts; i++) {
            blanks.add(blank(
                    "part " + i,
                    new Size(
                            Length.inches(16 + random.nextInt(113), 16), Length.inches(16 + random.nextInt(113), 16))));
        }
        return blanks;
    }
}
