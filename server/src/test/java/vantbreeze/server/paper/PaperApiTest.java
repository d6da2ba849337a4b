package vantbreeze.server.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.server.TestApplication;

/** The drawer of papers. */
class PaperApiTest extends TestApplication {

    private static final String SHEET = """
            {"name": "%s", "width": "12 in", "height": "12 in", "count": 4, "offcut": false, "kind": "PAPER",
             "stock": "160 gsm", "colour": "#7e93a8", "print": "UPRIGHT", "grain": "UPRIGHT", "price": "0.80 EUR"}""";

    private final JsonMapper json = JsonMapper.builder().build();

    @Autowired
    private MockMvc http;

    private ResultActions send(MockHttpServletRequestBuilder request, String body) throws Exception {
        return http.perform(request.contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private JsonNode read(ResultActions answer) throws Exception {
        return json.readTree(answer.andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8));
    }

    private JsonNode added(String name) throws Exception {
        return read(send(post("/api/papers"), SHEET.formatted(name)).andExpect(status().isCreated()));
    }

    private String change(long version, String content) {
        return "{\"version\": %d, \"content\": %s}".formatted(version, content);
    }

    @Test
    void aSheetIsKeptChangedAndBroughtBack() throws Exception {
        JsonNode sheet = added("weave");
        String id = sheet.get("id").asString();
        assertThat(sheet.get("size").get("shown").asString()).isEqualTo("12 × 12 in");
        String fewer = SHEET.formatted("weave").replace("\"count\": 4", "\"count\": 3");
        send(put("/api/papers/" + id), change(0, fewer))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.version").value(1));
        send(put("/api/papers/" + id), change(0, fewer))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.content.count").value(3));
        http.perform(delete("/api/papers/" + id).param("version", "1")).andExpect(status().isOk());
        http.perform(get("/api/papers")).andExpect(jsonPath("$[*].id", not(hasItem(id))));
        http.perform(post("/api/papers/%s/undelete".formatted(id))).andExpect(status().isOk());
        http.perform(get("/api/papers")).andExpect(jsonPath("$[*].id", hasItem(id)));
    }

    @Test
    void everyFaultIsNamedAndNothingIsKept() throws Exception {
        int before = read(http.perform(get("/api/papers"))).size();
        send(post("/api/papers"), """
                {"name": " ", "width": "5 mm", "height": "wide", "count": -1, "offcut": false, "kind": "FILM",
                 "stock": "3 mm", "colour": "#ffffff", "print": "PLAIN", "grain": null, "price": "cheap"}""")
                .andExpect(status().isUnprocessableContent())
                .andExpect(
                        jsonPath("$.fields[*].field", contains("name", "width", "height", "count", "stock", "price")))
                .andExpect(jsonPath("$.detail", containsString("name")));
        assertThat(read(http.perform(get("/api/papers"))).size()).isEqualTo(before);
    }

    @Test
    void aSheetIsOfAMaterialAndNothingElse() throws Exception {
        String sheet = SHEET.formatted("mist")
                .replace("\"PAPER\"", "\"VELLUM\"")
                .replaceAll("\"stock\": \"[^\"]*\"", "\"stock\": \"112 gsm\"");
        send(post("/api/papers"), sheet)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.content.kind").value("VELLUM"));
        String none = SHEET.formatted("mist").replace("\"kind\": \"PAPER\"", "\"kind\": null");
        send(post("/api/papers"), none)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[*].field", contains("kind")));
    }

    /** Read by a reader of our own: RFC 4180 says that a line ends with CRLF and that commas stand within quotes. */
    @Test
    void theDrawerGoesOutAndComesBackAsATable() throws Exception {
        added("weave, \\\"blue\\\"");
        String csv = http.perform(get("/api/papers/table"))
                .andExpect(content().contentTypeCompatibleWith("text/csv"))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        String line = Arrays.stream(csv.split("\r\n"))
                .filter(l -> l.contains("weave,") && l.contains("blue"))
                .findFirst()
                .orElseThrow();
        assertThat(line)
                .isEqualTo(
                        "\"weave, \"\"blue\"\"\",12 in,12 in,4,no,paper,160 gsm,\"#7e93a8\",upright,upright,0.80 EUR,,");
        send(post("/api/papers/table"), json.writeValueAsString(Map.of("csv", csv.split("\r\n")[0] + "\r\n" + line)))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$", hasSize(1)))
                .andExpect(jsonPath("$[0].content.name").value("weave, \"blue\""))
                .andExpect(jsonPath("$[0].content.price").value("0.80 EUR"));
    }

    /** Printed on both sides it stays so, in the drawer, in the table and back. */
    @Test
    void theBackOfASheetIsKept() throws Exception {
        String sheet = SHEET.formatted("leaves and dots")
                .replace("\"grain\"", "\"back\": {\"colour\": \"#E8C547\", \"print\": \"SCATTERED\"}, \"grain\"");
        send(post("/api/papers"), sheet)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.content.back.colour").value("#e8c547"));
        String csv = http.perform(get("/api/papers/table"))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        String line = Arrays.stream(csv.split("\r\n"))
                .filter(l -> l.startsWith("leaves and dots"))
                .findFirst()
                .orElseThrow();
        assertThat(line).endsWith(",0.80 EUR,\"#e8c547\",scattered");
        send(post("/api/papers/table"), json.writeValueAsString(Map.of("csv", csv.split("\r\n")[0] + "\r\n" + line)))
                .andExpect(jsonPath("$[0].content.back.print").value("SCATTERED"));
        send(post("/api/papers"), sheet.replace("#E8C547", "yellow"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[*].field", contains("back")))
                .andExpect(jsonPath("$.fields[0].text", containsString("yellow")));
    }

    @Test
    void aTableWithFaultsIsRefusedWhole() throws Exception {
        int before = read(http.perform(get("/api/papers"))).size();
        String csv =
                "name,width,height,count,print\nplain,12 in,12 in,2,plain\nblue,wide,12 in,2,plain\nred,12 in,12 in,two,sideways\n";
        send(post("/api/papers/table"), json.writeValueAsString(Map.of("csv", csv)))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[*].field", contains("line 3, width", "line 4, count", "line 4, print")));
        send(post("/api/papers/table"), "{\"csv\": \"height\\n\\\"12 in\"}")
                .andExpect(status().isUnprocessableContent());
        assertThat(read(http.perform(get("/api/papers"))).size()).isEqualTo(before);
    }

    @Test
    void aPhotographIsMadeAnew() throws Exception {
        JsonNode sheet = added("photograph");
        BufferedImage picture = new BufferedImage(3000, 1500, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = picture.createGraphics();
        g.setColor(Color.ORANGE);
        g.fillRect(0, 0, 1500, 1500);
        g.dispose();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", png);
        JsonNode shown = read(send(
                        put("/api/papers/%s/photo".formatted(sheet.get("id").asString())),
                        json.writeValueAsString(Map.of(
                                "version", 0, "image", Base64.getEncoder().encodeToString(png.toByteArray()))))
                .andExpect(status().isOk()));
        assertThat(shown.get("photo").get("width").asDouble()).isEqualTo(304.8);
        byte[] kept = http.perform(
                        get("/api/photos/" + shown.get("photo").get("id").asString()))
                .andExpect(content().contentType(MediaType.IMAGE_JPEG))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        BufferedImage read = ImageIO.read(new ByteArrayInputStream(kept));
        assertThat(read.getWidth()).isEqualTo(1600);
        assertThat(read.getHeight()).isEqualTo(800);
        assertThat(new Color(read.getRGB(100, 100)).getGreen()).isBetween(190, 210);
    }

    @Test
    void whatIsNoPictureIsRefused() throws Exception {
        String id = added("no picture").get("id").asString();
        byte[] gif = "GIF89a, but not really".getBytes(StandardCharsets.US_ASCII);
        for (String image : new String[] {"not base64!", Base64.getEncoder().encodeToString(gif)}) {
            send(
                            put("/api/papers/%s/photo".formatted(id)),
                            json.writeValueAsString(Map.of("version", 0, "image", image)))
                    .andExpect(status().isUnprocessableContent())
                    .andExpect(jsonPath("$.fields[0].field").value("image"));
        }
    }
}
