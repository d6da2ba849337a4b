package vantbreeze.server.store;

import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** How what is kept is faring. */
@RestController
class StoreController {

    private final Database database;
    private final Upkeep upkeep;
    private final Restart restart;

    StoreController(Database database, Upkeep upkeep, Restart restart) {
        this.database = database;
        this.upkeep = upkeep;
        this.restart = restart;
    }

    /**
     * @param works whether anything can be kept now
     * @param trouble what the maker has to know, in sentences; usually nothing
     * @param newestCopy day of the newest copy of the database
     * @param copies folder of the copies
     */
    @Schema(name = "StoreState")
    record StoreJson(
            boolean works,
            List<String> trouble,
            @Schema(nullable = true) LocalDate newestCopy,
            String copies) {}

    @GetMapping("/api/store")
    StoreJson state() throws IOException {
        boolean works = database.works();
        Stream<String> damaged = upkeep.damaged().stream()
                .map(what -> "Damaged on the disk: %s. Look at it, and at the copies in %s."
                        .formatted(what, database.folder().copies()));
        Stream<String> failing = works ? Stream.of() : Stream.of(new StoreFailure(database.failure()).getMessage());
        return new StoreJson(
                works,
                Stream.of(failing, restart.told().stream(), database.found().stream(), damaged)
                        .flatMap(s -> s)
                        .toList(),
                Copies.newest(database.folder()).orElse(null),
                database.folder().copies().toString());
    }

    /** Tells the truth at the actuator as well. */
    @Component("database")
    static class StoreHealth implements HealthIndicator {

        private final Database database;
        private final Restart restart;

        StoreHealth(Database database, Restart restart) {
            this.database = database;
            this.restart = restart;
        }

        @Override
        public Health health() {
            Health.Builder health = database.works() ? Health.up() : Health.down();
            restart.told().ifPresent(sentence -> health.withDetail("restarted", sentence));
            return health.build();
        }
    }
}
