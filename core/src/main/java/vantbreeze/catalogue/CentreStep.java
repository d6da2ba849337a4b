package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.structure.Structure;

/** Two slits: small steps between them, one big step on either side. */
final class CentreStep implements FoldDesign {

    @Override
    public String id() {
        return "centre-step";
    }

    @Override
    public String name() {
        return "centre step";
    }

    @Override
    public String summary() {
        return "Small steps in the middle between two big ones.";
    }

    @Override
    public List<Parameter> parameters() {
        return Staircase.parameters();
    }

    @Override
    public Structure build(Values v) {
        int steps = v.count(Staircase.STEPS);
        Length row = v.length(Staircase.ROW);
        return Staircase.build(
                v,
                List.of(
                        new Staircase.Row(Values.half(v.width().minus(row)), 1),
                        new Staircase.Row(row, steps),
                        new Staircase.Row(
                                v.width().minus(row).minus(Values.half(v.width().minus(row))), 1)));
    }
}
