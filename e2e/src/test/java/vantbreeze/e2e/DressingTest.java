package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.KeyboardModifier;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Cards dressed as makers dress them, every action counted: a click, a choice, a word typed. */
class DressingTest extends Journey {

    private int acts;

    private void begin(String name, String fold, String width, String height) {
        beginCard("inches", name);
        super.choose("Sheet", "12 × 12 in");
        super.choose("Fold", fold);
        super.choose("Starting point", "closing to");
        super.type("Closed width", width);
        super.type("Closed height", height);
        assertClosed(width + " × " + height + " in");
        view("Layers");
        acts = 0;
    }

    private void press(String button) {
        button(button).first().click();
        acts++;
    }

    @Override
    protected void choose(String word, String choice) {
        super.choose(word, choice);
        acts++;
    }

    @Override
    protected void type(String word, String text) {
        super.type(word, text);
        acts++;
    }

    /** Another topper, chosen by then. */
    private void more(String button, String called) {
        press(button);
        assertThat(field("Name of the ornament")).hasValue(called);
    }

    /** The card's papers, each once. */
    private Locator papers() {
        return list("Papers of this card").getByRole(AriaRole.LISTITEM);
    }

    private void assertActs(int most) {
        Assertions.assertThat(acts).as("actions").isLessThanOrEqualTo(most);
    }

    /** Two papers in pairs over the 24 faces of a never-ending card: under ten actions. */
    @Test
    void papersInPairsOnTwentyFourFaces() {
        begin("Round and round", "never-ending card", "8", "8");
        press("All");
        press("In pairs");
        choose("Paper of layer 1 here", "another paper …");
        assertThat(papers()).hasCount(3);
        type("Name of paper 1", "lamp yellow");
        choose("Pattern of lamp yellow", "scattered");
        assertActs(5);
        view("Bench");
        assertThat(list("Pieces to cut")).containsText("lamp yellow");
        assertThat(list("Pieces to cut")).containsText("grey blue paper");
    }

    /** All sections of a woven gate alike in one action, once they are chosen. */
    @Test
    void allSectionsOfAWovenGateAlike() {
        begin("Woven shutters", "woven concertina gate", "3", "6");
        press("All");
        choose("Mats on these faces", "1 mat");
        assertActs(2);
        assertThat(list("Faces to dress")).not().containsText("nothing");
        press("Dress all faces the usual way");
        assertThat(list("Faces to dress")).containsText("nothing");
    }

    /** Red with white strips: the base's paper is changed once, the strips' once. */
    @Test
    void aTieredPanelInRedWithWhiteStrips() {
        begin("Red stairs", "tiered panel", "5", "7");
        choose("Paper of the strips", "another paper …");
        type("Name of paper 1", "white");
        page.getByLabel("Colour of white").fill("#ffffff");
        page.getByLabel("Colour of off-white card").fill("#b03030");
        acts += 2;
        assertActs(4);
        assertThat(field("Name of red card")).hasCount(1);
        view("Bench");
        assertThat(list("Pieces to cut")).containsText("white");
    }

    /** Five layers that hang over the front by 3/8 in, built off the card; a vellum one is not glued wet. */
    @Test
    void aFocalStackOverhangsTheFront() {
        begin("Harbour lights", "Z-fold", "5½", "4¼");
        more("Add an ornament", "ornament 1");
        type("Name of the ornament", "plate");
        choose("Shape of the ornament", "rectangle");
        type("Size of the ornament", "2 1/2 x 3 in");
        choose("From left to right", "from the right");
        type("From the right", "-3/8 in");
        choose("From bottom to top", "in the middle");
        more("Another one like it", "plate 2");
        type("Name of the ornament", "mat");
        choose("From left to right", "in the middle");
        choose("From left to right, laid by", "the plate");
        choose("From bottom to top, laid by", "the plate");
        type("Size of the ornament", "2 1/4 x 2 3/4 in");
        String last = "mat";
        for (String layer : List.of("mist", "heart", "words")) {
            more("Another one like it", last + " 2");
            type("Name of the ornament", layer);
            last = layer;
        }
        type("Size of the ornament", "1 1/2 x 3/8 in");
        for (String[] layer : List.<String[]>of(
                new String[] {"heart", "heart", "1 x 1 in"}, new String[] {"mist", "circle", "2 in"})) {
            press(layer[0]);
            assertThat(field("Name of the ornament")).hasValue(layer[0]);
            choose("Shape of the ornament", layer[1]);
            type("Size of the ornament", layer[2]);
        }
        choose("Paper of mist", "another paper …");
        choose("Material of paper 1", "vellum");
        assertActs(28);
        view("Bench");
        Locator steps = list("Order of work");
        assertThat(steps).containsText("Cut the toppers");
        assertThat(steps).containsText("Build the plate");
        assertThat(steps).containsText("Add the plate");
        assertThat(steps).not().containsText("Add the heart");
        assertThat(steps).containsText("glue dots: only behind something solid");
        /* Half as much in height again: it stays in the middle, and 3/8 in over the edge. */
        type("Closed height", "5 1/2");
        assertThat(steps).containsText("centred top to bottom (1¼ in on each side)");
        assertSaved();
    }

