package vantbreeze.plan;

import java.util.HashMap;
import java.util.Map;
import vantbreeze.catalogue.FoldDesign;
import vantbreeze.layer.Matting;
import vantbreeze.material.Sheet;
import vantbreeze.material.Stock;
import vantbreeze.material.Tools;
import vantbreeze.measure.Ruler;
import vantbreeze.measure.UnitSystem;
import vantbreeze.post.Envelope;

/**
 * Everything the maker says about a card.
 *
 * @param parameters what was chosen about the fold, by key: a length, a count or a list of panels; the rest falls back
 * @param base stock of the folded pieces
 * @param mat stock of the mats
 * @param envelope the one to fit, or null for none
 * @param units what the maker reads
 */
public record Brief(
        FoldDesign fold,
        Basis basis,
        Map<String, Object> parameters,
        Sheet sheet,
        Stock base,
        Stock mat,
        Tools tools,
        Matting matting,
        Envelope envelope,
        UnitSystem units) {

    public Brief {
        parameters = Map.copyOf(parameters);
    }

    public Ruler ruler() {
        return Ruler.of(units);
    }

    /** Another fold; chosen parameters that it does not have are left out. */
    public Brief withFold(FoldDesign other) {
        Map<String, Object> kept = new HashMap<>(parameters);
        kept.keySet().retainAll(other.parameters().stream().map(p -> p.key()).toList());
        return new Brief(other, basis, kept, sheet, base, mat, tools, matting, envelope, units);
    }

    public Brief withBasis(Basis other) {
        return new Brief(fold, other, parameters, sheet, base, mat, tools, matting, envelope, units);
    }

    public Brief withEnvelope(Envelope other) {
        return new Brief(fold, basis, parameters, sheet, base, mat, tools, matting, other, units);
    }

    /** Whether only what the card is cut from or posted in differs, as far as its size does not follow from that. */
    boolean makesTheSameCardAs(Brief other) {
        return fold.equals(other.fold)
                && basis.equals(other.basis)
                && !(basis instanceof Basis.FromSheet)
                && !(basis instanceof Basis.ForEnvelope)
                && parameters.equals(other.parameters)
                && sheet.size().longSide().equals(other.sheet.size().longSide())
                && base.equals(other.base)
                && mat.equals(other.mat)
                && tools.equals(other.tools)
                && matting.equals(other.matting);
    }

    public Brief withSheet(Sheet other) {
        return new Brief(fold, basis, parameters, other, base, mat, tools, matting, envelope, units);
    }

    public Brief withBase(Stock other) {
        return new Brief(fold, basis, parameters, sheet, other, mat, tools, matting, envelope, units);
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
        return new Brief(fold, basis, changed, sheet, base, mat, tools, matting, envelope, units);
    }
}
