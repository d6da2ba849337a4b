package vantbreeze.make;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Side;

/** How the scores of one side that no fence guides are made: along a ruler between marks, or from prick to prick. */
record FreeScores(ScoreCard card, Side side, Ruler ruler) {

    /** @return a sentence for all that lie along a ruler and one for all that come with the template, as far as there are any */
    List<String> sentences() {
        List<String> sentences = new ArrayList<>(alongRuler());
        sentences.addAll(byTemplate());
        return sentences;
    }

    /** A board has no diagonals: all of one side in one go. */
    private List<String> alongRuler() {
        List<String> lines = new ArrayList<>();
        for (ScoreSetting setting : card.settings()) {
            if (setting.at() instanceof ObliqueReading first && first.scoreOn() == side) {
                ObliqueReading lying = side == Side.FACE ? first : first.turnedOver();
                lines.add(lying.along(ruler) + only(setting, lying));
            }
        }
        return lines.isEmpty()
                ? List.of()
                : List.of(
                        "mark the ends in pencil and lay a ruler %s. Crease along it%s with a bone folder on a soft mat; fold it forward, then backward, before you burnish it. Rub the pencil out before anything covers it."
                                .formatted(String.join("; then ", lines), lines.size() == 1 ? "" : " each time"));
    }

    private String only(ScoreSetting setting, ObliqueReading lying) {
        return lying.runsThrough()
                ? ""
                : " (only from %s along the ruler from the first mark)"
                        .formatted(Steps.joined(setting.stretches().stream()
                                .map(s -> "%s to %s".formatted(ruler.text(s.begins()), ruler.text(s.ends())))
                                .toList()));
    }

    /** Where no edge lies against a fence. */
    private List<String> byTemplate() {
        List<String> names = card.readings().stream()
                .filter(r -> r instanceof TemplateReading && r.scoreOn() == side)
                .map(r -> r.score().id())
                .toList();
        return names.isEmpty()
                ? List.of()
                : List.of(
                        "lay the template on, prick the ends of %s through with a needle, and crease from prick to prick along a ruler with a bone folder on a soft mat."
                                .formatted(Steps.joined(names)));
    }
}
