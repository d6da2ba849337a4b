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
import vantbreeze.server.paper.SheetJson;
import vantbreeze.server.paper.SheetService;
import vantbreeze.server.project.ProjectJson;
import vantbreeze.server.project.ProjectService;

/** Fills an empty data folder with the cards and the papers of an invented astronomy club. */
@Component
@ConditionalOnProperty("vantbreeze.demo")
class DemoProjects implements ApplicationRunner {

    private final ProjectService projects;
    private final SheetService sheets;
    private final JsonMapper json;

    DemoProjects(ProjectService projects, SheetService sheets, JsonMapper json) {
        this.projects = projects;
        this.sheets = sheets;
        this.json = json;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException {
        try (InputStream in = new ClassPathResource("demo/projects.json").getInputStream()) {
            projects.fillIfNew(json.readValue(in, new TypeReference<List<ProjectJson.NewJson>>() {}));
        }
        try (InputStream in = new ClassPathResource("demo/sheets.json").getInputStream()) {
            sheets.fillIfNew(json.readValue(in, new TypeReference<List<SheetJson.ContentJson>>() {}));
        }
    }
}
