package vantbreeze.server.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

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
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.project.ProjectJson;
import vantbreeze.server.project.ProjectService;

class DemoProjectsTest {

    private final ProjectService projects = mock(ProjectService.class);
    private final DemoProjects demo = new DemoProjects(projects, new JsonMapper());

    @Test
    void anEmptyTableIsFilledWithCardsOfEveryKindAndBothUnits() throws IOException {
        when(projects.list()).thenReturn(List.of());
        demo.run(new DefaultApplicationArguments());
        ArgumentCaptor<BriefJson> briefs = ArgumentCaptor.captor();
        verify(projects, times(8)).create(anyString(), briefs.capture());
        assertThat(briefs.getAllValues())
                .extracting(BriefJson::fold)
                .contains("z-fold", "gatefold", "latch-gate", "tower", "free-strip");
        assertThat(briefs.getAllValues()).extracting(BriefJson::units).contains(UnitSystem.INCH, UnitSystem.METRIC);
        Set<BriefJson.BasisKind> bases =
                briefs.getAllValues().stream().map(b -> b.basis().kind()).collect(Collectors.toSet());
        assertThat(bases).hasSizeGreaterThan(2);
        assertThat(briefs.getAllValues())
                .allSatisfy(b -> assertThat(Planner.plan(b.read()).closed()).isNotNull());
    }

    @Test
    void aTableThatHoldsSomethingIsLeftAlone() throws IOException {
        when(projects.list())
                .thenReturn(List.of(new ProjectJson.SummaryJson("1", "mine", 0, null, "Z-fold", null, null, 0)));
        demo.run(new DefaultApplicationArguments());
        verify(projects, never()).create(any(), any());
    }
}
