package vantbreeze.server.project;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.plan.BriefException;
import vantbreeze.plan.Card;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.plan.Cards;
import vantbreeze.server.plan.Rules;
import vantbreeze.server.plan.SavedBrief;
import vantbreeze.server.store.Inspected;
import vantbreeze.server.store.ReadBack;
import vantbreeze.server.store.Rows;
import vantbreeze.server.store.Store;
import vantbreeze.server.store.Tidied;
import vantbreeze.server.web.Conflict;
import vantbreeze.server.web.FieldsRefused;
import vantbreeze.server.web.NotFound;
import vantbreeze.server.web.Text;
import vantbreeze.server.web.Unreadable;

/** Keeps projects and all their revisions. A brief is only kept if a plan follows from it; it is worked out before. */
@Service
public class ProjectService implements Inspected, ReadBack, Tidied {

    private static final String COPY = " (copy)";

    /** As many as are read and kept at once while nobody waits for them. */
    private static final int AT_ONCE = 20;

    private final ProjectRepository projects;
    private final RevisionRepository revisions;
    private final ProjectLists lists;
    private final Store store;
    private final JsonMapper json;
    private final Clock clock;
    private final Cards cards;

    ProjectService(
            ProjectRepository projects,
            RevisionRepository revisions,
            ProjectLists lists,
            Store store,
            JsonMapper json,
            Clock clock,
            Cards cards) {
        this.projects = projects;
        this.revisions = revisions;
        this.lists = lists;
        this.store = store;
        this.json = json;
        this.clock = clock;
        this.cards = cards;
    }

    /** A brief as it is kept, and what follows from it. */
    private record Draft(String text, Summary summary) {}

    /** @throws BriefException if no plan follows */
    private Draft draft(BriefJson brief) {
        Summary summary = Summary.of(cards.ask(brief, Card::plan), Rules.EDITION);
        String text = SavedBrief.write(json, brief);
        if (text.length() > Revision.LONGEST_BRIEF) {
            throw new FieldsRefused(
                    "brief",
                    "%d characters".formatted(text.length()),
                    "at most %d characters".formatted(Revision.LONGEST_BRIEF),
                    "The brief (%d characters) is too long to be kept: at most %d characters."
                            .formatted(text.length(), Revision.LONGEST_BRIEF));
        }
        return new Draft(text, summary);
    }

    public List<ProjectJson.SummaryJson> list() {
        return store.read(lists::projects);
    }

    /** @throws Unreadable if its newest brief is not one any more */
    public ProjectJson get(String id) {
        return store.read(() -> json(project(id)));
    }

    /** @throws BriefException if no plan follows; nothing is kept then */
    public ProjectJson create(String name, BriefJson brief) {
        Draft draft = draft(brief);
        return store.write(() -> json(begin(name.strip(), draft)));
    }

    /** A project as a document of its own. */
    public JsonNode document(String id) {
        ProjectJson project = get(id);
        return ProjectFile.write(json, project.name(), project.brief());
    }

    /**
     * Begins a project with what a document holds.
     *
     * @throws FieldsRefused naming the path of the fault
     * @throws BriefException if no plan follows; nothing is kept then
     */
    public ProjectJson take(JsonNode document) {
        ProjectFile.Content content = ProjectFile.read(json, document);
        return create(content.name(), content.brief());
    }

    /** Fills a table on which nothing has ever lain: with all of them, or with none. */
    public void fillIfNew(List<ProjectJson.NewJson> first) {
        if (store.read(projects::count) > 0) {
            return;
        }
        List<Draft> drafts = first.stream().map(p -> draft(p.brief())).toList();
        store.write(() -> {
            for (int i = 0; i < drafts.size(); i++) {
                begin(first.get(i).name(), drafts.get(i));
            }
            return null;
        });
    }

    private Project begin(String name, Draft draft) {
        Instant now = clock.instant();
        Project project = projects.save(new Project(name, now));
        revisions.save(new Revision(project.id(), 1, draft.text(), draft.summary(), now));
        return project;
    }

    /**
     * Keeps a new revision if the brief differs from the newest, and the name.
     *
     * @throws Conflict if the project has moved on since that version
     * @throws BriefException if no plan follows; nothing is kept then
     */
    public ProjectJson save(String id, ProjectJson.ChangeJson change) {
        Draft draft = draft(change.brief());
        return store.write(() -> {
            Project project = projectAt(id, change.version());
            if (!project.name().equals(change.name().strip())) {
                project.rename(change.name().strip(), clock.instant());
            }
            keep(project, draft);
            return json(projects.saveAndFlush(project));
        });
    }

