package vantbreeze.layer;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.fold.FlatStage;
import vantbreeze.fold.LayerStack;
import vantbreeze.measure.Length;
import vantbreeze.structure.Habit;
import vantbreeze.structure.Structure;

/** Where gates and flaps of a card meet on its closed front, so that they read as one picture. */
public final class Meetings {

    /** Gates farther apart than this do not read as one picture. Common practice: a hairline is up to 1/16 in. */
    private static final Length WIDEST_HAIRLINE = Length.inches(1, 8);

    /** Two faces that meet on the closed front, the first one to the left or below. */
    record Meeting(Face first, Face second, boolean sideBySide) {}

    private final List<Face> faces;
    private final Structure structure;
    private final FlatStage closed;
    private final Matting matting;

    /** How many panels lie under a face where it is seen: gates that meet lie equally high. */
    private final Map<Face, Integer> levels = new HashMap<>();

    /** Where the faces on the closed front lie. */
    private final Map<Face, Envelope> boxes = new HashMap<>();

    public Meetings(List<Face> faces, Structure structure, LayerStack stack, Matting matting) {
        this.faces = faces;
        this.structure = structure;
        this.closed = stack.stage();
        this.matting = matting;
        for (Face face : faces) {
            if (face.seen().contains(Face.Seen.CLOSED)
                    && face.panel().rectangle().isPresent()) {
                FlatStage.Placed placed = closed.placed(face.panel());
                if (placed.upSide() == face.side()) {
                    boxes.put(face, placed.outline().getEnvelopeInternal());
                    levels.put(face, level(stack, face));
                }
            }
        }
    }

    /** @return whether any two flaps do, so that something can hold one to the other */
    public boolean any() {
        return faces.stream().anyMatch(f -> of(f).isPresent());
    }

    /** @return where that face meets another, dressed like it */
    Optional<Meeting> of(Face face) {
        return !onFront(face)
                ? Optional.empty()
                : faces.stream()
                        .filter(this::onFront)
                        .filter(other -> matting.on(other).equals(matting.on(face))
                                && matting.papers(other).equals(matting.papers(face)))
                        .flatMap(other -> Stream.of(meeting(face, other), meeting(other, face))
                                .flatMap(Optional::stream))
                        .findFirst();
    }

    /**
     * Both on the closed front, equally high, side by side or one above the other, at most a hairline between. Panels that a score
     * joins do not meet: a mat across their score would not fold.
     */
    private Optional<Meeting> meeting(Face first, Face second) {
        if (first.panel().equals(second.panel()) || !levels.get(first).equals(levels.get(second))) {
            return Optional.empty();
        }
        Envelope a = boxes.get(first);
        Envelope b = boxes.get(second);
        if (a.getMinY() == b.getMinY() && a.getMaxY() == b.getMaxY() && isHairline(b.getMinX() - a.getMaxX())) {
            return unlessJoined(new Meeting(first, second, true));
        }
        if (a.getMinX() == b.getMinX() && a.getMaxX() == b.getMaxX() && isHairline(b.getMinY() - a.getMaxY())) {
            return unlessJoined(new Meeting(first, second, false));
        }
        return Optional.empty();
    }

    private static int level(LayerStack stack, Face face) {
        return stack.spots().stream()
                .filter(s -> s.top().panel().equals(face.panel()))
                .mapToInt(s -> s.bottomToTop().size())
                .max()
                .orElse(0);
    }

    private Optional<Meeting> unlessJoined(Meeting meeting) {
        if (Stream.of(meeting.first(), meeting.second())
                .anyMatch(f -> structure
                        .habit(f.panel(), f.side())
                        .filter(Habit::isDressed)
                        .isPresent())) {
            return Optional.empty();
        }
        boolean joined = structure.hinges().stream()
                .anyMatch(h -> h.joins(meeting.first().panel(), meeting.second().panel()));
        return joined ? Optional.empty() : Optional.of(meeting);
    }

    private boolean onFront(Face face) {
        return boxes.containsKey(face);
    }

    private static boolean isHairline(double counts) {
        return counts >= 0 && counts <= WIDEST_HAIRLINE.count();
    }

    /** @return whether the panel's left and right (or bottom and top) have changed places when closed */
    boolean turned(Face face, boolean sideways) {
        return sideways
                ? closed.placed(face.panel()).motion().a() < 0
                : closed.placed(face.panel()).motion().d() < 0;
    }
}
