package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

class ProjectsTest extends Journey {

    private Locator line(String name) {
        return page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByText(name, new Page.GetByTextOptions().setExact(true))));
    }

    @Test
    void theDemoShowsItsCards() {
        goTo("");
        assertThat(page).hasURL(java.util.regex.Pattern.compile(".*/projects$"));
        assertThat(line("Comet-watch invitation")).containsText("Z-fold");
        assertThat(line("Thank-you for the dome painters")).containsText("100 × 148 mm closed");
    }

    @Test
    void aCardIsCopiedDeletedAndBroughtBack() {
        beginCard("inches", "To be copied");
        goTo("projects");
        button("Copy To be copied").click();
        assertThat(line("To be copied (copy)")).isVisible();
        button("Delete To be copied (copy)").click();
        assertThat(line("To be copied (copy)")).hasCount(0);
        button("Bring it back").click();
        assertThat(line("To be copied (copy)")).isVisible();
    }

    @Test
    void anOlderRevisionIsRestored() {
        beginZFold("With a past", "5", "4");
        assertSaved();
        type("Closed width", "4 in");
        assertClosed("4 × 4 in");
        assertSaved();
        button("Revisions").click();
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("5 × 4 in"))
                .getByRole(AriaRole.BUTTON)
                .click();
        assertClosed("5 × 4 in");
        page.reload();
        assertClosed("5 × 4 in");
    }

    @Test
    void twoTabsDoNotOverwriteEachOtherSilently() {
        beginZFold("In two tabs", "5", "4");
        assertSaved();
        Page first = page;
        Page second = first.context().newPage();
        second.navigate(first.url());
        page = second;
        assertThat(field("Closed width")).hasValue("5 in");
        type("Closed width", "4 in");
        assertClosed("4 × 4 in");
        assertSaved();
        page = first;
        type("Closed width", "4 1/2 in");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Changed in another tab");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take what is there"))
                .click();
        assertClosed("4 × 4 in");
        button("Undo").click();
        assertClosed("4½ × 4 in");
        assertSaved();
    }

    @Test
    void aNameIsTextNotHtml() {
        beginCard("inches", "<img src=x onerror=document.title='broken'>");
        goTo("projects");
        assertThat(line("<img src=x onerror=document.title='broken'>")).isVisible();
        assertThat(page).hasTitle("Projects · Vantbreeze");
    }
}
