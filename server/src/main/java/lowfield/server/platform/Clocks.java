package lowfield.server.platform;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The application's clock: the machine's, or in the demo one that stands where the demo's world stands and ticks on. */
@Configuration
public class Clocks {
    @Bean
    public MovableClock clock() {
        return new MovableClock();
    }

    /** A ticking clock that can be set to another moment; never moved outside the demo and the tests. */
    public static final class MovableClock extends Clock {
        private volatile Duration ahead = Duration.ZERO;

        public void moveTo(Instant moment) {
            ahead = Duration.between(Instant.now(), moment);
        }

        @Override
        public Instant instant() {
            return Instant.now().plus(ahead);
        }

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return Clock.offset(Clock.system(zone), ahead);
        }
    }
}
