package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** From the first cut to the logbook. */
class MakeTest extends Journey {

    private Locator step() {
        return page.getByRole(AriaRole.ARTICLE);
    }

    private Locator title() {
        return step().getByRole(AriaRole.HEADING);
    }

    private Locator box(String name) {
        return page.getByRole(
                AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private int steps() {
        return list("How far it is").getByRole(AriaRole.LISTITEM).count();
    }

    private Locator notch(int number) {
        return list("How far it is").getByRole(AriaRole.BUTTON).nth(number - 1);
    }

    private void onStep(int number, int of) {
        assertThat(step()).containsText("Step %d of %d".formatted(number, of));
    }

    /** Gluey hands: the whole picture goes on, its left edge back; what is said aloud is the step that is shown. */
    @Test
    void thePictureIsTouchedAndTheStepIsSpoken() {
        page.addInitScript("""
                window.said = [];
                Object.defineProperty(window, "speechSynthesis",
                  { value: { cancel() {}, speak: (u) => window.said.push(u.text) } });""");
        beginCard("inches", "Gluey hands");
        choose("Fold", "W-fold");
        assertSaved();
        page.locator("body").press("m");
        assertThat(title()).hasText("Cut the pieces");
        int steps = steps();
        Locator picture = page.getByTestId("step-picture");
        picture.click();
        onStep(2, steps);
        picture.click(new Locator.ClickOptions().setPosition(10, 10));
        onStep(1, steps);
        page.getByText("read aloud", new Page.GetByTextOptions().setExact(true)).click();
        picture.click();
        onStep(2, steps);
        assertThat(title()).hasText("Score the base");
        Object said = page.evaluate("window.said");
        org.assertj.core.api.Assertions.assertThat((List<?>) said)
                .hasSize(2)
                .last()
                .asString()
                .startsWith("Score the base.")
                .contains(" inches")
                .doesNotContain("⁄");
    }

    /** A W-fold by the keyboard alone: a score is missed and saved, the card logged with a photograph and begun again. */
    @Test
    void aWFoldIsMadeFromTheFirstCutToTheLogbookByTheKeyboardAlone() throws IOException {
        beginCard("inches", "Winter arms");
        choose("Fold", "W-fold");
        assertSaved();
        page.locator("body").press("m");
        assertThat(title()).hasText("Cut the pieces");
        int steps = steps();
        onStep(1, steps);
        page.keyboard().press("Space");
        onStep(2, steps);
        assertThat(title()).hasText("Score the base");
        Locator measured = page.getByLabel(Pattern.compile("Measured 1st score"));
        measured.focus();
        page.keyboard().type("3 in");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Measured", new Page.GetByLabelOptions().setExact(true))
                        .getByRole(AriaRole.STATUS))
                .containsText(Pattern.compile("Go on, but set|Better cut it again"));
        page.locator("body").press("PageDown");
        onStep(3, steps);
        page.locator("body").press("PageUp");
        onStep(2, steps);
        assertThat(measured).hasValue("3 in");
        page.locator("body").press("ArrowRight");
        page.reload();
        onStep(3, steps);
        for (int i = 3; i < steps; i++) {
            page.locator("body").press("Space");
            onStep(i + 1, steps);
        }
        page.locator("body").press("Space");
        assertThat(button("Into the logbook")).isVisible();
        assertThat(list("Drying")).isVisible();
        button("Into the logbook").focus();
        page.keyboard().press("Enter");
        page.getByLabel("For whom").focus();
        page.keyboard().type("Juno Barr");
        page.getByLabel("Next time").focus();
        page.keyboard().type("measure twice");
        page.getByLabel("Photographs of the card").setInputFiles(new FilePayload("arms.png", "image/png", picture()));
        assertThat(button("Leave photograph 1 out")).isVisible();
        button("Write it down").focus();
        page.keyboard().press("Enter");
        Locator entry = list("What was made")
                .getByRole(AriaRole.ARTICLE, new Locator.GetByRoleOptions().setName("Winter arms"));
        assertThat(entry).containsText("for Juno Barr");
        assertThat(entry).containsText("1 setting measured against the plan");
        assertThat(entry.getByRole(AriaRole.IMG)).hasJSProperty("complete", true);
        page.getByLabel("Look for").fill("juno twice");
        assertThat(list("What was made").getByRole(AriaRole.ARTICLE)).hasCount(1);
        entry.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Make it again"))
                .focus();
        page.keyboard().press("Enter");
        assertThat(field("Name of the project")).hasValue("Winter arms");
        view("Make");
        onStep(1, steps);
    }

    private static byte[] picture() throws IOException {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "png", png);
        return png.toByteArray();
    }

