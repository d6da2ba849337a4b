package vantbreeze.operation;

import java.util.List;
import java.util.Optional;
import vantbreeze.make.Joint;
import vantbreeze.make.Joints;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Side;

/**
 * What hangs together already is glued shut: on the folded card the two sides lie where they belong, and nothing is measured.
 *
 * @param pieces the names of all pieces of the card
 */
@Kind("close-onto")
public record CloseOnto(List<Glued> joints, Joint joint, List<String> pieces) implements Operation {

    public CloseOnto {
        joints = List.copyOf(joints);
        pieces = List.copyOf(pieces);
    }

    /** Both ends of one piece, or the same end of pieces that are alike. */
    @Override
    public Optional<Operation> together(Operation other) {
        return other instanceof CloseOnto more
                        && joint.equals(more.joint)
                        && joints.stream().anyMatch(g -> more.joints.stream().anyMatch(m -> isTogether(g, m)))
                ? Optional.of(new CloseOnto(Phrases.both(joints, more.joints), joint, pieces))
                : Optional.empty();
    }

    private static boolean isTogether(Glued one, Glued other) {
        boolean samePiece = one.laid().piece().equals(other.laid().piece());
        return isWithinPiece(one) == isWithinPiece(other) && (samePiece && !isWithinPiece(one) || one.isAlike(other));
    }

    private static boolean isWithinPiece(Glued glued) {
        return glued.laid().piece().equals(glued.onto().piece());
    }

    @Override
    public Optional<Side> up() {
        return Optional.of(joints.get(0).bond().ontoSide());
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
        return joints.size() == 1
                ? "Glue " + Grouped.the(joints.get(0).laid().name())
                : isWithinPiece(joints.get(0))
                        ? "Close " + named()
                        : "Glue "
                                + Grouped.joined(joints.stream()
                                        .map(g -> Grouped.the(g.laid().name()))
                                        .toList());
    }

    private String named() {
        return Grouped.together(
                joints.stream().map(g -> g.laid().piece()).distinct().toList(), pieces);
    }

    @Override
    public Wording wording(Ruler ruler) {
        boolean within = isWithinPiece(joints.get(0));
        String lands = Grouped.joined(joints.stream()
                .map(g -> Grouped.the(g.laid().name()))
                .distinct()
                .toList());
        List<String> taking = joints.stream()
                .map(g -> Grouped.the(g.onto().name()))
                .distinct()
                .toList();
        boolean one = joints.size() == 1;
        return Wording.plain("%s. %s%s %s: nothing is measured. Press%s. %s%s"
                .formatted(
                        within ? "Fold %s flat along the scores".formatted(named()) : "Fold the card flat",
                        Glued.putGlue(joint, joints, ruler),
                        joints.get(0).tape(ruler),
                        within
                                ? "Fold %s onto %s. Let %s land where %s"
                                        .formatted(
                                                one ? "it" : "them",
                                                Grouped.joined(taking),
                                                one ? "it" : "them",
                                                one ? "it wants to" : "they want to")
                                : "Close the card on it. By itself %s %s on %s"
                                        .formatted(lands, one ? "lands" : "land", Grouped.joined(taking)),
                        within ? "" : ", and leave it shut until the glue holds",
                        joint.sentence(),
                        joints.stream().anyMatch(Glued::hidden) ? " The next mat hides the tape." : ""));
    }

    @Override
    public void draw(SketchPad pad) {
        if (isWithinPiece(joints.get(0))) {
            pad.foldedApart(joints);
        } else {
            pad.shut(joints);
        }
    }
}
