package vantbreeze.server.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.layer.Outline;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.TestApplication;

/** Drawings read after W3C SVG 1.1, chapters 7 (transforms) and 8 (paths). */
class OutlineApiTest extends TestApplication {

    private static final double SQUARE_MM = Length.COUNTS_PER_MILLIMETRE * Length.COUNTS_PER_MILLIMETRE;

    private final JsonMapper json = JsonMapper.builder().build();

    @Autowired
    private MockMvc http;

    private static String svg(String inside) {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\">" + inside + "</svg>";
    }

    private ResultActions send(String svg, String width) throws Exception {
        return http.perform(post("/api/outlines")
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(Map.of("svg", svg, "width", width, "units", "METRIC"))));
    }

    private Outline outline(String svg, String width) throws Exception {
        String answer = send(svg, width)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        return Outline.parse(json.readTree(answer).get("outline").asString(), UnitSystem.METRIC);
    }

    /** y points down in a drawing and up on a card: the roof of a house stays on top. */
    @Test
    void aDrawingKeepsItsShapeAndStandsUpright() throws Exception {
        Outline house = outline(svg("<path d='M0 10 L10 0 L20 10 V30 H0 Z'/>"), "40 mm");
        assertThat(house.size().height()).isEqualTo(Length.millimetres(60));
        assertThat(house.polygon().getArea() / SQUARE_MM).isCloseTo(4 * (20 * 20 + 100), within(0.01));
        assertThat(house.polygon().getCentroid().getY() / Length.COUNTS_PER_MILLIMETRE)
                .isLessThan(30);
    }

    /** Four quarter arcs make a circle of area pi r^2, to the thousandth that 400 corners and fewer give. */
    @Test
    void curvesAreFollowedClosely() throws Exception {
        Outline circle = outline(svg("<path d='M0 5 a5 5 0 0 1 10 0 a5 5 0 0 1 -10 0 z'/>"), "50 mm");
        assertThat(circle.polygon().getArea() / SQUARE_MM).isCloseTo(Math.PI * 625, within(Math.PI * 0.625));
    }

    /** Arcs that are turned, large or swept the other way, against the same curve drawn by others: the ellipse 4 x^2 + y^2. */
    @Test
    void arcsOfEveryKindAreFollowed() throws Exception {
        Outline ellipse = outline(svg("<path d='M0 10 A20 10 90 1 0 20 10 A10 20 0 0 0 0 10 Z'/>"), "20 mm");
        assertThat(ellipse.polygon().getArea() / SQUARE_MM).isCloseTo(Math.PI * 200, within(0.7));
        Outline small = outline(svg("<path d='M10 0 A5 5 0 1 0 10 20 A-10 10 0 0 0 10 0 Z'/>"), "20 mm");
        assertThat(small.polygon().getArea() / SQUARE_MM).isCloseTo(Math.PI * 100, within(0.4));
        Outline large = outline(svg("<path d='M10 0 a10 10 0 1 1 -10 10 L10 10 z'/>"), "20 mm");
        assertThat(large.polygon().getArea() / SQUARE_MM).isCloseTo(Math.PI * 75, within(0.3));
    }

    /** A rotation by 90 degrees within a doubling in x: 20 by 10 becomes 10 by 20, then 20 by 20. */
    @Test
    void transformsOfPathAndGroupsAreFollowed() throws Exception {
        Outline square = outline(
                svg("<g transform='scale(2 1)'><path transform='rotate(90)' d='M0 0 H20 V10 H0 Z'/></g>"), "30 mm");
        assertThat(square.size().width()).isEqualTo(square.size().height());
    }

    @Test
    void overlappingPathsAreOneShapeAndSmallerOnesAreCounted() throws Exception {
        send(
                        svg("<defs><path d='M0 0 H900 V900 Z'/></defs><path d='M0 0 H10 V10 H0 Z'/>"
                                + "<path d='M5 0 H15 V10 H5 Z'/><path d='M50 50 h1 v1 z'/>"),
                        "30 mm")
                .andExpect(jsonPath("$.leftOut").value(1))
                .andExpect(jsonPath("$.outline").value(containsString("outline 30 mm: ")));
        Outline both = outline(svg("<path d='M0 0 H10 V10 H0 Z'/><path d='M5 0 H15 V10 H5 Z'/>"), "30 mm");
        assertThat(both.size().height().millimetres()).isCloseTo(20, within(0.01));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<!DOCTYPE svg [<!ENTITY x SYSTEM \"file:///etc/hostname\">]><svg xmlns=\"http://www.w3.org/2000/svg\"><path d='&x;'/></svg>",
                "<svg xmlns=\"http://www.w3.org/2000/svg\"><path d='M0 0 L10 banana'/></svg>",
                "<svg xmlns=\"http://www.w3.org/2000/svg\"><path d='M0 0 L10 0'/></svg>",
                "<svg xmlns=\"http://www.w3.org/2000/svg\"><path transform='spin(2)' d='M0 0 H1 V1 Z'/></svg>",
                "<svg xmlns=\"http://www.w3.org/2000/svg\"><rect width='3' height='4'/></svg>",
                "no drawing",
                ""
            })
    void whatHasNoOutlineIsRefused(String svg) throws Exception {
        send(svg, "30 mm")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("svg"));
    }

    @Test
    void aLargeDrawingOrAWidthOutOfRangeIsRefused() throws Exception {
        send(svg("<path d='M0 0 H1 V1 Z'/>" + " ".repeat(SvgOutline.LONGEST)), "30 mm")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].text").value(containsString("at most 262144")));
        send(svg("<path d='M0 0 H1 V1 Z'/>"), "1 mm")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[*].field", hasItem("width")));
    }

    private void assertRefused(String svg, String words) throws Exception {
        assertTimeoutPreemptively(
                Duration.ofMinutes(5),
                () -> send(svg, "50 mm")
                        .andExpect(status().isUnprocessableContent())
                        .andExpect(jsonPath("$.fields[0].field").value("svg"))
                        .andExpect(jsonPath("$.fields[0].text").value(containsString(words))));
    }

    /** A spiral of hair width: no tolerance makes it simple. It once kept a processor busy for ever. */
    @Test
    void aSpiralThatDoesNotGetSimplerIsRefused() throws Exception {
        try (InputStream in = getClass().getResourceAsStream("/cases/spiral.svg")) {
            assertRefused(new String(in.readAllBytes(), StandardCharsets.UTF_8), "draw one of at most 400");
        }
    }

    @Test
    void aScribbleIsRefused() throws Exception {
        Random chance = new Random(11);
        StringBuilder path = new StringBuilder("M0 0");
        for (int i = 0; i < 400; i++) {
            path.append(" L%d %d".formatted(chance.nextInt(1000), chance.nextInt(1000)));
        }
        assertRefused(svg("<path d='" + path + "'/>"), "cross more than 2,000 times");
    }

    @Test
    void moreCornersAndGroupsThanAnyDrawingNeedsAreRefused() throws Exception {
        StringBuilder waves = new StringBuilder("M0 0");
        for (int i = 1; i < 8000; i++) {
            waves.append(" Q%d %d %d 0".formatted(2 * i - 1, i % 2 == 0 ? 9000 : 8000, 2 * i));
        }
        assertRefused(svg("<path d='" + waves + " V-10 H0 z'/>"), "more than 10,000 corners");
        String deep = "<g transform='rotate(1)'>".repeat(4000) + "<path d='M0 0H9V9z'/>" + "</g>".repeat(4000);
        assertRefused(svg(deep), "more than 50 deep");
        assertRefused(svg("<path d='L5 5 9 0z'/>"), "begins with M");
    }
}
