package vantbreeze.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.catalogue.PanelList;
import vantbreeze.catalogue.PanelRows;
import vantbreeze.fold.FlatFolder;
import vantbreeze.fold.LayerStack;
import vantbreeze.measure.Length;
import vantbreeze.structure.Fold;
import vantbreeze.structure.Stage;
import vantbreeze.structure.Structure;

/** A card made the other way round is the mirror image of the card: nothing in the computation prefers a side. */
class MirrorTest {

    private static Structure structure(String fold, String parameter, Length value) {
        return Planner.plan(Briefs.of(fold, new Basis.ClosedSize(Length.millimetres(120), Length.millimetres(150)))
                        .with(parameter, value))
                .structure();
    }

    private static Geometry mirrored(Geometry shape) {
        return AffineTransformation.scaleInstance(-1, 1).transform(shape);
    }

    private static Geometry atOrigin(Geometry shape) {
        var box = shape.getEnvelopeInternal();
        return AffineTransformation.translationInstance(-box.getMinX(), -box.getMinY())
                .transform(shape);
    }

    private static void assertMirrorImages(Structure one, Structure other) {
        var a = FlatFolder.closed(one);
        var b = FlatFolder.closed(other);
        assertThat(a.size()).isEqualTo(b.size());
        Geometry here = atOrigin(mirrored(a.footprint()));
        assertThat(here.symDifference(atOrigin(b.footprint())).getArea()).isCloseTo(0, within(1e-6 * here.getArea()));
        int layers = LayerStack.of(one, one.stage(Stage.CLOSED), a)
                .map(LayerStack::mostLayers)
                .orElse(-1);
        assertThat(LayerStack.of(other, other.stage(Stage.CLOSED), b)
                        .map(LayerStack::mostLayers)
                        .orElse(-1))
                .isEqualTo(layers);
    }

    @Property(tries = 40)
    void aWideLeftGateIsAWideRightGateMirrored(@ForAll @IntRange(min = 5, max = 115) int leftMm) {
        assertMirrorImages(
                structure("gatefold", "left", Length.millimetres(leftMm)),
                structure("gatefold", "left", Length.millimetres(120 - leftMm)));
    }

    @Property(tries = 80)
    void aTypedStripReadFromTheOtherEndIsItsMirrorImage(
            @ForAll @Size(min = 2, max = 7) List<@IntRange(min = 26, max = 60) Integer> widthsMm,
            @ForAll @IntRange(min = 0, max = 127) int signs) {
        List<Length> widths = new ArrayList<>(
                widthsMm.stream().map(w -> Length.millimetres((long) w)).toList());
        List<Fold> folds = new ArrayList<>();
        for (int i = 0; i + 1 < widths.size(); i++) {
            folds.add((signs >> i & 1) == 0 ? Fold.MOUNTAIN : Fold.VALLEY);
        }
        Structure forth = strip(widths, folds);
        Collections.reverse(widths);
        Collections.reverse(folds);
        Structure back = strip(widths, folds);
        var a = FlatFolder.closed(forth);
        var b = FlatFolder.closed(back);
        assertThat(a.size().width()).isEqualTo(b.size().width());
        assertThat(LayerStack.of(forth, forth.stage(Stage.CLOSED), a).isPresent())
                .isEqualTo(LayerStack.of(back, back.stage(Stage.CLOSED), b).isPresent());
    }

    private static Structure strip(List<Length> widths, List<Fold> folds) {
        return Planner.plan(Briefs.of("free-strip", new Basis.ClosedSize(null, Length.millimetres(80)))
                        .with("panels", new PanelRows(List.of(new PanelList(widths, folds)))))
                .structure();
    }
}
