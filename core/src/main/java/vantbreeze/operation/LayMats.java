package vantbreeze.operation;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.make.Joint;
import vantbreeze.make.Joints;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Side;

/**
 * Papers onto faces, with what suits them.
 *
 * @param first whether something is joined over them later
 * @param all the labels of all faces that are dressed, so that many are counted
 * @param mirrored those of the mats that another one is the mirror image of
 */
@Kind("lay-mats")
public record LayMats(boolean first, Joint joint, List<Mat> mats, List<String> all, List<Mat> mirrored)
        implements Operation {

    private static final int MOST = 5;

    public LayMats {
        mats = List.copyOf(mats);
        all = List.copyOf(all);
        mirrored = List.copyOf(mirrored);
    }

    @Override
    public Optional<Joint> gluedWith() {
        return Optional.of(joint);
    }

    @Override
    public List<String> gluedPlaces() {
        return mats.stream().map(Joints::place).toList();
    }

    @Override
    public boolean laysOn(Face face) {
        return mats.stream().anyMatch(m -> m.face().key().equals(face.key()));
    }

    @Override
    public boolean lays(Mat mat) {
        return mats.contains(mat);
    }

    @Override
    public boolean laysBehind(Face face) {
        return mats.stream().map(Mat::face).anyMatch(f -> f.panel().equals(face.panel()) && f.side() != face.side());
    }

    @Override
    public boolean laysParts() {
        return true;
    }

    @Override
    public String title() {
        return first ? "Lay the mats that go on first" : "Lay the mats";
    }

    @Override
    public Wording wording(Ruler ruler) {
        Map<String, Mat> faces = new LinkedHashMap<>();
        mats.forEach(m -> faces.putIfAbsent(m.face().label(), m));
        return Wording.plain(
                "%s, bottom layer first. Keep the borders even. On %s use %s. Keep glue and tape %s away from the scores.%s%s"
                        .formatted(
                                first
                                        ? "Glue these mats on before you join anything"
                                        : "Try the mats for fit first. Then glue them on",
                                where(List.copyOf(faces.keySet())),
                                joint.text(),
                                ruler.about(Joint.TAPE_INSET),
                                pairs(),
                                TopOfMats.of(mats, all).text()));
    }

    /** Too many faces to be read one by one are told by their pieces: the drawing shows them. */
    private String where(List<String> faces) {
        List<String> names = Grouped.names(faces, all);
        if (names.size() <= MOST) {
            return the(names);
        }
        Map<Side, Set<String>> pieces = new EnumMap<>(Side.class);
        mats.forEach(m -> pieces.computeIfAbsent(m.face().side(), s -> new LinkedHashSet<>())
                .add(Grouped.the(m.face().panel().piece())));
        return pieces.entrySet().stream()
                .map(e -> "the %s of %s".formatted(e.getKey().word(), Grouped.joined(List.copyOf(e.getValue()))))
                .collect(Collectors.joining("; on "));
    }

    private String pairs() {
        List<String> faces = labels(mirrored);
        if (faces.isEmpty()) {
            return "";
        }
        return " %s are mirror images: try which is which before you glue."
                .formatted(faces.size() > 2 ? "Some of these mats" : "The mats for " + the(Grouped.names(faces, all)));
    }

    static List<String> labels(List<Mat> mats) {
        return mats.stream().map(m -> m.face().label()).distinct().toList();
    }

    /** What is counted needs no article: "the front and back", "all 12 walls". */
    static String the(List<String> names) {
        boolean counted = names.get(0).matches("(all|both|\\d+) .*");
        List<String> named = new ArrayList<>(names);
        if (!counted) {
            named.set(0, Grouped.the(named.get(0)));
        }
        return Grouped.joined(named);
    }

    @Override
    public void draw(SketchPad pad) {
        pad.mats(mats);
    }
}
