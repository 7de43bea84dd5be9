package lowfield.server.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;

class ChartsTest {
    private final World world = new World();

    private Caller.Answer charts(List<Map<String, Object>> charts) {
        return world.ines.call(
                "PUT",
                "/api/editions/" + world.edition + "/charts",
                charts,
                world.desk().path("edition").path("version").asInt());
    }

    private String tier() {
        return world.desk().path("cards").get(0).path("tier").asString();
    }

    @Test
    void aChosenChartStandsOnThePageAndInTheSnapshotAndIsCarriedOver() {
        world.filled().round();
        var chosen = List.<Map<String, Object>>of(Map.of("of", "TIER", "id", tier()));
        assertThat(charts(chosen).status()).isEqualTo(204);
        // One edition alone is no line; the next has two.
        world.publish();
        assertThat(world.read("/" + world.slug)).doesNotContain("Prices through time");
        assertThat(world.desk().path("edition").path("charts").size()).isOne();
        world.round();
        world.publish();
        var page = world.read("/" + world.slug);
        assertThat(page).contains("Prices through time", "Bosun: what its list cost", "As a table", "as published");
        var snapshot = Caller.JSON.readTree(world.read("/" + world.slug + "/editions/2.json"));
        var dots = snapshot.path("charts").get(0).path("curves").get(0).path("dots");
        assertThat(dots.size()).isEqualTo(2);
        assertThat(dots.get(0).path("value").asLong()).isPositive();
    }

    @Test
    void choosingIsAnEditThatIsUndoneAndNeverWritesOverAnother() {
        var before = world.desk().path("edition").path("version").asInt();
        var one = List.<Map<String, Object>>of(Map.of("of", "KIND", "id", "MEMORY"));
        assertThat(charts(one).status()).isEqualTo(204);
        var stale = world.ines.call("PUT", "/api/editions/" + world.edition + "/charts", List.of(), before);
        assertThat(stale.status()).isEqualTo(412);
        assertThat(world.desk().path("edition").path("charts").size()).isOne();
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(world.desk().path("edition").path("charts").size()).isZero();
    }

    @Test
    void theSameChartTwiceIsRefused() {
        var kind = Map.<String, Object>of("of", "KIND", "id", "MEMORY");
        assertThat(charts(List.of(kind, kind)).detail()).contains("shown once");
    }
}
