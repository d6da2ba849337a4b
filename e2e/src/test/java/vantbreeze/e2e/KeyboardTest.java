package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** The whole way without a mouse: only keys are pressed, and what has the focus is what a maker would have tabbed to. */
class KeyboardTest extends Journey {

    private static final int MOST_TABS = 90;

    @Test
    void fromTheListOfProjectsToAPrintedPlan() {
        goTo("projects");
        assertThat(button("New card in inches")).isVisible();
        tabTo(button("New card in inches"));
        press("Enter");
        assertThat(field("Name of the project")).hasValue("Untitled card");

        tabTo(field("Name of the project"));
        press("Control+A");
        page.keyboard().type("By keys alone");
        press("Enter");

        chooseByKeys("Fold", "gatefold", "gate");
        assertThat(word("Fold")).containsText("gatefold");

        chooseByKeys("Starting point", "closing to", "closing");
        tabTo(field("Closed width"));
        page.keyboard().type("4 in");
        press("Tab");
        tabTo(field("Closed height"));
        page.keyboard().type("5 in");
        press("Enter");
        assertClosed("4 × 5 in");
        press("ArrowUp");
        assertClosed("4 × 5\u202f1\u204416 in");
        press("ArrowDown");
        assertClosed("4 × 5 in");
        press("Tab");

        tabTo(score("score 1, valley"));
        press("ArrowLeft");
        assertThat(score("score 1, valley")).hasAttribute("aria-valuetext", "1\u202f15\u204416 in");
        press("Control+z");
        assertThat(score("score 1, valley")).hasAttribute("aria-valuetext", "2 in");
        press("u");
        assertThat(button("Units: millimetres, switch")).isVisible();
        press("u");
        assertThat(button("Units: inches, switch")).isVisible();
        assertSaved();

        tabTo(button("Print"));
        Page print = page.waitForPopup(() -> {
            press("Enter");
            assertThat(page.getByRole(AriaRole.MENU)).isVisible();
            press("ArrowDown");
            press("Enter");
        });
        org.assertj.core.api.Assertions.assertThat(print.url()).contains("/exports/plan.pdf");
        org.assertj.core.api.Assertions.assertThat(
                        page.request().get(print.url()).status())
                .isEqualTo(200);
    }

    /** The word changes under the cursor when the answer comes; what is typed next replaces it, never follows it. */
    @Test
    void aWordIsTypedOverAgainAndAgainAndEachTimeIsOneStepOfUndo() {
        beginZFold("Typed over", "4", "5");
        field("Closed width").focus();
        for (String width : new String[] {"4 1/2", "3 1/2", "4 1/4"}) {
            page.keyboard().type(width + " in");
            press("Enter");
            assertThat(field("Closed width"))
                    .hasValue(width.replace(" 1/2", "½").replace(" 1/4", "¼") + " in");
        }
        page.keyboard().type("4 3/4 in");
        press("Enter");
        press("Tab");
        assertClosed("4¾ × 5 in");
        button("Undo").click();
        assertClosed("4¼ × 5 in");
        button("Undo").click();
        assertClosed("3½ × 5 in");
    }

    /** Typing moves the mark to the choice that begins so; it moves a moment after the key. */
    private void chooseByKeys(String word, String choice, String typed) {
        tabTo(word(word));
        press("Enter");
        assertThat(page.getByRole(AriaRole.LISTBOX)).isVisible();
        page.keyboard().type(typed);
        assertThat(page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^" + choice))))
                .isFocused();
        press("Enter");
    }

    private void press(String key) {
        page.keyboard().press(key);
    }

    /** Tabs on until the focus is there; at the end of the page it begins again. */
    private void tabTo(Locator target) {
        for (int i = 0; i < MOST_TABS; i++) {
            if (Boolean.TRUE.equals(target.evaluate("e => e === document.activeElement"))) {
                return;
            }
            press("Tab");
        }
        throw new AssertionError("The focus never reached " + target);
    }
}
