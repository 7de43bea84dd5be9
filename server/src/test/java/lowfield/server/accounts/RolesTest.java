package lowfield.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import lowfield.server.kit.TestCluster;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What owners, editors and readers of a desk may do. */
class RolesTest extends PeopleCase {
    @Test
    void aRoleHoldsFromTheNextRequestOn() {
        var helper = world.person(name, Person.Role.EDITOR);
        assertThat(helper.get("/api/people").status()).isEqualTo(403);
        role(helper, "OWNER");
        assertThat(helper.get("/api/people").status()).isEqualTo(200);
        role(helper, "EDITOR");
        assertThat(helper.get("/api/people").status()).isEqualTo(403);
    }

    /** Whatever the others of this run did: here there is one owner left, and the last one stays. */
    @Test
    void theLastOwnerStays() {
        var others = db.resultQuery(
                        "update account set role = 'editor' where role = 'owner' and removed_at is null and id <> ?::uuid returning id",
                        id(world.ines))
                .fetch(0, String.class);
        try {
            assertThat(world.ines
                            .call("DELETE", "/api/people/" + id(world.ines), null, null)
                            .detail())
                    .contains("only owner");
            assertThat(world.ines
                            .call("PUT", "/api/people/" + id(world.ines) + "/role", Map.of("role", "EDITOR"), null)
                            .detail())
                    .contains("only owner");
            world.ines.post("/api/people", Map.of("email", email(), "name", name, "role", "OWNER"));
            assertThat(world.ines
                            .call("DELETE", "/api/people/" + id(world.ines), null, null)
                            .detail())
                    .as("an invited owner cannot sign in yet")
                    .contains("only owner");
        } finally {
            others.forEach(o -> db.execute("update account set role = 'owner' where id = ?::uuid", o));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/people", "/api/people/log"})
    void editorsDoNotReadOfPeople(String path) {
        assertThat(world.ines.get(path).status()).isEqualTo(200);
        assertThat(world.tom.get(path).status()).isEqualTo(403);
    }

    @ParameterizedTest
    @CsvSource({"POST, ''", "POST, /{id}/links", "PUT, /{id}/role", "DELETE, /{id}", "DELETE, /{id}/sessions"})
    void editorsDoNotChangePeople(String method, String path) {
        var answer = world.tom.call(
                method,
                "/api/people" + path.replace("{id}", id(world.ines)),
                Map.of("email", email(), "name", name, "role", "OWNER"),
                null);
        assertThat(answer.status()).isEqualTo(403);
    }

    @Test
    void sessionsAreListedAndEnded() {
        var here = world.person(name, Person.Role.EDITOR);
        var there = nobody().signIn(email(), OLD);
        var listed = here.get("/api/account/sessions").json();
        assertThat(listed).hasSize(2);
        assertThat(listed.findValuesAsString("network")).containsOnly("127.0.0.0/24");
        var other = listed.valueStream()
                .filter(s -> !s.path("isThis").asBoolean())
                .findFirst()
                .orElseThrow();
        var path = "/api/account/sessions/" + other.path("key").asString();
        assertThat(world.tom.call("DELETE", path, null, null).status())
                .as("somebody else's")
                .isEqualTo(404);
        assertThat(here.call("DELETE", path, null, null).status()).isEqualTo(204);
        assertThat(there.get("/api/guides").status()).isEqualTo(401);
        there.signIn(email(), OLD);
        assertThat(here.call("DELETE", "/api/account/sessions", null, null).status())
                .isEqualTo(204);
        assertThat(there.get("/api/guides").status()).isEqualTo(401);
        assertThat(here.get("/api/guides").status()).isEqualTo(200);
    }

    /** What was typed may be somebody's address: the same typed again is known by its mark, and nothing else of it. */
    @Test
    void refusalsAreLoggedAndTypedAddressesAreNot() {
        var typed = "stranger-" + name + "@tidewater.example";
        for (int time = 0; time < 2; time++) {
            nobody().post("/api/session", Map.of("email", typed, "password", "wrong guess"));
        }
        nobody().post("/api/links/use", Map.of("token", "none", "password", "barrel organ under snow"));
        var helper = world.person(name, Person.Role.EDITOR);
        assertThat(helper.get("/api/people").status()).isEqualTo(403);
        var log = world.ines.get("/api/people/log").json();
        assertThat(log.toString()).doesNotContain(typed);
        assertThat(log.valueStream()
                        .filter(l -> l.path("event").asString().equals("SIGN_IN_FAILED"))
                        .filter(l -> l.path("about").asString().matches("[0-9a-f]{8}"))
                        .limit(2)
                        .map(l -> l.path("about").asString())
                        .distinct())
                .hasSize(1);
        assertThat(log.findValuesAsString("event")).contains("LINK_FAILED", "REFUSED");
    }

    @Test
    void theLogTellsOwnersWhatHappenedAndForgetsWhereFrom() {
        var helper = world.person(name, Person.Role.EDITOR);
        nobody().post("/api/session", Map.of("email", email(), "password", "wrong guess"));
        role(helper, "OWNER");
        role(helper, "EDITOR");
        var log = world.ines.get("/api/people/log").json();
        var mine = log.valueStream()
                .filter(l -> l.path("name").asString("").equals(name))
                .toList();
        assertThat(mine)
                .extracting(l -> l.path("event").asString())
                .contains("SIGNED_IN", "SIGN_IN_FAILED", "ROLE_CHANGED");
        var failure = mine.stream()
                .filter(l -> l.path("event").asString().equals("SIGN_IN_FAILED"))
                .findFirst()
                .orElseThrow();
        assertThat(failure.path("place").asString()).hasSize(8).doesNotContain("127");
        TestCluster.execute(
                world.stage.cluster.owner,
                "update account_event set at = at - interval '25 hours' where place_hash is not null");
        assertThat(world.ines.get("/api/people/log").json().findValuesAsString("place"))
                .allMatch(p -> p.isEmpty() || p.equals("null"));
    }
}
