package vantbreeze.operation;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import vantbreeze.make.Joint;
import vantbreeze.make.Joints;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Side;
import vantbreeze.structure.Structure;

/**
 * Panels onto others, laid where the maker puts them.
 *
 * @param joints what is laid down together
 * @param card the piece that the card is called by
 */
@Kind("glue")
public record Glue(List<Glued> joints, Joint joint, String card, Structure structure) implements Operation {

    public Glue {
        joints = List.copyOf(joints);
    }

    private Glued first() {
        return joints.get(0);
    }

    /** What comes down in one go, and what is done alike at the other end. */
    @Override
    public Optional<Operation> together(Operation other) {
        return other instanceof Glue more
                        && joint.equals(more.joint)
                        && joints.stream().anyMatch(g -> more.joints.stream().anyMatch(m -> isTogether(g, m)))
                ? Optional.of(new Glue(Phrases.both(joints, more.joints), joint, card, structure))
                : Optional.empty();
    }

    private boolean isTogether(Glued one, Glued other) {
        return structure.isMadeWith(one.bond(), other.bond()) || one.isOneLaying(other) || one.isAlike(other);
    }

    @Override
    public Optional<Side> up() {
        return Optional.of(first().bond().ontoSide());
    }

    @Override
    public Optional<Joint> gluedWith() {
        return Optional.of(joint);
    }

    @Override
    public List<String> gluedPlaces() {
        return joints.stream().map(g -> Joints.place(g.bond())).toList();
    }

    @Override
    public int dryMinutes() {
        return joint.adhesive().minutes();
    }

    @Override
    public String title() {
        List<String> panels =
                joints.stream().map(g -> g.laid().name()).distinct().toList();
        List<String> pieces =
                joints.stream().map(g -> g.laid().piece()).distinct().toList();
        List<String> taking =
                joints.stream().map(g -> g.onto().piece()).distinct().toList();
        if (panels.size() == 1) {
            return "Glue " + Grouped.the(panels.get(0));
        }
        /* What several pieces hold at once is laid on them. */
        boolean isLaid = pieces.size() == 1
                ? taking.size() > 1
                : taking.size() == 1
                        && structure.isMadeWith(
                                joints.get(0).bond(), joints.get(1).bond());
        return "Glue "
                + Grouped.together(
                        isLaid ? taking : pieces,
                        structure.pieces().stream().map(p -> p.name()).toList());
    }

    @Override
    public Wording wording(Ruler ruler) {
        String lead = foldedFirst() + Glued.putGlue(joint, joints, ruler) + first().tape(ruler);
        List<String> laid = joints.stream().map(g -> lay(g, ruler)).toList();
        String tail = ". Press. %s%s"
                .formatted(
                        joint.sentence(),
                        joints.stream().anyMatch(Glued::hidden) ? " The next mat hides the tape." : "");
        return isAlikeThroughout(ruler)
                ? new Wording(
                        lead + " Lay",
                        joints.stream()
                                .map(g -> "%s on %s"
                                        .formatted(Grouped.the(g.laid().name()), g.takenBy()))
                                .toList(),
                        ", ",
                        ": each " + first().place().text(ruler) + tail,
                        Optional.empty())
                : new Wording(lead, laid, "; ", tail, Optional.empty());
    }

    /** More than two that go to the same place, each on its own panel. */
    private boolean isAlikeThroughout(Ruler ruler) {
        return joints.size() > 2
                && joints.stream().noneMatch(Glued::onOutline)
                && joints.stream().map(g -> g.place().text(ruler)).distinct().count() == 1;
    }

    private String lay(Glued glued, Ruler ruler) {
        String where = glued.onOutline()
                ? "with the %s folded in, edge on edge with the outline of the %s"
                        .formatted(glued.onto().name(), card)
                : glued.place().text(ruler);
        String begin = glued.equals(first()) ? "Lay " : "";
        String what = joints.size() == 1 ? "it" : Grouped.the(glued.laid().name());
        return "%s%s on %s: %s".formatted(begin, what, glued.takenBy(), where);
    }

    /** What has to lie folded before all of it can come down at once. */
    private String foldedFirst() {
        List<String> folded = foldedPieces();
        return folded.isEmpty()
                ? ""
                : "Fold %s flat first. "
                        .formatted(
                                Grouped.joined(folded.stream().map(Grouped::the).toList()));
    }

    private List<String> foldedPieces() {
        if (joints.stream().allMatch(Glued::liesOpen)) {
            return List.of();
        }
        Set<String> folded = new LinkedHashSet<>();
        for (Glued one : joints) {
            for (Glued other : joints) {
                if (one.onto().piece().equals(other.onto().piece())
                        && !one.onto().equals(other.onto())) {
                    folded.add(one.onto().piece());
                }
                if (one.laid().piece().equals(other.laid().piece())
                        && !one.laid().equals(other.laid())) {
                    folded.add(one.laid().piece());
                }
            }
        }
        return new ArrayList<>(folded);
    }

    @Override
    public void draw(SketchPad pad) {
        boolean across = joints.stream().map(g -> g.onto().piece()).distinct().count() > 1
                && structure.isMadeWith(joints.get(0).bond(), joints.get(1).bond());
        if (across && joints.stream().allMatch(Glued::liesOpen)) {
            pad.open(joints);
        } else if (foldedPieces().isEmpty()) {
            pad.glued(joints);
        } else {
            pad.folded(joints);
        }
    }

    /** What lands by itself cannot be missed. */
    @Override
    public void settings(SettingFinder found) {
        if (found.isMechanism()) {
            joints.stream().filter(g -> !structure.landsByItself(g.bond())).forEach(g -> settings(g, found));
        }
    }

    /** What is flush is felt with a finger, what a mat's edge tells is laid to it: only a measured way can be missed. */
    private static void settings(Glued glued, SettingFinder found) {
        String laid = glued.laid().name();
        if (!glued.place().isToldAcross()) {
            found.judged(
                    glued.bond().id(),
                    "x",
                    "how far across the %s is glued".formatted(laid),
                    new Effect.OfBond(glued.bond().id(), 1, 0));
        }
        if (!glued.place().isToldUp()) {
            found.judged(
                    glued.bond().id(),
                    "y",
                    "how high the %s is glued".formatted(laid),
                    new Effect.OfBond(glued.bond().id(), 0, 1));
        }
    }
}
