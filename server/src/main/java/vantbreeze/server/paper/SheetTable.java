package vantbreeze.server.paper;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import vantbreeze.material.Material;
import vantbreeze.material.Print;
import vantbreeze.measure.UnitSystem;
import vantbreeze.part.Part.Grain;
import vantbreeze.server.plan.BriefJson.BackJson;
import vantbreeze.server.web.FieldReader;
import vantbreeze.server.web.TableCell;

/** The drawer as a table of comma-separated values (RFC 4180). */
final class SheetTable {

    private static final String[] HEADINGS = {
        "name",
        "width",
        "height",
        "count",
        "offcut",
        "kind",
        "stock",
        "colour",
        "print",
        "grain",
        "price",
        "back colour",
        "back print"
    };

    /** As many as the drawer holds. */
    static final int MOST_LINES = SheetService.MOST_KINDS;

    private static final CSVFormat READ = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreHeaderCase(true)
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get();

    private SheetTable() {}

    static String written(List<SheetJson.ContentJson> sheets) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(
                out, CSVFormat.RFC4180.builder().setHeader(HEADINGS).get())) {
            for (SheetJson.ContentJson s : sheets) {
                printer.printRecord(
                        TableCell.written(s.name()),
                        s.width(),
                        s.height(),
                        s.count(),
                        s.offcut() ? "yes" : "no",
                        s.kind().name().toLowerCase(Locale.ROOT),
                        TableCell.written(s.stock()),
                        s.colour(),
                        s.print().name().toLowerCase(Locale.ROOT),
                        s.grain() == null ? "" : s.grain().name().toLowerCase(Locale.ROOT),
                        s.price() == null ? "" : s.price(),
                        s.back() == null ? "" : s.back().colour(),
                        s.back() == null ? "" : s.back().print().name().toLowerCase(Locale.ROOT));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /**
     * Reads every line and notes the faults of all.
     *
     * @return what could be read; not to be used if there are faults
     */
    static List<SheetJson.ContentJson> read(String csv, FieldReader fields) {
        List<SheetJson.ContentJson> sheets = new ArrayList<>();
        String text = csv.startsWith("\uFEFF") ? csv.substring(1) : csv;
        try (CSVParser parser = READ.parse(new StringReader(text))) {
            fields.field("csv", "", "a first line with " + String.join(", ", HEADINGS), () -> {
                for (String heading : new String[] {"name", "width", "height", "count"}) {
                    if (!parser.getHeaderMap().containsKey(heading)) {
                        throw new IllegalArgumentException("The first line has no heading (%s).".formatted(heading));
                    }
                }
                return null;
            });
            if (!fields.faults().isEmpty()) {
                return List.of();
            }
            for (CSVRecord line : parser) {
                if (line.getRecordNumber() > MOST_LINES) {
                    fields.field("csv", "", "at most %d lines".formatted(MOST_LINES), () -> {
                        throw new IllegalArgumentException("The table has more than %d lines.".formatted(MOST_LINES));
                    });
                    break;
                }
                sheets.add(sheet(line, fields));
            }
        } catch (IOException | IllegalArgumentException | UncheckedIOException e) {
            fields.field("csv", "", "comma-separated values as in RFC 4180", () -> {
                throw new IllegalArgumentException("The table cannot be read: %s.".formatted(e.getMessage()));
            });
        }
        return sheets;
    }

    private static SheetJson.ContentJson sheet(CSVRecord line, FieldReader fields) {
        String before = "line %d, ".formatted(line.getRecordNumber() + 1);
        Integer count = fields.field(before + "count", get(line, "count"), "a whole number", () -> {
            try {
                return Integer.parseInt(get(line, "count"));
            } catch (NumberFormatException e) {
                throw new IllegalArgumentException(
                        "The count (%s) must be a whole number.".formatted(get(line, "count")), e);
            }
        });
        Material kind = one(fields, before + "kind", get(line, "kind"), Material.PAPER, Material.class);
        String stock = get(line, "stock");
        String colour = get(line, "colour");
        return SheetReader.tidied(
                new SheetJson.ContentJson(
                        get(line, "name"),
                        get(line, "width"),
                        get(line, "height"),
                        count == null ? 0 : count,
                        "yes".equalsIgnoreCase(get(line, "offcut")),
                        kind,
                        stock.isEmpty() ? (kind == Material.PAPER ? "200 gsm" : kind.usualStock()) : stock,
                        colour.isEmpty() ? "#ffffff" : colour,
                        one(fields, before + "print", get(line, "print"), Print.PLAIN, Print.class),
                        back(line, fields, before),
                        one(fields, before + "grain", get(line, "grain"), null, Grain.class),
                        get(line, "price")),
                fields,
                before);
    }

    private static BackJson back(CSVRecord line, FieldReader fields, String before) {
        String colour = get(line, "back colour");
        Print print = one(fields, before + "back print", get(line, "back print"), Print.PLAIN, Print.class);
        return colour.isEmpty() ? null : new BackJson(colour, print);
    }

    private static <E extends Enum<E>> E one(FieldReader fields, String field, String text, E usual, Class<E> of) {
        if (text.isEmpty()) {
            return usual;
        }
        Supplier<E> read = () -> {
            for (E value : of.getEnumConstants()) {
                if (value.name().equalsIgnoreCase(text)) {
                    return value;
                }
            }
            throw new IllegalArgumentException(
                    "There is no %s (%s).".formatted(of.getSimpleName().toLowerCase(Locale.ROOT), text));
        };
        E value = fields.field(
                field,
                text,
                String.join(
                        ", ",
                        Arrays.stream(of.getEnumConstants())
                                .map(e -> e.name().toLowerCase(Locale.ROOT))
                                .toList()),
                read);
        return value == null ? usual : value;
    }

    private static String get(CSVRecord line, String heading) {
        return line.isMapped(heading) && line.isSet(heading) ? TableCell.read(line.get(heading)) : "";
    }

    /** Bare numbers are millimetres. */
    static FieldReader fields() {
        return new FieldReader(UnitSystem.METRIC);
    }
}
