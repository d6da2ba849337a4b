package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What axe-core finds by the rules of WCAG 2.2 AA: nothing, in light and in dark. */
class AccessibilityTest extends Journey {

    @ParameterizedTest
    @EnumSource(
            value = ColorScheme.class,
            names = {"LIGHT", "DARK"})
    void axeFindsNothing(ColorScheme colours) {
        page.context().close();
        page = browser(colours);
        goTo("projects");
        assertThat(button("New card in inches")).isVisible();
        assertAxeFindsNothing();
        openCard("Quillmere open evening");
        assertThat(page.getByTestId("fit").first()).isVisible();
        assertAxeFindsNothing();
        button("Revisions").click();
        assertThat(page.getByRole(AriaRole.DIALOG).getByText("now")).isVisible();
        assertAxeFindsNothing();
        page.keyboard().press("Escape");
        button("Print").click();
        assertThat(page.getByRole(AriaRole.MENU)).isVisible();
        assertAxeFindsNothing();
        page.keyboard().press("Escape");
        type("front panel", "9 in");
        assertThat(page.getByRole(AriaRole.ALERT).first()).isVisible();
        assertAxeFindsNothing();
        openCard("Lantern walk for the juniors");
        view("Layers");
        assertThat(picture("The card displayed")).isVisible();
        page.getByText("left side (back side)").first().click();
        assertAxeFindsNothing();
        view("Envelope and post");
        assertThat(list("Envelopes at hand")).isVisible();
        assertAxeFindsNothing();
        button("Limits and prices paid").click();
        button("Add a class").click();
        assertAxeFindsNothing();
        page.keyboard().press("Escape");
        view("Cutting");
        button("Plan the cutting").click();
        assertThat(page.getByTestId("cutting-summary")).containsText("from the drawer");
        assertAxeFindsNothing();
        goTo("papers");
        button("Put a sheet in").click();
        assertAxeFindsNothing();
    }

    /** Nothing runs out of the page sideways, from a small table screen on. */
    @ParameterizedTest
    @org.junit.jupiter.params.provider.ValueSource(ints = {768, 1024, 1280, 1920})
    void nothingRunsOutOfThePage(int width) {
        page.setViewportSize(width, 800);
        openCard("Thank-you for the dome painters");
        assertNothingRunsOut(width);
        view("Layers");
        assertThat(picture("The card closed")).isVisible();
        assertNothingRunsOut(width);
        view("Envelope and post");
        assertThat(list("Envelopes at hand")).isVisible();
        assertNothingRunsOut(width);
        view("Cutting");
        button("Plan the cutting").click();
        assertThat(page.getByTestId("cutting-summary")).containsText("sheet");
        assertNothingRunsOut(width);
        goTo("papers");
        assertThat(button("Put a sheet in")).isVisible();
        assertNothingRunsOut(width);
    }

    private void assertNothingRunsOut(int width) {
        assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
                .isLessThanOrEqualTo(width);
    }
}
