package vantbreeze.server.ownfold;

import java.time.Clock;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.catalogue.FoldCatalogue;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.catalogue.Parameter;
import vantbreeze.measure.UnitSystem;
import vantbreeze.plan.Brief;
import vantbreeze.plan.BriefException;
import vantbreeze.plan.Planner;
import vantbreeze.plan.Shelf;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.store.Inspected;
import vantbreeze.server.store.ReadBack;
import vantbreeze.server.store.Rows;
import vantbreeze.server.store.Store;
import vantbreeze.server.web.FieldsRefused;
import vantbreeze.server.web.NotFound;

/** Keeps folds that the maker typed. */
@Service
public class OwnFoldService implements Inspected, ReadBack {

    /** More would keep the shelf from being there at once. */
    static final int MOST = 60;

    private static final TypeReference<Map<String, String>> TEXT_BY_KEY = new TypeReference<>() {};

    private final OwnFoldRepository folds;
    private final Store store;
    private final JsonMapper json;
    private final Clock clock;

    OwnFoldService(OwnFoldRepository folds, Store store, JsonMapper json, Clock clock) {
        this.folds = folds;
        this.store = store;
        this.json = json;
        this.clock = clock;
    }

    public List<OwnFoldJson> list() {
        return store.read(() -> folds.findByDeletedAtIsNullOrderByNameAsc().stream()
                .map(this::written)
                .toList());
    }

    /** @return the kept folds, ready for the shelf */
    public List<Shelf.Own> onTheShelf() {
        return list().stream()
                .map(own -> {
                    FoldDesign fold = typedFold(own.parameters());
                    return new Shelf.Own(fold.called(own.name()), read(fold, own.parameters()));
                })
                .toList();
    }

    private static Map<String, Object> read(FoldDesign fold, Map<String, String> text) {
        Map<String, Object> values = new HashMap<>();
        for (Parameter parameter : fold.parameters()) {
            if (text.containsKey(parameter.key())) {
                values.put(parameter.key(), parameter.read(text.get(parameter.key()), UnitSystem.INCH));
            }
        }
        return values;
    }

    /**
     * Keeps a fold; one that is kept already stays one.
     *
     * @throws BriefException if no card follows from it, or its fold cannot be typed
     */
    public OwnFoldJson keep(String name, BriefJson given) {
        Brief brief = given.read();
        Parameter typed = typedFolds()
                .filter(f -> f.id().equals(brief.fold().id()))
                .map(OwnFoldService::typed)
                .findFirst()
                .orElseThrow(() -> new BriefException(
                        "brief.fold",
                        brief.fold().id(),
                        typedFolds().map(FoldDesign::id).collect(Collectors.joining(", ")),
                        "Only a %s can be kept as a fold of your own; the %s is in the catalogue."
                                .formatted(
                                        typedFolds().map(FoldDesign::name).collect(Collectors.joining(" or a ")),
                                        brief.fold().name())));
        Map<String, String> parameters = new LinkedHashMap<>(BriefJson.of(brief).parameters());
        Planner.plan(brief).parameters().stream()
                .filter(p -> p.parameter().key().equals(typed.key()))
                .forEach(p -> parameters.putIfAbsent(typed.key(), BriefJson.text(p.value(), UnitSystem.INCH)));
        String text = json.writeValueAsString(parameters);
        return store.write(() -> {
            List<OwnFold> kept = folds.findByDeletedAtIsNullOrderByNameAsc();
            Optional<OwnFold> same = kept.stream()
                    .filter(f -> f.name().equals(name.strip()) && f.parameters().equals(text))
                    .findFirst();
            if (same.isEmpty() && kept.size() >= MOST) {
                throw new FieldsRefused(
                        "name",
                        name.strip(),
                        "at most %d folds".formatted(MOST),
                        "The shelf has room for %d folds of your own; let one go first.".formatted(MOST));
            }
            return written(same.orElseGet(() -> folds.save(new OwnFold(name.strip(), text, clock.instant()))));
        });
    }

    public OwnFoldJson delete(String id) {
        return store.write(() -> {
            OwnFold fold = find(id);
            fold.delete(clock.instant());
            return written(fold);
        });
    }

    public OwnFoldJson undelete(String id) {
        return store.write(() -> {
            OwnFold fold = find(id);
            fold.undelete();
            return written(fold);
        });
    }

    @Override
    public Rows rows() {
        return Rows.OWN_FOLDS;
    }

    @Override
    public void readBack(String key) {
        written(find(key));
    }

    @Override
    public List<String> damaged() {
        return store.read(() -> folds.findAll().stream()
                .filter(f -> !f.isIntact())
                .map(f -> "your fold “" + f.name() + "”")
                .toList());
    }

    private OwnFold find(String id) {
        return folds.findById(id).orElseThrow(() -> new NotFound("fold of your own (%s)".formatted(id)));
    }

    private OwnFoldJson written(OwnFold fold) {
        Map<String, String> parameters = json.readValue(fold.parameters(), TEXT_BY_KEY);
        return new OwnFoldJson(fold.id(), fold.name(), typedFold(parameters).id(), parameters);
    }

    /** The fold that the parameters are typed for; of those kept without any, the strip. */
    private static FoldDesign typedFold(Map<String, String> parameters) {
        return typedFolds()
                .filter(f -> parameters.containsKey(typed(f).key()))
                .findFirst()
                .orElseGet(() -> typedFolds().findFirst().orElseThrow());
    }

    /** The folds whose panels or lines are typed. */
    private static Stream<FoldDesign> typedFolds() {
        return FoldCatalogue.all().stream().filter(f -> f.parameters().stream().anyMatch(OwnFoldService::isTyped));
    }

    private static Parameter typed(FoldDesign fold) {
        return fold.parameters().stream()
                .filter(OwnFoldService::isTyped)
                .findFirst()
                .orElseThrow();
    }

    private static boolean isTyped(Parameter parameter) {
        return parameter.kind() == Parameter.Kind.PANELS || parameter.kind() == Parameter.Kind.PATTERN;
    }
}
