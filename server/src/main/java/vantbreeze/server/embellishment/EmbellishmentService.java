package vantbreeze.server.embellishment;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.springframework.stereotype.Service;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.layer.Embellishment;
import vantbreeze.layer.Ornament;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.plan.Brief;
import vantbreeze.plan.BriefException;
import vantbreeze.server.outline.PathData;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.plan.OrnamentReader;
import vantbreeze.server.store.Inspected;
import vantbreeze.server.store.ReadBack;
import vantbreeze.server.store.Rows;
import vantbreeze.server.store.Store;
import vantbreeze.server.web.FieldsRefused;
import vantbreeze.server.web.NotFound;
import vantbreeze.structure.FlatMotion;

/** Keeps embellishments and lays them onto other cards. */
@Service
public class EmbellishmentService implements Inspected, ReadBack {

    static final int MOST = 200;

    /** The one that an embellishment is kept with must be there: its words name it. */
    private static final String FIELD = "ornament";

    private static final TypeReference<List<BriefJson.OrnamentJson>> ORNAMENTS = new TypeReference<>() {};

    private final EmbellishmentRepository rows;
    private final Store store;
    private final JsonMapper json;
    private final Clock clock;

    EmbellishmentService(EmbellishmentRepository rows, Store store, JsonMapper json, Clock clock) {
        this.rows = rows;
        this.store = store;
        this.json = json;
        this.clock = clock;
    }

    public List<EmbellishmentJson> list() {
        return store.read(() -> rows.findByDeletedAtIsNullOrderByNameAsc().stream()
                .map(this::written)
                .toList());
    }

    /** @throws BriefException if the brief cannot be read, or nothing can be kept under that ornament's name */
    EmbellishmentJson keep(String name, BriefJson given, String ornament) {
        Brief brief = given.read();
        Embellishment kept = refused(
                FIELD, ornament, "the name of an ornament", () -> Embellishment.of(brief.ornaments(), ornament));
        ToolGrid grid = brief.tools().ruler();
        List<Ornament> written = kept.onto(kept.ornaments().get(0).face(), List.of(), 100, grid);
        String text = json.writeValueAsString(written.stream()
                .map(o -> BriefJson.OrnamentJson.of(o, brief.units()))
                .toList());
        return store.write(() -> {
            if (rows.findByDeletedAtIsNullOrderByNameAsc().size() >= MOST) {
                throw new FieldsRefused(
                        "name",
                        name.strip(),
                        "at most %d embellishments".formatted(MOST),
                        "The shelf has room for %d embellishments; let one go first.".formatted(MOST));
            }
            return written(rows.save(new EmbellishmentRow(name.strip(), text, clock.instant())));
        });
    }

    BriefJson take(String id, EmbellishmentJson.TakenJson taken) {
        Brief brief = taken.brief().read();
        Embellishment kept = store.read(() -> read(find(id)));
        return refused("percent", taken.percent(), percents(), () -> {
            List<Ornament> more = kept.onto(
                    taken.face(),
                    brief.ornaments(),
                    taken.percent(),
                    brief.tools().ruler());
            return BriefJson.of(brief.withOrnaments(
                    Stream.concat(brief.ornaments().stream(), more.stream()).toList()));
        });
    }

    private static String percents() {
        return "%d to %d, and at most %d ornaments on a card"
                .formatted(Embellishment.SMALLEST_PERCENT, Embellishment.LARGEST_PERCENT, Brief.MOST_ORNAMENTS);
    }

    private static <T> T refused(String field, Object value, String allowed, Supplier<T> asked) {
        try {
            return asked.get();
        } catch (IllegalArgumentException e) {
            throw new FieldsRefused(field, String.valueOf(value), allowed, e.getMessage());
        }
    }

    EmbellishmentJson delete(String id) {
        return store.write(() -> {
            EmbellishmentRow row = find(id);
            row.delete(clock.instant());
            return written(row);
        });
    }

    EmbellishmentJson undelete(String id) {
        return store.write(() -> {
            EmbellishmentRow row = find(id);
            row.undelete();
            return written(row);
        });
    }

    @Override
    public Rows rows() {
        return Rows.EMBELLISHMENTS;
    }

    @Override
    public void readBack(String key) {
        written(find(key));
    }

    @Override
    public List<String> damaged() {
        return store.read(() -> rows.findAll().stream()
                .filter(r -> !r.isIntact())
                .map(r -> "your embellishment “" + r.name() + "”")
                .toList());
    }

    private EmbellishmentRow find(String id) {
        return rows.findById(id).orElseThrow(() -> new NotFound("embellishment (%s)".formatted(id)));
    }

    private Embellishment read(EmbellishmentRow row) {
        return new Embellishment(OrnamentReader.alone(json.readValue(row.ornaments(), ORNAMENTS)));
    }

    private EmbellishmentJson written(EmbellishmentRow row) {
        List<Embellishment.Layer> layers = read(row).drawn(ToolGrid.HALF_MILLIMETRE);
        Envelope box = new Envelope();
        layers.forEach(l -> box.expandToInclude(l.outline().getEnvelopeInternal()));
        FlatMotion toOrigin = FlatMotion.shift(-box.getMinX(), -box.getMinY());
        PathData path = new PathData(box.getHeight() / Length.COUNTS_PER_MILLIMETRE);
        List<EmbellishmentJson.LayerJson> drawn = new ArrayList<>();
        layers.forEach(l -> drawn.add(new EmbellishmentJson.LayerJson(
                path.of(toOrigin.apply(l.outline())), BriefJson.PaperJson.of(l.paper()))));
        return new EmbellishmentJson(
                row.id(),
                row.name(),
                Length.nearestTo(box.getWidth()).millimetres(),
                Length.nearestTo(box.getHeight()).millimetres(),
                drawn);
    }
}
