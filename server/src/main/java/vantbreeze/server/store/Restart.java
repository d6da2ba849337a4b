package vantbreeze.server.store;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Whether the script had to start the application anew after it ran out of memory and ended itself. */
@Component
class Restart {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");

    private final String at;

    /** @param at a moment as ISO 8601 writes it; empty where it was started as usual */
    Restart(@Value("${vantbreeze.restarted:}") String at) {
        this.at = at;
    }

    /** @return a sentence for the maker; usually nothing */
    Optional<String> told() {
        try {
            return Optional.of(at)
                    .filter(text -> !text.isEmpty())
                    .map(text -> TIME.format(Instant.parse(text).atZone(ZoneId.systemDefault())))
                    .map(time -> "Vantbreeze ran out of memory and was started anew at %s. What was saved is kept."
                            .formatted(time));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }
}
