package lowfield.server.reasons;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Texts that are carried over and speak of the month they were written in ask to be read before publishing. */
class CarriedTextsTest {
    private static final String CHEAP = "Memory is cheap this month.";
    private static final String SOON = "New cards come in January 2027.";
    private static final String QUIET = "A quiet build for years.";

    private final World world = new World();

    private String address() {
        return "/api/editions/" + world.edition + "/texts/EDITION/"
                + world.desk().path("guide").path("id").asString();
    }

    private Caller.Answer write(int version, String introduction, String verdict) {
        var body = Map.of("place", "EDITION", "introduction", introduction, "verdict", verdict, "disclosure", "");
        return world.ines.call("PUT", address(), body, version);
    }

    private JsonNode text() {
        return world.ines
                .get("/api/editions/" + world.edition + "/texts")
                .json()
                .path("texts")
                .path(0);
    }

    private List<String> unread() {
        return text().path("state")
                .path("unread")
                .valueStream()
                .map(JsonNode::asString)
                .toList();
    }

    private Stream<JsonNode> problems() {
        return world.ines
                .get("/api/editions/" + world.edition + "/publish-checks")
                .json()
                .valueStream()
                .flatMap(c -> c.path("problems").valueStream())
                .filter(p -> p.path("sentence").asString().contains("speaks of the last edition's month"));
    }

    private int version() {
        return text().path("version").asInt();
    }

    @BeforeEach
    void carriedOver() {
        world.filled();
        world.round();
        write(0, CHEAP + " " + QUIET, SOON);
        assertThat(unread()).isEmpty();
        assertThat(problems()).isEmpty();
        world.publish();
    }

    @Test
    void eachSuchSentenceIsAProblemThatLeadsToItsText() {
        assertThat(unread()).containsExactly(CHEAP, SOON);
        assertThat(problems())
                .hasSize(2)
                .allSatisfy(p -> assertThat(p.path("text").asString())
                        .isEqualTo(world.desk().path("guide").path("id").asString()));
    }

    @Test
    void anEditElsewhereConfirmsNothing() {
        write(version(), CHEAP + " A silent build for years.", SOON);
        assertThat(unread()).containsExactly(CHEAP, SOON);
        write(version(), "Memory is dear this month. " + QUIET, SOON);
        assertThat(unread()).containsExactly(SOON);
        assertThat(problems()).hasSize(1);
    }

    @Test
    void whatIsStillCorrectIsConfirmedAtOnceAndUndoAsksAgain() {
        assertThat(world.ines
                        .call("POST", address() + "/confirmation", Map.of(), version() + 1)
                        .status())
                .isEqualTo(412);
        assertThat(world.ines
                        .call("POST", address() + "/confirmation", Map.of(), version())
                        .status())
                .isEqualTo(200);
        assertThat(problems()).isEmpty();
        world.ines.post("/api/editions/" + world.edition + "/undo", Map.of());
        assertThat(unread()).containsExactly(CHEAP, SOON);
    }

    @Test
    void aTextThatWasNeverWrittenCannotBeConfirmed() {
        var build = world.desk().path("cards").path(0).path("build").asString();
        assertThat(world.ines
                        .call(
                                "POST",
                                "/api/editions/" + world.edition + "/texts/BUILD/" + build + "/confirmation",
                                Map.of(),
                                0)
                        .status())
                .isEqualTo(422);
    }
}
