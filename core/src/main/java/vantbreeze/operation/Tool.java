package vantbreeze.operation;

/** What is taken into the hand. */
public enum Tool {
    TRIMMER("trimmer"),
    BOARD("scoring board"),
    RULER("metal ruler"),
    BONE_FOLDER("bone folder"),
    SOFT_MAT("soft mat"),
    KNIFE("craft knife"),
    CUTTING_MAT("cutting mat"),
    PENCIL("pencil"),
    ERASER("eraser"),
    NEEDLE("needle"),
    TEMPLATE("printed template"),
    SCISSORS("scissors"),
    WEIGHT("something heavy");

    private final String word;

    Tool(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
