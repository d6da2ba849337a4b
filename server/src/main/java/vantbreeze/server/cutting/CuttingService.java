package vantbreeze.server.cutting;

import java.math.BigDecimal;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.material.Film;
import vantbreeze.material.Paper;
import vantbreeze.material.Stock;
import vantbreeze.material.Stuff;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.part.Part;
import vantbreeze.plan.Brief;
import vantbreeze.plan.Card;
import vantbreeze.plan.Plan;
import vantbreeze.server.paper.SheetJson;
import vantbreeze.server.paper.SheetPrice;
import vantbreeze.server.paper.SheetService;
import vantbreeze.server.plan.Cards;
import vantbreeze.server.project.ProjectJson;
import vantbreeze.server.project.ProjectService;
import vantbreeze.server.store.Inspected;
import vantbreeze.server.store.Store;
import vantbreeze.server.web.FieldReader;
import vantbreeze.server.web.FieldsRefused;
import vantbreeze.server.web.NotFound;
import vantbreeze.sheet.Blank;
import vantbreeze.sheet.Kit;
import vantbreeze.sheet.KitPlan;
import vantbreeze.sheet.SheetException;
import vantbreeze.sheet.Supply;

/** Plans the cutting of cards, keeps the plans, and takes from the drawer what has been cut. */
@Service
public class CuttingService implements Inspected, DisposableBean {

    private static final int MOST_CARDS = 10;
    private static final int MOST_COPIES = 60;
    private static final int MOST_PARTS = 1500;
    private static final int MOST_SECONDS = 60;
    private static final int MOST_PINS = 200;
    private static final double FARTHEST_MILLIMETRES = 2000;

    private static final long QUICK_MILLISECONDS = 250;

    /** So long the answer waits for what is found soon. */
    private static final long SOON_MILLISECONDS = 1500;

    private final ProjectService projects;
    private final SheetService sheets;
    private final Cards cards;
    private final CuttingRepository plans;
    private final CutRowRepository rows;
    private final Store store;
    private final JsonMapper json;
    private final Clock clock;
    private final Map<String, Search> searches = new ConcurrentHashMap<>();
    private final ExecutorService searcher = Executors.newFixedThreadPool(2, work -> {
        Thread thread = new Thread(work, "cutting");
        thread.setDaemon(true);
        return thread;
    });

    CuttingService(
            ProjectService projects,
            SheetService sheets,
            Cards cards,
            CuttingRepository plans,
            CutRowRepository rows,
            Store store,
            JsonMapper json,
            Clock clock) {
        this.projects = projects;
        this.sheets = sheets;
        this.cards = cards;
        this.plans = plans;
        this.rows = rows;
        this.store = store;
        this.json = json;
        this.clock = clock;
    }

    /** A card to be cut, with what follows from its brief. */
    private record Wanted(String id, String name, int count, Plan plan) {

        Brief brief() {
            return plan.brief();
        }
    }

