package vantbreeze.server.export;

import java.util.Locale;
import java.util.Map;
import vantbreeze.material.Sheet;
import vantbreeze.server.web.FieldsRefused;

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

    /** @throws FieldsRefused naming the papers there are */
    static Paper named(String id) {
        Paper paper = ALL.get(id.toLowerCase(Locale.ROOT));
        if (paper == null) {
            throw new FieldsRefused("paper", id, "a4 or letter", "The paper (%s) must be a4 or letter.".formatted(id));
        }
        return paper;
    }

    Paper turned() {
        return new Paper(id, heightMm, widthMm);
    }
}
