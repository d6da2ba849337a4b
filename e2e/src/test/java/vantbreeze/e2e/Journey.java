package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.extension.TestExecutionExceptionHandler;

/** A maker in front of the application with its demo data. Every journey has its own browser; they share the application. */
abstract class Journey {

    /** Started by the first journey, shared by all, ended with the tests. */
    private static App app;

    private static Chromium chromium;

    protected final List<String> errors = new ArrayList<>();
    protected Page page;

    /** What stood on the page when a journey failed is part of its message, for a log that is all one has of it. */
    @RegisterExtension
    final TestExecutionExceptionHandler evidence = (context, failure) -> {
        throw new AssertionError(
                "%s%nOn the page %s:%n%s%n%s"
                        .formatted(
                                failure.getMessage(),
                                page.url(),
                                page.locator("body").innerText(),
                                errors),
                failure);
    };

    /** A busy machine needs longer for what is there at once on a quiet one. */
    private static final double PATIENCE_MS = 20_000;

    private static final int OPENED_AGAIN = 4;
    private static final double SOON_MS = 4_000;

    @BeforeAll
    static synchronized void start() throws IOException {
        if (app == null) {
            PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
            app = App.start(Files.createTempDirectory("vantbreeze-e2e"));
            chromium = new Chromium();
            Runtime.getRuntime().addShutdownHook(new Thread(app::close));
        }
    }

    @BeforeEach
    void open() {
        page = browser(ColorScheme.LIGHT);
    }

    /** What the browser complains about is a fault, whatever the journey was for. Refused requests are meant to be. */
    @AfterEach
    void noErrors() {
        page.context().close();
        Assertions.assertThat(errors)
                .filteredOn(e -> !e.contains("status of 4"))
                .isEmpty();
    }

    protected Page browser(ColorScheme colours) {
        return chromium.page(app.address(), colours, errors);
    }

    protected void goTo(String path) {
        page.navigate(app.address() + path);
    }

    /** Begins a card with a mouse and gives it a name. */
    protected void beginCard(String units, String name) {
        goTo("projects");
        button("New card in " + units).click();
        field("Name of the project").fill(name);
        field("Name of the project").blur();
        assertSaved();
    }

    /** A Z-fold of that closed size, held landscape. */
    protected void beginZFold(String name, String width, String height) {
        beginCard("inches", name);
        choose("Starting point", "closing to");
        type("Closed width", width);
        type("Closed height", height);
        assertClosed(width + " × " + height + " in");
    }

    protected void openCard(String name) {
        goTo("projects");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name))
                .first()
                .click();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Brief")))
                .isVisible();
    }

    /** Goes to another view of the card. */
    protected void view(String name) {
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Views of this card"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(name))
                .click();
    }

    /** A picture by what it is said to show. */
    protected Locator picture(String name) {
        return page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(name));
    }

    protected Locator list(String name) {
        return page.getByRole(
                AriaRole.LIST, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    protected Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    protected Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    protected Locator score(String name) {
        return page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName(name));
    }

    /** A bold word of the sentence that opens a list. */
    protected Locator word(String label) {
        return page.getByRole(
                AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(label).setExact(true));
    }

    /** Opens a bold word's list and takes a choice. */
    protected void choose(String word, String choice) {
        Locator option = page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(choice))
                .first();
        for (int opened = 1; ; opened++) {
            if (page.getByRole(AriaRole.LISTBOX).count() == 0) {
                word(word).click();
            }
            try {
                option.click(new Locator.ClickOptions().setTimeout(SOON_MS));
                return;
            } catch (TimeoutError missed) {
                /* A plan that arrived in that moment worded the sentence anew: the word had moved, or its list was gone. */
                if (opened == OPENED_AGAIN) {
                    throw missed;
                }
            }
        }
    }

    protected void type(String word, String text) {
        field(word).fill(text);
        field(word).press("Enter");
    }

    protected void assertClosed(String size) {
        assertThat(page.getByTestId("closed-size")).hasText(size + " closed");
    }

    protected void assertFit(String text) {
        assertThat(page.getByTestId("fit")).containsText(text);
    }

    protected void assertSaved() {
        assertThat(page.getByTestId("save-state")).hasText("saved");
    }

    /** By the rules of WCAG 2.2 AA. */
    protected void assertAxeFindsNothing() {
        page.waitForTimeout(250); // menus and dialogs fade in; a half faded text has half its contrast
        Assertions.assertThat(new AxeBuilder(page)
                        .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"))
                        .analyze()
                        .getViolations())
                .extracting(rule -> rule.getId() + ": " + rule.getNodes().get(0).getHtml())
                .isEmpty();
    }
}
