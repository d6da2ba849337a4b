package vantbreeze.catalogue;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** What the maker glues to what, "panel 1 on panel 4, panel 2 on panel 6": panels that lie on each other when closed. */
public record GlueList(List<Joint> joints) {

    public static final int MOST = 12;
    public static final GlueList NONE = new GlueList(List.of());

    private static final Pattern JOINT = Pattern.compile("\\s*(\\S.*?)\\s+on\\s+(\\S.*?)\\s*");

    /** @param panel the one that is glued, by name */
    public record Joint(String panel, String onto) {}

    public GlueList {
        joints = List.copyOf(joints);
        if (joints.size() > MOST) {
            throw new IllegalArgumentException("There are at most %d joints, not %d.".formatted(MOST, joints.size()));
        }
    }

    /** @throws IllegalArgumentException saying which part is no joint */
    public static GlueList parse(String text) {
        return text.isBlank() || text.strip().equals("nothing")
                ? NONE
                : new GlueList(
                        Arrays.stream(text.split("[,;]")).map(GlueList::joint).toList());
    }

    private static Joint joint(String text) {
        Matcher joint = JOINT.matcher(text);
        if (!joint.matches()) {
            throw new IllegalArgumentException(
                    "The joint (%s) must read like: panel 1 on panel 4.".formatted(text.strip()));
        }
        return new Joint(joint.group(1), joint.group(2));
    }

    @Override
    public String toString() {
        return joints.isEmpty()
                ? "nothing"
                : joints.stream().map(j -> j.panel() + " on " + j.onto()).collect(Collectors.joining(", "));
    }
}
