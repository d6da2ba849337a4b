package vantbreeze.server.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasItems;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.ByteBuffer;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import vantbreeze.server.TestApplication;
import vantbreeze.server.TestBriefs;

/** What is dressed crosses the wire with its papers, and comes back as pictures. */
class LookApiTest extends TestApplication {

    private static final String COMET = """
            "ornaments": [{"name": "comet", "face": "front/face", "outline": "circle 1 in", "x": "1/2 in", "y": "1 in",
             "lift": "1 mm", "paper": {"stock": "200 gsm", "colour": "#c0504d", "print": "SCATTERED"},
             "glue": "OWN_PANEL"}]""";

    @Autowired
    private MockMvc http;

    private ResultActions send(String address, String brief) throws Exception {
        return http.perform(
                post(address).contentType(MediaType.APPLICATION_JSON).content(brief));
    }

    private static String withComet() {
        return TestBriefs.zFold("5 1/2 in", "4 1/4 in").replace("\"ornaments\": []", COMET);
    }

    @Test
    void everyMomentHasItsPicture() throws Exception {
        send("/api/looks", withComet())
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[*].moment.how", contains("CLOSED", "OPENED", "DISPLAYED", "BEHIND")))
                .andExpect(jsonPath("$[0].widthMm").value(139.7))
                .andExpect(jsonPath("$[0].regions[?(@.layer == 100)].paper.print", contains("SCATTERED")))
                .andExpect(jsonPath("$[0].regions[*].layer", hasItems(0, 1, 100)));
    }

    @Test
    void anOrnamentIsPlacedWeighedAndMeasured() throws Exception {
        send("/api/plans", withComet())
                .andExpect(jsonPath("$.ornaments[0].panel").value("front"))
                .andExpect(jsonPath("$.ornaments[0].outside").value(true))
                .andExpect(jsonPath("$.closed.weights[*].part", contains("base", "mats", "comet")))
                .andExpect(jsonPath("$.messageRoom[*].face", hasItem("back/face")));
    }

    @Test
    void anOrnamentThatCannotBeIsNamedWithItsField() throws Exception {
        send("/api/plans", withComet().replace("circle 1 in", "circle 40 in").replace("\"1 mm\"", "\"90 mm\""))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[*].field", hasItem("ornaments[0].outline")));
    }

    /** The width and height that a PNG tells in its header (ISO/IEC 15948, 11.2.2), and other papers are another picture. */
    @Test
    void aCardThatIsNoProjectYetHasASmallPicture() throws Exception {
        String brief = TestBriefs.zFold("4 1/4 in", "5 1/2 in");
        byte[] png = send("/api/pictures", brief)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        ByteBuffer header = ByteBuffer.wrap(png);
        assertThat(header.getInt(16)).isEqualTo(320);
        assertThat(header.getInt(20)).isEqualTo(200);
        byte[] other = send("/api/pictures", brief.replace("#7e93a8", "#802020"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertThat(other).isNotEqualTo(png);
        send("/api/pictures", brief.replace("z-fold", "y-fold")).andExpect(status().isUnprocessableContent());
    }
}
