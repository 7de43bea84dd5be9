package lowfield.server.editing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.BeforeEach;

/** A filled and priced build, and what is set beside its lines. */
abstract class ExtrasCase {
    final World world = new World();

    @BeforeEach
    void priced() {
        world.filled().round();
    }

    Caller.Answer set(List<Map<String, Object>> adjustments, List<Map<String, Object>> packages) {
        return world.ines.call(
                "PUT",
                "/api/editions/" + world.edition + "/builds/" + world.build + "/extras",
                Map.of("adjustments", adjustments, "packages", packages),
                world.bench().path("card").path("version").asInt());
    }

    long total() {
        return world.bench()
                .path("card")
                .path("gauge")
                .path("total")
                .path("minor")
                .asLong();
    }

    long goods(String... slots) {
        long sum = 0;
        for (var slot : slots) {
            sum += world.line(slot).path("goods").path("minor").asLong();
        }
        return sum;
    }

    void refused(Map<String, Object> pack, String why) {
        var answer = set(List.of(), List.of(pack));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains(why);
    }
}