    private void keep(Project project, Draft draft) {
        Revision newest = newest(project);
        if (!SavedBrief.saysTheSame(json, newest.brief(), draft.text())) {
            Instant now = clock.instant();
            revisions.save(new Revision(project.id(), newest.number() + 1, draft.text(), draft.summary(), now));
            project.touch(now);
        }
    }

    public ProjectJson copy(String id) {
        return store.write(() -> {
            Project original = project(id);
            String name = Text.upTo(ProjectJson.LONGEST_NAME - COPY.length(), original.name()) + COPY;
            return json(begin(name, draftOf(newest(original))));
        });
    }

    private static Draft draftOf(Revision kept) {
        return new Draft(kept.brief(), kept.summary().orElse(null));
    }

    public ProjectJson.HeadJson delete(String id, long version) {
        return store.write(() -> {
            Project project = projectAt(id, version);
            project.delete(clock.instant());
            return ProjectJson.HeadJson.of(projects.saveAndFlush(project));
        });
    }

    /** Takes a deletion back. */
    public ProjectJson.HeadJson undelete(String id) {
        return store.write(() -> {
            Project project = projects.findById(id).orElseThrow(() -> new NotFound("project " + id));
            project.undelete();
            return ProjectJson.HeadJson.of(projects.saveAndFlush(project));
        });
    }

    public List<ProjectJson.RevisionJson> revisions(String id) {
        return store.read(() -> lists.revisions(project(id).id()));
    }

    /** Makes an older revision the newest again; the ones between stay. */
    public ProjectJson restore(String id, int number, long version) {
        return store.write(() -> {
            Project project = projectAt(id, version);
            Revision older = revisions
                    .findByProjectIdAndNumber(id, number)
                    .orElseThrow(() -> new NotFound("revision " + number));
            keep(project, draftOf(older));
            return json(projects.saveAndFlush(project));
        });
    }

    private Project project(String id) {
        return projects.findById(id).filter(p -> !p.isDeleted()).orElseThrow(() -> new NotFound("project " + id));
    }

    private Project projectAt(String id, long version) {
        Project project = project(id);
        if (project.version() != version) {
            throw new Conflict(project.name(), currentIfReadable(project), project.version(), version);
        }
        return project;
    }

    private Object currentIfReadable(Project project) {
        try {
            return json(project);
        } catch (Unreadable e) {
            return ProjectJson.HeadJson.of(project);
        }
    }

    private Revision newest(Project project) {
        return revisions
                .findFirstByProjectIdOrderByNumberDesc(project.id())
                .orElseThrow(() -> new NotFound("revision of project " + project.id()));
    }

    private ProjectJson json(Project project) {
        Revision newest = newest(project);
        return new ProjectJson(
                project.id(),
                project.name(),
                project.version(),
                newest.number(),
                project.updatedAt(),
                SavedBrief.read(json, newest.brief()));
    }

    /** Works out what older rules, or nobody, made of the briefs. Each by itself: one that fails says why. */
    @Override
    public void tidy() {
        for (List<Revision> some = notSummarised(); !some.isEmpty(); some = notSummarised()) {
            List<Revision> these = some;
            List<Summary> made = these.stream().map(r -> summary(r.brief())).toList();
            store.write(() -> {
                for (int i = 0; i < made.size(); i++) {
                    Summary summary = made.get(i);
                    revisions.findById(these.get(i).id()).ifPresent(r -> r.summarise(summary));
                }
                return null;
            });
        }
    }

    private List<Revision> notSummarised() {
        return store.read(() -> lists.notSummarised(Rules.EDITION, AT_ONCE));
    }

    private Summary summary(String text) {
        try {
            return Summary.of(cards.ask(SavedBrief.read(json, text), Card::plan), Rules.EDITION);
        } catch (RuntimeException e) {
            return Summary.none(String.valueOf(e.getMessage()), Rules.EDITION);
        }
    }

    @Override
    public Rows rows() {
        return Rows.REVISIONS;
    }

    @Override
    public void readBack(String key) {
        SavedBrief.requireObject(json, revisions.findById(key).orElseThrow().brief());
    }

    @Override
    public List<String> damaged() {
        return store.read(() -> {
            Function<Revision, String> called = r -> "revision %d of %s"
                    .formatted(
                            r.number(),
                            projects.findById(r.projectId())
                                    .map(p -> "“" + p.name() + "”")
                                    .orElse("a project that is not there"));
            return Stream.concat(
                            projects.findAll().stream()
                                    .filter(p -> !p.isIntact())
                                    .map(p -> "the name or dates of “" + p.name() + "”"),
                            revisions.findAll().stream()
                                    .filter(r -> !r.isIntact())
                                    .map(called))
                    .toList();
        });
    }
}
