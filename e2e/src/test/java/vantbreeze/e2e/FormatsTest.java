package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.Test;

/** What goes out and comes in, through the interface. */
class FormatsTest extends Journey {

    /** Lets a file go over the page, as a hand does. */
    private void drop(String name, byte[] content) {
        page.evaluate("""
                ([name, base64]) => {
                  const bytes = Uint8Array.from(atob(base64), (c) => c.charCodeAt(0));
                  const data = new DataTransfer();
                  data.items.add(new File([bytes], name));
                  for (const type of ["dragenter", "dragover", "drop"])
                    window.dispatchEvent(new DragEvent(type, { dataTransfer: data, bubbles: true, cancelable: true }));
                }""", new Object[] {name, Base64.getEncoder().encodeToString(content)});
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private Locator alert() {
        return page.getByRole(AriaRole.ALERT).last();
    }

    private Locator refused() {
        return page.getByRole(AriaRole.ALERT, new Page.GetByRoleOptions().setName("Refused"));
    }

    /** Every kind of file let go anywhere is understood, or refused with the reason. */
    @Test
    void everyKindOfFileIsUnderstoodOrRefused() throws IOException {
        openCard("Thank-you for the dome painters");
        String id = page.url().replaceAll(".*/bench/", "");
        String card = page.request()
                .get(page.url().replaceAll("/bench/.*", "/api/projects/" + id + "/exports/project.json"))
                .text();
        goTo("papers");
        drop("thanks.json", utf8(card.replace("Thank-you for the dome painters", "Thanks, let go in the window")));
        assertThat(field("Name of the project")).hasValue("Thanks, let go in the window");
        drop("broken.json", utf8(card.replace("\"gatefold\"", "\"gatefolds\"")));
        assertThat(alert()).containsText("gatefolds");
        drop("notes.json", utf8("{"));
        assertThat(alert()).containsText("no JSON");
        drop(
                "halves.fold",
                utf8("{\"vertices_coords\": [[0,0],[4,0],[8,0],[8,6],[4,6],[0,6]],"
                        + "\"edges_vertices\": [[0,1],[1,2],[2,3],[3,4],[4,5],[5,0],[1,4]],"
                        + "\"edges_assignment\": [\"B\",\"B\",\"B\",\"B\",\"B\",\"B\",\"V\"]}"));
        page.getByRole(AriaRole.ALERTDIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("inches"))
                .click();
        assertThat(field("Name of the project")).hasValue("halves");
        assertClosed("4 × 6 in");
        drop("bent.fold", utf8("{\"vertices_coords\": [[0,0,1]], \"frame_unit\": \"mm\"}"));
        assertThat(alert()).containsText("vertices_coords[0]");
        drop("holiday.png", utf8("png"));
        assertThat(alert()).containsText("is a picture");
        drop("song.mp3", utf8("la"));
        assertThat(alert()).containsText("nothing that is known here");
        drop("papers.csv", utf8("name,width\r\nx,y\r\n"));
        assertThat(alert()).containsText("papers.csv");
        drop(
                "square.svg",
                utf8("<svg xmlns='http://www.w3.org/2000/svg' width='50mm' height='50mm' viewBox='0 0 50 50'>"
                        + "<rect x='5' y='5' width='20' height='20'/></svg>"));
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Cutter")))
                .isVisible();
        assertThat(page.getByTestId("cutter-time")).hasText(Pattern.compile("0 s of \\d+ s"));
    }

    /** A sheet of a cutting plan is walked on the cutter; what does not lie on its bed is refused. */
    @Test
    void aCutFileIsWalkedOnTheCutter() {
        openCard("Evening programme stage");
        view("Cutting");
        button("Plan the cutting").click();
        assertThat(page.getByTestId("cutting-summary")).not().containsText("Looking");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("walk it on the cutter"))
                .first()
                .click();
        assertThat(page.getByTestId("cutter-time")).hasText(Pattern.compile("0 s of .+"));
        page.getByLabel("How fast it is shown").selectOption("60 times faster");
        button("Begin").click();
        assertThat(page.getByRole(AriaRole.STATUS).last()).hasText("Done.");
        button("From the start").click();
        assertThat(page.getByTestId("cutter-time")).hasText(Pattern.compile("0 s of .+"));
        page.getByLabel("Bed width, mm").fill("100");
        assertThat(refused()).containsText("beyond the bed");
        page.getByLabel("Bed width, mm").fill("320");
        assertThat(refused()).hasCount(0);
        page.getByLabel("Cut file")
                .setInputFiles(new FilePayload(
                        "open.svg",
                        "image/svg+xml",
                        utf8("<svg xmlns='http://www.w3.org/2000/svg' width='50mm' height='50mm' viewBox='0 0 50 50'>"
                                + "<path d='M5 5 L40 5 L40 40'/></svg>")));
        assertThat(refused()).containsText("not closed");
        assertAxeFindsNothing();
    }

