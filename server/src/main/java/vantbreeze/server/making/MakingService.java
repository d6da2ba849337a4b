package vantbreeze.server.making;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.project.ProjectJson;
import vantbreeze.server.project.ProjectService;
import vantbreeze.server.store.Inspected;
import vantbreeze.server.store.ReadBack;
import vantbreeze.server.store.Rows;
import vantbreeze.server.store.Store;
import vantbreeze.server.web.Conflict;
import vantbreeze.server.web.FieldReader;

/** Keeps the place at the table, over reloads and restarts. */
@Service
class MakingService implements Inspected, ReadBack {

    private static final long NOT_BEGUN = -1;

    private final MakingRepository makings;
    private final ProjectService projects;
    private final Store store;
    private final JsonMapper json;
    private final Clock clock;

    MakingService(MakingRepository makings, ProjectService projects, Store store, JsonMapper json, Clock clock) {
        this.makings = makings;
        this.projects = projects;
        this.store = store;
        this.json = json;
        this.clock = clock;
    }

    /** @throws vantbreeze.server.web.NotFound if there is no such project */
    MakingJson get(String project) {
        ProjectJson card = projects.get(project);
        return store.read(() -> now(project, card));
    }

    private MakingJson now(String project, ProjectJson card) {
        Optional<Making> kept = makings.findById(project);
        return new MakingJson(
                kept.map(Making::version).orElse(NOT_BEGUN),
                kept.map(m -> json.readValue(m.state(), MakingJson.StateJson.class))
                        .orElseGet(() -> MakingJson.fresh(card.revision())));
    }

    /**
     * @throws Conflict if another tab has gone on since that version
     * @throws vantbreeze.server.web.FieldsRefused if a field cannot be so; nothing is kept then
     */
    MakingJson change(String project, MakingJson change) {
        ProjectJson card = projects.get(project);
        check(change.state(), card.brief().units());
        return store.write(() -> {
            MakingJson now = now(project, card);
            if (now.version() != change.version()) {
                throw new Conflict(card.name(), now, now.version(), change.version());
            }
            Making making = makings.findById(project).orElseGet(() -> new Making(project));
            making.write(json.writeValueAsString(change.state()), clock.instant());
            makings.saveAndFlush(making);
            return now(project, card);
        });
    }

    private static void check(MakingJson.StateJson state, UnitSystem units) {
        FieldReader fields = new FieldReader(units == null ? UnitSystem.INCH : units);
        fields.fieldUpTo(Integer.MAX_VALUE, "state", state, "the place at the table", () -> {
            if (state.cards() < 1 || state.cards() > MakingJson.MOST_CARDS) {
                throw new IllegalArgumentException(
                        "The number of cards (%d) must be 1 to %d.".formatted(state.cards(), MakingJson.MOST_CARDS));
            }
            Stream.of(state.done(), state.measured(), state.timers()).forEach(MakingService::requireShort);
            return state;
        });
        fields.done();
        fields.fieldUpTo(MakingJson.LONGEST_KEY, "state.at", state.at() == null ? "" : state.at(), "a task", state::at);
        for (int i = 0; i < state.measured().size(); i++) {
            MakingJson.MeasuredJson m = state.measured().get(i);
            Length length = fields.length("state.measured[%d].value".formatted(i), m.value());
            fields.fieldUpTo(
                    MakingJson.LONGEST_KEY, "state.measured[%d].key".formatted(i), m.key(), "a setting", () -> length);
        }
        for (int i = 0; i < state.done().size(); i++) {
            MakingJson.DoneJson d = state.done().get(i);
            fields.fieldUpTo(MakingJson.LONGEST_KEY, "state.done[%d].task".formatted(i), d.task(), "a task", () -> {
                if (d.cards() < 0 || d.cards() > MakingJson.MOST_CARDS) {
                    throw new IllegalArgumentException(
                            "The cards done (%d) must be 0 to %d.".formatted(d.cards(), MakingJson.MOST_CARDS));
                }
                return d;
            });
        }
        for (int i = 0; i < state.timers().size(); i++) {
            MakingJson.TimerJson t = state.timers().get(i);
            fields.fieldUpTo(
                    MakingJson.LONGEST_KEY,
                    "state.timers[%d]".formatted(i),
                    t.task() == null || t.until() == null ? null : t.task(),
                    "a task and a time",
                    t::task);
        }
        fields.done();
    }

    private static void requireShort(List<?> list) {
        if (list == null || list.size() > MakingJson.MOST_LINES || list.contains(null)) {
            throw new IllegalArgumentException(
                    "The lists of the place at the table must be given, with at most %d lines each."
                            .formatted(MakingJson.MOST_LINES));
        }
    }

    /** The card is done, or is begun anew. */
    MakingJson forget(String project) {
        ProjectJson card = projects.get(project);
        return store.write(() -> {
            makings.findById(project).ifPresent(makings::delete);
            makings.flush();
            return now(project, card);
        });
    }

    @Override
    public Rows rows() {
        return Rows.MAKINGS;
    }

    @Override
    public void readBack(String key) {
        json.readValue(makings.findById(key).orElseThrow().state(), MakingJson.StateJson.class);
    }

    @Override
    public List<String> damaged() {
        return store.read(() -> makings.findAll().stream()
                .filter(m -> !m.isIntact())
                .map(m -> "the place of a card at the table")
                .toList());
    }
}
