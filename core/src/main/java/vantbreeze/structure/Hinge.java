package vantbreeze.structure;

import org.locationtech.jts.geom.LineSegment;

/**
 * Where two panels of a piece meet at a score. A score crossed by others makes several hinges.
 *
 * @param first the panel left of the line, seen along it on the flat piece
 * @param second the panel right of it
 */
public record Hinge(ScoreLine score, Panel first, Panel second, LineSegment line) {

    public boolean joins(Panel a, Panel b) {
        return first.equals(a) && second.equals(b) || first.equals(b) && second.equals(a);
    }

    public Panel across(Panel panel) {
        return panel.equals(first) ? second : first;
    }
}
