package vantbreeze.server.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;

import java.io.IOException;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.springframework.boot.DefaultApplicationArguments;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.measure.UnitSystem;
import vantbreeze.plan.Planner;
import vantbreeze.server.log.LogJson;
import vantbreeze.server.log.LogService;
import vantbreeze.server.paper.SheetJson;
import vantbreeze.server.paper.SheetService;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.project.ProjectJson;
import vantbreeze.server.project.ProjectService;

class DemoProjectsTest {

    private final ProjectService projects = mock(ProjectService.class);
    private final SheetService sheets = mock(SheetService.class);
    private final LogService log = mock(LogService.class);
    private final DemoProjects demo = new DemoProjects(projects, sheets, log, new JsonMapper());

    @Test
    void theTableIsFilledAtOnceWithCardsOfEveryKindAndBothUnits() throws IOException {
        demo.run(new DefaultApplicationArguments());
        ArgumentCaptor<List<ProjectJson.NewJson>> kept = ArgumentCaptor.captor();
        verify(projects).fillIfNew(kept.capture());
        ArgumentCaptor<List<SheetJson.ContentJson>> drawer = ArgumentCaptor.captor();
        verify(sheets).fillIfNew(drawer.capture());
        assertThat(drawer.getValue()).extracting(SheetJson.ContentJson::offcut).contains(true, false);
        ArgumentCaptor<List<LogJson.NewJson>> made = ArgumentCaptor.captor();
        verify(log).fillIfNew(made.capture());
        assertThat(made.getValue())
                .hasSize(3)
                .allSatisfy(m -> assertThat(m.brief()).isNotNull());
        List<BriefJson> briefs =
                kept.getValue().stream().map(ProjectJson.NewJson::brief).toList();
        assertThat(briefs)
                .hasSize(8)
                .extracting(BriefJson::fold)
                .contains("z-fold", "gatefold", "latch-gate", "tower", "free-strip");
        assertThat(briefs).extracting(BriefJson::units).contains(UnitSystem.INCH, UnitSystem.METRIC);
        Set<BriefJson.BasisKind> bases =
                briefs.stream().map(b -> b.basis().kind()).collect(Collectors.toSet());
        assertThat(bases).hasSizeGreaterThan(2);
        assertThat(briefs)
                .allSatisfy(b -> assertThat(Planner.plan(b.read()).closed()).isNotNull());
    }
}
