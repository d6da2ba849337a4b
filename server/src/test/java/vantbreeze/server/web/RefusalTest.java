package vantbreeze.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.handler;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import vantbreeze.server.TestApplication;
import vantbreeze.server.TestBriefs;
import vantbreeze.structure.Effort;

/** Every refusal is a problem (RFC 9457) that names field, value and what is allowed. */
class RefusalTest extends TestApplication {

    private static final String BRIEF = TestBriefs.zFold("5 1/2 in", "4 1/4 in");

    @Autowired
    private MockMvc http;

    private ResultActions plan(String body) throws Exception {
        return http.perform(post("/api/plans")
                .contentType(MediaType.APPLICATION_JSON)
                .content(body.getBytes(StandardCharsets.UTF_8)));
    }

    private static String with(String old, String other) {
        assertThat(BRIEF).contains(old);
        return BRIEF.replace(old, other);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"layers\": 1 | \"layers\": \"many\" | matting.layers | many | a whole number, 0 to 3",
                "\"layers\": 1 | \"layers\": 1.5 | matting.layers | 1.5 | a whole number, 0 to 3",
                "\"units\": \"INCH\" | \"units\": \"ELL\" | units | ELL | one of INCH, METRIC",
                "\"units\": \"INCH\" | \"units\": 1 | units | 1 | one of INCH, METRIC",
                "\"ornaments\": [] | \"ornaments\": 7 | ornaments | 7 | a list in [ ]",
                "\"ornaments\": [] | \"ornaments\": [{\"name\": []}] | ornaments[0].name | [] | text",
                "\"parameters\": {} | \"parameters\": [] | parameters | [] | fields in { }",
                "\"kind\": \"CLOSED\" | \"kind\": \"SHEET\", \"share\": 2147483648 | basis.share | 2147483648 | a whole number, 1 to 6",
            })
    void wrongTypesAreNamedWithTheirValueAndWhatIsAllowed(
            String old, String other, String field, String value, String allowed) throws Exception {
        plan(with(old, other))
                .andExpect(status().isBadRequest())
                .andExpect(content().contentType(MediaType.APPLICATION_PROBLEM_JSON))
                .andExpect(jsonPath("$.fields[0].field").value(field))
                .andExpect(jsonPath("$.fields[0].value").value(value))
                .andExpect(jsonPath("$.fields[0].allowed").value(allowed))
                .andExpect(jsonPath("$.fields[0].text").value("%s (%s): %s.".formatted(field, value, allowed)));
    }

    @Test
    void unknownFieldsAreToldWithThoseThereAre() throws Exception {
        plan(with("\"grid\":", "\"gird\":"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("matting.gird"))
                .andExpect(jsonPath("$.fields[0].allowed")
                        .value(containsString("grid, layers, meeting, papers, papersByFace, steps")));
    }

    @Test
    void malformedJsonIsToldByLineAndColumn() throws Exception {
        plan("{\n \"fold\": \"z-fold\",\n \"basis\": }")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.detail").value(startsWith("The body is not JSON at line 3, column 11")));
        plan("").andExpect(status().isBadRequest());
        plan("[".repeat(5000)).andExpect(status().isBadRequest());
    }

    @Test
    void muchOfAKindIsRefusedByItsCount() throws Exception {
        plan(with("\"ornaments\": []", "\"ornaments\": [" + "{},".repeat(100_000) + "{}]"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields", hasSize(1)))
                .andExpect(jsonPath("$.fields[0].text").value("There are 100,001 ornaments; at most 20."));
        plan(with("\"ornaments\": []", "\"ornaments\": [null]"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[0].field").value("ornaments[0]"));
        plan(with("\"ornaments\": []", "\"ornaments\": [" + "{},".repeat(19) + "{}]"))
                .andExpect(jsonPath("$.fields", hasSize(50)));
    }

    @Test
    void placesFarFromEveryCardAreRefused() throws Exception {
        plan(with("\"ornaments\": []", """
                        "ornaments": [{"name": "a", "face": "front/face", "outline": "2 x 1 in", "x": "100 m", "y": "1 in",
                          "lift": null, "paper": {"stock": "200 gsm", "colour": "#112233", "print": "PLAIN"}, "glue": "WHOLE"},
                          {"name": "b", "face": "front/face", "outline": "2 x 1 in", "x": "1 in", "y": "4000 in",
                          "lift": null, "paper": {"stock": "200 gsm", "colour": "#112233", "print": "PLAIN"}, "glue": "WHOLE"}]"""))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.fields[*].field", contains("ornaments[0].x", "ornaments[1].y")));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "*/*",
                "application/*",
                "application/yaml",
                "text/plain",
                "multipart/form-data",
                "application/json;charset=utf-16",
                "x"
            })
    void onlyJsonIsTaken(String type) throws Exception {
        http.perform(post("/api/plans").header("Content-Type", type).content(BRIEF))
                .andExpect(status().isUnsupportedMediaType())
                .andExpect(content().contentType(MediaType.APPLICATION_PROBLEM_JSON))
                .andExpect(jsonPath("$.detail").value(containsString("application/json")));
    }

    @Test
    void bodiesAreCountedBeforeTheyAreRead() throws Exception {
        plan(" ".repeat(RequestGuard.LONGEST_BODY + 1))
                .andExpect(status().is(413))
                .andExpect(jsonPath("$.detail").value(containsString("2,097,152 bytes")));
    }

    @ParameterizedTest
    @CsvSource({
        "TRACE,/api/folds,405",
        "PATCH,/api/folds,405",
        "PUT,/api/folds,405",
        "GET,/api/nothing,404",
        "GET,/error,404"
    })
    void whatIsNotThereIsTold(String method, String address, int status) throws Exception {
        boolean hasBody = method.equals("PUT");
        var asked = request(HttpMethod.valueOf(method), address);
        http.perform(hasBody ? asked.contentType(MediaType.APPLICATION_JSON).content("{}") : asked)
                .andExpect(status().is(status))
                .andExpect(content().contentType(MediaType.APPLICATION_PROBLEM_JSON));
    }

    @ParameterizedTest
    @CsvSource({
        "cross-site,,403",
        "same-site,,403",
        "same-origin,http://localhost,200",
        "none,,200",
        ",http://cards.example,403",
        ",http://localhost,200",
        ",null,403"
    })
    void onlyTheApplicationsOwnPagesMayAsk(String site, String origin, int status) throws Exception {
        for (String address : new String[] {"/api/folds", "/index.html"}) {
            var asked = get(address);
            if (site != null) {
                asked.header("Sec-Fetch-Site", site);
            }
            if (origin != null) {
                asked.header("Origin", origin);
            }
            if (address.startsWith("/api") || status == 403) {
                http.perform(asked.header("Host", "localhost")).andExpect(status().is(status));
            }
        }
    }

    @Test
    void aLinkFromElsewhereOpensThePageButNoData() throws Exception {
        for (String address : new String[] {"/projects", "/api/projects"}) {
            http.perform(get(address).header("Sec-Fetch-Site", "cross-site").header("Sec-Fetch-Mode", "navigate"))
                    .andExpect(
                            address.startsWith("/api")
                                    ? status().isForbidden()
                                    : handler().handlerType(IndexPage.class));
        }
        http.perform(get("/api/folds")).andExpect(header().string("Cache-Control", "no-store"));
    }

    /** The input of the report: 20 toppers of 390 frayed corners on a tower. Once it took up to 15 seconds. */
    @Test
    void theHeaviestBriefIsWorkedOut() throws Exception {
        for (String name : new String[] {"heavy-tower", "overlapping-toppers"}) {
            try (InputStream in = getClass().getResourceAsStream("/cases/%s.json".formatted(name))) {
                plan(new String(in.readAllBytes(), StandardCharsets.UTF_8)).andExpect(status().isOk());
            }
        }
    }

    /** What is refused is counted: it ends however fast or busy the machine is, and says what to do. */
    @Test
    void workThatIsTooMuchIsGivenUp() throws Exception {
        Patience patience = new Patience();
        CountDownLatch ended = new CountDownLatch(1);
        AtomicLong done = new AtomicLong();
        assertThatThrownBy(() -> patience.await(1000, "This card", () -> endless(done, ended)))
                .isInstanceOf(Patience.Lost.class)
                .hasMessageStartingWith("This card is too much to work out");
        assertThat(ended.await(30, TimeUnit.SECONDS)).as("the work has ended").isTrue();
        assertThat(done.get()).isEqualTo(1001);
        patience.destroy();
    }

    /** The clock only ends what no count bounds, and that is no fault of the card. */
    @Test
    void whatTheClockEndsIsToBeTriedAgain() throws Exception {
        Patience patience = new Patience(Duration.ofMillis(200));
        CountDownLatch ended = new CountDownLatch(1);
        RequestContextHolder.setRequestAttributes(new ServletRequestAttributes(new MockHttpServletRequest()));
        try {
            assertThatThrownBy(
                            () -> patience.await(Long.MAX_VALUE, "This card", () -> endless(new AtomicLong(), ended)))
                    .isInstanceOf(Patience.Busy.class)
                    .hasMessageContaining("try again");
        } finally {
            RequestContextHolder.resetRequestAttributes();
        }
        assertThat(ended.await(30, TimeUnit.SECONDS)).as("the work has ended").isTrue();
        patience.destroy();
    }

    private static Object endless(AtomicLong done, CountDownLatch ended) {
        try {
            while (true) {
                done.incrementAndGet();
                Effort.spend(1);
            }
        } finally {
            ended.countDown();
        }
    }
}
