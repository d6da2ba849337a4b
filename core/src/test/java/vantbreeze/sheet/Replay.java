package vantbreeze.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.measure.Length;

/**
 * Cuts a plan with a pair of scissors of its own: from the cuts' numbers alone, one after another, each from edge to edge of a
 * piece that is in hand. It knows nothing of the tree that the plan is made of.
 */
final class Replay {

    private final List<Envelope> inHand = new ArrayList<>();

    private Replay(CutSheet sheet) {
        inHand.add(new Envelope(
                0,
                sheet.supply().size().width().count(),
                0,
                sheet.supply().size().height().count()));
    }

    /** Asserts that the sheets give every blank once, right side up, and that nothing is lost. */
    static void of(Cutting cutting, List<Blank> blanks, Length trimmer) {
        Map<String, Integer> got = new HashMap<>();
        Map<String, Integer> used = new HashMap<>();
        for (CutSheet sheet : cutting.sheets()) {
            used.merge(sheet.supply().id(), sheet.together(), Integer::sum);
            assertThat(used.get(sheet.supply().id()))
                    .isLessThanOrEqualTo(sheet.supply().count());
            Replay replay = new Replay(sheet);
            sheet.passes().forEach(p -> replay.cut(p, trimmer));
            for (Cell.Wanted wanted : sheet.wanted()) {
                replay.take(wanted);
                got.merge(wanted.blank().id(), 1, Integer::sum);
            }
            double rests = replay.inHand.stream().mapToDouble(Envelope::getArea).sum();
            double said = sheet.rests().stream()
                    .mapToDouble(r -> (double) r.size().width().count()
                            * r.size().height().count())
                    .sum();
            assertThat(rests).as("what is left").isCloseTo(said, within(0.5));
        }
        cutting.unplaced().forEach(b -> got.merge(b.id(), 1, Integer::sum));
        assertThat(got)
                .hasSize(blanks.size())
                .allSatisfy((id, n) -> assertThat(n).isEqualTo(1));
    }

    private void cut(CutSheet.Pass pass, Length trimmer) {
        Cell.Cut said = pass.cell();
        double x = said.x().count();
        double y = said.y().count();
        Envelope hand = inHand.stream()
                .filter(e -> e.getMinX() == x
                        && e.getMinY() == y
                        && e.getWidth() == said.size().width().count()
                        && e.getHeight() == said.size().height().count())
                .findFirst()
                .orElseThrow(() -> new AssertionError("Nothing like %s is in hand: %s".formatted(said.size(), inHand)));
        inHand.remove(hand);
        double fence = pass.fence().count();
        double blade = said.upright() ? hand.getHeight() : hand.getWidth();
        assertThat(blade).as("the blade's way").isLessThanOrEqualTo(trimmer.count());
        assertThat(fence).isPositive().isLessThan(said.upright() ? hand.getWidth() : hand.getHeight());
        if (said.upright()) {
            inHand.add(new Envelope(x, x + fence, y, hand.getMaxY()));
            inHand.add(new Envelope(x + fence, hand.getMaxX(), y, hand.getMaxY()));
        } else {
            inHand.add(new Envelope(x, hand.getMaxX(), y, y + fence));
            inHand.add(new Envelope(x, hand.getMaxX(), y + fence, hand.getMaxY()));
        }
    }

    private void take(Cell.Wanted wanted) {
        Laying laying = wanted.laying();
        assertThat(wanted.blank().layings()).contains(laying);
        double x = wanted.x().count();
        double y = wanted.y().count();
        boolean there = inHand.removeIf(e -> e.getMinX() == x
                && e.getMinY() == y
                && e.getWidth() == laying.size().width().count()
                && e.getHeight() == laying.size().height().count());
        assertThat(there)
                .as("%s is in hand, lying as it may", wanted.blank().id())
                .isTrue();
    }
}
