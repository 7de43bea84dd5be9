package lowfield.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.util.Map;
import lowfield.server.kit.Caller;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** What owners do about people, and everybody about their own account. */
class PeopleTest extends PeopleCase {
    private static final String FRESH = "a heron on the slipway";

    private static String token(Caller.Answer link) {
        return link.json().path("token").asString();
    }

    private Caller.Answer use(Caller who, String token, String password) {
        return who.post("/api/links/use", Map.of("token", token, "password", password));
    }

    @Test
    void anInvitedPersonSetsTheirOwnPassword() {
        var token = token(invited());
        var helper = nobody();
        assertThat(helper.post("/api/session", Map.of("email", email(), "password", ""))
                        .status())
                .as("no password yet")
                .isEqualTo(422);
        var read = helper.post("/api/links/read", Map.of("token", token)).json();
        assertThat(read.path("name").asString()).isEqualTo(name);
        assertThat(read.path("isInvitation").asBoolean()).isTrue();
        assertThat(use(helper, token, "short").detail()).contains("password has");
        assertThat(use(helper, token, FRESH).status()).isEqualTo(200);
        assertThat(helper.get("/api/guides").status()).isEqualTo(200);
        assertThat(nobody().signIn(email(), FRESH).get("/api/guides").status()).isEqualTo(200);
    }

    @Test
    void aLinkWorksOnceAndOnlyWhileItHolds() {
        var token = token(invited());
        assertThat(use(nobody(), token, FRESH).status()).isEqualTo(200);
        assertThat(use(nobody(), token, FRESH + " again").detail()).contains("has been used");
        var id = db.fetchSingle("select id from account where email = ?", email())
                .get(0, String.class);
        var recovery = token(world.ines.post("/api/people/" + id + "/links", Map.of()));
        db.execute("update account_link set ends_at = now() - interval '1 second' where account_id = ?::uuid", id);
        assertThat(use(nobody(), recovery, FRESH + " again").detail()).contains("has ended");
        assertThat(use(nobody(), "AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA", FRESH).detail())
                .contains("no link of this desk");
    }

    @Test
    void aNewLinkEndsTheOneBefore() {
        var link = invited();
        var id = link.json().path("person").asString();
        var second = token(world.ines.post("/api/people/" + id + "/links", Map.of()));
        assertThat(use(nobody(), token(link), FRESH).detail()).contains("withdrawn");
        assertThat(use(nobody(), second, FRESH).status()).isEqualTo(200);
    }

    @Test
    void theLinkOfARemovedPersonOpensNothing() {
        var link = invited();
        var id = link.json().path("person").asString();
        assertThat(world.ines.call("DELETE", "/api/people/" + id, null, null).status())
                .isEqualTo(204);
        assertThat(use(nobody(), token(link), FRESH).status()).isEqualTo(422);
        assertThat(invited().status()).as("the address is free again").isEqualTo(201);
    }

    @Test
    void aRecoveryEndsTheSessionsThatWereOpen() {
        var helper = world.person(name, Person.Role.EDITOR);
        var token = token(world.ines.post("/api/people/" + id(helper) + "/links", Map.of()));
        assertThat(use(nobody(), token, FRESH).status()).isEqualTo(200);
        assertThat(helper.get("/api/guides").status()).isEqualTo(401);
    }

    @Test
    void aPasswordIsChangedByWhoKnowsTheOldOne() {
        var helper = world.person(name, Person.Role.EDITOR);
        var elsewhere = nobody().signIn(email(), OLD);
        assertThat(change(helper, "something else", FRESH).detail()).contains("old password is another");
        assertThat(change(helper, OLD, "123456789012").detail()).contains("easily guessed");
        assertThat(change(helper, OLD, "x".repeat(80)).detail()).contains("password has");
        assertThat(change(helper, OLD, OLD).detail()).contains("is the old one");
        assertThat(change(helper, OLD, FRESH).status()).isEqualTo(204);
        assertThat(helper.get("/api/guides").status()).isEqualTo(200);
        assertThat(elsewhere.get("/api/guides").status())
                .as("other sessions end")
                .isEqualTo(401);
        assertThat(nobody().signIn(email(), FRESH).get("/api/guides").status()).isEqualTo(200);
    }

    private static Caller.Answer change(Caller who, String old, String fresh) {
        return who.call("PUT", "/api/account/password", Map.of("old", old, "fresh", fresh), null);
    }

    @Test
    void theOldPasswordCannotBeGuessedThroughAnOpenSession() {
        var helper = world.person(name, Person.Role.EDITOR);
        for (int i = 0; i < 5; i++) {
            assertThat(change(helper, "guess " + i, FRESH).status()).isEqualTo(422);
        }
        assertThat(change(helper, OLD, FRESH).status()).isEqualTo(429);
    }

    @Timeout(value = 30, threadMode = Timeout.ThreadMode.SEPARATE_THREAD)
    @Test
    void aRemovedPersonIsOutEverywhereAtOnceAndKeepsTheirNameInHistory() throws IOException {
        var helper = world.person(name, Person.Role.EDITOR);
        world.edit(helper, world.line("CASE"), Map.of("note", "mind the dust"));
        try (var stream = helper.listening("/api/editions/" + world.edition + "/changes")) {
            assertThat(world.ines
                            .call("DELETE", "/api/people/" + id(helper), null, null)
                            .status())
                    .isEqualTo(204);
            assertThatThrownBy(() -> listenOn(stream)).isInstanceOf(IOException.class);
        }
        assertThat(helper.get("/api/guides").status()).isEqualTo(401);
        assertThat(helper.post("/api/session", Map.of("email", email(), "password", OLD))
                        .status())
                .isEqualTo(422);
        assertThat(world.ines
                        .get("/api/editions/" + world.edition + "/builds/" + world.build + "/history")
                        .text())
                .contains(name);
    }

    /** Listens until the line is closed. */
    private static void listenOn(Caller.Listening stream) throws IOException {
        while (true) {
            stream.next();
        }
    }

    @Timeout(value = 30, threadMode = Timeout.ThreadMode.SEPARATE_THREAD)
    @Test
    void aStreamEndsWithItsSession() throws IOException {
        var helper = world.person(name, Person.Role.EDITOR);
        try (var stream = helper.listening("/api/editions/" + world.edition + "/changes")) {
            helper.call("DELETE", "/api/session", null, null);
            assertThatThrownBy(() -> listenOn(stream)).isInstanceOf(IOException.class);
        }
    }

    /** Each operation of the interface that is not for everybody, with the session of somebody who was removed. */
    @Test
    void theSessionOfARemovedPersonOpensNothing() {
        var helper = world.person(name, Person.Role.OWNER);
        var session = id(helper);
        var paths = world.ines.get("/api/openapi").json().path("paths");
        // As if the session had survived: only the account is gone.
        db.execute("update account set removed_at = now() where id = ?::uuid", session);
        var asked = new java.util.concurrent.atomic.AtomicInteger();
        paths.propertyStream()
                .filter(p -> !p.getKey().matches("/api/(session|accounts/first|links/.*)"))
                .forEach(p -> p.getValue().propertyNames().forEach(method -> {
                    var path = p.getKey().replaceAll("\\{[^}]+}", "00000000-0000-4000-8000-000000000000");
                    var answer = helper.call(method.toUpperCase(java.util.Locale.ROOT), path, Map.of(), 1);
                    assertThat(answer.status()).as(method + " " + p.getKey()).isIn(401, 403);
                    asked.incrementAndGet();
                }));
        assertThat(asked).hasValueGreaterThan(60);
    }
}
