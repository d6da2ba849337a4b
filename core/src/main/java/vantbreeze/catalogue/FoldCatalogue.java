package vantbreeze.catalogue;

import java.util.List;
import java.util.stream.Stream;

/** All folds on offer. */
public final class FoldCatalogue {

    private static final List<FoldDesign> ALL = Stream.<FoldDesign>of(
                    new ZFold(),
                    new Gatefold(),
                    new InterlockingGatefold(),
                    new Book(),
                    new TopFoldBook(),
                    new NoteCard(),
                    new TriFold(),
                    new DoubleGate(),
                    new Concertina(),
                    new DoubleZ(),
                    new LatchGate(),
                    new FoldBackGate(),
                    new DoubleOpening(),
                    new StageFold(),
                    new Bridge(),
                    new WFold(),
                    new TieredPanel(),
                    new FloatingBook(),
                    new InvertedZ(),
                    new SideStep(),
                    new CentreStep(),
                    new Tower(),
                    new TwinPillar(),
                    new CornerFlip(),
                    new PocketCard(),
                    new BurstGate(),
                    new PeakedHouse(),
                    new NeverEnding(),
                    new ShapedGate(),
                    new NestedFigures(),
                    new FanConcertina(),
                    new Waterfall(),
                    new WovenGate(),
                    new FreeStrip(),
                    new FreePattern())
            .<FoldDesign>map(WithWindow::new)
            .<FoldDesign>map(WithMount::new)
            .<FoldDesign>map(WithSpring::new)
            .<FoldDesign>map(WithWritingCard::new)
            .toList();

    private FoldCatalogue() {}

    public static List<FoldDesign> all() {
        return ALL;
    }

    /** @throws IllegalArgumentException naming the folds on offer */
    public static FoldDesign named(String id) {
        return ALL.stream()
                .filter(d -> d.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no fold (%s). Choose one of %s."
                        .formatted(
                                id,
                                String.join(
                                        ", ", ALL.stream().map(FoldDesign::id).toList()))));
    }
}
