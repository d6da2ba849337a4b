package vantbreeze.server.cutting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Polygon;
import org.springframework.stereotype.Component;
import vantbreeze.make.GlueArea;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.part.Part;
import vantbreeze.part.TrimmingTotal;
import vantbreeze.plan.Plan;
import vantbreeze.server.paper.SheetJson;
import vantbreeze.server.paper.SheetService;
import vantbreeze.sheet.Blank;
import vantbreeze.sheet.Kit;
import vantbreeze.sheet.KitPlan;
import vantbreeze.sheet.SheetException;
import vantbreeze.sheet.Supply;

/** Plans the cutting of cards out of what lies in the drawer and what can be bought. */
@Component
public class KitPlanner {

    private static final long QUICK_MILLISECONDS = 250;

    private static final Length LEAST_SPARE = Length.millimetres(1);

    private final SheetService sheets;

    KitPlanner(SheetService sheets) {
        this.sheets = sheets;
    }

    /**
     * The papers as they are cut, and what they cost.
     *
     * @param paid by currency
     * @param besides what is bought besides paper
     */
    record Found(List<CuttingJson.PaperCutJson> papers, List<String> paid, List<String> besides) {}

    /**
     * @param isStopped whether whoever waits takes what there is
     * @param progress is told of everything better
     * @throws SheetException if it cannot be done
     */
    Found plan(
            CuttingJson.AskJson asked,
            List<Wanted> wanted,
            BooleanSupplier isStopped,
            Consumer<List<CuttingJson.PaperCutJson>> progress) {
        Map<String, SheetJson> drawer = drawer();
        CuttingWriter writer = writer(wanted, drawer);
        KitPlan found = KitPlan.of(
                kit(wanted, asked.keepsGrain(), pins(asked, wanted)),
                paper -> supplies(paper, wanted),
                wanted.get(0).brief().tools().trimmer(),
                asked.twoAtOnce(),
                TimeUnit.SECONDS.toNanos(asked.seconds()),
                isStopped,
                soFar -> progress.accept(writer.write(soFar)));
        List<CuttingJson.PaperCutJson> papers = writer.write(found);
        return new Found(papers, Paid.of(papers, drawer), besides(wanted));
    }

    private static List<String> besides(List<Wanted> wanted) {
        Ruler ruler = wanted.get(0).brief().ruler();
        return TrimmingTotal.of(wanted.stream()
                        .map(w -> new TrimmingTotal.Of(w.plan().trimmings(), w.count()))
                        .toList())
                .stream()
                .map(t -> t.text(ruler))
                .toList();
    }

    /** One card, planned within a moment and not kept. Empty where the sheets at hand do not suffice. */
    public List<CuttingJson.PaperCutJson> quickly(String project, String name, Plan plan) {
        Wanted one = new Wanted(project, name, 1, plan);
        Map<String, SheetJson> drawer = drawer();
        try {
            return writer(List.of(one), drawer)
                    .write(KitPlan.of(
                            kit(List.of(one), true, places(one)),
                            paper -> supplies(paper, List.of(one)),
                            plan.brief().tools().trimmer(),
                            false,
                            TimeUnit.MILLISECONDS.toNanos(QUICK_MILLISECONDS),
                            () -> false,
                            soFar -> {}));
        } catch (SheetException tooFew) {
            return List.of();
        }
    }

    private static Kit kit(List<Wanted> wanted, boolean keepsGrain, Map<String, Blank.Pin> pins) {
        return new Kit(
                wanted.stream()
                        .map(w -> new Kit.Card(
                                w.id(), w.name(), w.count(), w.plan().parts()))
                        .toList(),
                keepsGrain,
                spare(wanted.get(0).brief().tools().ruler().step()),
                pins);
    }

    /** A whole mark of the ruler, and enough that a blade does not run into its neighbour's cut. Derived, please check. */
    private static Length spare(Length mark) {
        return mark.times((LEAST_SPARE.count() + mark.count() - 1) / mark.count());
    }

    private Map<String, SheetJson> drawer() {
        Map<String, SheetJson> drawer = new HashMap<>();
        sheets.list().forEach(s -> drawer.put(s.id(), s));
        return drawer;
    }

    private static CuttingWriter writer(List<Wanted> cards, Map<String, SheetJson> drawer) {
        /* By the part itself: alike parts of two cards may be glued differently. */
        Map<Part, List<Polygon>> pencilled = new IdentityHashMap<>();
        for (Wanted card : cards) {
            for (Part part : card.plan().parts()) {
                pencilled.put(part, GlueArea.pencilled(card.plan().structure(), part));
            }
        }
        return new CuttingWriter(
                cards.get(0).brief().units(),
                cards.stream().collect(Collectors.toMap(Wanted::id, Wanted::name, (a, b) -> a)),
                cards.get(0).brief().tools().trimmer(),
                sheet -> Optional.ofNullable(drawer.get(sheet)).map(SheetJson::photo),
                part -> pencilled.getOrDefault(part, List.of()));
    }

    private Map<String, Blank.Pin> pins(CuttingJson.AskJson asked, List<Wanted> wanted) {
        Map<String, Blank.Pin> pins = new HashMap<>();
        wanted.forEach(w -> pins.putAll(places(w)));
        if (asked.pins() != null) {
            asked.pins()
                    .forEach(p -> pins.put(
                            p.blank(),
                            new Blank.Pin(
                                    p.sheet(),
                                    p.number(),
                                    Length.millimetres(p.x()),
                                    Length.millimetres(p.y()),
                                    Math.max(0, p.laying()))));
        }
        return pins;
    }

    /** Where the maker wants the first piece on its photographed sheets: one on each, as far as there are. */
    private Map<String, Blank.Pin> places(Wanted wanted) {
        Map<String, Blank.Pin> places = new HashMap<>();
        Part base = wanted.plan().parts().get(0);
        wanted.brief()
                .baseAt()
                .ifPresent(at -> sheets.photographed(base.paper()).ifPresent(sheet -> {
                    for (int i = 0; i < Math.min(wanted.count(), sheet.count()); i++) {
                        places.put(
                                "%s/%d/%s".formatted(wanted.id(), i + 1, base.id()),
                                new Blank.Pin(sheet.id(), i, at.x(), at.y(), 0));
                    }
                }));
        return places;
    }

    /** What lies in the drawer, and the sheets that the cards are planned for: these can be bought. */
    private List<Supply> supplies(Paper paper, List<Wanted> wanted) {
        List<Supply> supplies = new ArrayList<>(sheets.supplies(paper));
        wanted.stream()
                .filter(w -> w.plan().parts().stream().anyMatch(p -> p.paper().equals(paper)))
                .map(w -> w.brief().sheet())
                .distinct()
                .forEach(s -> supplies.add(Supply.bought("table:" + s.id(), s.name(), s.size())));
        return supplies;
    }
}