    /** A backup through the interface: what was deleted since comes back. */
    @Test
    void aBackupIsSavedAndBroughtBack() throws IOException {
        /* However fast the machine, it is seen to be on its way. */
        page.route("**/api/backup/written", route -> {
            APIResponse begun = route.fetch();
            route.fulfill(new Route.FulfillOptions()
                    .setResponse(begun)
                    .setBody(begun.text().replace("\"DONE\"", "\"RUNNING\"")));
        });
        beginCard("millimetres", "Soon deleted");
        goTo("projects");
        assertThat(button("Delete Soon deleted")).isVisible();
        Download download = page.waitForDownload(
                () -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save a backup"))
                        .click());
        byte[] zip = Files.readAllBytes(download.path());
        assertThat(new String(zip, 0, 2, StandardCharsets.US_ASCII)).isEqualTo("PK");
        button("Delete Soon deleted").click();
        Locator card = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Soon deleted"));
        assertThat(card).hasCount(0);
        page.getByLabel("Backup file").setInputFiles(new FilePayload("all.zip", "application/zip", zip));
        assertThat(card).isVisible();
        drop("damaged.zip", utf8("PK damaged"));
        page.getByRole(AriaRole.ALERTDIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Bring it back"))
                .click();
        assertThat(alert()).containsText("The backup is damaged at");
    }

    /** A square on its corner comes in as it is drawn, and is written anew line by line; what cannot be is said beside it. */
    @Test
    void aSheetOfAnyOutlineIsTakenAndWrittenAnew() {
        goTo("papers");
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Papers")))
                .isVisible();
        drop(
                "diamond.fold",
                utf8("{\"frame_unit\": \"in\", \"vertices_coords\": [[4,0],[8,4],[4,8],[0,4],[2,5],[3,5],[3,5.5]],"
                        + "\"edges_vertices\": [[0,1],[1,2],[2,3],[3,0],[3,1],[4,5],[5,6]],"
                        + "\"edges_assignment\": [\"B\",\"B\",\"B\",\"B\",\"V\",\"C\",\"C\"]}"));
        assertThat(field("Name of the project")).hasValue("diamond");
        assertThat(page.getByText("lies on your table as a free pattern")).isVisible();
        assertClosed("8 × 4 in");
        button("2 lines").click();
        Locator lines = page.getByRole(AriaRole.DIALOG).getByLabel("pattern");
        assertThat(lines).hasValue("outline 4,0 8,4 4,8 0,4\nvalley 0,4 8,4\nslit 2,5 3,5 3,5.5\nin");
        lines.fill("outline 4,0 8,4 4,8 0,4\nvalley 0,4 7,4\nin");
        button("Fold this sheet").click();
        assertThat(page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.ALERT))
                .containsText("Score 1 ends inside a panel");
        lines.fill("outline 0,0 8,0 8,4 0,4\nvalley 4,0 4,4\nin");
        button("Fold this sheet").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        assertClosed("4 × 4 in");
    }

