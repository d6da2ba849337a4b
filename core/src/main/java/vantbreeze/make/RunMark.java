package vantbreeze.make;

import java.util.List;
import org.locationtech.jts.geom.LineSegment;
import vantbreeze.measure.Length;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Slide;
import vantbreeze.structure.Structure;

/**
 * The way of a panel that slides, on the flat piece that it runs on.
 *
 * @param piece name of that piece
 * @param panel what runs
 * @param way from where its middle lies to where it ends, in counts of 1/640 mm
 */
public record RunMark(String piece, Panel panel, LineSegment way, Length travel) {

    /** @return one for each slide */
    public static List<RunMark> of(Structure structure) {
        return structure.slides().stream().map(s -> of(structure, s)).toList();
    }

    private static RunMark of(Structure structure, Slide slide) {
        Panel runs = structure.panel(slide.panel());
        var middle = runs.outline().getCentroid().getCoordinate();
        FlatMotion begins = slide.at(Length.ZERO);
        FlatMotion ends = slide.at(slide.travel());
        return new RunMark(
                structure.panel(slide.onto()).piece(),
                runs,
                new LineSegment(begins.apply(middle), ends.apply(middle)),
                slide.travel());
    }
}
