package lowfield.server.reasons;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Questions beside a reason, and what was written of its part before. */
class ReasonHelpTest {
    private final World world = new World();

    private JsonNode help(String slot) {
        return world.ines
                .get("/api/editions/" + world.edition + "/lines/"
                        + world.line(slot).path("id").asString() + "/reason-help")
                .json();
    }

    @Test
    void aReadersQuestionsNameTheNeighboursInPrice() {
        world.filled();
        world.round();
        var questions = help("GRAPHICS_CARD").path("questions").toString();
        assertThat(questions).contains("What is it for: 1080p?", "Who should take another?");
        assertThat(questions)
                .contains("Why not the Test hartle-basalt-16-gb for ")
                .contains(" more?");
    }

    @Test
    void withoutAChoiceOnlyWhatCanBeAskedIs() {
        assertThat(help("CASE").path("questions")).hasSize(2);
        assertThat(help("CASE").path("earlier")).isEmpty();
    }

    /** The reason of an older edition comes first where it differs, and each text once. */
    @Test
    void whatWasWrittenOfThePartBeforeIsOffered() {
        world.filled();
        world.round();
        world.edit(world.ines, world.line("CASE"), Map.of("reason", "There is room for a longer card."));
        world.publish();
        world.edit(world.ines, world.line("CASE"), Map.of("reason", "Still the right one."));
        var earlier = help("CASE").path("earlier");
        assertThat(earlier).hasSize(1);
        assertThat(earlier.get(0).path("markdown").asString()).isEqualTo("There is room for a longer card.");
        assertThat(earlier.get(0).path("where").asString()).isEqualTo("Edition 1, Bosun");
        assertThat(earlier.get(0).path("isSamePart").asBoolean()).isTrue();
    }

    /** Another guide's reasons are its own. */
    @Test
    void anotherGuidesReasonsAreNotOffered() {
        world.filled();
        var other = new World().filled();
        other.edit(other.ines, other.line("CASE"), Map.of("reason", "Words of another guide."));
        assertThat(help("CASE").path("earlier").toString()).doesNotContain("another guide");
    }
}
