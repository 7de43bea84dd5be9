package lowfield.core.guide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RoundPlanTest {
    private static final ZoneId CET = ZoneId.of("CET");

    @ParameterizedTest
    @CsvSource({
        // 2026-12-03 is a Thursday; 05:30 in CET is 04:30 UTC in winter and 03:30 in summer.
        "DAILY, 2026-12-03T05:00:00Z, 2026-12-03T04:30:00Z",
        "DAILY, 2026-12-03T04:29:59Z, 2026-12-02T04:30:00Z",
        "DAILY, 2026-07-02T05:00:00Z, 2026-07-02T03:30:00Z",
        "WEEKLY, 2026-12-03T04:30:00Z, 2026-12-03T04:30:00Z",
        "WEEKLY, 2026-12-03T04:00:00Z, 2026-11-26T04:30:00Z",
        "WEEKLY, 2026-12-08T23:00:00Z, 2026-12-03T04:30:00Z"
    })
    void tellsTheLastPlannedMoment(RoundPlan.Often often, Instant now, Instant due) {
        var plan = new RoundPlan(often, LocalTime.of(5, 30), RoundPlan.Scope.ALL);
        assertThat(plan.lastBefore(now, CET)).contains(due);
    }

    @Test
    void byHandNothingIsPlanned() {
        assertThat(RoundPlan.BY_HAND.lastBefore(Instant.parse("2026-12-03T05:00:00Z"), CET))
                .isEmpty();
        assertThatThrownBy(() -> new RoundPlan(RoundPlan.Often.DAILY, LocalTime.of(5, 30, 1), RoundPlan.Scope.ALL))
                .hasMessageContaining("to the minute");
    }
}
