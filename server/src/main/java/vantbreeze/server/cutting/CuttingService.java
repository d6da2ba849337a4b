package vantbreeze.server.cutting;

import java.time.Clock;
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
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.material.Paper;
import vantbreeze.material.Stock;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.paper.SheetService;
import vantbreeze.server.plan.BriefJson.BackJson;
import vantbreeze.server.store.Inspected;
import vantbreeze.server.store.ReadBack;
import vantbreeze.server.store.Rows;
import vantbreeze.server.store.Store;
import vantbreeze.server.web.FieldsRefused;
import vantbreeze.server.web.NotFound;
import vantbreeze.sheet.Practice;
import vantbreeze.sheet.SheetException;

/** Looks for cutting plans, keeps them, and takes from the drawer what has been cut. */
@Service
public class CuttingService implements Inspected, ReadBack, DisposableBean {

    /** So long the answer waits for what is found soon. */
    private static final long SOON_MILLISECONDS = 1500;

    private static final long PRACTICE_NANOS = TimeUnit.SECONDS.toNanos(2);

    private final KitReader reader;
    private final KitPlanner planner;
    private final SheetService sheets;
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
            KitReader reader,
            KitPlanner planner,
            SheetService sheets,
            CuttingRepository plans,
            CutRowRepository rows,
            Store store,
            JsonMapper json,
            Clock clock) {
        this.reader = reader;
        this.planner = planner;
        this.sheets = sheets;
        this.plans = plans;
        this.rows = rows;
        this.store = store;
        this.json = json;
        this.clock = clock;
    }

    /** Where nobody waits yet; whoever ends the application meanwhile hears nothing of it. */
    @EventListener(ApplicationReadyEvent.class)
    void practise() {
        searcher.submit(() -> Practice.cut(PRACTICE_NANOS, searcher::isShutdown));
    }

    /**
     * Looks for a plan; answers with it, or with the best so far while it is still looked for.
     *
     * @throws FieldsRefused if a field cannot be so
     */
    public CuttingJson begin(CuttingJson.AskJson asked) {
        List<Wanted> wanted = reader.read(asked);
        String id = UUID.randomUUID().toString();
        CuttingJson begun = new CuttingJson(
                id, Wanted.names(wanted), clock.instant(), asked, true, List.of(), List.of(), List.of());
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

    private void look(CuttingJson begun, List<Wanted> wanted, Search search) {
        try {
            KitPlanner.Found found = planner.plan(begun.asked(), wanted, search::isStopped, search::found);
            search.found(found.papers());
            CuttingJson plan = new CuttingJson(
                    begun.id(),
                    begun.name(),
                    begun.at(),
                    begun.asked(),
                    false,
                    found.papers(),
                    found.paid(),
                    found.besides());
            store.write(() ->
                    plans.save(new CuttingPlan(plan.id(), plan.name(), json.writeValueAsString(plan), plan.at())));
            searches.remove(plan.id());
        } catch (SheetException e) {
            search.failed(new FieldsRefused("cards", "", "what the sheets give", e.getMessage()));
        } catch (RuntimeException e) {
            search.failed(e);
        }
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
        return SavedCutting.read(
                json,
                plans.findById(id)
                        .orElseThrow(() -> new NotFound("cutting plan (%s)".formatted(id)))
                        .plan());
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
                                p.back(),
                                p.material(),
                                p.sheetCount(),
                                p.fewest(),
                                p.proven(),
                                p.sheets().stream()
                                        .map(s -> s.cut(cut.contains(s.number())))
                                        .toList(),
                                p.unplaced(),
                                p.name()))
                        .toList(),
                plan.paid(),
                plan.besides());
    }

    public List<CuttingJson.HeadJson> list() {
        return store.read(() -> plans.findTop20ByOrderByCreatedAtDesc().stream()
                .map(p -> marked(SavedCutting.read(json, p.plan())))
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
                    paper(paper),
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

    private static Paper paper(CuttingJson.PaperCutJson paper) {
        return new Paper(
                "",
                paper.material(),
                Stock.parse(paper.stock(), paper.material()),
                paper.colour(),
                paper.print(),
                Optional.ofNullable(paper.back()).map(BackJson::read));
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
    public Rows rows() {
        return Rows.CUTTING_PLANS;
    }

    @Override
    public void readBack(String key) {
        marked(plan(key)).papers().forEach(CuttingService::paper);
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
