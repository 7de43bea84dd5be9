package lowfield.server.pricesheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.server.kit.World;
import lowfield.server.platform.Notices;
import org.awaitility.Awaitility;
import org.jooq.DSLContext;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Prices of shops that are old only because no round was since are the next round's, and nobody's to type. */
class DuePricesTest {
    private static final String CASE = "hollowell-byre-m-black";

    private final World world = new World();

    @AfterEach
    void renew() {
        world.round();
    }

    private Optional<String> state() {
        return world.ines
                .get("/api/editions/" + world.edition + "/price-sheet")
                .json()
                .valueStream()
                .filter(r -> r.path("part").asString().equals(world.parts.get(CASE)))
                .map(r -> r.path("state").asString())
                .findFirst();
    }

    private void sql(String sql, Object... values) {
        world.stage.bean(DSLContext.class).execute(sql, values);
    }

    private void seenLongAgo() {
        sql(
                "update listing set accepted_seen_at = accepted_seen_at - interval '40 days' where page_id in"
                        + " (select id from product_page where variant_id = ?)",
                UUID.fromString(world.parts.get(CASE)));
        world.stage.bean(Notices.class).changed(Notices.Topic.OFFERS, List.of(UUID.fromString(world.parts.get(CASE))));
        Awaitility.await()
                .until(() -> world.line("CASE").path("offer").isMissingNode()
                        || world.line("CASE").path("offer").isNull());
    }

    @Test
    void whatNoRoundHasAskedForSinceIsDue() {
        world.filled().round();
        assertThat(state()).isEmpty();
        seenLongAgo();
        sql(
                "update price_round set started_at = started_at - interval '41 days' where guide_id ="
                        + " (select id from guide where slug = ?)",
                world.slug);
        assertThat(state()).contains("DUE");
        world.round();
        assertThat(state()).isEmpty();
    }

    @Test
    void whatARoundAskedForInVainHasLapsed() {
        world.filled().round();
        seenLongAgo();
        assertThat(state()).contains("LAPSED");
    }
}
