package lowfield.server.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TodayTest {
    @ParameterizedTest
    @CsvSource({
        "2026-12-03T12:00:00Z, Europe/Berlin, 2026-12-03",
        "2026-12-03T22:59:59Z, Europe/Berlin, 2026-12-03",
        "2026-12-03T23:00:00Z, Europe/Berlin, 2026-12-04",
        "2026-07-03T22:00:00Z, Europe/Berlin, 2026-07-04",
        "2026-12-03T22:30:00Z, Europe/Lisbon;Europe/Helsinki, 2026-12-04",
        "2026-12-03T03:00:00Z, America/New_York, 2026-12-02",
        "2026-12-03T23:30:00Z, , 2026-12-03"
    })
    void itIsTheDayWhereItIsLatestAmongTheShops(Instant now, String zones, LocalDate day) {
        var of = zones == null
                ? java.util.Set.<ZoneId>of()
                : Arrays.stream(zones.split(";")).map(ZoneId::of).collect(Collectors.toSet());
        assertThat(Today.latest(now, of)).isEqualTo(day);
    }
}
