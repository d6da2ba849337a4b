package vantbreeze.operation;

import java.util.Optional;

/**
 * Something the maker adds to the order of work.
 *
 * @param on what it is done to: "face/front/face", "mat/front/face/1" (a part's id) or "topper/NAME"
 * @param words the maker's own, may be empty
 * @param beside where the maker wants it; by itself it stands where it is best done
 */
public record OwnStep(Technique technique, String on, String words, Optional<Beside> beside) {

    /**
     * Directly before or after another step.
     *
     * @param task its id
     */
    public record Beside(Order order, String task) {

        public enum Order {
            BEFORE,
            AFTER
        }

        public Beside {
            if (order == null || task == null || task.isBlank() || task.length() > LONGEST_PLACE) {
                throw new IllegalArgumentException(
                        "The place of an own step must be before or after a step of the card.");
            }
        }
    }

    public static final int MOST_ON_A_CARD = 20;
    public static final int LONGEST_WORDS = 200;
    private static final int LONGEST_PLACE = 200;

    public OwnStep(Technique technique, String on, String words) {
        this(technique, on, words, Optional.empty());
    }

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

    /** "Stamp: a star". */
    public String named() {
        return technique.title() + (words.isBlank() ? "" : ": " + words.strip());
    }
}
