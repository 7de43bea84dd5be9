package lowfield.server.editing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;

/** What is made in one act is undone, and redone, in one. */
class MadeTogetherTest {
    private final World world = new World();

    private Caller.Answer step(String what) {
        return world.ines.post("/api/editions/" + world.edition + "/" + what, Map.of());
    }

    private long lines(String slot) {
        return world.bench()
                .path("lines")
                .valueStream()
                .filter(l -> l.path("slot").asString().equals(slot))
                .count();
    }

    private Caller.Answer add(String slot, String part) {
        return world.ines.post(
                "/api/editions/" + world.edition + "/builds/" + world.build + "/lines",
                Map.of("slot", slot, "with", Map.of("choice", Map.of("type", "PART", "part", part))));
    }

    private long builds() {
        return world.desk().path("cards").valueStream().count();
    }

    @Test
    void aPartThatComesWithItsLineGoesWithIt() {
        world.filled();
        var added = add("SECOND_DRIVE", world.parts.get("drumlin-beck-1-tb"));
        assertThat(added.status()).isEqualTo(201);
        assertThat(world.line("SECOND_DRIVE").path("label").asString()).contains("drumlin-beck");
        assertThat(step("undo").text()).contains("1 more made with it");
        assertThat(lines("SECOND_DRIVE")).isZero();
        step("redo");
        assertThat(world.line("SECOND_DRIVE").path("label").asString()).contains("drumlin-beck");
        step("undo");
        step("undo");
        assertThat(lines("SECOND_DRIVE")).isZero();
    }

    @Test
    void aLineWhosePartCannotStandThereIsNotAddedEither() {
        world.filled();
        assertThat(add("SECOND_DRIVE", world.parts.get("kelder-550-gold")).status())
                .isEqualTo(422);
        assertThat(lines("SECOND_DRIVE")).isZero();
    }

    /** The same variant in every tier: one act, one undo, one redo. */
    @Test
    void aVariantSpreadOverTheTiersIsTakenBackByOneUndo() {
        world.filled();
        for (var tier : List.of("Mate", "Deckhand")) {
            world.ines.post(
                    "/api/guides/" + world.slug + "/editions/" + world.edition + "/tiers/from-build",
                    Map.of(
                            "form",
                            Forms.tier(tier, 90000, 99000),
                            "source",
                            Map.of("edition", world.edition, "build", world.build, "how", "COPY")));
        }
        var builds = "/api/editions/" + world.edition + "/builds";
        var variant = world.ines
                .post(builds, Map.of("of", world.build, "name", "the bigger card"))
                .json()
                .path("build")
                .asString();
        var card = World.line(world.ines.get(builds + "/" + variant + "/bench").json(), "GRAPHICS_CARD");
        world.edit(
                world.ines,
                card,
                Map.of("choice", Map.of("type", "PART", "part", world.parts.get("hartle-basalt-16-gb"))));
        var before = builds();
        var spread = world.ines.post(builds + "/" + variant + "/spread", Map.of());
        assertThat(spread.status()).isLessThan(300);
        assertThat(builds()).isEqualTo(before + 2);
        step("undo");
        assertThat(builds()).isEqualTo(before);
        step("redo");
        assertThat(builds()).isEqualTo(before + 2);
    }

    /** When one of several was changed since by somebody else, none is undone. */
    @Test
    void ofSeveralEditsAllAreUndoneOrNone() {
        world.filled();
        add("SECOND_DRIVE", world.parts.get("drumlin-beck-1-tb"));
        world.edit(world.tom, world.line("SECOND_DRIVE"), Map.of("reason", "A second one for recordings."));
        assertThat(step("undo").status()).isEqualTo(409);
        assertThat(world.line("SECOND_DRIVE").path("reason").asString()).isEqualTo("A second one for recordings.");
    }
}
