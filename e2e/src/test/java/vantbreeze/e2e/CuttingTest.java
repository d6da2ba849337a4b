package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** From the drawer to cut paper. */
class CuttingTest extends Journey {

    private Locator sheets(String pile) {
        return page.getByRole(
                        AriaRole.LIST, new Page.GetByRoleOptions().setName(pile).setExact(true))
                .getByRole(AriaRole.LISTITEM);
    }

    private void putIn(String name, String width, String height, int count, String colour) {
        button("Put a sheet in").click();
        form("Name").fill(name);
        form("Width").fill(width);
        form("Height").fill(height);
        form("How many").fill(String.valueOf(count));
        form("Colour").fill(colour);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Put it in").setExact(true))
                .first()
                .click();
        assertThat(sheets("Sheets").filter(new Locator.FilterOptions().setHasText(name)))
                .containsText(count + " ×");
    }

    private Locator form(String label) {
        return page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("A sheet"))
                .getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
    }

    private Locator summary() {
        return page.getByTestId("cutting-summary");
    }

    /** A kit of twelve from a drawer of mixed sheets; every sheet is ticked off by the keyboard alone. */
    @Test
    void twelveLatchGatesAreCutByTheKeyboardAlone() {
        goTo("papers");
        Locator moss = sheets("Sheets").filter(new Locator.FilterOptions().setHasText("moss card"));
        assertThat(moss).containsText("9 ×");
        openCard("Lantern walk for the juniors");
        page.locator("body").press("c");
        Locator count = page.getByLabel("How many of this card");
        count.focus();
        page.keyboard().press("Control+a");
        page.keyboard().type("12");
        button("Plan the cutting").focus();
        page.keyboard().press("Enter");
        assertThat(summary()).containsText("from the drawer");
        assertThat(summary()).not().containsText("Looking");
        assertThat(summary()).containsText("To buy");
        int sheets = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Sheets to cut"))
                .getByRole(AriaRole.BUTTON)
                .count();
        button("This sheet is cut").focus();
        for (int i = 1; i < sheets; i++) {
            page.keyboard().press("Enter");
            assertThat(summary()).containsText("%d of %d cut".formatted(i, sheets));
            assertThat(button("This sheet is cut")).isFocused();
        }
        page.keyboard().press("Enter");
        assertThat(summary()).containsText("%d of %d cut".formatted(sheets, sheets));
        page.reload();
        assertThat(summary()).containsText("%d of %d cut".formatted(sheets, sheets));
        goTo("papers");
        assertThat(moss).containsText("used up");
        assertThat(sheets("Offcuts")
                        .filter(new Locator.FilterOptions().setHasText("moss card"))
                        .first())
                .isVisible();
        page.goBack();
        button("It is not cut after all").click();
        assertThat(summary()).containsText("%d of %d cut".formatted(sheets - 1, sheets));
    }

    @Test
    void aPhotographedSheetIsCutWhereTheMakerWants() throws IOException {
        goTo("papers");
        putIn("harbour at dusk", "6 in", "8 in", 2, "#334455");
        sheets("Sheets")
                .filter(new Locator.FilterOptions().setHasText("harbour at dusk"))
                .getByLabel("Photograph file of harbour at dusk")
                .setInputFiles(new FilePayload("harbour.png", "image/png", picture()));
        assertThat(sheets("Sheets")
                        .filter(new Locator.FilterOptions().setHasText("harbour at dusk"))
                        .locator("image"))
                .hasAttribute("href", Pattern.compile("/api/photos/.+"));
        beginZFold("Harbour card", "5½", "4¼");
        view("Layers");
        choose("Paper of layer 1", "harbour at dusk");
        choose("Paper of the base", "harbour at dusk");
        view("Bench");
        Locator under = page.getByTestId("photo-under").locator("image");
        assertThat(under).hasAttribute("x", "0");
        type("From the picture's left edge", "½ in");
        assertThat(under).hasAttribute("x", "-12.7");
        button("Undo").click();
        assertThat(under).hasAttribute("x", "0");
        Locator grip = button("Picture under the base; arrow keys move it, Enter lays it down");
        grip.focus();
        for (int i = 0; i < 4; i++) {
            page.keyboard().press("ArrowLeft");
        }
        page.keyboard().press("Enter");
        assertThat(under).hasAttribute("x", "-12.7");
        BoundingBox box = grip.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2 - 60, box.y + box.height / 2);
        page.mouse().up();
        assertThat(under).not().hasAttribute("x", "-12.7");
        button("Undo").click();
        assertThat(under).hasAttribute("x", "-12.7");
        button("Undo").click();
        button("Undo").click();
        assertThat(page.getByTestId("photo-under")).hasCount(0);
        view("Cutting");
        button("Plan the cutting").click();
        assertThat(summary()).containsText("from the drawer");
        assertThat(summary()).not().containsText("Looking");
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Sheets to cut"))
                .getByRole(AriaRole.BUTTON)
                .last()
                .click();
        Locator sheet = page.getByRole(
                AriaRole.GROUP, new Page.GetByRoleOptions().setName(Pattern.compile("Sheet \\d+, harbour at dusk")));
        assertThat(sheet.locator("image")).hasCount(1);
        Locator mat = sheet.getByRole(
                        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("mat for")))
                .first();
        BoundingBox before = mat.boundingBox();
        page.mouse().move(before.x + before.width / 2, before.y + before.height / 2);
        page.mouse().down();
        page.mouse().move(before.x + before.width / 2 + 4, before.y + before.height / 2 - 4);
        page.mouse().move(before.x + before.width / 2 + 12, before.y + before.height / 2 - 40);
        page.mouse().up();
        assertThat(button("Let all parts go where they like")).isVisible();
        assertThat(summary()).containsText("from the drawer");
        button("Let all parts go where they like").click();
        assertThat(button("Let all parts go where they like")).hasCount(0);
    }

    private static byte[] picture() throws IOException {
        BufferedImage image = new BufferedImage(600, 800, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        for (int y = 0; y < 800; y++) {
            g.setColor(new Color(40 + y / 5, 60 + y / 8, 110));
            g.drawLine(0, y, 600, y);
        }
        g.setColor(new Color(250, 220, 140));
        g.fillOval(380, 120, 110, 110);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    @Test
    void aTableOfPapersComesInWholeOrNotAtAll() {
        goTo("papers");
        assertThat(sheets("Sheets").first()).isVisible();
        int before = sheets("Sheets").count();
        Locator table = page.getByLabel("A table of sheets");
        table.setInputFiles(csv("name,width,height,count\nsky,wide,12 in,1\nsea,12 in,12 in,many\n"));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("line 2, width");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("line 3, count");
        assertThat(sheets("Sheets").count()).isEqualTo(before);
        table.setInputFiles(csv("name,width,height,count\nsky,12 in,12 in,2\n"));
        assertThat(sheets("Sheets")).hasCount(before + 1);
        button("Take sky out").click();
        assertThat(sheets("Sheets")).hasCount(before);
        button("Bring it back").click();
        assertThat(sheets("Sheets")).hasCount(before + 1);
    }

    private static FilePayload csv(String text) {
        return new FilePayload("papers.csv", "text/csv", text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void newCardsBeginWithTheMakersTools() {
        goTo("papers");
        Locator trimmer = page.getByLabel("Trimmer, inches");
        assertThat(trimmer).hasValue("12 in");
        trimmer.fill("1 in");
        trimmer.press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("The trimmer (1 in) must reach");
        keepTool("Trimmer, inches", "9 in");
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        keepTool("Board's reach, inches", "8 in");
        beginCard("inches", "Small trimmer");
        assertThat(field("Trimmer length")).hasValue("9 in");
        assertThat(field("Board's reach")).hasValue("8 in");
        goTo("papers");
        keepTool("Board's reach, inches", "12 in");
        keepTool("Trimmer, inches", "12 in");
    }

    /** It is kept once the server has said so, and not before. */
    private void keepTool(String label, String value) {
        page.getByLabel(label).fill(value);
        page.waitForResponse(
                r -> r.url().contains("/tools/own")
                        && r.status() == 200
                        && !r.request().method().equals("GET"),
                () -> page.getByLabel(label).press("Enter"));
        assertThat(page.getByLabel(label)).hasValue(value);
    }
}
