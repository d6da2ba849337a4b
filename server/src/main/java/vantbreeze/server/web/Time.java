package vantbreeze.server.web;

import java.time.Clock;
import java.time.Duration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** One clock for everything that is dated. */
@Configuration
class Time {

    /** In whole milliseconds: the database keeps no more than microseconds, and what it gives back should be the same. */
    @Bean
    Clock clock() {
        return Clock.tick(Clock.systemUTC(), Duration.ofMillis(1));
    }
}
