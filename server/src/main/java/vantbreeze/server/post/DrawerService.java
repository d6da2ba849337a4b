package vantbreeze.server.post;

import java.time.Clock;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.post.Envelope;
import vantbreeze.server.plan.LengthJson.SizeJson;
import vantbreeze.server.store.Inspected;
import vantbreeze.server.store.ReadBack;
import vantbreeze.server.store.Rows;
import vantbreeze.server.store.Store;
import vantbreeze.server.web.FieldReader;
import vantbreeze.server.web.NotFound;

/** The envelopes that the maker has besides those of the table. */
@Service
class DrawerService implements Inspected, ReadBack {

    private static final int LONGEST_NAME = 60;

    private final DrawerRepository envelopes;
    private final Store store;
    private final Clock clock;

    DrawerService(DrawerRepository envelopes, Store store, Clock clock) {
        this.envelopes = envelopes;
        this.store = store;
        this.clock = clock;
    }

    public List<DrawerJson> list() {
        return store.read(() -> kept().map(DrawerService::written).toList());
    }

    public List<Envelope> atHand() {
        return store.read(() -> kept().map(DrawerEnvelope::envelope).toList());
    }

    private Stream<DrawerEnvelope> kept() {
        return envelopes.findByDeletedAtIsNullOrderByNameAsc().stream();
    }

    /**
     * Keeps an envelope; one that lies there already stays one.
     *
     * @throws vantbreeze.server.web.FieldsRefused if it has no name or no such size
     */
    public DrawerJson keep(DrawerJson.NewJson given) {
        UnitSystem units = given.units() == null ? UnitSystem.INCH : given.units();
        FieldReader fields = new FieldReader(units);
        String name = fields.field("name", given.name(), "1 to %d characters".formatted(LONGEST_NAME), () -> {
            if (given.name().isBlank() || given.name().length() > LONGEST_NAME) {
                throw new IllegalArgumentException(
                        "The name (%s) must have 1 to %d characters.".formatted(given.name(), LONGEST_NAME));
            }
            return given.name().strip();
        });
        Size size = fields.field(
                "size",
                given.size(),
                "1 x 1 in to 24 x 24 in",
                () -> Envelope.named(DrawerEnvelope.named("new", text(Size.parse(given.size(), units), units)))
                        .size());
        fields.done();
        String text = text(size, units);
        Envelope envelope = Envelope.named(DrawerEnvelope.named(name, text));
        return store.write(() -> written(kept().filter(e -> e.envelope().equals(envelope))
                .findFirst()
                .orElseGet(() -> envelopes.save(new DrawerEnvelope(name, text, clock.instant())))));
    }

    private static String text(Size size, UnitSystem units) {
        return size.width().exactText(units) + " x " + size.height().exactText(units);
    }

    public DrawerJson delete(String id) {
        return store.write(() -> {
            DrawerEnvelope envelope = find(id);
            envelope.delete(clock.instant());
            return written(envelope);
        });
    }

    public DrawerJson undelete(String id) {
        return store.write(() -> {
            DrawerEnvelope envelope = find(id);
            envelope.undelete();
            return written(envelope);
        });
    }

    @Override
    public Rows rows() {
        return Rows.ENVELOPES;
    }

    @Override
    public void readBack(String key) {
        written(envelopes.findById(key).orElseThrow());
    }

    @Override
    public List<String> damaged() {
        return store.read(() -> envelopes.findAll().stream()
                .filter(e -> !e.isIntact())
                .map(e -> "the envelope “" + e.envelope().name() + "”")
                .toList());
    }

    private DrawerEnvelope find(String id) {
        return envelopes.findById(id).orElseThrow(() -> new NotFound("envelope (%s) in the drawer".formatted(id)));
    }

    private static DrawerJson written(DrawerEnvelope kept) {
        Envelope envelope = kept.envelope();
        return new DrawerJson(
                kept.id(), envelope.id(), envelope.name(), SizeJson.of(envelope.size(), envelope.system()));
    }
}