    /** Drawings are taken along as lines and as pictures that need nothing else; the folding as a video. */
    @Test
    void drawingsAndTheFoldingAreTakenAlong() throws IOException {
        List<Route> held = new ArrayList<>();
        page.route("**/PaperModel*.js", held::add);
        openCard("Comet-watch invitation");
        Download lines = page.waitForDownload(() -> {
            button("Save the drawing of base as SVG").focus();
            page.keyboard().press("Enter");
        });
        String svg = Files.readString(lines.path());
        assertThat(svg).startsWith("<svg").doesNotContain("var(").doesNotContain("class=");
        Download picture = page.waitForDownload(() -> {
            button("Save the drawing of base as PNG").focus();
            page.keyboard().press("Enter");
        });
        assertThat(Files.readAllBytes(picture.path())).startsWith(0x89, 'P', 'N', 'G');
        /* The model comes late: a video is offered when there is something to record, and not before. */
        assertThat(page.getByText("Unfolding …")).isVisible();
        assertThat(button("Save as a video")).hasCount(0);
        held.forEach(Route::resume);
        Download video = page.waitForDownload(
                new Page.WaitForDownloadOptions().setTimeout(60_000),
                () -> button("Save as a video").click());
        assertThat(video.suggestedFilename()).isEqualTo("folding.webm");
        byte[] webm = Files.readAllBytes(video.path());
        /* EBML, with which every WebM begins (RFC 8794). */
        assertThat(webm).startsWith(0x1A, 0x45, 0xDF, 0xA3);
        assertThat(page.getByText("WebM, 1280 × 720")).isVisible();
        assertThat(played(webm))
                .asInstanceOf(InstanceOfAssertFactories.LIST)
                .containsExactly(1280, 720, true, true, true);
    }

    /**
     * What the browser's own player makes of a video: its width and height, whether the corners of the first frame and of the
     * last have the colour of the ground, and whether there is something on the first that is not ground.
     */
    private Object played(byte[] webm) {
        Object ground = page.evaluate("getComputedStyle(document.documentElement).getPropertyValue('--sunken').trim()");
        /* Our own page plays nothing; a blank one may. */
        return page.context()
                .newPage()
                .evaluate("""
                async ([base64, ground]) => {
                  const video = document.createElement("video");
                  video.muted = true;
                  video.src = URL.createObjectURL(await (await fetch("data:video/webm;base64," + base64)).blob());
                  document.body.append(video);
                  await new Promise((go, fail) => { video.requestVideoFrameCallback(go); video.onerror = fail; });
                  const pen = document.createElement("canvas").getContext("2d", { willReadFrequently: true });
                  pen.canvas.width = video.videoWidth;
                  pen.canvas.height = video.videoHeight;
                  pen.fillStyle = ground;
                  pen.fillRect(0, 0, 1, 1);
                  const colour = pen.getImageData(0, 0, 1, 1).data;
                  const isGround = (x, y) => {
                    const dot = pen.getImageData(x, y, 1, 1).data;
                    return [0, 1, 2].every((i) => Math.abs(dot[i] - colour[i]) < 16);
                  };
                  const look = () => {
                    pen.drawImage(video, 0, 0);
                    const [w, h] = [pen.canvas.width, pen.canvas.height];
                    return {
                      corners: isGround(4, 4) && isGround(w - 5, 4) && isGround(4, h - 5) && isGround(w - 5, h - 5),
                      card: Array.from({ length: 400 }).some((_, i) => !isGround((i % 20) * (w / 20) + 9, Math.floor(i / 20) * (h / 20) + 9)),
                    };
                  };
                  const first = look();
                  await video.play();
                  await new Promise((go) => { video.onended = go; });
                  return [video.videoWidth, video.videoHeight, first.corners, look().corners, first.card];
                }""", List.of(Base64.getEncoder().encodeToString(webm), ground));
    }
}
