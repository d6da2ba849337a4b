package vantbreeze.server.post;

import java.util.Optional;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.post.PostalClass;
import vantbreeze.server.web.FieldReader;

/** Reads a row of the postal table, and writes one. */
final class PostalReader {

    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_ORIGIN = 120;
    private static final int LONGEST_PRICE = 20;
    private static final String SIZES = "1 mm to 3 m";
    private static final Length LARGEST = Length.millimetres(3000);
    private static final Length SMALLEST = Length.millimetres(1);

    private final PostalJson.ContentJson row;
    private final FieldReader fields;

    private PostalReader(PostalJson.ContentJson row) {
        this.row = row;
        this.fields = new FieldReader(UnitSystem.METRIC);
    }

    /** @throws vantbreeze.server.web.FieldsRefused naming every field that cannot be so */
    static PostalClass read(PostalJson.ContentJson row) {
        return new PostalReader(row).read();
    }

    /**
     * @return the row as it is kept: without blanks around its words, absent what is only blanks
     * @throws vantbreeze.server.web.FieldsRefused naming every field that cannot be so
     */
    static PostalJson.ContentJson tidied(PostalJson.ContentJson row) {
        if (row == null) {
            throw new vantbreeze.server.web.FieldsRefused(
                    "content", "", "a row of the postal table", "The content must be given.");
        }
        PostalJson.ContentJson tidied = new PostalJson.ContentJson(
                bare(row.service()),
                bare(row.name()),
                bare(row.leastLong()),
                bare(row.leastShort()),
                bare(row.mostLong()),
                bare(row.mostShort()),
                bare(row.thickness()),
                row.grams(),
                row.aspectLeast(),
                row.aspectMost(),
                bare(row.price()),
                bare(row.origin()),
                row.asOf());
        read(tidied);
        return tidied;
    }

    private static String bare(String text) {
        return text == null || text.isBlank() ? null : text.strip();
    }

    private PostalClass read() {
        String service = text("service", row.service(), LONGEST_NAME);
        String name = text("name", row.name(), LONGEST_NAME);
        text("origin", row.origin(), LONGEST_ORIGIN);
        fields.field("asOf", row.asOf(), "a day", row::asOf);
        if (row.price() != null && !row.price().isBlank()) {
            text("price", row.price(), LONGEST_PRICE);
        }
        Size most = size("mostLong", row.mostLong(), "mostShort", row.mostShort());
        boolean hasLeast = given(row.leastLong()) || given(row.leastShort());
        Size least = hasLeast ? size("leastLong", row.leastLong(), "leastShort", row.leastShort()) : null;
        Length thickness = fields.length("thickness", row.thickness());
        PostalClass.Aspect aspect = row.aspectLeast() == null && row.aspectMost() == null
                ? null
                : fields.field("aspectLeast", row.aspectLeast(), "1 or more, the smaller number first", () -> {
                    if (row.aspectMost() == null) {
                        throw new IllegalArgumentException("The field (aspectMost) must be given too.");
                    }
                    return new PostalClass.Aspect(row.aspectLeast(), row.aspectMost());
                });
        fields.done();
        PostalClass read = fields.field(
                "thickness",
                row.thickness() + ", " + row.grams() + " g",
                "thickness up to %.0f mm, weight up to %.0f g"
                        .formatted(PostalClass.THICKEST.millimetres(), PostalClass.HEAVIEST),
                () -> new PostalClass(
                        service,
                        name,
                        Optional.ofNullable(least),
                        most,
                        thickness,
                        row.grams(),
                        Optional.ofNullable(aspect),
                        systemOf(row.mostLong())));
        fields.done();
        return read;
    }

    private static UnitSystem systemOf(String length) {
        return length.contains("in") || length.contains("\"") ? UnitSystem.INCH : UnitSystem.METRIC;
    }

    private static boolean given(String text) {
        return text != null && !text.isBlank();
    }

    private String text(String field, String value, int longest) {
        return fields.field(field, value, "1 to %d characters".formatted(longest), () -> {
            if (value.isBlank() || value.length() > longest) {
                throw new IllegalArgumentException(
                        "The %s (%s) must have 1 to %d characters.".formatted(field, value, longest));
            }
            return value.strip();
        });
    }

    private Size size(String longField, String longText, String shortField, String shortText) {
        Length longSide = side(longField, longText);
        Length shortSide = side(shortField, shortText);
        if (longSide == null || shortSide == null) {
            return null;
        }
        return fields.field(longField, longText, "at least the short side", () -> {
            if (longSide.isLessThan(shortSide)) {
                throw new IllegalArgumentException(
                        "The long side (%s) must be at least the short side (%s).".formatted(longText, shortText));
            }
            return new Size(longSide, shortSide);
        });
    }

    private Length side(String field, String text) {
        return fields.field(field, text, SIZES, () -> {
            Length side = Length.parse(text, UnitSystem.METRIC);
            if (side.isLessThan(SMALLEST) || side.isMoreThan(LARGEST)) {
                throw new IllegalArgumentException("The side (%s) must be %s.".formatted(text, SIZES));
            }
            return side;
        });
    }

    /** @return the class as a row without price, its figures from memory as the core ships them */
    static PostalJson.ContentJson shipped(PostalClass c) {
        return new PostalJson.ContentJson(
                c.service(),
                c.name(),
                c.least().map(s -> s.longSide().exactText(c.system())).orElse(null),
                c.least().map(s -> s.shortSide().exactText(c.system())).orElse(null),
                c.most().longSide().exactText(c.system()),
                c.most().shortSide().exactText(c.system()),
                c.thickness().exactText(c.system()),
                c.grams(),
                c.aspect().map(PostalClass.Aspect::least).orElse(null),
                c.aspect().map(PostalClass.Aspect::most).orElse(null),
                null,
                PostalClass.ORIGIN,
                PostalClass.AS_OF);
    }

    /** Which limit a verdict is about. */
    static String decides(vantbreeze.post.PostalVerdict verdict) {
        PostalClass c = verdict.decidedBy();
        Ruler ruler = Ruler.of(c.system());
        String limit = switch (verdict.decides()) {
            case LONG_SIDE -> "long side at most " + ruler.text(c.most().longSide());
            case SHORT_SIDE -> "short side at most " + ruler.text(c.most().shortSide());
            case THICKNESS -> "at most %s thick".formatted(ruler.text(c.thickness()));
            case WEIGHT -> "at most %.0f g".formatted(c.grams());
            case LEAST_SIZE -> "at least " + c.least().map(ruler::text).orElse("");
        };
        return verdict.taken().isPresent()
                ? "%s; it uses %d%% of the limit".formatted(limit, Math.round(100 * verdict.share()))
                : "too much for a %s: %s".formatted(c.name(), limit);
    }
}
