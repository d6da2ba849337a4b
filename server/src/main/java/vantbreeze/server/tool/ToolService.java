package vantbreeze.server.tool;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.material.Adhesives;
import vantbreeze.material.Scoring;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.plan.BriefReader;
import vantbreeze.server.store.Inspected;
import vantbreeze.server.store.ReadBack;
import vantbreeze.server.store.Rows;
import vantbreeze.server.store.Store;
import vantbreeze.server.web.Conflict;
import vantbreeze.server.web.FieldReader;

/** The maker's tools. */
@Service
public class ToolService implements Inspected, ReadBack {

    private static final long USUAL = -1;
    private static final List<BriefJson.AdhesiveJson> USUAL_ADHESIVES = BriefJson.AdhesiveJson.of(Adhesives.USUAL);
    private static final BriefJson.ToolsJson INCHES = new BriefJson.ToolsJson(
            "1/16 in", "1/16 in", "12 in", "12 in", "12 x 24 in", Scoring.ONE_SIDE, USUAL_ADHESIVES);
    private static final BriefJson.ToolsJson MILLIMETRES = new BriefJson.ToolsJson(
            "1 mm", "1 mm", "305 mm", "310 mm", "305 x 610 mm", Scoring.ONE_SIDE, USUAL_ADHESIVES);

    private final ToolRepository sets;
    private final Store store;
    private final JsonMapper json;

    ToolService(ToolRepository sets, Store store, JsonMapper json) {
        this.sets = sets;
        this.store = store;
        this.json = json;
    }

    List<ToolSetJson> list() {
        return store.read(() -> Stream.of(UnitSystem.values()).map(this::of).toList());
    }

    /** Of the maker's cutting machine, where they have said it. */
    public Optional<Size> bed() {
        return store.read(() -> Stream.of(UnitSystem.values())
                .flatMap(u -> sets
                        .findById(u.name())
                        .flatMap(set -> Optional.ofNullable(set.tools().bed()))
                        .map(bed -> Size.parse(bed, u))
                        .stream())
                .findFirst());
    }

    private ToolSetJson of(UnitSystem units) {
        Optional<ToolSet> own = sets.findById(units.name());
        return new ToolSetJson(
                units,
                own.map(ToolSet::version).orElse(USUAL),
                own.map(this::said).map(t -> whole(t, usual(units))).orElse(usual(units)));
    }

    private BriefJson.ToolsJson said(ToolSet set) {
        return set.adhesives() == null
                ? set.tools()
                : set.tools().with(List.of(json.readValue(set.adhesives(), BriefJson.AdhesiveJson[].class)));
    }

    private static BriefJson.ToolsJson usual(UnitSystem units) {
        return units == UnitSystem.INCH ? INCHES : MILLIMETRES;
    }

    /** What nothing was said of is as usual. */
    private static BriefJson.ToolsJson whole(BriefJson.ToolsJson own, BriefJson.ToolsJson usual) {
        return new BriefJson.ToolsJson(
                own.ruler(),
                own.board(),
                Optional.ofNullable(own.boardReach()).orElse(usual.boardReach()),
                own.trimmer(),
                Optional.ofNullable(own.bed()).orElse(usual.bed()),
                Optional.ofNullable(own.scoring()).orElse(usual.scoring()),
                Optional.ofNullable(own.adhesives()).orElse(usual.adhesives()));
    }

    /**
     * @throws Conflict if they have been changed since that version
     * @throws vantbreeze.server.web.FieldsRefused if a tool cannot be so; nothing is kept then
     */
    ToolSetJson change(UnitSystem units, ToolSetJson.ChangeJson change) {
        FieldReader fields = new FieldReader(units);
        BriefReader.tools(change.tools(), fields, units);
        fields.done();
        return store.write(() -> {
            ToolSetJson now = of(units);
            if (now.version() != change.version()) {
                throw new Conflict("tools", now, now.version(), change.version());
            }
            String adhesives = change.tools().adhesives() == null
                    ? null
                    : json.writeValueAsString(change.tools().adhesives());
            keep(units, change.tools(), adhesives);
            /* What lies on the table to glue with is the same whatever is measured in. */
            Stream.of(UnitSystem.values())
                    .filter(other -> other != units && adhesives != null)
                    .filter(other ->
                            !of(other).tools().adhesives().equals(change.tools().adhesives()))
                    .forEach(other -> keep(other, of(other).tools(), adhesives));
            return of(units);
        });
    }

    private void keep(UnitSystem units, BriefJson.ToolsJson tools, String adhesives) {
        ToolSet set = sets.findById(units.name()).orElseGet(() -> new ToolSet(units));
        set.write(tools, adhesives);
        sets.saveAndFlush(set);
    }

    @Override
    public Rows rows() {
        return Rows.TOOLS;
    }

    @Override
    public void readBack(String key) {
        of(UnitSystem.valueOf(key));
    }

    @Override
    public List<String> damaged() {
        return store.read(() -> sets.findAll().stream()
                .filter(s -> !s.isIntact())
                .map(s -> "the maker's tools")
                .toList());
    }
}
