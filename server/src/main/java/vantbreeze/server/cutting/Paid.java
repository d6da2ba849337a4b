package vantbreeze.server.cutting;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vantbreeze.server.paper.SheetJson;
import vantbreeze.server.paper.SheetPrice;

/** What the paper of a plan costs, as far as it is known. */
final class Paid {

    private Paid() {}

    /** Of each sheet that has a price the share that does not go back into the drawer. */
    static List<String> of(List<CuttingJson.PaperCutJson> papers, Map<String, SheetJson> drawer) {
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
}
