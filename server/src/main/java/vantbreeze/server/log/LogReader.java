package vantbreeze.server.log;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Supplier;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.web.FieldReader;

/** Checks what is to be written into the logbook. */
final class LogReader {

    private static final int SHORT = 120;
    private static final int FIRST_YEAR = 1900;
    private static final int LAST_YEAR = 2200;
    private static final int LONG = 2000;
    private static final int MOST_LINES = 100;
    private static final int MOST_MEASURED = 500;
    private static final int MOST_CARDS = 500;
    private static final int MOST_MINUTES = 100_000;

    private final FieldReader fields;
    private final UnitSystem units;

    private LogReader(UnitSystem units) {
        this.units = units;
        this.fields = new FieldReader(units);
    }

    /**
     * @param fold what the brief's fold is called
     * @return the same, stripped
     * @throws vantbreeze.server.web.FieldsRefused naming every field that cannot be so
     */
    static LogJson.ContentJson read(LogJson.ContentJson content, String fold, UnitSystem units) {
        return new LogReader(units).checked(content, fold);
    }

    private LogJson.ContentJson checked(LogJson.ContentJson c, String fold) {
        if (fields.fieldUpTo(Integer.MAX_VALUE, "content", c, "what was made", () -> c) == null) {
            fields.done();
        }
        LogJson.ContentJson read = new LogJson.ContentJson(
                c.project() == null ? null : text("project", c.project(), SHORT, false),
                whole("revision", c.revision(), 0, Integer.MAX_VALUE),
                text("card", c.card(), SHORT, true),
                fold,
                day(c.madeOn()),
                text("occasion", c.occasion(), SHORT, false),
                whole("cards", c.cards(), 1, MOST_CARDS),
                c.minutes() == null ? null : whole("minutes", c.minutes(), 0, MOST_MINUTES),
                lines("recipients", c.recipients()),
                text("envelope", c.envelope(), SHORT, false),
                text("postage", c.postage(), SHORT, false),
                lines("papers", c.papers()),
                text("changeNext", c.changeNext(), LONG, false),
                measured(c.measured()));
        fields.done();
        return read;
    }

    private String text(String field, String value, int most, boolean needed) {
        String given = value == null ? "" : value.strip();
        return require(
                field,
                given,
                "%d to %d characters".formatted(needed ? 1 : 0, most),
                (!needed || !given.isEmpty()) && given.length() <= most,
                () -> "The %s (%d characters) must have %d to %d."
                        .formatted(field, given.length(), needed ? 1 : 0, most));
    }

    private int whole(String field, int value, int least, int most) {
        return require(
                field,
                value,
                "%d to %d".formatted(least, most),
                value >= least && value <= most,
                () -> "The field %s (%d) must be %d to %d.".formatted(field, value, least, most));
    }

    private <T> T require(String field, T value, String allowed, boolean good, Supplier<String> why) {
        fields.fieldUpTo(Integer.MAX_VALUE, field, value, allowed, () -> {
            if (!good) {
                throw new IllegalArgumentException(why.get());
            }
            return value;
        });
        return value;
    }

    private String day(String value) {
        return fields.field("madeOn", value, "a day, such as 2026-11-29", () -> {
            try {
                LocalDate day = LocalDate.parse(value);
                if (day.getYear() < FIRST_YEAR || day.getYear() > LAST_YEAR) {
                    throw new IllegalArgumentException(
                            "The day (%s) must be of the years %d to %d.".formatted(value, FIRST_YEAR, LAST_YEAR));
                }
                return day.toString();
            } catch (DateTimeException e) {
                throw new IllegalArgumentException("The day (%s) must be like 2026-11-29.".formatted(value), e);
            }
        });
    }

    private List<String> lines(String field, List<String> values) {
        List<String> given = values == null
                ? List.of()
                : values.stream()
                        .filter(Objects::nonNull)
                        .map(String::strip)
                        .filter(v -> !v.isEmpty())
                        .toList();
        return require(
                field,
                given,
                "at most %d lines of %d characters".formatted(MOST_LINES, SHORT),
                given.size() <= MOST_LINES && given.stream().allMatch(v -> v.length() <= SHORT),
                () -> "The %s must be at most %d lines of at most %d characters.".formatted(field, MOST_LINES, SHORT));
    }

    private List<LogJson.MeasuredJson> measured(List<LogJson.MeasuredJson> values) {
        List<LogJson.MeasuredJson> given = values == null
                ? List.of()
                : values.stream().filter(Objects::nonNull).toList();
        require(
                "measured",
                given,
                "at most %d".formatted(MOST_MEASURED),
                given.size() <= MOST_MEASURED,
                () -> "There are too many measured values (%d).".formatted(given.size()));
        List<LogJson.MeasuredJson> read = new ArrayList<>();
        for (int i = 0; i < Math.min(given.size(), MOST_MEASURED); i++) {
            LogJson.MeasuredJson m = given.get(i);
            String field = "measured[%d]".formatted(i);
            fields.field(field + ".hand", m.hand(), "CUT or SCORE", m::hand);
            String label = text(field + ".label", m.label(), SHORT, false);
            Length planned = fields.length(field + ".planned", m.planned());
            Length value = fields.length(field + ".value", m.value());
            if (planned != null && value != null) {
                read.add(new LogJson.MeasuredJson(
                        m.hand(), label, planned.exactText(typed(m.planned())), value.exactText(typed(m.value()))));
            }
        }
        return List.copyOf(read);
    }

    /** A length keeps the unit that it was typed in; a bare one is in the card's. */
    private UnitSystem typed(String text) {
        return Length.unitsWritten(text).orElse(units);
    }
}
