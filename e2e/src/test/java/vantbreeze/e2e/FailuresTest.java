package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** When something fails, the page says what, keeps what the maker made, and goes on by itself. */
class FailuresTest extends Journey {

    private void refuse(String address, int status, String type, String body) {
        page.route(
                address,
                route -> route.fulfill(new Route.FulfillOptions()
                        .setStatus(status)
                        .setContentType(type)
                        .setBody(body)));
    }

    private void fillDisk() {
        refuse(
                "**/api/projects/*",
                400,
                "application/problem+json",
                "{\"title\": \"Not kept\", \"status\": 507, \"detail\": \"The disk is full.\"}");
    }

    @Test
    void whatCannotBeSavedStaysIsGivenAsAFileAndIsSavedLater() throws IOException {
        beginZFold("On a full disk", "5", "4");
        assertSaved();
        fillDisk();
        type("Closed width", "4 1/2");
        assertThat(page.getByText("The disk is full. It is tried again by itself"))
                .isVisible();
        Download file = page.waitForDownload(() -> button("Save as a file").click());
        Assertions.assertThat(Files.readString(file.path())).contains("\"width\": \"4 1/2 in\"");
        Assertions.assertThat(file.suggestedFilename()).isEqualTo("On a full disk.json");
        page.unroute("**/api/projects/*");
        button("Try again").click();
        assertSaved();
        page.reload();
        assertClosed("4½ × 4 in");
    }

    @Test
    void whatWasNotSavedIsTakenUpAgainAfterTheBrowserWasClosed() {
        beginZFold("Lost and found", "5", "4");
        assertSaved();
        fillDisk();
        type("Closed width", "4 1/2");
        assertThat(button("Save as a file")).isVisible();
        page.unroute("**/api/projects/*");
        page.evaluate("() => { window.stop(); }");
        page.reload();
        button("Take them up").click();
        assertClosed("4½ × 4 in");
        assertSaved();
    }

    /** An earlier state that cannot be had, an entry that cannot be written: told where it was asked for, and nothing is closed. */
    @Test
    void whatIsRefusedIsToldWhereItWasAskedFor() {
        beginZFold("Asked for in vain", "5", "4");
        assertSaved();
        type("Closed width", "4 1/2");
        assertSaved();
        String full = "{\"title\": \"Not kept\", \"status\": 507, \"detail\": \"The disk is full.\"}";
        refuse("**/restore", 400, "application/problem+json", full);
        button("Revisions").click();
        Locator sheet = page.getByRole(AriaRole.DIALOG);
        Locator restore = sheet.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Restore"));
        restore.first().click();
        assertThat(sheet.getByRole(AriaRole.ALERT)).hasText("The disk is full.");
        assertClosed("4½ × 4 in");
        page.unroute("**/restore");
        restore.first().click();
        assertThat(sheet).hasCount(0);
        assertClosed("5 × 4 in");
    }

    @Test
    void aListThatCannotBeFetchedIsToldAndFetchedAgain() {
        refuse("**/api/projects", 404, "text/html", "<html>no</html>");
        goTo("projects");
        assertThat(page.getByText("Your cards cannot be shown now.")).isVisible();
        page.unroute("**/api/projects");
        assertThat(page.getByText("Comet-watch invitation").first()).isVisible();
    }

    @Test
    void aCardThatGivesNoPlanIsMended() {
        beginZFold("Of another time", "5", "4");
        assertSaved();
        page.route("**/api/plans", route -> {
            if (route.request().postData().contains("z-fold")
                    && route.request().postData().contains("\"width\":\"5 in\"")) {
                route.fulfill(
                        new Route.FulfillOptions()
                                .setStatus(422)
                                .setContentType("application/problem+json")
                                .setBody(
                                        "{\"title\": \"No plan\", \"status\": 422, \"detail\": \"No such size any more.\","
                                                + " \"fields\": [{\"field\": \"basis.width\", \"value\": \"5\", \"allowed\": \"\", \"text\": \"\"}]}"));
            } else {
                route.resume();
            }
        });
        page.reload();
        assertThat(page.getByText("No such size any more.")).isVisible();
        assertAxeFindsNothing();
        button("Take the usual for what is at fault").click();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Brief")))
                .isVisible();
        assertSaved();
    }
}
