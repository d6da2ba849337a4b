package vantbreeze.server.project;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.plan.BriefException;
import vantbreeze.plan.Plan;
import vantbreeze.plan.Severity;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.plan.Cards;
import vantbreeze.server.plan.SavedBrief;
import vantbreeze.server.web.Conflict;
import vantbreeze.server.web.NotFound;

/** Keeps projects and all their revisions. A brief is only kept if a plan follows from it. */
@Service
@Transactional
public class ProjectService {

    private static final String COPY = " (copy)";

    private final ProjectRepository projects;
    private final RevisionRepository revisions;
    private final JsonMapper json;
    private final Clock clock;
    private final Cards cards;

    ProjectService(
            ProjectRepository projects, RevisionRepository revisions, JsonMapper json, Clock clock, Cards cards) {
        this.projects = projects;
        this.revisions = revisions;
        this.json = json;
        this.clock = clock;
        this.cards = cards;
    }

    @Transactional(readOnly = true)
    public List<ProjectJson.SummaryJson> list() {
        return projects.findByDeletedAtIsNullOrderByUpdatedAtDesc().stream()
                .map(this::summary)
                .toList();
    }

    @Transactional(readOnly = true)
    public ProjectJson get(String id) {
        return json(project(id));
    }

    /** @throws BriefException if no plan follows; nothing is kept then */
    public ProjectJson create(String name, BriefJson brief) {
        cards.of(brief).plan();
        Instant now = clock.instant();
        Project project = projects.save(new Project(name.strip(), now));
        revisions.save(new Revision(project.id(), 1, json.writeValueAsString(brief), now));
        return json(project);
    }

    /**
     * Keeps a new revision if the brief differs from the newest, and the name.
     *
     * @throws Conflict if the project has moved on since that version
     * @throws BriefException if no plan follows; nothing is kept then
     */
    public ProjectJson save(String id, ProjectJson.ChangeJson change) {
        cards.of(change.brief()).plan();
        Project project = projectAt(id, change.version());
        Instant now = clock.instant();
        if (!project.name().equals(change.name().strip())) {
            project.rename(change.name().strip(), now);
        }
        keep(project, json.writeValueAsString(change.brief()), now);
        return json(projects.saveAndFlush(project));
    }

    private void keep(Project project, String brief, Instant now) {
        Revision newest = newest(project);
        if (!newest.brief().equals(brief)) {
            revisions.save(new Revision(project.id(), newest.number() + 1, brief, now));
            project.touch(now);
        }
    }

    public ProjectJson copy(String id) {
        Project original = project(id);
        String name = original.name();
        int room = ProjectJson.LONGEST_NAME - COPY.length();
        return create(name.substring(0, Math.min(name.length(), room)) + COPY, read(newest(original)));
    }

    public ProjectJson delete(String id, long version) {
        Project project = projectAt(id, version);
        project.delete(clock.instant());
        return json(projects.saveAndFlush(project));
    }

    /** Takes a deletion back. */
    public ProjectJson undelete(String id) {
        Project project = projects.findById(id).orElseThrow(() -> new NotFound("project " + id));
        project.undelete();
        return json(projects.saveAndFlush(project));
    }

    @Transactional(readOnly = true)
    public List<ProjectJson.RevisionJson> revisions(String id) {
        return revisions.findByProjectIdOrderByNumberDesc(project(id).id()).stream()
                .map(r -> {
                    Plan plan = cards.of(read(r)).plan();
                    return new ProjectJson.RevisionJson(
                            r.number(), r.savedAt(), plan.brief().fold().name(), closed(plan));
                })
                .toList();
    }

    /** Makes an older revision the newest again; the ones between stay. */
    public ProjectJson restore(String id, int number, long version) {
        Project project = projectAt(id, version);
        Revision older =
                revisions.findByProjectIdAndNumber(id, number).orElseThrow(() -> new NotFound("revision " + number));
        keep(project, older.brief(), clock.instant());
        return json(projects.saveAndFlush(project));
    }

    private Project project(String id) {
        return projects.findById(id).filter(p -> !p.isDeleted()).orElseThrow(() -> new NotFound("project " + id));
    }

    private Project projectAt(String id, long version) {
        Project project = project(id);
        if (project.version() != version) {
            throw new Conflict(project.name(), json(project), project.version(), version);
        }
        return project;
    }

    private Revision newest(Project project) {
        return revisions
                .findFirstByProjectIdOrderByNumberDesc(project.id())
                .orElseThrow(() -> new IllegalStateException("Project (%s) has no revision.".formatted(project.id())));
    }

    private BriefJson read(Revision revision) {
        return SavedBrief.read(json, revision.brief());
    }

    private ProjectJson json(Project project) {
        Revision newest = newest(project);
        return new ProjectJson(
                project.id(), project.name(), project.version(), newest.number(), project.updatedAt(), read(newest));
    }

    private ProjectJson.SummaryJson summary(Project project) {
        Plan plan = cards.of(read(newest(project))).plan();
        return new ProjectJson.SummaryJson(
                project.id(),
                project.name(),
                project.version(),
                project.updatedAt(),
                plan.brief().fold().name(),
                closed(plan),
                plan.brief().envelope() == null ? null : plan.brief().envelope().name(),
                (int) plan.snags().stream()
                        .filter(s -> s.severity() != Severity.NOTE)
                        .count());
    }

    private static String closed(Plan plan) {
        return plan.closed() == null
                ? null
                : plan.brief().ruler().text(plan.closed().size());
    }
}
