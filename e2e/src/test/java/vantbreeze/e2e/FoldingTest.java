package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The shelf, and every fold from it on the bench: it folds, it saves, it prints. */
class FoldingTest extends Journey {

    private Locator shelf() {
        return page.getByRole(AriaRole.DIALOG);
    }

    private Locator slider() {
        return page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("How far it is folded"));
    }

    private void takeOffTheShelf(String fold) {
        button("Fold shelf").click();
        shelf().getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Choose " + fold).setExact(true))
                .click();
        assertThat(shelf()).hasCount(0);
        assertThat(word("Fold")).containsText(fold);
        assertThat(page.getByTestId("folding")).hasAttribute("aria-busy", "false");
    }

    /** Waits until the model has drawn again, never for a time. */
    private void assertModelDraws(Runnable change) {
        Locator canvas = page.locator("[data-testid=model] canvas");
        assertThat(canvas).hasAttribute("data-frames", java.util.regex.Pattern.compile("\\d+"));
        int before = Integer.parseInt(canvas.getAttribute("data-frames"));
        change.run();
        page.waitForFunction(
                "n => Number(document.querySelector('[data-testid=model] canvas')?.dataset.frames ?? 0) > n", before);
    }

    /** A figure of the maker's own, drawn elsewhere: what suits is cut in every size, what does not is refused with the reason. */
    @Test
    void figuresAreCutByADrawnOutline() {
        beginCard("millimetres", "Little houses");
        takeOffTheShelf("nested figures");
        assertThat(word("outline")).hasText("dome");
        draw("M0 60 V30 L20 0 L40 30 V60 Z");
        assertThat(word("outline")).hasText("drawn outline");
        assertSaved();
        page.reload();
        assertThat(word("outline")).hasText("drawn outline");
        assertThat(page.getByTestId("closed-size")).containsText("closed");
        draw("M20 60 L0 30 L20 0 L40 30 Z");
        assertThat(page.getByText("touches both sides of its box").first()).isVisible();
        choose("outline", "bell");
        assertThat(word("outline")).hasText("bell");
    }

    private void draw(String path) {
        page.getByLabel("Drawing for the outline")
                .setInputFiles(new FilePayload(
                        "own.svg",
                        "image/svg+xml",
                        ("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 40 60'><path d='" + path + "'/></svg>")
                                .getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void everyFoldOfTheShelfFoldsSavesAndPrints() {
        beginCard("millimetres", "All folds");
        choose("Sheet", "A3");
        button("Fold shelf").click();
        Locator cards = shelf().getByRole(AriaRole.LISTITEM);
        assertThat(cards.first()).isVisible();
        List<String> folds = shelf().getByRole(AriaRole.HEADING, new Locator.GetByRoleOptions().setLevel(3))
                .allTextContents();
        assertThat(folds).hasSizeGreaterThan(30);
        page.keyboard().press("Escape");
        String id = page.url().substring(page.url().lastIndexOf('/') + 1);
        for (String fold : folds) {
            takeOffTheShelf(fold);
            assertThat(page.getByTestId("closed-size")).containsText("closed");
            assertThat(page.getByTestId("model")).isVisible();
            assertThat(page.getByText("It cannot move on")).hasCount(0);
            slider().press("Home");
            assertThat(slider()).hasAttribute("aria-valuetext", java.util.regex.Pattern.compile("flat|closed"));
            slider().press("End");
            assertThat(slider())
                    .hasAttribute(
                            "aria-valuetext",
                            java.util.regex.Pattern.compile(
                                    "displayed|opened|bar opened|face 1 again|\\d pages? turned"));
            assertSaved();
            for (String what : List.of("plan.pdf", "template.pdf", "pattern.fold")) {
                int status = page.request()
                        .get(page.url().replaceFirst("/bench/.*", "/api/projects/" + id + "/exports/" + what))
                        .status();
                assertThat(status).as("%s, %s", fold, what).isEqualTo(200);
            }
        }
        button("Undo").click();
        assertThat(word("Fold")).containsText(folds.get(folds.size() - 2));
    }

    @Test
    void theModelFollowsTheSliderAndSharesItsSelection() {
        openCard("Comet-watch invitation");
        assertModelDraws(() -> button("closed").click());
        assertModelDraws(() -> button("from behind").click());
        assertModelDraws(() -> slider().press("PageDown"));
        Locator section = page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Section from above"));
        assertModelDraws(() -> section.locator("g").last().dispatchEvent("click"));
        Locator marked = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Flat base"))
                .locator("path[fill='var(--accent)']");
        assertThat(marked).hasCount(1);
    }

    /** A browser without three dimensions: the drawings tell how it moves, no film is offered, and making goes on. */
    @Test
    void whereNoModelCanBeDrawnTheDrawingsTellAll() {
        page.addInitScript("""
                const get = HTMLCanvasElement.prototype.getContext;
                HTMLCanvasElement.prototype.getContext = function (kind, ...more) {
                  return kind.startsWith("webgl") ? null : get.call(this, kind, ...more);
                };""");
        openCard("Comet-watch invitation");
        Locator sentence = page.getByText("This browser cannot draw in three dimensions");
        assertThat(sentence).isVisible();
        assertThat(slider()).isVisible();
        assertThat(button("Save as a video")).hasCount(0);
        page.locator("body").press("m");
        Locator step = page.getByRole(AriaRole.ARTICLE);
        assertThat(step).containsText("Step 1 of");
        Locator title = step.getByRole(AriaRole.HEADING);
        for (int n = 2; !title.innerText().startsWith("Fold"); n++) {
            page.locator("body").press("Space");
            assertThat(step).containsText("Step " + n + " of");
        }
        assertThat(sentence).isVisible();
        assertThat(button("Back")).isVisible();
        /* That it cannot be drawn is what was asked for. */
        errors.removeIf(e -> e.contains("WebGL"));
    }

    @Test
    void aUsualSizeIsAChangeLikeAnyOther() {
        beginCard("inches", "Usual sizes");
        choose("Fold", "tower");
        choose("Usual sizes", "105 × 148 mm");
        assertClosed("105 × 148 mm");
        assertThat(field("slits from the bottom")).hasValue("25 mm, 50 mm, 98 mm, 123 mm");
        button("Undo").click();
        assertThat(button("Units: inches, switch")).isVisible();
    }

    /** Rows, slits and a joint typed by hand; kept, chosen again from the shelf, taken off and brought back. */
    @Test
    void aFoldOfOnesOwnIsTypedAndKept() {
        beginCard("inches", "My own");
        choose("Fold", "free strip");
        choose("Starting point", "closing to");
        type("panels", "1 V 1 M 4 1/4 M 1 V 1 / 2 V 1 M 2 1/4 M 1 V 2 in");
        type("slits along the strip", "1, 3, 5 1/4, 7 1/4 in");
        type("Closed height", "3 in");
        assertClosed("4¼ × 3 in");
        type("glued", "panel 1 on panel 99");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("panel 99");
        field("glued").press("Escape");
        button("Keep as my own fold").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel("Name of the fold").fill("Dome shutters");
        assertAxeFindsNothing();
        dialog.getByText("Keep it").click();
        assertThat(dialog).hasCount(0);
        choose("Fold", "Z-fold");
        takeOffTheShelf("Dome shutters");
        assertThat(field("slits along the strip")).hasValue("1 in, 3 in, 5¼ in, 7¼ in");
        button("Keep as my own fold").click();
        button("Take Dome shutters off the shelf").click();
        assertThat(dialog.getByText("Dome shutters is off the shelf.")).isVisible();
        button("Bring it back").click();
        assertThat(button("Take Dome shutters off the shelf")).isVisible();
        button("Take Dome shutters off the shelf").click();
        assertThat(dialog.getByRole(AriaRole.LISTITEM)).hasCount(0);
    }

    @Test
    void theShelfKeepsOnlyWhatIsWished() {
        openCard("Comet-watch invitation");
        button("Fold shelf").click();
        Locator cards = shelf().getByRole(AriaRole.LISTITEM);
        assertThat(cards.first()).isVisible();
        int all = cards.count();
        button("stands by itself").click();
        button("quick to make").click();
        assertThat(cards.first()).isVisible();
        assertThat(cards.count()).isLessThan(all).isPositive();
        assertThat(cards.filter(new Locator.FilterOptions().setHasText("does not stand")))
                .hasCount(0);
        assertAxeFindsNothing();
    }
}
