package vantbreeze.plan;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.layer.Closure;
import vantbreeze.layer.Matting;
import vantbreeze.layer.Ornament;
import vantbreeze.material.Paper;
import vantbreeze.material.PiecePapers;
import vantbreeze.material.Reach;
import vantbreeze.material.Sheet;
import vantbreeze.material.Tools;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.UnitSystem;
import vantbreeze.operation.OwnStep;
import vantbreeze.post.Envelope;
import vantbreeze.structure.Point;

/**
 * Everything the maker says about a card.
 *
 * @param parameters what was chosen about the fold, by key: a length, a count or a list of panels; the rest falls back
 * @param papers what the pieces are cut from
 * @param ornaments what is laid on top of the mats, each under its own name
 * @param envelope the one to fit, or null for none
 * @param baseAt where the first piece lies on its sheet, from the lower left corner; empty if it does not matter
 * @param ownSteps what the maker adds to the order of work
 * @param gluedWith the key of the adhesive that the maker takes at a place ({@link vantbreeze.make.Joints}); the rest follows
 * @param units what the maker reads
 */
public record Brief(
        FoldDesign fold,
        Basis basis,
        Map<String, Object> parameters,
        Sheet sheet,
        PiecePapers papers,
        Tools tools,
        Matting matting,
        List<Ornament> ornaments,
        Closure closure,
        Envelope envelope,
        Optional<Point> baseAt,
        List<OwnStep> ownSteps,
        Map<String, String> gluedWith,
        UnitSystem units) {

    public static final int MOST_ORNAMENTS = 20;
    public static final int MOST_CHOICES_OF_GLUE = 400;

    public Brief {
        parameters = Map.copyOf(parameters);
        ornaments = List.copyOf(ornaments);
        ownSteps = List.copyOf(ownSteps);
        gluedWith = Map.copyOf(gluedWith);
        if (gluedWith.size() > MOST_CHOICES_OF_GLUE) {
            throw new IllegalArgumentException("There must be at most %d choices of glue, not %d."
                    .formatted(MOST_CHOICES_OF_GLUE, gluedWith.size()));
        }
        if (ownSteps.size() > OwnStep.MOST_ON_A_CARD) {
            throw new IllegalArgumentException(
                    "There must be at most %d own steps, not %d.".formatted(OwnStep.MOST_ON_A_CARD, ownSteps.size()));
        }
        if (ornaments.size() > MOST_ORNAMENTS) {
            throw new IllegalArgumentException(
                    "There must be at most %d ornaments, not %d.".formatted(MOST_ORNAMENTS, ornaments.size()));
        }
        if (ornaments.stream().map(Ornament::name).distinct().count() < ornaments.size()) {
            throw new IllegalArgumentException("Every ornament needs its own name.");
        }
    }

    /** With nothing of the maker's own. */
    public Brief(
            FoldDesign fold,
            Basis basis,
            Map<String, Object> parameters,
            Sheet sheet,
            Paper base,
            Tools tools,
            Matting matting,
            List<Ornament> ornaments,
            Closure closure,
            Envelope envelope,
            UnitSystem units) {
        this(
                fold,
                basis,
                parameters,
                sheet,
                PiecePapers.of(base),
                tools,
                matting,
                ornaments,
                closure,
                envelope,
                Optional.empty(),
                List.of(),
                Map.of(),
                units);
    }

    public Reach reach() {
        return new Reach(sheet, tools.trimmer());
    }

    public Ruler ruler() {
        return Ruler.of(units);
    }

    /** Another fold; chosen parameters that it does not have are left out. */
    public Brief withFold(FoldDesign other) {
        Map<String, Object> kept = new HashMap<>(parameters);
        kept.keySet().retainAll(other.parameters().stream().map(p -> p.key()).toList());
        return new Brief(
                other, basis, kept, sheet, papers, tools, matting, ornaments, closure, envelope, baseAt, ownSteps,
                gluedWith, units);
    }

    public Brief withBasis(Basis other) {
        return new Brief(
                fold,
                other,
                parameters,
                sheet,
                papers,
                tools,
                matting,
                ornaments,
                closure,
                envelope,
                baseAt,
                ownSteps,
                gluedWith,
                units);
    }

    public Brief withEnvelope(Envelope other) {
        return new Brief(
                fold,
                basis,
                parameters,
                sheet,
                papers,
                tools,
                matting,
                ornaments,
                closure,
                other,
                baseAt,
                ownSteps,
                gluedWith,
                units);
    }

    /** Whether only what the card is cut from or posted in differs, as far as its size does not follow from that. */
    boolean makesTheSameCardAs(Brief other) {
        return fold.equals(other.fold)
                && basis.equals(other.basis)
                && !(basis instanceof Basis.FromSheet)
                && !(basis instanceof Basis.ForEnvelope)
                && parameters.equals(other.parameters)
                && (closure.kind() == Closure.Kind.NONE
                        ? sheet.size().longSide().equals(other.sheet.size().longSide())
                        : sheet.equals(other.sheet))
                && papers.equals(other.papers)
                && tools.equals(other.tools)
                && matting.equals(other.matting)
                && ornaments.equals(other.ornaments)
                && closure.equals(other.closure)
                && gluedWith.equals(other.gluedWith);
    }

    public Brief withSheet(Sheet other) {
        return new Brief(
                fold,
                basis,
                parameters,
                other,
                papers,
                tools,
                matting,
                ornaments,
                closure,
                envelope,
                baseAt,
                ownSteps,
                gluedWith,
                units);
    }

    public Brief withTools(Tools other) {
        return new Brief(
                fold,
                basis,
                parameters,
                sheet,
                papers,
                other,
                matting,
                ornaments,
                closure,
                envelope,
                baseAt,
                ownSteps,
                gluedWith,
                units);
    }

    /** What the pieces are cut from that have no paper of their own. */
    public Paper base() {
        return papers.base();
    }

    public Brief withBase(Paper other) {
        return withPapers(papers.withBase(other));
    }

    public Brief withPapers(PiecePapers other) {
        return new Brief(
                fold,
                basis,
                parameters,
                sheet,
                other,
                tools,
                matting,
                ornaments,
                closure,
                envelope,
                baseAt,
                ownSteps,
                gluedWith,
                units);
    }

    public Brief withMatting(Matting other) {
        return new Brief(
                fold,
                basis,
                parameters,
                sheet,
                papers,
                tools,
                other,
                ornaments,
                closure,
                envelope,
                baseAt,
                ownSteps,
                gluedWith,
                units);
    }

    public Brief withOrnaments(List<Ornament> other) {
        return new Brief(
                fold,
                basis,
                parameters,
                sheet,
                papers,
                tools,
                matting,
                other,
                closure,
                envelope,
                baseAt,
                ownSteps,
                gluedWith,
                units);
    }

    public Brief withClosure(Closure other) {
        return new Brief(
                fold,
                basis,
                parameters,
                sheet,
                papers,
                tools,
                matting,
                ornaments,
                other,
                envelope,
                baseAt,
                ownSteps,
                gluedWith,
                units);
    }

    /** The first piece cut from that place of its sheet. */
    public Brief withBaseAt(Optional<Point> other) {
        return new Brief(
                fold,
                basis,
                parameters,
                sheet,
                papers,
                tools,
                matting,
                ornaments,
                closure,
                envelope,
                other,
                ownSteps,
                gluedWith,
                units);
    }

    public Brief withOwnSteps(List<OwnStep> other) {
        return new Brief(
                fold,
                basis,
                parameters,
                sheet,
                papers,
                tools,
                matting,
                ornaments,
                closure,
                envelope,
                baseAt,
                other,
                gluedWith,
                units);
    }

    public Brief withGluedWith(Map<String, String> other) {
        return new Brief(
                fold,
                basis,
                parameters,
                sheet,
                papers,
                tools,
                matting,
                ornaments,
                closure,
                envelope,
                baseAt,
                ownSteps,
                other,
                units);
    }

    public Brief with(String parameter, Object value) {
        Map<String, Object> changed = new HashMap<>(parameters);
        changed.put(parameter, value);
        return withParameters(changed);
    }

    public Brief withAll(Map<String, Object> more) {
        Map<String, Object> changed = new HashMap<>(parameters);
        changed.putAll(more);
        return withParameters(changed);
    }

    public Brief without(String parameter) {
        Map<String, Object> changed = new HashMap<>(parameters);
        changed.remove(parameter);
        return withParameters(changed);
    }

    private Brief withParameters(Map<String, Object> changed) {
        return new Brief(
                fold, basis, changed, sheet, papers, tools, matting, ornaments, closure, envelope, baseAt, ownSteps,
                gluedWith, units);
    }
}
