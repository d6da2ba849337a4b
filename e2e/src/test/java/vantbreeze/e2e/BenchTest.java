package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The whole way with the mouse: from a brief to a printed plan. */
class BenchTest extends Journey {

    /** Check value of the gatefold: common practice, no published source. */
    @Test
    void aGatefoldFromItsNameToItsPrintedPlan() {
        beginCard("inches", "Autumn star party");
        choose("Fold", "gatefold");
        choose("Sheet", "12 × 12 in");
        choose("Starting point", "closing to");
        type("Closed width", "4 1/4");
        type("Closed height", "5½\"");
        choose("Envelope", "A2 (US)");
        assertClosed("4¼ × 5½ in");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Pieces to cut")))
                .containsText("8½ × 5½ in");
        Locator scores = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Score card of the base"));
        assertThat(scores).containsText("score at 2\u202f1\u20448 in. Turn the piece round");

        Page print = page.waitForPopup(() -> {
            button("Print").click();
            page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Plan, Letter"))
                    .click();
        });
        org.assertj.core.api.Assertions.assertThat(print.url()).endsWith("/exports/plan.pdf?paper=letter");
        byte[] pdf = page.request().get(print.url()).body();
        org.assertj.core.api.Assertions.assertThat(new String(pdf, 0, 5)).isEqualTo("%PDF-");
    }

    @Test
    void aDraggedScoreMovesTheParameterBehindItOnTheGrid() {
        beginZFold("Dragged", "5½", "4");
        assertThat(field("front panel")).hasValue("2¾ in");
        BoundingBox box = score("score 1, mountain").boundingBox();
        double inch = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Flat base"))
                        .locator("path")
                        .first()
                        .boundingBox()
                        .width
                / 11;
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x - inch / 2, y, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(8));
        page.mouse().move(x - inch * 1.01, y);
        page.mouse().up();
        assertThat(field("front panel")).hasValue("1¾ in");
        assertClosed("5½ × 4 in");
        button("Undo").click();
        assertThat(field("front panel")).hasValue("2¾ in");
        button("Redo").click();
        assertThat(field("front panel")).hasValue("1¾ in");
        assertSaved();
        page.reload();
        assertThat(field("front panel")).hasValue("1¾ in");
    }

    @Test
    void aSnagShowsItsPlaceAndItsFixMendsIt() {
        beginZFold("With a snag", "5½", "4");
        type("front panel", "2 1/16");
        choose("Board grooves", "1⁄8 in");
        Locator snag = page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("falls between the grooves"));
        assertThat(snag).hasCount(1);
        snag.getByRole(AriaRole.BUTTON).first().click();
        assertThat(snag).hasCount(0);
        assertThat(field("front panel")).hasValue("2 in");
    }

    @Test
    void aRefusedMeasureIsExplainedAndNothingIsLost() {
        beginZFold("Refused", "5½", "4");
        type("front panel", "6 in");
        assertThat(page.getByRole(AriaRole.ALERT).first())
                .containsText("The front panel can be at most 5½ in, the width of the card.");
        assertThat(field("front panel")).hasValue("6 in");
        field("front panel").press("Escape");
        assertThat(field("front panel")).hasValue("2¾ in");
        assertClosed("5½ × 4 in");
    }

    /** Nothing to mind before the maker has said anything, in either units. */
    @Test
    void aNewCardHasNoSnags() {
        for (String units : List.of("inches", "millimetres")) {
            beginCard(units, "New in " + units);
            assertThat(page.getByRole(AriaRole.STATUS)).containsText("no snags");
            assertThat(page.getByTestId("fit")).containsText("fits");
        }
    }

    @Test
    void theCardFollowsItsEnvelopeItsSheetOrOnePanel() {
        beginCard("millimetres", "Sized");
        choose("Envelope", "C5");
        /* A sheet of A4 gives no wide Z-fold that fills it. */
        assertFit("C5: loose");
        choose("Orientation", "upright");
        assertFit("C5: fits");
        choose("Starting point", "as large as the sheet gives");
        choose("Share of the sheet", "half a sheet");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("2 bases from one A4");
        choose("Starting point", "built around one panel");
        choose("Fixed panel", "front");
        type("Width of the fixed panel", "60");
        assertThat(page.getByTestId("closed-size")).containsText("120 ×");
        choose("Starting point", "as large as its envelope takes");
        choose("Orientation", "upright");
        assertFit("C5: fits");
    }

    @Test
    void unitsSwitchInPlace() {
        openCard("Quillmere open evening");
        assertClosed("5½ × 4 in");
        button("Units: inches, switch").click();
        assertClosed("≈139.5 × ≈101.5 mm");
        button("Undo").click();
        assertClosed("5½ × 4 in");
    }

    @Test
    void aFreeStripClosesAsItsPanelsSay() {
        beginZFold("My own strip", "5½", "4");
        choose("Fold", "free strip");
        type("panels", "1 m 2 v 3 v 1 1/2");
        choose("Sheet", "12 × 12 in");
        assertThat(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Flat strip")))
                .isVisible();
        assertThat(score("score 3, valley")).hasAttribute("aria-valuetext", "6 in");
        assertClosed("3 × 4 in");
    }

    @Test
    void theTemplateIsAFile() {
        openCard("Comet-watch invitation");
        String id = page.url().substring(page.url().lastIndexOf('/') + 1);
        for (String paper : new String[] {"a4", "letter"}) {
            byte[] pdf = page.request()
                    .get(page.url()
                            .replaceFirst("/bench/.*", "/api/projects/" + id + "/exports/template.pdf?paper=" + paper))
                    .body();
            org.assertj.core.api.Assertions.assertThat(new String(pdf, 0, 5)).isEqualTo("%PDF-");
        }
    }
}
