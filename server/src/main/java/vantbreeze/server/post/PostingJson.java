package vantbreeze.server.post;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import vantbreeze.make.GlueArea;
import vantbreeze.make.ScoreCard;
import vantbreeze.material.Scoring;
import vantbreeze.measure.UnitSystem;
import vantbreeze.plan.Posting;
import vantbreeze.post.ClosureKit;
import vantbreeze.post.Letter;
import vantbreeze.post.MadeEnvelope;
import vantbreeze.post.PostalClass;
import vantbreeze.post.PostalVerdict;
import vantbreeze.server.plan.LengthJson;
import vantbreeze.server.plan.LengthJson.SizeJson;
import vantbreeze.server.plan.PieceJson;
import vantbreeze.server.plan.PlanJson.FitJson;

/**
 * A card on its way.
 *
 * @param card closed, with all that sticks out of it
 * @param fits all envelopes at hand, those that take it best first
 * @param closure absent without one
 * @param unevenMm how much thicker it is in one place than in another
 * @param lumpy whether that is so much that some services charge for it
 */
@Schema(name = "Posting")
public record PostingJson(
        SizeJson card,
        LengthJson thickness,
        double unevenMm,
        boolean lumpy,
        double grams,
        @Schema(nullable = true) FitJson chosen,
        List<FitJson> fits,
        List<MadeJson> made,
        @Schema(nullable = true) ClosureJson closure,
        LetterJson letter,
        List<VerdictJson> verdicts) {

    /**
     * An envelope to make.
     *
     * @param inside the room it gives
     * @param depth absent where it is flat
     * @param square the side of the square it is cut from; absent where it is not
     * @param how it is made, in order
     * @param remark what stands in the way of cutting it from the sheet at hand; absent if nothing does
     */
    @Schema(name = "MadeEnvelope")
    public record MadeJson(
            MadeEnvelope.Style style,
            SizeJson inside,
            @Schema(nullable = true) LengthJson depth,
            @Schema(nullable = true) LengthJson square,
            PieceJson piece,
            List<String> how,
            @Schema(nullable = true) String remark) {

        static MadeJson of(MadeEnvelope made, Posting posting, Scoring scoring, UnitSystem units) {
            return new MadeJson(
                    made.style(),
                    SizeJson.of(made.inside(), units),
                    made.depth().isPositive() ? LengthJson.of(made.depth(), units) : null,
                    made.square().map(s -> LengthJson.of(s, units)).orElse(null),
                    PieceJson.of(
                            ScoreCard.of(made.piece(), scoring),
                            made.structure().panels(),
                            GlueArea.of(made.structure()),
                            List.of(),
                            List.of(),
                            units),
                    made.how(vantbreeze.measure.Ruler.of(units)),
                    posting.remark(made, vantbreeze.measure.Ruler.of(units)).orElse(null));
        }
    }

    /**
     * What holds the card shut.
     *
     * @param ribbon how long; absent without one
     * @param adds how much thicker it makes the card
     */
    @Schema(name = "ClosureKit")
    public record ClosureJson(
            List<PieceJson> pieces, @Schema(nullable = true) LengthJson ribbon, LengthJson adds, String text) {

        static ClosureJson of(ClosureKit kit, Scoring scoring, UnitSystem units) {
            return new ClosureJson(
                    kit.pieces().stream()
                            .map(p -> PieceJson.of(
                                    ScoreCard.of(p, scoring), List.of(), List.of(), List.of(), List.of(), units))
                            .toList(),
                    kit.ribbon().map(r -> LengthJson.of(r, units)).orElse(null),
                    LengthJson.thick(kit.adds(), units),
                    kit.text());
        }
    }

    /** @param aspect long side over short side */
    @Schema(name = "Letter")
    public record LetterJson(String name, SizeJson size, LengthJson thickness, double grams, double aspect) {

        static LetterJson of(Letter letter, String name, UnitSystem units) {
            return new LetterJson(
                    name,
                    SizeJson.of(letter.size(), units),
                    LengthJson.thick(letter.thickness(), units),
                    letter.grams(),
                    letter.aspect());
        }
    }

    /**
     * @param taken name of the smallest class that takes it; absent if none in the table does
     * @param text which limit decides
     * @param dearer whether its shape is one that machines do not like; aspect says which they do
     * @param price what the maker paid for that class; absent if never said
     */
    @Schema(name = "PostalVerdict")
    public record VerdictJson(
            String service,
            @Schema(nullable = true) String taken,
            String text,
            boolean dearer,
            @Schema(nullable = true) String aspect,
            @Schema(nullable = true) String price,
            String origin,
            LocalDate asOf) {

        static VerdictJson of(PostalVerdict v, List<PostalJson> table) {
            PostalClass by = v.decidedBy();
            PostalJson.ContentJson row = table.stream()
                    .map(PostalJson::content)
                    .filter(c -> c.service().equals(by.service()) && c.name().equals(by.name()))
                    .findFirst()
                    .orElseThrow();
            return new VerdictJson(
                    v.service(),
                    v.taken().map(PostalClass::name).orElse(null),
                    PostalReader.decides(v),
                    v.dearer(),
                    by.aspect()
                            .map(a -> "%.1f to %.1f".formatted(a.least(), a.most()))
                            .orElse(null),
                    v.taken().isPresent() ? row.price() : null,
                    row.origin(),
                    row.asOf());
        }
    }

    static PostingJson of(Posting posting, List<PostalJson> table, Scoring scoring, UnitSystem units) {
        return new PostingJson(
                SizeJson.of(posting.card(), units),
                LengthJson.thick(posting.thickness(), units),
                posting.uneven().millimetres(),
                posting.isLumpy(),
                posting.grams(),
                posting.chosen().map(f -> FitJson.of(f, units)).orElse(null),
                posting.fits().stream().map(f -> FitJson.of(f, units)).toList(),
                posting.made().stream()
                        .map(m -> MadeJson.of(m, posting, scoring, units))
                        .toList(),
                posting.closure().text().isEmpty() ? null : ClosureJson.of(posting.closure(), scoring, units),
                LetterJson.of(posting.letter(), posting.letterName(), units),
                posting.post().stream().map(v -> VerdictJson.of(v, table)).toList());
    }
}
