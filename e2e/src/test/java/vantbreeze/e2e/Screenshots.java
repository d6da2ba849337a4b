package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Takes the pictures of docs/screenshots from the demo data; run by {@code ./vantbreeze screenshots}, not with the tests. */
class Screenshots extends Journey {

    /** What stands where something is still being worked out. */
    private static final Pattern STILL_WORKING = Pattern.compile("^(Unfolding|Laying out|Reckoning).* …$");

    private static final Path FOLDER = Path.of("..", "docs", "screenshots");

    private void take(String name) {
        assertThat(page.getByText(STILL_WORKING)).hasCount(0);
        page.waitForTimeout(300); // menus and dialogs fade in
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }

    @Test
    void everyMainView() {
        goTo("projects");
        assertThat(page.getByRole(AriaRole.LISTITEM).first()).isVisible();
        take("projects");
        openCard("Comet-watch invitation");
        assertThat(page.getByTestId("fit")).isVisible();
        take("bench");
        openCard("Dome tower for Anniversary night");
        assertThat(page.getByTestId("fit")).isVisible();
        take("tower");
        view("Layers");
        assertThat(picture("The card displayed")).isVisible();
        take("tower-layers");
        openCard("Evening programme stage");
        view("Layers");
        assertThat(picture("The card displayed")).isVisible();
        take("stage-layers");
        openCard("Comet-watch invitation");
        button("Fold shelf").click();
        assertThat(page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.LISTITEM).first())
                .isVisible();
        page.waitForLoadState(LoadState.NETWORKIDLE); // all cards are painted
        page.waitForTimeout(2500); // the models are half open by then
        take("shelf");
        openCard("Evening programme stage");
        button("displayed").click();
        page.getByTestId("standing").scrollIntoViewIfNeeded();
        page.waitForTimeout(1500);
        take("folding");
        openCard("Lantern walk for the juniors");
        view("Layers");
        assertThat(picture("The card displayed")).isVisible();
        take("layers");
        button("lantern").first().scrollIntoViewIfNeeded();
        page.mouse().wheel(0, 400);
        take("ornaments");
        openCard("Dome tower for Anniversary night");
        view("Envelope and post");
        assertThat(list("Envelopes at hand")).isVisible();
        take("post");
        goTo("papers");
        assertThat(page.getByRole(AriaRole.LISTITEM).first()).isVisible();
        take("papers");
        openCard("Lantern walk for the juniors");
        view("Cutting");
        page.getByLabel("How many of this card").fill("12");
        button("Plan the cutting").click();
        assertThat(page.getByTestId("cutting-summary")).containsText("To buy");
        assertThat(page.getByTestId("cutting-summary")).not().containsText("Looking");
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Sheets to cut"))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Sheet 15").setExact(true))
                .click();
        take("cutting");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("walk it on the cutter"))
                .first()
                .click();
        page.getByLabel("How far it is").fill("30");
        take("cutter");
        openCard("Evening programme stage");
        view("Make");
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("Step 1 of");
        for (int i = 0; i < 6; i++) {
            page.locator("body").press("ArrowRight");
        }
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("Step 7 of");
        take("make");
        page.locator("body").press("o");
        take("make-steps");
        goTo("log");
        assertThat(page.getByRole(AriaRole.ARTICLE).first()).isVisible();
        take("logbook");
        openCard("Thank-you for the dome painters");
        button("Revisions").click();
        take("revisions");
        page.context().close();
        page = browser(ColorScheme.DARK);
        openCard("Thank-you for the dome painters");
        assertThat(page.getByTestId("fit")).isVisible();
        take("bench-dark");
    }
}
