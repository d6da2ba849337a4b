package vantbreeze.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.server.log.LogJson;
import vantbreeze.server.log.LogService;
import vantbreeze.server.paper.SheetJson;
import vantbreeze.server.paper.SheetService;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.project.ProjectJson;
import vantbreeze.server.project.ProjectService;

/** Fills an empty data folder with the cards and the papers of an invented astronomy club. */
@Component
@ConditionalOnProperty("vantbreeze.demo")
class DemoProjects implements ApplicationRunner {

    private final ProjectService projects;
    private final SheetService sheets;
    private final LogService log;
    private final JsonMapper json;

    DemoProjects(ProjectService projects, SheetService sheets, LogService log, JsonMapper json) {
        this.projects = projects;
        this.sheets = sheets;
        this.log = log;
        this.json = json;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException {
        List<ProjectJson.NewJson> first;
        try (InputStream in = new ClassPathResource("demo/projects.json").getInputStream()) {
            first = json.readValue(in, new TypeReference<>() {});
        }
        projects.fillIfNew(first);
        try (InputStream in = new ClassPathResource("demo/sheets.json").getInputStream()) {
            sheets.fillIfNew(json.readValue(in, new TypeReference<List<SheetJson.ContentJson>>() {}));
        }
        try (InputStream in = new ClassPathResource("demo/log.json").getInputStream()) {
            List<LogJson.ContentJson> made = json.readValue(in, new TypeReference<>() {});
            log.fillIfNew(made.stream()
                    .map(c -> new LogJson.NewJson(c, briefOf(c.card(), first), List.of()))
                    .toList());
        }
    }

    private static BriefJson briefOf(String card, List<ProjectJson.NewJson> projects) {
        return projects.stream()
                .filter(p -> p.name().equals(card))
                .findFirst()
                .orElseThrow()
                .brief();
    }
}