    @Test
    void aKitIsCountedAndAMockUpHasOnlyItsMechanism() {
        openCard("Evening programme stage");
        view("Make");
        page.getByLabel("How many cards").fill("3");
        assertThat(title()).hasText("Cut the pieces");
        assertThat(step()).containsText("3 in all, 1 a card");
        int all = steps();
        button("One more done (1 of 3)").click();
        assertThat(title()).hasText("Cut the pieces");
        button("Done for all 3").click();
        assertThat(title()).hasText("Score the base");
        button("One more done (1 of 3)").click();
        button("One more done (2 of 3)").click();
        button("Done for all 3").click();
        onStep(3, all);
        assertThat(title()).hasText("Score the base");
        page.getByLabel("one card after the other").click();
        assertThat(step()).containsText("card 1 of 3");
        page.getByLabel("a mock-up from scrap").click();
        assertThat(title()).hasText("Cut the pieces");
        assertThat(notch(1)).not().hasAccessibleName(Pattern.compile("done"));
        assertThat(steps()).isLessThan(all);
        page.getByLabel("a mock-up from scrap").click();
        assertThat(notch(1)).hasAccessibleName(Pattern.compile("done"));
    }

    /** Of those that its papers allow; taken back, what is proposed stands again. */
    @Test
    void anotherAdhesiveIsTakenAtAStep() {
        openCard("Dome tower for Anniversary night");
        view("Make");
        button("Lay the mats").first().click();
        assertThat(title()).hasText("Lay the mats");
        assertThat(word("Glued with")).hasText("wet glue");
        choose("Glued with", "tape runner");
        assertThat(step()).containsText("tape runner: as you chose");
        choose("Glued with", "what is proposed");
        assertThat(step()).containsText("wet glue: you can slide the mat");
    }

    /** A step of the maker's own stands where it can still be done, and says when it is too late. */
    @Test
    void anOwnStepFindsItsPlaceAndSaysWhenItIsTooLate() {
        openCard("Eyepiece raffle card");
        view("Make");
        assertThat(title()).hasText("Cut the base");
        page.locator("body").press("o");
        box("What").selectOption("Stamp");
        box("On what").selectOption(new com.microsoft.playwright.options.SelectOption().setIndex(0));
        page.getByLabel("In your words").fill("Clear skies");
        button("Put it into the order of work").click();
        assertThat(list("Your own steps")).containsText("Clear skies");
        Locator rows = list("All steps").getByRole(AriaRole.LISTITEM);
        int stamp = indexOf(rows, "Stamp");
        int fold = indexOf(rows, "Fold the base");
        assertThat(stamp).isPositive().isLessThan(fold);
        rows.nth(fold).getByRole(AriaRole.CHECKBOX).click();
        rows.nth(stamp).getByRole(AriaRole.BUTTON).click();
        assertThat(step().getByRole(AriaRole.ALERT)).containsText("Too late on this card");
        assertThat(step()).containsText("Clear skies");
    }

    private static int indexOf(Locator rows, String text) {
        for (int i = 0; i < rows.count(); i++) {
            if (rows.nth(i).innerText().contains(text)) {
                return i;
            }
        }
        return -1;
    }

    /** Narrow and dark it is as usable: no axe violations, nothing wider than the screen. */
    @Test
    void itIsUsableNarrowAndDark() {
        page.context().close();
        page = browser(ColorScheme.DARK);
        page.setViewportSize(768, 1000);
        openCard("Dome tower for Anniversary night");
        view("Make");
        assertThat(title()).hasText("Cut the base");
        onStep(1, steps());
        page.locator("body").press("Space");
        onStep(2, steps());
        assertAxeFindsNothing();
        assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
                .isLessThanOrEqualTo(768);
        goTo("log");
        assertThat(list("What was made").getByRole(AriaRole.ARTICLE).first()).isVisible();
        assertAxeFindsNothing();
        choose("Fold made", "Z-fold");
        choose("Occasion", "Comet watch on the long hill");
        assertThat(list("What was made").getByRole(AriaRole.ARTICLE)).hasCount(1);
        assertThat(list("What was made")).containsText("Comet-watch invitation");
        page.reload();
        assertThat(word("Fold made")).hasText("Z-fold");
    }
}
