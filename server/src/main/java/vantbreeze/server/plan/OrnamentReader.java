package vantbreeze.server.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import vantbreeze.layer.Anchor;
import vantbreeze.layer.Fixing;
import vantbreeze.layer.GluedOn;
import vantbreeze.layer.Ornament;
import vantbreeze.layer.Shape;
import vantbreeze.material.Material;
import vantbreeze.material.Paper;
import vantbreeze.material.Print;
import vantbreeze.material.Stock;
import vantbreeze.measure.Length;
import vantbreeze.measure.UnitSystem;
import vantbreeze.plan.Brief;
import vantbreeze.plan.BriefException;
import vantbreeze.server.web.FieldReader;

/** Reads papers and what is laid on top; every fault is noted. */
public final class OrnamentReader {

    private static final int LONGEST_OUTLINE = 8000;
    private static final Length FARTHEST = Length.inches(60);

    private final FieldReader fields;
    private final UnitSystem units;

    OrnamentReader(FieldReader fields, UnitSystem units) {
        this.fields = fields;
        this.units = units;
    }

    /**
     * What stands by itself, every length with its unit.
     *
     * @throws BriefException naming every field at fault
     */
    public static List<Ornament> alone(List<BriefJson.OrnamentJson> given) {
        FieldReader fields = new FieldReader(UnitSystem.METRIC);
        List<Ornament> read = new OrnamentReader(fields, UnitSystem.METRIC).read(given);
        fields.done();
        return read;
    }

    List<Ornament> read(List<BriefJson.OrnamentJson> given) {
        List<Ornament> read = new ArrayList<>();
        if (given == null || fields.isMoreThan(Brief.MOST_ORNAMENTS, "ornaments", given.size())) {
            return read;
        }
        for (int i = 0; i < given.size(); i++) {
            Ornament ornament = ornament("ornaments[%d]".formatted(i), given.get(i));
            if (ornament != null) {
                read.add(ornament);
            }
        }
        return read;
    }

    private Ornament ornament(String field, BriefJson.OrnamentJson given) {
        if (given == null) {
            return fields.field(field, null, "an ornament", () -> null);
        }
        Shape shape = fields.fieldUpTo(
                LONGEST_OUTLINE,
                field + ".outline",
                given.outline(),
                Shape.FORM,
                () -> Shape.parse(given.outline(), units));
        Anchor x = anchor(field + ".across", given.across(), place(field + ".x", given.x()));
        Anchor y = anchor(field + ".up", given.up(), place(field + ".y", given.y()));
        Length lift = fields.lengthIfGiven(field + ".lift", given.lift());
        Paper paper = paper(field + ".paper", given.paper());
        Ornament.Glue glue = fields.field(field + ".glue", given.glue(), "OWN_PANEL, WHOLE", given::glue);
        Fixing fixing = glue == null || given.fixing() == null
                ? new GluedOn(glue)
                : fields.field(
                        field + ".fixing", given.fixing(), Fixing.FORM, () -> Fixing.parse(given.fixing(), units));
        String face = fields.field(field + ".face", given.face(), "the key of a face", given::face);
        if (shape == null
                || x == null
                || y == null
                || paper == null
                || glue == null
                || fixing == null
                || face == null) {
            return null;
        }
        return fields.field(
                field + ".name",
                given.name(),
                "a name, and a lift of 0 to %.0f mm".formatted(Ornament.HIGHEST_LIFT.millimetres()),
                () -> new Ornament(
                        given.name(),
                        face,
                        shape,
                        x,
                        y,
                        Optional.ofNullable(lift),
                        paper,
                        fixing,
                        Boolean.TRUE.equals(given.trimmed())));
    }

    /** @return nothing after noting a fault */
    private Anchor anchor(String field, BriefJson.AnchorJson given, Length by) {
        if (by == null) {
            return null;
        }
        if (given == null) {
            return Anchor.at(by);
        }
        return fields.field(
                field + ".from",
                given.from(),
                Arrays.toString(Anchor.From.values()),
                () -> new Anchor(given.from(), by, Optional.ofNullable(given.of())));
    }

    /** Farther off nothing of it would lie on any card. */
    private Length place(String field, String text) {
        String allowed = FARTHEST.negated().exactText(units) + " to " + FARTHEST.exactText(units);
        return fields.field(field, text, allowed, () -> {
            Length place = Length.parse(text, units);
            if (place.isMoreThan(FARTHEST) || place.isLessThan(FARTHEST.negated())) {
                throw new IllegalArgumentException("The place (%s) must be %s.".formatted(text, allowed));
            }
            return place;
        });
    }

    Paper paper(String field, BriefJson.PaperJson paper) {
        if (paper == null) {
            return fields.field(field, null, "stock, colour and print", () -> null);
        }
        Material material = paper.material() == null ? Material.PAPER : paper.material();
        Stock stock = fields.field(
                field + ".stock", paper.stock(), material.range(), () -> Stock.parse(paper.stock(), material));
        Print print = fields.field(field + ".print", paper.print(), "PLAIN, SCATTERED, UPRIGHT", paper::print);
        Optional<Paper.Back> back = paper.back() == null
                ? Optional.empty()
                : Optional.ofNullable(fields.field(
                        field + ".back.colour",
                        paper.back().colour(),
                        "# and six hexadecimal digits",
                        paper.back()::read));
        return stock == null || print == null
                ? null
                : fields.field(
                        field + ".colour",
                        paper.colour(),
                        "# and six hexadecimal digits",
                        () -> new Paper(
                                paper.name() == null ? "" : paper.name(),
                                material,
                                stock,
                                paper.colour(),
                                print,
                                back));
    }
}
