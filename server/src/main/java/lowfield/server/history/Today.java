package lowfield.server.history;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.Set;
import java.util.stream.Collectors;
import lowfield.server.platform.Notices;
import lowfield.server.platform.Snapshot;
import lowfield.server.shops.Shops;
import org.springframework.stereotype.Component;

/**
 * The day that prices go up to. They are kept by the days of their shops; where it is past midnight already it is the next,
 * and what was seen there since belongs to today. Without a shop it is the day of UTC.
 */
@Component
public class Today {
    private final Clock clock;
    private final Snapshot<Set<ZoneId>> zones;

    Today(Clock clock, Shops shops, Notices notices) {
        this.clock = clock;
        this.zones = new Snapshot<>(
                () -> shops.all().stream().map(s -> ZoneId.of(s.zone())).collect(Collectors.toUnmodifiableSet()));
        notices.whenChanged(change -> {
            if (change.topic() == Notices.Topic.OFFERS && change.isWhole()) {
                zones.invalidate();
            }
        });
    }

    public LocalDate day() {
        return latest(clock.instant(), zones.get());
    }

    static LocalDate latest(Instant now, Set<ZoneId> zones) {
        return zones.stream()
                .map(zone -> LocalDate.ofInstant(now, zone))
                .max(Comparator.naturalOrder())
                .orElseGet(() -> LocalDate.ofInstant(now, ZoneOffset.UTC));
    }
}