    /** Papers of half its height that meet flush, and a leaf that is trimmed flush. */
    @Test
    void halfHeightPapersAndWhatIsTrimmed() {
        begin("Low tide", "Z-fold", "5½", "4¼");
        more("Add an ornament", "ornament 1");
        type("Name of the ornament", "sea");
        choose("Face of the ornament", "back");
        choose("Shape of the ornament", "lower half");
        more("Another one like it", "sea 2");
        choose("Shape of the ornament", "upper half");
        choose("Paper of sea 2", "another paper …");
        more("Add an ornament", "ornament 1");
        type("Name of the ornament", "leaf");
        choose("Face of the ornament", "back");
        choose("From left to right", "its middle on the right edge");
        choose("What hangs over", "trimmed flush");
        view("Bench");
        assertThat(list("Order of work")).containsText("trim what hangs over flush with the edge");
        assertThat(list("Pieces to cut")).containsText("sea 2");
        assertThat(list("Pieces to cut")).containsText("5¼ × 2 in");
        assertSaved();
    }

    /** The same card in red beside the white one, kept as a card of its own. */
    @Test
    void aSecondColourwayIsComparedAndKept() {
        begin("Two moods", "Z-fold", "5½", "4¼");
        press("Try a second colourway");
        page.getByLabel("Second colour of off-white card").fill("#b03030");
        assertThat(picture("The card closed")).hasCount(3);
        press("Keep as a card of its own");
        assertThat(field("Name of the project")).hasValue("Two moods, second colourway");
        assertThat(field("Name of red card")).hasCount(1);
        openCard("Two moods");
    }

    /** Two papers inside that overlap by 3/8 in, ribbon around one of them and around the mat of the front. */
    @Test
    void aRibbonAroundAPaperInsideAndAroundTheFront() {
        begin("Tied", "Z-fold", "5½", "4¼");
        choose("Add a trimming", "a ribbon");
        assertThat(field("What holds it")).hasText("around the mat, ends taped behind");
        choose("Paper of ribbon 1", "another paper …");
        type("Name of paper 1", "red satin");
        for (String[] paper : List.<String[]>of(
                new String[] {"sky", "5 1/4 x 2 1/4 in", "from the top", "From the top"},
                new String[] {"sea", "5 1/4 x 2 1/8 in", "from the bottom", "From the bottom"})) {
            more("Add an ornament", "ornament 1");
            type("Name of the ornament", paper[0]);
            choose("Face of the ornament", "back");
            choose("Shape of the ornament", "rectangle");
            type("Size of the ornament", paper[1]);
            choose("From left to right", "in the middle");
            choose("From bottom to top", paper[2]);
            type(paper[3], "1/8 in");
        }
        choose("Add a trimming", "a ribbon");
        assertThat(field("Name of the ornament")).hasValue("ribbon 2");
        choose("Face of the ornament", "back");
        choose("Paper of ribbon 2", "red satin");
        choose("What holds it", "around the sea, ends taped behind");
        assertActs(23);
        view("Bench");
        Locator steps = list("Order of work");
        assertThat(steps).containsText("Run the red satin around the mat for the front");
        assertThat(steps).containsText("run the red satin around the sea");
        /* Twice 5 1/4 and an inch to tape. */
        assertThat(list("Pieces to cut")).containsText("11½ in off the spool");
        assertSaved();
    }

    /** A topper kept from one card and taken onto another one, half as large again. */
    @Test
    void anEmbellishmentIsKeptForOtherCards() {
        begin("Given", "Z-fold", "5½", "4¼");
        more("Add an ornament", "ornament 1");
        type("Name of the ornament", "harvest moon");
        press("Keep “harvest moon” for other cards");
        assertThat(button("Take harvest moon onto this card")).isVisible();
        assertSaved();
        begin("Taken", "Z-fold", "5½", "4¼");
        choose("Size of the embellishment", "150%");
        press("Take harvest moon onto this card");
        assertThat(field("Name of the ornament")).hasValue("harvest moon");
        assertThat(field("Size of the ornament")).hasValue("1½ in");
        assertActs(2);
        press("Take harvest moon off the shelf");
        press("Bring it back");
        assertThat(button("Take harvest moon onto this card")).isVisible();
        assertSaved();
    }

    /** A boat on a plate, its mirror image on the other side, both copied to another face, three lined up. */
    @Test
    void toppersAreMirroredCopiedAndLinedUp() {
        begin("Regatta", "Z-fold", "5½", "4¼");
        more("Add an ornament", "ornament 1");
        type("Name of the ornament", "boat");
        choose("Face of the ornament", "back");
        choose("Shape of the ornament", "boat");
        type("From the left", "1/4 in");
        press("Its mirror image on the other side");
        assertThat(field("Name of the ornament")).hasValue("boat 2");
        assertThat(word("From left to right")).hasText("from the right");
        assertThat(field("From the right")).hasValue("¼ in");
        press("Copy");
        choose("Paste", "back");
        assertThat(field("Name of the ornament")).hasValue("boat 3");
        choose("From left to right", "in the middle");
        Locator toppers = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Ornaments"));
        toppers.getByText("boat", new Locator.GetByTextOptions().setExact(true))
                .click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        choose("Line up", "bottom edges");
        assertThat(word("From bottom to top, laid by")).hasText("the boat");
        more("Add an ornament", "ornament 1");
        choose("Face of the ornament", "back");
        choose("Shape of the ornament", "corner of the face");
        choose("Which corner", "upper left");
        view("Bench");
        assertThat(list("Pieces to cut")).containsText("boat 3");
        assertThat(list("Order of work")).containsText("Add the boat 3");
        assertSaved();
    }
}
