package vantbreeze.server.export;

import java.util.Locale;
import java.util.Map;
import vantbreeze.material.Sheet;

/** A printer's sheet, upright. */
record Paper(String id, double widthMm, double heightMm) {

    static final Map<String, Paper> ALL = Map.of("a4", of("a4"), "letter", of("letter"));

    private static Paper of(String id) {
        Sheet sheet = Sheet.named(id);
        return new Paper(
                id,
                sheet.size().shortSide().millimetres(),
                sheet.size().longSide().millimetres());
    }

    /** @throws IllegalArgumentException naming the papers there are */
    static Paper named(String id) {
        Paper paper = ALL.get(id.toLowerCase(Locale.ROOT));
        if (paper == null) {
            throw new IllegalArgumentException("The paper (%s) must be a4 or letter.".formatted(id));
        }
        return paper;
    }

    Paper turned() {
        return new Paper(id, heightMm, widthMm);
    }
}
