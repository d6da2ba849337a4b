package vantbreeze.operation;

import java.util.List;
import java.util.Optional;

/**
 * What is to be done, so that a long sentence can be read one by one.
 *
 * @param lead how it begins
 * @param each what it goes through, one after the other; often nothing
 * @param between what stands between two of them in a sentence
 * @param tail how it ends
 * @param otherwise another way of doing the same
 */
public record Wording(String lead, List<String> each, String between, String tail, Optional<Wording> otherwise) {

    public Wording {
        each = List.copyOf(each);
    }

    static Wording plain(String text) {
        return new Wording(text, List.of(), "", "", Optional.empty());
    }

    /** In one paragraph. */
    public String text() {
        return lead
                + (each.isEmpty() ? "" : " " + String.join(between, each))
                + tail
                + otherwise.map(o -> " " + o.text()).orElse("");
    }
}
