package vantbreeze.catalogue;

import java.util.List;
import vantbreeze.measure.Length;
import vantbreeze.structure.Structure;

/** One slit: small steps to its left, one big step to its right, both between the same front and back. */
final class SideStep implements FoldDesign {

    @Override
    public String id() {
        return "side-step";
    }

    @Override
    public String name() {
        return "side step";
    }

    @Override
    public String summary() {
        return "Small steps at one side, one big step at the other; it sits on the table like stairs.";
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
                        new Staircase.Row(row, steps),
                        new Staircase.Row(v.width().minus(row), 1)));
    }
}
