package vantbreeze.server.log;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.plan.Brief;
import vantbreeze.server.photo.PhotoAlbum;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.plan.SavedBrief;
import vantbreeze.server.project.ProjectJson;
import vantbreeze.server.project.ProjectService;
import vantbreeze.server.store.Inspected;
import vantbreeze.server.store.ReadBack;
import vantbreeze.server.store.Rows;
import vantbreeze.server.store.Store;
import vantbreeze.server.web.Conflict;
import vantbreeze.server.web.FieldReader;
import vantbreeze.server.web.FieldsRefused;
import vantbreeze.server.web.NotFound;
import vantbreeze.server.web.Text;

/** Remembers what was made. */
@Service
public class LogService implements Inspected, ReadBack {

    private static final int LONGEST_NAME = 80;

    private final LogRepository entries;
    private final PhotoAlbum photos;
    private final ProjectService projects;
    private final Store store;
    private final JsonMapper json;
    private final Clock clock;

    LogService(
            LogRepository entries,
            PhotoAlbum photos,
            ProjectService projects,
            Store store,
            JsonMapper json,
            Clock clock) {
        this.entries = entries;
        this.photos = photos;
        this.projects = projects;
        this.store = store;
        this.json = json;
        this.clock = clock;
    }

    /** @param wanted words that all stand somewhere in an entry; none for all entries */
    public List<LogJson> list(String wanted) {
        List<String> words = Stream.of(wanted.toLowerCase(Locale.ROOT).split("\\s+"))
                .filter(w -> !w.isEmpty())
                .toList();
        return store.read(() -> entries.findByDeletedAtIsNullOrderByMadeOnDescCreatedAtDesc().stream()
                .map(this::written)
                .filter(e -> words.stream().allMatch(searched(e.content())::contains))
                .toList());
    }

    private static String searched(LogJson.ContentJson c) {
        return Stream.of(
                        Stream.of(c.card(), c.fold(), c.occasion(), c.madeOn(), c.changeNext(), c.envelope()),
                        c.recipients().stream(),
                        c.papers().stream())
                .flatMap(s -> s)
                .filter(Objects::nonNull)
                .collect(Collectors.joining("\n"))
                .toLowerCase(Locale.ROOT);
    }

    private LogJson written(LogEntry entry) {
        return new LogJson(
                entry.id(),
                entry.version(),
                json.readValue(entry.said(), LogJson.ContentJson.class),
                entry.photos(),
                entry.createdAt());
    }

    /** @throws FieldsRefused naming every field that cannot be so; nothing is kept then */
    public LogJson add(LogJson.NewJson sent) {
        if (sent.brief() == null) {
            throw new FieldsRefused("brief", "", "the card as it was made", "The field (brief) must be given.");
        }
        Brief brief = sent.brief().read();
        LogJson.ContentJson content =
                LogReader.read(sent.content(), brief.fold().name(), brief.units());
        List<PhotoAlbum.Developed> pictures = developed(sent.photos());
        String saved = SavedBrief.write(json, BriefJson.of(brief));
        return store.write(() -> {
            LogEntry entry = new LogEntry(saved, clock.instant());
            entry.write(json.writeValueAsString(content), content.madeOn());
            show(entry, pictures);
            return written(entries.saveAndFlush(entry));
        });
    }

    /** Fills a logbook into which nothing has ever been written. */
    public void fillIfNew(List<LogJson.NewJson> first) {
        if (store.read(entries::count) == 0) {
            first.forEach(this::add);
        }
    }

    /**
     * @throws Conflict if it has been changed since that version
     * @throws FieldsRefused naming every field that cannot be so; nothing is kept then
     */
    public LogJson change(String id, LogJson.ChangeJson change) {
        LogJson before = store.read(() -> written(entry(id)));
        LogJson.ContentJson content =
                LogReader.read(change.content(), before.content().fold(), UnitSystem.INCH);
        List<PhotoAlbum.Developed> pictures = developed(change.photos());
        return changed(id, change.version(), e -> {
            e.write(json.writeValueAsString(content), content.madeOn());
            show(e, pictures);
        });
    }

    private List<PhotoAlbum.Developed> developed(List<String> sent) {
        FieldReader fields = new FieldReader(UnitSystem.METRIC);
        List<PhotoAlbum.Developed> pictures = new ArrayList<>();
        for (String image : sent == null ? List.<String>of() : sent) {
            pictures.add(photos.develop(fields, "photos[%d]".formatted(pictures.size()), image));
        }
        fields.done();
        return pictures;
    }

