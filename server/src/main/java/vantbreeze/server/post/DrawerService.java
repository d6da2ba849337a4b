package vantbreeze.server.post;

import java.time.Clock;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.post.Envelope;
import vantbreeze.server.plan.LengthJson.SizeJson;
import vantbreeze.server.web.FieldReader;
import vantbreeze.server.web.NotFound;

/** The envelopes that the maker has besides those of the table. */
@Service
@Transactional
class DrawerService {

    private static final int LONGEST_NAME = 60;

    private final DrawerRepository envelopes;
    private final Clock clock;

    DrawerService(DrawerRepository envelopes, Clock clock) {
        this.envelopes = envelopes;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<DrawerJson> list() {
        return envelopes.findByDeletedAtIsNullOrderByNameAsc().stream()
                .map(DrawerService::written)
                .toList();
    }

    @Transactional(readOnly = true)
    public List<Envelope> atHand() {
        return envelopes.findByDeletedAtIsNullOrderByNameAsc().stream()
                .map(DrawerEnvelope::envelope)
                .toList();
    }

    /** @throws vantbreeze.server.web.FieldsRefused if it has no name or no such size */
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
        return written(envelopes.save(new DrawerEnvelope(name, text(size, units), clock.instant())));
    }

    private static String text(Size size, UnitSystem units) {
        return size.width().exactText(units) + " x " + size.height().exactText(units);
    }

    public DrawerJson delete(String id) {
        DrawerEnvelope envelope = find(id);
        envelope.delete(clock.instant());
        return written(envelope);
    }

    public DrawerJson undelete(String id) {
        DrawerEnvelope envelope = find(id);
        envelope.undelete();
        return written(envelope);
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
