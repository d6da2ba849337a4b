package vantbreeze.measure;

/** A text that is no length. Keeps the text, so a form can point at it. */
public final class LengthFormatException extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;
    private final String text;

    LengthFormatException(String text, String reason) {
        super("(%s) is not a length: %s. Write it like 2 3/4 in, 2¾\", 2.75 in, 7 cm or 70 mm."
                .formatted(text, reason));
        this.text = text;
    }

    public String text() {
        return text;
    }
}
