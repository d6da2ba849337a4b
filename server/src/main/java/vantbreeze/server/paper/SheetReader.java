package vantbreeze.server.paper;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;
import vantbreeze.material.Material;
import vantbreeze.material.Paper;
import vantbreeze.material.Stock;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.plan.BriefJson.BackJson;
import vantbreeze.server.web.FieldReader;

/** Reads what is said about a sheet. */
final class SheetReader {

    private static final String KINDS = Arrays.stream(Material.values())
            .filter(Material::isSheet)
            .map(Material::name)
            .collect(Collectors.joining(", "));
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_STOCK = 60;
    static final int MOST = 9999;
    private static final Length SMALLEST = Length.millimetres(10);
    private static final Length LARGEST = Length.millimetres(1600);
    private static final String SIZES = "10 mm (3/8 in) to 1600 mm (63 in)";

    private final SheetJson.ContentJson said;
    private final FieldReader fields;
    private final String before;

    private SheetReader(SheetJson.ContentJson said, FieldReader fields, String before) {
        this.said = said;
        this.fields = fields;
        this.before = before;
    }

    /**
     * Reads it and notes every fault.
     *
     * @param before what stands before the names of the fields
     * @return the sheet as it is kept
     */
    static SheetJson.ContentJson tidied(SheetJson.ContentJson said, FieldReader fields, String before) {
        return new SheetReader(said, fields, before).tidied();
    }

    private SheetJson.ContentJson tidied() {
        String name = text("name", said.name(), LONGEST_NAME);
        side("width", said.width());
        side("height", said.height());
        fields.field(before + "count", said.count(), "0 to " + MOST, () -> {
            if (said.count() < 0 || said.count() > MOST) {
                throw new IllegalArgumentException("The count (%d) must be 0 to %d.".formatted(said.count(), MOST));
            }
            return said.count();
        });
        fields.field(before + "kind", said.kind(), KINDS, () -> {
            if (said.kind() != null && !said.kind().isSheet()) {
                throw new IllegalArgumentException("The drawer holds sheets; %s is not cut from one."
                        .formatted(said.kind().word()));
            }
            return said.kind();
        });
        fields.field(before + "print", said.print(), "PLAIN, SCATTERED or UPRIGHT", said::print);
        Paper.Back back = said.back() == null
                ? null
                : fields.field(
                        before + "back", said.back().colour(), "# and six hexadecimal digits", said.back()::read);
        text("stock", said.stock(), LONGEST_STOCK);
        Paper paper = said.back() != null && back == null
                ? null
                : fields.field(
                        before + "stock", said.stock(), "such as 300 gsm, or 0.1 mm for film", () -> paper(said));
        String price = said.price() == null || said.price().isBlank()
                ? null
                : said.price().strip();
        if (price != null) {
            fields.field(before + "price", price, "an amount such as 0.80", () -> SheetPrice.parse(price));
        }
        return new SheetJson.ContentJson(
                name,
                measured(said.width()),
                measured(said.height()),
                said.count(),
                said.offcut(),
                said.kind(),
                paper == null ? bare(said.stock()) : paper.stock().text(),
                paper == null ? said.colour() : paper.colour(),
                said.print(),
                back == null ? null : BackJson.of(back),
                said.grain(),
                price);
    }

    /** A number without a unit was read as millimetres: it is kept so, or it would be shown as inches. */
    private static String measured(String text) {
        String bare = bare(text);
        return bare == null || Length.unitsWritten(bare).isPresent() ? bare : bare + " mm";
    }

    private static String bare(String text) {
        return text == null ? null : text.strip();
    }

    private String text(String field, String value, int longest) {
        return fields.field(before + field, value, "1 to %d characters".formatted(longest), () -> {
            String stripped = value.strip();
            if (stripped.isEmpty() || stripped.length() > longest) {
                throw new IllegalArgumentException("The %s must have 1 to %d characters.".formatted(field, longest));
            }
            return stripped;
        });
    }

    private void side(String field, String value) {
        fields.field(before + field, value, SIZES, () -> {
            Length length = Length.parse(value, UnitSystem.METRIC);
            if (length.isLessThan(SMALLEST) || length.isMoreThan(LARGEST)) {
                throw new IllegalArgumentException("The %s (%s) must be %s.".formatted(field, value, SIZES));
            }
            return length;
        });
    }

    /** @throws IllegalArgumentException if there is no such paper */
    static Paper paper(SheetJson.ContentJson said) {
        /* A kind that is missing is told for itself. */
        Material material = said.kind() == null ? Material.PAPER : said.kind();
        return new Paper(
                called(said.name()),
                material,
                Stock.parse(said.stock(), material),
                said.colour() == null ? "" : said.colour(),
                said.print(),
                Optional.ofNullable(said.back()).map(BackJson::read));
    }

    /** As a paper is called; a name that is not allowed is told for itself. */
    private static String called(String name) {
        return name == null || name.strip().length() > Paper.LONGEST_NAME ? "" : name;
    }

    static Size size(SheetJson.ContentJson said) {
        return new Size(Length.parse(said.width(), UnitSystem.METRIC), Length.parse(said.height(), UnitSystem.METRIC));
    }

    /** In which units the maker measured it. */
    static UnitSystem units(SheetJson.ContentJson said) {
        return said.width().contains("m") ? UnitSystem.METRIC : UnitSystem.INCH;
    }
}
