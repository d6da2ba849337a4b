package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
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

    @Test
    void everyFoldOfTheShelfFoldsSavesAndPrints() {
        beginCard("millimetres", "All folds");
        choose("Sheet", "A3");
        button("Fold shelf").click();
        Locator cards = shelf().getByRole(AriaRole.LISTITEM);
        assertThat(cards.first()).isVisible();
        List<String> folds = shelf().getByRole(AriaRole.HEADING, new Locator.GetByRoleOptions().setLevel(3))
                .allTextContents();
        assertThat(folds).hasSizeGreaterThan(15);
        page.keyboard().press("Escape");
        String id = page.url().substring(page.url().lastIndexOf('/') + 1);
        for (String fold : folds) {
            takeOffTheShelf(fold);
            assertThat(page.getByRole(
                            AriaRole.COMBOBOX,
                            new Page.GetByRoleOptions().setName("Fold").setExact(true)))
                    .containsText(fold);
            assertThat(page.getByTestId("closed-size")).containsText("closed");
            assertThat(page.getByTestId("standing")).isVisible();
            assertThat(page.getByText("It cannot move on")).hasCount(0);
            slider().press("Home");
            assertThat(slider()).hasAttribute("aria-valuetext", java.util.regex.Pattern.compile("flat|closed"));
            slider().press("End");
            assertThat(slider()).hasAttribute("aria-valuetext", "displayed");
            assertSaved();
            for (String what : List.of("plan", "template")) {
                int status = page.request()
                        .get(page.url().replaceFirst("/bench/.*", "/api/projects/" + id + "/exports/" + what + ".pdf"))
                        .status();
                assertThat(status).as("%s, %s", fold, what).isEqualTo(200);
            }
        }
        button("Undo").click();
        assertThat(page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName("Fold").setExact(true)))
                .containsText(folds.get(folds.size() - 2));
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
                .locator("polygon[fill='var(--accent)']");
        assertThat(marked).hasCount(1);
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
