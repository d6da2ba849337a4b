package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Three cards dressed from bare to ready for the post. */
class LayersTest extends Journey {

    private void begin(String name, String fold, String width, String height) {
        beginCard("inches", name);
        choose("Sheet", "12 × 12 in");
        choose("Fold", fold);
        choose("Starting point", "closing to");
        type("Closed width", width);
        type("Closed height", height);
        assertClosed(width + " × " + height + " in");
        view("Layers");
    }

    private void open(String face) {
        list("Faces to dress")
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions()
                                .setName(Pattern.compile("^" + face.replaceAll("[()]", ".") + " [^(]")))
                .click();
    }

    private Locator tick(String label) {
        return page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(label));
    }

    private Locator snag(String text) {
        return page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText(text));
    }

    private Locator place(String ornament) {
        return page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Place of " + ornament));
    }

    /** Mats 1/4 in smaller each way, the second by another 1/8: common practice, no published source. */
    @Test
    void aLatchGateWithTwoMatsAWindowAndALatchTopper() {
        begin("Lens cap lottery", "latch gate", "5", "7");
        choose("Mat layers", "two");
        type("Step of layer 2", "1/16 in");
        choose("Pattern of beige paper", "upright");
        open("left gate (back side)");
        assertThat(list("Papers on left gate (back side)")).containsText("1¾ × 6¾ in, border 1\u20448 in all round");
        assertThat(list("Papers on left gate (back side)"))
                .containsText("1\u202f5\u20448 × 6\u202f5\u20448 in, border 1\u204416 in all round");
        choose("Paper of layer 1 here", "another paper …");
        choose("Pattern of paper 1", "scattered");
        assertThat(word("Pattern of paper 1")).containsText("scattered");
        assertThat(word("Pattern of grey blue paper")).containsText("plain");
        assertThat(page.getByText("1 face dressed by itself")).isVisible();
        button("Papers as on the rest of the card").click();
        assertThat(word("Pattern of paper 1")).hasCount(0);
        tick("turned").click();
        Locator upsideDown = snag("stands on its head");
        assertThat(upsideDown).hasCount(1);
        upsideDown
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Turn the mat"))
                .click();
        assertThat(upsideDown).hasCount(0);
        for (String look : new String[] {"closed", "opened", "displayed", "from behind"}) {
            assertThat(picture("The card " + look)).isVisible();
        }

        button("Add an ornament").click();
        choose("Face of the ornament", "middle");
        type("Name of the ornament", "lens");
        type("Size of the ornament", "2 in");
        type("From the left", "-1/2 in");
        type("From the bottom", "2 1/2 in");
        assertThat(page.getByText("Closed, it reaches over left lip and right lip"))
                .isVisible();
        assertThat(word("Foam")).containsText("as much foam as it needs");
        assertThat(snag("through the post in a plain envelope")).hasCount(1);
        choose("What holds it", "glued all over");
        assertThat(snag("and they part")).hasCount(1);
        button("Undo").click();
        assertThat(snag("and they part")).hasCount(0);

        view("Bench");
        assertThat(list("Pieces to cut")).containsText("lens");
        assertThat(list("Order of work")).containsText("Add the lens.");
        choose("film window", "left side");
        assertThat(list("Pieces to cut")).containsText("window film");
        assertSaved();
        page.reload();
        assertThat(list("Pieces to cut")).containsText("window film");
    }

    /** One layer flush with the edges, one 1/16 in inside it: common practice, no published source. */
    @Test
    void aTowersBackInTwoLayersOfItsOwn() {
        begin("Lighthouse rota", "tower", "4¼", "5½");
        open("middle (back side)");
        choose("Mats on middle (back side)", "2 mats");
        choose("How papers cover middle (back side)", "one column between the slits");
        tick("borders of its own").click();
        type("Border 1 of middle (back side)", "0");
        type("Border 2 of middle (back side)", "1/16 in");
        assertThat(list("Papers on middle (back side)")).containsText("2¼ × 5½ in, to the edges");
        assertThat(list("Papers on middle (back side)"))
                .containsText("2\u202f1\u20448 × 5\u202f3\u20448 in, border 1\u204416 in all round");
        type("Border 2 of middle (back side)", "3 in");
        assertThat(page.getByText("A border must be 0 to 1 in (25.4 mm) wide.").first())
                .isVisible();
    }

    @Test
    void anOrnamentIsDraggedAlongTheRulersMarks() {
        begin("Dragged comet", "Z-fold", "5½", "4");
        button("Add an ornament").click();
        assertThat(field("From the left")).hasValue("7\u20448 in");
        place("ornament 1").scrollIntoViewIfNeeded();
        BoundingBox box = place("ornament 1").boundingBox();
        double inch = box.width;
        page.mouse().move(box.x + inch / 2, box.y + inch / 2);
        page.mouse().down();
        page.mouse().move(box.x + inch, box.y + inch / 2, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(6));
        page.waitForResponse(
                r -> r.request().method().equals("PUT"), () -> page.mouse().up());
        assertSaved();
        assertThat(field("From the left")).hasValue(Pattern.compile("^1.*in$"));
        String dragged = field("From the left").inputValue();
        place("ornament 1").focus();
        page.keyboard().press("ArrowRight");
        assertThat(field("From the left")).not().hasValue(dragged);
        page.keyboard().press("ArrowLeft");
        assertThat(field("From the left")).hasValue(dragged);
        button("Take it off").click();
        assertThat(field("Name of the ornament")).hasCount(0);
        button("Undo").click();
        assertThat(field("Name of the ornament")).hasValue("ornament 1");
    }

    @Test
    void aTowerWithPatternsAWritingMatAndABelt() {
        begin("Dome after dark", "tower", "4¾", "6¾");
        choose("Pattern of off-white card", "scattered");
        choose("Pattern of grey blue paper", "scattered");
        Locator noRoom = snag("There is no room to write");
        /* The strip to sign behind it is there already. */
        assertThat(noRoom).hasCount(0);
        assertThat(list("Room to write").getByRole(AriaRole.LISTITEM)).hasCount(1);
        open("left end");
        tick("ground").click();
        tick("strip").click();
        type("Strip on left end", "1/2 in");
        assertThat(list("Papers on left end")).containsText("ground");
        assertThat(list("Papers on left end")).containsText("strip");
        type("Strip on left end", "20 in");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("at most 12 in");
        field("Strip on left end").press("Escape");

        view("Envelope and post");
        assertThat(page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Weight by parts")))
                .containsText("mats");
        choose("Closure", "a belt");
        assertThat(page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Weight by parts")))
                .containsText("belt");
        type("Width of the closure", "1 1/4 in");
        assertThat(page.getByText(Pattern.compile("^belt: .* × 1¼ in$"))).isVisible();
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Box")).click();
        Page template = page.waitForPopup(() -> button("1:1 template, Letter").click());
        org.assertj.core.api.Assertions.assertThat(template.url()).contains("envelope.pdf?style=BOX&paper=letter");
        byte[] pdf = page.request().get(template.url()).body();
        org.assertj.core.api.Assertions.assertThat(new String(pdf, 0, 5, StandardCharsets.ISO_8859_1))
                .isEqualTo("%PDF-");
    }

    @Test
    void aWFoldWithADrawnStarInAnEnvelopeOfTheDrawer() {
        begin("Winter stars", "W-fold", "5", "7");
        choose("Mat layers", "one");
        choose("Pattern of grey blue paper", "upright");
        button("Add an ornament").click();
        type("Name of the ornament", "star");
        String star = "<svg xmlns='http://www.w3.org/2000/svg'>"
                + "<path d='M50 0 L61 35 L98 35 L68 57 L79 91 L50 70 L21 91 L32 57 L2 35 L39 35 Z'/></svg>";
        page.getByLabel("Drawing for the ornament")
                .setInputFiles(new FilePayload("star.svg", "image/svg+xml", star.getBytes(StandardCharsets.UTF_8)));
        assertThat(word("Shape of the ornament")).containsText("drawn outline");
        type("Size of the ornament", "1 1/2 in");
        page.getByLabel("Drawing for the ornament")
                .setInputFiles(new FilePayload(
                        "bad.svg", "image/svg+xml", "<!DOCTYPE svg []><svg/>".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("must be taken out");
        assertThat(word("Shape of the ornament")).containsText("drawn outline");
        open("front");
        assertThat(list("Papers on front")).containsText("its up is up on the flat piece");

        view("Envelope and post");
        Locator drawer = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Your envelopes"));
        drawer.getByLabel("An envelope you have").fill("dark blue");
        drawer.getByLabel("Its inside").fill("5 3/4 x 7 3/4 in");
        button("Put it in").click();
        button("Choose dark blue").click();
        assertFit("dark blue: ");
        button("Limits and prices paid").click();
        button("Change United Kingdom, letter").click();
        field("Price paid").fill("2.70 in May");
        button("Keep").click();
        assertThat(page.getByText("letter, paid 2.70 in May")).isVisible();
        page.keyboard().press("Escape");
        Locator letters = list("What the post makes of it");
        assertThat(letters.getByRole(AriaRole.LISTITEM)
                        .filter(new Locator.FilterOptions().setHasText("United Kingdom")))
                .containsText("letter");
        assertThat(letters).containsText("paid 2.70 in May");
        assertThat(page.getByText("Check with your post office.")).isVisible();
        button("Take dark blue out of the drawer").click();
        button("Bring it back").click();
        assertThat(button("Take dark blue out of the drawer")).hasCount(1);
    }

    /** Thickness and post follow the card and its envelope. */
    @Test
    void thicknessAndPostFollowTheCard() {
        openCard("Evening programme stage");
        view("Envelope and post");
        assertThat(picture("Thickness of the closed card, at most 2.3 mm")).isVisible();
        Locator letters = list("What the post makes of it").getByRole(AriaRole.LISTITEM);
        assertThat(letters).hasCount(5);
        assertThat(letters.nth(2)).containsText("standard letter");
        view("Layers");
        choose("Mat layers", "two");
        view("Envelope and post");
        assertThat(picture("Thickness of the closed card, at most 3.1 mm")).isVisible();
    }
}
