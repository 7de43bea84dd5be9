package lowfield.server.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import lowfield.core.guide.RoundPlan;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import lowfield.server.platform.Json;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Rounds that a plan starts, that pause, and that wait for each other. */
class PlannedRoundsTest {
    private static final String CARD = "/p/merrowby-vane-five-8-gb-black";
    private final World world = new World();

    @AfterEach
    void normal() {
        world.market("reset");
    }

    private void mood(String mood) {
        world.market("mood?host=ferrowby.example&path=" + CARD + "&mood=" + mood);
    }

    /** The guide plans a round a day; yesterday's broke off, and today's starts and ends as planned. */
    @Test
    void aPlannedRoundStartsThoughTheLastOneBrokeOff() {
        world.stage.asOwner("alter table acceptance add constraint refuses check (false) not valid");
        JsonNode broken;
        try {
            broken = world.round();
        } finally {
            world.stage.asOwner("alter table acceptance drop constraint refuses");
        }
        assertThat(broken.path("state").asString()).isEqualTo("BROKEN");
        var guide = "(select id from guide where slug = '" + world.slug + "')";
        world.stage.asOwner(
                "update price_round set started_at = started_at - interval '1 day' where guide_id = " + guide);
        var due = LocalTime.now(ZoneId.of("CET")).minusMinutes(1).truncatedTo(ChronoUnit.MINUTES);
        world.stage.asOwner("update guide set created_at = created_at - interval '2 days', rounds = '"
                + Json.write(new RoundPlan(RoundPlan.Often.DAILY, due, RoundPlan.Scope.ALL)) + "' where id = " + guide);
        try {
            var planned = Awaitility.await()
                    .atMost(Duration.ofSeconds(30))
                    .until(
                            () -> world.ines
                                    .get("/api/guides/" + world.slug + "/rounds/latest")
                                    .json(),
                            round -> !round.path("id").equals(broken.path("id"))
                                    && round.path("endedAt").isString());
            assertThat(planned.path("state").asString()).isEqualTo("DONE");
            assertThat(planned.path("failed").asInt()).isZero();
        } finally {
            world.stage.asOwner("update guide set rounds = null where id = " + guide);
        }
    }

    @Test
    void aRoundIsPausedAndGoneOnWith() {
        world.market("delay?ms=150");
        var id = world.ines
                .post("/api/guides/" + world.slug + "/rounds", Map.of())
                .json()
                .path("id")
                .asString();
        var paused = world.ines.call("PUT", "/api/rounds/" + id + "/paused", Map.of("paused", true), null);
        assertThat(paused.json().path("state").asString()).isEqualTo("PAUSED");
        assertThat(world.ines
                        .post("/api/guides/" + world.slug + "/rounds", Map.of())
                        .status())
                .isEqualTo(409);
        assertThat(world.ines.get("/api/rounds/" + id).json().path("endedAt").isNull())
                .isTrue();
        world.market("delay?ms=0");
        world.ines.call("PUT", "/api/rounds/" + id + "/paused", Map.of("paused", false), null);
        var ended = Awaitility.await()
                .atMost(Duration.ofSeconds(30))
                .until(
                        () -> world.ines.get("/api/rounds/" + id).json(),
                        p -> p.path("endedAt").isString());
        assertThat(ended.path("state").asString()).isEqualTo("DONE");
        assertThat(ended.path("read").asInt()).isEqualTo(ended.path("pages").asInt());
    }

    @Test
    void twoRoundsDoNotRunAtOnce() {
        world.market("mood?host=ferrowby.example&mood=LATE");
        var answers = World.together(4, () -> world.ines.post("/api/guides/" + world.slug + "/rounds", Map.of()));
        assertThat(answers)
                .extracting(Caller.Answer::status)
                .containsOnlyOnce(202)
                .allMatch(s -> s == 202 || s == 409);
        var id = answers.stream()
                .filter(a -> a.status() == 202)
                .findFirst()
                .orElseThrow()
                .json()
                .path("id")
                .asString();
        assertThat(world.ines.call("DELETE", "/api/rounds/" + id, null, null).status())
                .isEqualTo(204);
        var ended = Awaitility.await()
                .atMost(Duration.ofSeconds(30))
                .until(
                        () -> world.ines.get("/api/rounds/" + id).json(),
                        p -> p.path("endedAt").isString());
        assertThat(ended.path("state").asString()).isEqualTo("CANCELLED");
        assertThat(ended.path("read").asInt() + ended.path("failed").asInt())
                .isLessThan(ended.path("pages").asInt());
    }
}
