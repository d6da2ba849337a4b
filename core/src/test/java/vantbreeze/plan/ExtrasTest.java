package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.plan.Briefs.in;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.layer.Mat;
import vantbreeze.material.Print;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/** Plates, doors, mounts, springs and writing cards: common practice, no published source; sizes of pieces by hand. */
class ExtrasTest {

    private static List<Size> pieces(Plan plan, String name) {
        return plan.structure().pieces().stream()
                .filter(p -> p.name().startsWith(name))
                .map(vantbreeze.structure.Piece::size)
                .toList();
    }

    private static List<Mat> mats(Plan plan, String panel) {
        return plan.dressing().mats().stream()
                .filter(m -> m.face().panel().name().contains(panel))
                .toList();
    }

    @Test
    void tiersAreDressedOnTheirPlatesAlone() {
        Plan plan = Planner.plan(Briefs.closed("tiered-panel", "5", "7"));
        assertThat(mats(plan, "strip")).isEmpty();
        assertThat(mats(plan, "plate")).hasSize(3);
        assertThat(plan.closed().size()).isEqualTo(Briefs.in("5", "7"));
        /* The border beside a strip on the base is 5/8, on a plate half of 4 1/2 less 3 3/4. */
        assertThat(plan.steps())
                .anyMatch(s -> s.title().equals("Glue strip 1")
                        && s.text()
                                .contains("%s from the left edge"
                                        .formatted(plan.brief().ruler().text(in("5/8")))));
    }

    @Test
    void stripsStayBehindTheirPlatesWhateverTheSteps() {
        Plan plan = Planner.plan(Briefs.closed("tiered-panel", "5", "7")
                .with("plateHeight", in("4"))
                .with("step", in("1 3/4"))
                .with("stripHeight", in("3 1/2")));
        List<Size> plates = pieces(plan, "plate");
        List<Size> strips = pieces(plan, "strip");
        for (int i = 0; i < plates.size(); i++) {
            assertThat(strips.get(i).height()).isLessThanOrEqualTo(plates.get(i).height());
        }
    }

    /** The door is glued over 1 1/8 in of the flap: it begins 3/8 in from the left of a flap of 1 1/2. */
    @Test
    void theDoorReachesOverTheFrontAndIsGluedToTheFlapAlone() {
        Plan plan = Planner.plan(Briefs.closed("double-opening", "4 1/4", "5 1/2"));
        assertThat(plan.closed().size()).isEqualTo(Briefs.in("4 1/4", "5 1/2"));
        assertThat(mats(plan, "door front")).anyMatch(m -> m.size().equals(Briefs.in("3 1/4", "3 1/4")));
        assertThat(mats(plan, "flap")).extracting(Mat::size).containsOnly(Briefs.in("1 1/4", "5 1/4"));
        assertThat(mats(plan, "cover")).extracting(Mat::size).containsOnly(Briefs.in("4", "5 1/4"));
        assertThat(plan.steps())
                .anyMatch(s -> s.title().equals("Glue the door back")
                        && s.text()
                                .contains("the right %s only"
                                        .formatted(plan.brief().ruler().text(in("1 1/8"))))
                        && s.text().contains("on the back of the flap"));
        Plan wide = Planner.plan(Briefs.closed("double-opening", "9", "2"));
        assertThat(pieces(wide, "door")).isEmpty();
    }

    /** Tabs 1/2, risers 3/4, top 1/2: 3 by 1 in, scored at 1/2, 1 1/4, 1 3/4 and 2 1/2. */
    @Test
    void aMountBridgesAScoreThatRises() {
        Brief brief = Briefs.closed("twin-pillar", "7", "6")
                .with("mount", "over front middle")
                .with("mountTop", in("1/2"))
                .with("mountTab", in("1/2"))
                .with("mountRise", in("3/4"))
                .with("mountHeight", in("1"));
        Plan plan = Planner.plan(brief);
        assertThat(pieces(plan, "pop mount")).containsExactly(Briefs.in("3", "1"));
        assertThat(plan.structure().bonds())
                .extracting(b ->
                        b.panel() + " on " + plan.structure().panel(b.onto()).name())
                .contains("mount's left tab on front wall 1", "mount's right tab on front wall 2");
        assertThat(mats(plan, "mount")).isEmpty();
        assertThat(plan.closed().size()).isEqualTo(Briefs.in("7", "6"));
        Folding folding = Folding.of(brief);
        assertThat(folding.motions()).isNotEmpty().allMatch(m -> m.blocked().isEmpty());
    }

    /** 4 by 2 in, scored at 1/2, 1, 1 1/2, 2 1/2, 3 and 3 1/2. */
    @Test
    void aSpringIsAShortTier() {
        Plan plan = Planner.plan(Briefs.closed("book", "5", "7").with("spring", "back"));
        assertThat(pieces(plan, "spring")).containsExactly(Briefs.in("4", "2"));
        assertThat(plan.structure().piece("spring").scores().stream()
                        .map(s -> s.from().x())
                        .toList())
                .containsExactly(in("1/2"), in("1"), in("1 1/2"), in("2 1/2"), in("3"), in("3 1/2"));
        assertThat(plan.closed().size()).isEqualTo(Briefs.in("5", "7"));
        assertThat(mats(plan, "spring")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"back", "back (back side)", "front"})
    void aWritingCardFoldsToASquareAndGivesRoomToWrite(String where) {
        Plan plan = Planner.plan(Briefs.closed("book", "4 1/4", "5 1/2").with("writing", where));
        assertThat(pieces(plan, "writing card")).containsExactly(Briefs.in("4 1/4", "2 1/8"));
        assertThat(plan.closed().size()).isEqualTo(Briefs.in("4 1/4", "5 1/2"));
        assertThat(plan.messageRoom()).anyMatch(r -> r.size().equals(Briefs.in("4 1/4", "2 1/8")));
        assertThat(mats(plan, "writing")).isEmpty();
    }

    /** Where nothing plain is reached, both are offered: a plain mat and a card of its own. */
    @Test
    void aWritingCardIsOfferedWhereThereIsNoRoom() {
        Brief z = Briefs.printed(Briefs.closed("z-fold", "5 1/2", "4 1/4"), Print.SCATTERED);
        Brief printed = z.withBase(Briefs.printedOnBothSides(z.base()));
        Plan plan = Planner.plan(printed);
        assertThat(plan.snags())
                .filteredOn(s -> s.code() == Snag.Code.NO_MESSAGE_ROOM)
                .singleElement()
                .satisfies(s -> assertThat(s.fixes())
                        .extracting(Snag.Fix::label)
                        .anyMatch(l -> l.startsWith("Add a writing mat"))
                        .anyMatch(l -> l.startsWith("Glue a writing card")));
    }

    /** Six square inches and an inch and a half across: common practice, no published source. */
    @Test
    void roomToWriteIsMeasuredByItsArea() {
        assertThat(vantbreeze.layer.MessageRoom.isEnough(Briefs.in("1 1/2", "4")))
                .isTrue();
        assertThat(vantbreeze.layer.MessageRoom.isEnough(Briefs.in("1 7/16", "6")))
                .isFalse();
        assertThat(vantbreeze.layer.MessageRoom.isEnough(Briefs.in("2", "2 7/8")))
                .isFalse();
        assertThat(new Size(Length.inches(2), Length.inches(3)).squareMillimetres())
                .isCloseTo(3870.96, within(0.01));
    }
}