    /**
     * Looks for a plan; answers with it, or with the best so far while it is still looked for.
     *
     * @throws FieldsRefused if a field cannot be so
     */
    public CuttingJson begin(CuttingJson.AskJson asked) {
        List<Wanted> wanted = wanted(asked);
        String id = UUID.randomUUID().toString();
        CuttingJson begun = new CuttingJson(id, name(wanted), clock.instant(), asked, true, List.of(), List.of());
        Search search = new Search(begun);
        searches.put(id, search);
        search.started(searcher.submit(() -> look(begun, wanted, search)));
        try {
            search.work().get(SOON_MILLISECONDS, TimeUnit.MILLISECONDS);
        } catch (TimeoutException goesOn) {
            return search.best();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (ExecutionException e) {
            throw new IllegalStateException(e.getCause());
        }
        return get(id);
    }

    private static String name(List<Wanted> wanted) {
        String name = wanted.stream()
                .map(w -> w.count() == 1 ? w.name() : w.count() + " × " + w.name())
                .collect(Collectors.joining(", "));
        return name.length() > 200 ? name.substring(0, 199) + "…" : name;
    }

    private List<Wanted> wanted(CuttingJson.AskJson asked) {
        FieldReader fields = new FieldReader(UnitSystem.METRIC);
        List<CuttingJson.CardJson> all = asked.cards() == null ? List.of() : asked.cards();
        range(fields, "cards", all.size(), 1, MOST_CARDS);
        range(fields, "seconds", asked.seconds(), 1, MOST_SECONDS);
        range(fields, "pins", asked.pins() == null ? 0 : asked.pins().size(), 0, MOST_PINS);
        for (int i = 0; i < all.size(); i++) {
            CuttingJson.CardJson card = all.get(i);
            fields.field(
                    "cards[%d].project".formatted(i),
                    card == null ? null : card.project(),
                    "the id of a project",
                    () -> card.project());
            if (card == null) {
                continue;
            }
            range(fields, "cards[%d].count".formatted(i), card.count(), 1, MOST_COPIES);
        }
        if (asked.pins() != null) {
            for (int i = 0; i < asked.pins().size(); i++) {
                pin(fields, "pins[%d]".formatted(i), asked.pins().get(i));
            }
        }
        fields.done();
        Set<String> seen = new HashSet<>();
        List<Wanted> wanted = new ArrayList<>();
        int parts = 0;
        for (CuttingJson.CardJson card : all) {
            if (!seen.add(String.valueOf(card.project()))) {
                throw new FieldsRefused(
                        "cards", card.project(), "each card once", "The card is in the kit twice; count it higher.");
            }
            ProjectJson project = projects.get(card.project());
            Plan plan = cards.ask(project.brief(), Card::plan);
            parts += card.count() * plan.parts().size();
            wanted.add(new Wanted(project.id(), project.name(), card.count(), plan));
        }
        if (parts > MOST_PARTS) {
            throw new FieldsRefused(
                    "cards",
                    "%d parts".formatted(parts),
                    "at most %d parts in all".formatted(MOST_PARTS),
                    "The kit has %d parts; cut at most %d at once.".formatted(parts, MOST_PARTS));
        }
        return wanted;
    }

    private static void pin(FieldReader fields, String field, CuttingJson.PinJson pin) {
        fields.field(field, pin, "a part, a sheet and where it lies, each 0 to 2000 mm", () -> {
            boolean isSo = pin.blank() != null
                    && pin.sheet() != null
                    && pin.number() >= 0
                    && Math.abs(pin.x()) <= FARTHEST_MILLIMETRES
                    && Math.abs(pin.y()) <= FARTHEST_MILLIMETRES;
            if (!isSo) {
                throw new IllegalArgumentException("The place of a part (%s) cannot be so.".formatted(field));
            }
            return pin;
        });
    }

    private static void range(FieldReader fields, String field, int value, int least, int most) {
        fields.field(field, value, "%d to %d".formatted(least, most), () -> {
            if (value < least || value > most) {
                throw new IllegalArgumentException(
                        "The field (%s) must be %d to %d, not %d.".formatted(field, least, most, value));
            }
            return value;
        });
    }

    private void look(CuttingJson begun, List<Wanted> wanted, Search search) {
        CuttingJson.AskJson asked = begun.asked();
        try {
            Map<String, SheetJson> drawer = drawer();
            CuttingWriter writer = writer(wanted.get(0), drawer);
            KitPlan found = KitPlan.of(
                    kit(wanted, asked.keepsGrain(), pins(asked, wanted)),
                    stuff -> supplies(stuff, wanted),
                    wanted.get(0).brief().tools().trimmer(),
                    asked.twoAtOnce(),
                    TimeUnit.SECONDS.toNanos(asked.seconds()),
                    search::isStopped,
                    soFar -> search.found(writer.write(soFar)));
            List<CuttingJson.PaperCutJson> papers = writer.write(found);
            search.found(papers);
            CuttingJson plan =
                    new CuttingJson(begun.id(), begun.name(), begun.at(), asked, false, papers, paid(papers, drawer));
            store.write(() ->
                    plans.save(new CuttingPlan(plan.id(), plan.name(), json.writeValueAsString(plan), plan.at())));
            searches.remove(plan.id());
        } catch (SheetException e) {
            search.failed(new FieldsRefused("cards", "", "what the sheets give", e.getMessage()));
        } catch (RuntimeException e) {
            search.failed(e);
        }
    }

    /** One card, planned within a moment and not kept. Empty where the sheets at hand do not suffice. */
    public List<CuttingJson.PaperCutJson> quickly(String project, String name, Plan plan) {
        Wanted one = new Wanted(project, name, 1, plan);
        Map<String, SheetJson> drawer = drawer();
        try {
            return writer(one, drawer)
                    .write(KitPlan.of(
                            kit(List.of(one), true, places(one)),
                            stuff -> supplies(stuff, List.of(one)),
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
                pins);
    }

    private Map<String, SheetJson> drawer() {
        Map<String, SheetJson> drawer = new HashMap<>();
        sheets.list().forEach(s -> drawer.put(s.id(), s));
        return drawer;
    }

    private static CuttingWriter writer(Wanted card, Map<String, SheetJson> drawer) {
        return new CuttingWriter(
                card.brief().units(),
                sheet -> Optional.ofNullable(drawer.get(sheet)).map(SheetJson::photo));
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
                .ifPresent(at -> sheets.photographed(base.stuff()).ifPresent(sheet -> {
                    for (int i = 0; i < Math.min(wanted.count(), sheet.count()); i++) {
                        places.put(
                                "%s/%d/%s".formatted(wanted.id(), i + 1, base.id()),
                                new Blank.Pin(sheet.id(), i, at.x(), at.y(), 0));
                    }
                }));
        return places;
    }

    /** What lies in the drawer, and the sheets that the cards are planned for: these can be bought. */
    private List<Supply> supplies(Stuff stuff, List<Wanted> wanted) {
        List<Supply> supplies = new ArrayList<>(sheets.supplies(stuff));
        wanted.stream()
                .filter(w -> w.plan().parts().stream().anyMatch(p -> p.stuff().equals(stuff)))
                .map(w -> w.brief().sheet())
                .distinct()
                .forEach(s -> supplies.add(Supply.bought("table:" + s.id(), s.name(), s.size())));
        return supplies;
    }

    /** Of each sheet that has a price the share that does not go back into the drawer. */
    private static List<String> paid(List<CuttingJson.PaperCutJson> papers, Map<String, SheetJson> drawer) {
        Map<String, BigDecimal> paid = new HashMap<>();
        for (CuttingJson.PaperCutJson paper : papers) {
            for (CuttingJson.SheetCutJson sheet : paper.sheets()) {
                Optional.ofNullable(drawer.get(sheet.sheet()))
                        .flatMap(s -> share(s, sheet))
                        .ifPresent(p -> paid.merge(p.currency(), p.amount(), BigDecimal::add));
            }
        }
        return paid.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> "%.2f %s".formatted(e.getValue(), e.getKey()).strip())
                .toList();
    }

    private static Optional<SheetPrice> share(SheetJson sheet, CuttingJson.SheetCutJson cut) {
        double all = cut.size().width().mm() * cut.size().height().mm();
        double kept = cut.rests().stream()
                .filter(CuttingJson.RestJson::kept)
                .mapToDouble(r -> r.size().width().mm() * r.size().height().mm())
                .sum();
        return SheetPrice.of(sheet.content()).map(p -> p.times(cut.together() * (all - kept) / all));
    }

    /** @throws NotFound if there is no such plan */
    public CuttingJson get(String id) {
        Search search = searches.get(id);
        if (search != null) {
            try {
                return search.best();
            } catch (RuntimeException e) {
                searches.remove(id);
                throw e;
            }
        }
        return store.read(() -> marked(plan(id)));
    }

    /** Takes what has been found by now. */
    public CuttingJson stop(String id) {
        Search search = searches.get(id);
        if (search != null) {
            search.stop();
            try {
                search.work().get(SOON_MILLISECONDS, TimeUnit.MILLISECONDS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            } catch (ExecutionException | TimeoutException e) {
                return get(id);
            }
        }
        return get(id);
    }

    private CuttingJson plan(String id) {
        return json.readValue(
                plans.findById(id)
                        .orElseThrow(() -> new NotFound("cutting plan (%s)".formatted(id)))
                        .plan(),
                CuttingJson.class);
    }

    private CuttingJson marked(CuttingJson plan) {
        Set<Integer> cut =
                rows.findByPlan(plan.id()).stream().map(CutRow::number).collect(Collectors.toSet());
        return new CuttingJson(
                plan.id(),
                plan.name(),
                plan.at(),
                plan.asked(),
                plan.running(),
                plan.papers().stream()
                        .map(p -> new CuttingJson.PaperCutJson(
                                p.use(),
                                p.stock(),
                                p.colour(),
                                p.print(),
                                p.film(),
                                p.sheetCount(),
                                p.fewest(),
                                p.proven(),
                                p.sheets().stream()
                                        .map(s -> s.cut(cut.contains(s.number())))
                                        .toList(),
                                p.unplaced()))
                        .toList(),
                plan.paid());
    }

    public List<CuttingJson.HeadJson> list() {
        return store.read(() -> plans.findTop20ByOrderByCreatedAtDesc().stream()
                .map(p -> marked(json.readValue(p.plan(), CuttingJson.class)))
                .map(c -> new CuttingJson.HeadJson(
                        c.id(),
                        c.name(),
                        c.at(),
                        (int) c.papers().stream()
                                .mapToLong(p -> p.sheets().size())
                                .sum(),
                        (int) c.papers().stream()
                                .flatMap(p -> p.sheets().stream())
                                .filter(CuttingJson.SheetCutJson::cut)
                                .count(),
                        c.asked().cards().stream()
                                .map(CuttingJson.CardJson::project)
                                .toList()))
                .toList());
    }

    /**
     * A sheet has been cut: it leaves the drawer, and what is kept of it goes in.
     *
     * @throws FieldsRefused if it has been cut before, or is not there any more
     */
    public CuttingJson cut(String id, int number) {
        return store.write(() -> {
            CuttingJson plan = plan(id);
            CuttingJson.PaperCutJson paper = paper(plan, number);
            CuttingJson.SheetCutJson sheet = sheet(paper, number);
            if (rows.existsById(CutRow.id(id, number))) {
                throw new FieldsRefused(
                        "sheet",
                        String.valueOf(number),
                        "one that is not cut yet",
                        "Sheet %d has been cut already.".formatted(number));
            }
            Optional<String> taken = sheet.owned() ? Optional.of(sheet.sheet()) : Optional.empty();
            List<String> offcuts = sheets.take(
                    taken,
                    sheet.together(),
                    stuff(paper),
                    sheet.name(),
                    sheet.rests().stream()
                            .filter(CuttingJson.RestJson::kept)
                            .map(CuttingService::offcut)
                            .toList());
            rows.saveAndFlush(new CutRow(id, number, taken, sheet.together(), offcuts, clock.instant()));
            return marked(plan);
        });
    }

    private static SheetService.Offcut offcut(CuttingJson.RestJson rest) {
        UnitSystem units = rest.size().width().text().contains("m") ? UnitSystem.METRIC : UnitSystem.INCH;
        return new SheetService.Offcut(
                Length.millimetres(rest.x()),
                Length.millimetres(rest.y()),
                new Size(
                        Length.parse(rest.size().width().text(), units),
                        Length.parse(rest.size().height().text(), units)),
                units);
    }

    private static Stuff stuff(CuttingJson.PaperCutJson paper) {
        return paper.film()
                ? new Film(Length.parse(paper.stock(), UnitSystem.METRIC))
                : new Paper(Stock.parse(paper.stock()), paper.colour(), paper.print());
    }

    /**
     * It has not been cut after all.
     *
     * @throws FieldsRefused if its offcuts have been used since
     */
    public CuttingJson uncut(String id, int number) {
        return store.write(() -> {
            CuttingJson plan = plan(id);
            CutRow row = rows.findById(CutRow.id(id, number))
                    .orElseThrow(() -> new NotFound("cut sheet (%d) of the plan".formatted(number)));
            sheets.putBack(row.taken(), row.takenCount(), row.offcuts());
            rows.delete(row);
            rows.flush();
            return marked(plan);
        });
    }

    private static CuttingJson.PaperCutJson paper(CuttingJson plan, int number) {
        return plan.papers().stream()
                .filter(p -> p.sheets().stream().anyMatch(s -> s.number() == number))
                .findFirst()
                .orElseThrow(() -> new NotFound("sheet (%d) in the plan".formatted(number)));
    }

    private static CuttingJson.SheetCutJson sheet(CuttingJson.PaperCutJson paper, int number) {
        return paper.sheets().stream()
                .filter(s -> s.number() == number)
                .findFirst()
                .orElseThrow();
    }

    @Override
    public List<String> damaged() {
        return store.read(() -> plans.findAll().stream()
                .filter(p -> !p.isIntact())
                .map(p -> "a cutting plan")
                .toList());
    }

    @Override
    public void destroy() {
        searcher.shutdownNow();
    }
}