    /** Within a writing: with too many photographs nothing of the entry is kept. */
    private void show(LogEntry entry, List<PhotoAlbum.Developed> pictures) {
        List<String> shown = entry.photos();
        if (shown.size() + pictures.size() > LogEntry.MOST_PHOTOS) {
            throw new FieldsRefused(
                    "photos",
                    "%d".formatted(shown.size() + pictures.size()),
                    "at most %d photographs".formatted(LogEntry.MOST_PHOTOS),
                    "An entry has at most %d photographs; these would be %d."
                            .formatted(LogEntry.MOST_PHOTOS, shown.size() + pictures.size()));
        }
        pictures.forEach(p -> shown.add(photos.keep(p)));
        entry.show(shown);
    }

    private LogJson changed(String id, long version, Consumer<LogEntry> change) {
        return store.write(() -> {
            LogEntry entry = entry(id);
            if (entry.version() != version) {
                LogJson now = written(entry);
                throw new Conflict(now.content().card(), now, entry.version(), version);
            }
            change.accept(entry);
            return written(entries.saveAndFlush(entry));
        });
    }

    private LogEntry entry(String id) {
        return entries.findById(id).filter(e -> !e.isDeleted()).orElseThrow(() -> missing(id));
    }

    private static NotFound missing(String id) {
        return new NotFound("entry (%s) in the logbook".formatted(id));
    }

    public LogJson delete(String id, long version) {
        return changed(id, version, e -> e.delete(clock.instant()));
    }

    public LogJson undelete(String id) {
        return store.write(() -> {
            LogEntry entry = entries.findById(id).orElseThrow(() -> missing(id));
            entry.undelete();
            return written(entries.saveAndFlush(entry));
        });
    }

    public LogJson hide(String id, String photo, long version) {
        return changed(id, version, entry -> {
            List<String> shown = entry.photos();
            if (!shown.remove(photo)) {
                throw new NotFound("photograph (%s)".formatted(photo));
            }
            entry.show(shown);
        });
    }

    /** Begins a new card as that one was made. */
    public ProjectJson again(String id) {
        LogEntry entry = store.read(() -> entry(id));
        String card = json.readValue(entry.said(), LogJson.ContentJson.class).card();
        return projects.create(Text.upTo(LONGEST_NAME, card), SavedBrief.read(json, entry.brief()));
    }

    /** Who of these has had that card before: of the same project, or by the same name. */
    public List<LogJson.GivenJson> given(LogJson.AskJson asked) {
        Set<String> wanted = Stream.ofNullable(asked.recipients())
                .flatMap(List::stream)
                .filter(Objects::nonNull)
                .map(LogService::plain)
                .filter(w -> !w.isEmpty())
                .collect(Collectors.toSet());
        List<LogJson.GivenJson> given = new ArrayList<>();
        for (LogJson entry : list("")) {
            LogJson.ContentJson c = entry.content();
            boolean same = (asked.project() != null && asked.project().equals(c.project()))
                    || (asked.card() != null && plain(asked.card()).equals(plain(c.card())));
            if (same) {
                c.recipients().stream()
                        .filter(r -> wanted.contains(plain(r)))
                        .forEach(r -> given.add(new LogJson.GivenJson(r, c.card(), c.madeOn())));
            }
        }
        return List.copyOf(given);
    }

    private static String plain(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    /** Everything that was measured, by what was done: measured less planned, in mm. */
    List<Missed> missed() {
        return list("").stream()
                .flatMap(e -> e.content().measured().stream())
                .map(m -> new Missed(
                        m.hand(),
                        Length.parse(m.value(), UnitSystem.INCH)
                                .minus(Length.parse(m.planned(), UnitSystem.INCH))
                                .millimetres()))
                .toList();
    }

    /** One measurement. */
    record Missed(vantbreeze.operation.Hand hand, double millimetres) {}

    @Override
    public Rows rows() {
        return Rows.LOG;
    }

    @Override
    public void readBack(String key) {
        LogEntry entry = entries.findById(key).orElseThrow();
        LogJson read = written(entry);
        LocalDate.parse(read.content().madeOn());
        SavedBrief.requireObject(json, entry.brief());
    }

    @Override
    public List<String> damaged() {
        return store.read(() -> entries.findAll().stream()
                .filter(e -> !e.isIntact())
                .map(e -> "an entry of the logbook")
                .toList());
    }
}
