package vantbreeze.operation;

import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.structure.Bond;
import vantbreeze.structure.FlatMotion;
import vantbreeze.structure.Piece;
import vantbreeze.structure.ScoreLine;
import vantbreeze.structure.Structure;

/** A piece that is as long as the one it is glued to needs no measuring along it: both lie open, end on end and score on score. */
final class OpenLaying {

    /** Counts: rounding, never a measure. */
    private static final double SAME = 2;

    private OpenLaying() {}

    /** @return nothing where their ends do not meet so */
    static Optional<String> of(Bond bond, Structure structure) {
        Piece laid = structure.piece(structure.panel(bond.panel()).piece());
        Piece onto = structure.piece(structure.panel(bond.onto()).piece());
        Envelope over = bond.placement().apply(laid.polygon()).getEnvelopeInternal();
        Envelope under = onto.polygon().getEnvelopeInternal();
        boolean endOnEnd =
                Math.abs(over.getMinX() - under.getMinX()) < SAME && Math.abs(over.getMaxX() - under.getMaxX()) < SAME;
        if (laid.equals(onto)
                || bond.placement().turnsOver()
                || !endOnEnd
                || laid.scores().isEmpty()) {
            return Optional.empty();
        }
        boolean scoreOnScore = laid.scores().stream()
                .anyMatch(s -> onto.scores().stream().anyMatch(t -> meets(s, bond.placement(), t)));
        return Optional.of("the %s lying open along the open %s, both ends flush%s"
                .formatted(laid.name(), onto.name(), scoreOnScore ? ", score on score" : ""));
    }

    private static boolean meets(ScoreLine laid, FlatMotion placement, ScoreLine onto) {
        return laid.isUpright()
                && onto.isUpright()
                && Math.abs(placement.apply(laid.from().coordinate()).x
                                - onto.from().x().count())
                        < SAME;
    }
}
