package vantbreeze.operation;

/**
 * Something the maker adds to the order of work.
 *
 * @param on what it is done to: "face/front/face", "mat/front/face/1" (a part's id) or "topper/NAME"
 * @param words the maker's own, may be empty
 */
public record OwnStep(Technique technique, String on, String words) {

    public static final int MOST_ON_A_CARD = 20;
    public static final int LONGEST_WORDS = 200;
    private static final int LONGEST_PLACE = 200;

    public OwnStep {
        words = words == null ? "" : words;
        if (technique == null || on == null || on.isBlank()) {
            throw new IllegalArgumentException("An own step needs a technique and what it is done to.");
        }
        if (words.length() > LONGEST_WORDS || on.length() > LONGEST_PLACE) {
            throw new IllegalArgumentException("The words of an own step (%d characters) must be at most %d."
                    .formatted(words.length(), LONGEST_WORDS));
        }
    }
}
