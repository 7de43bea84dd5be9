package lowfield.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import lowfield.core.RuleBroken;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.jooq.DSLContext;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Who gets in, and who is kept out. */
class SignInTest {
    private static final String RIGHT = "ten letters at least";

    private final World world = new World();
    private final DSLContext db = world.stage.bean(DSLContext.class);

    @BeforeEach
    @AfterEach
    void forgetWhatWasTried() {
        db.execute("delete from sign_in_throttle");
    }

    @Test
    void nothingIsShownWithoutASession() {
        var nobody = new Caller(world.stage.desk());
        var answer = nobody.get("/api/guides");
        assertThat(answer.status()).isEqualTo(401);
        assertThat(answer.type()).isEqualTo("/problems/signed-out");
        assertThat(nobody.get("/api/openapi").status()).isEqualTo(401);
        assertThat(nobody.get("/actuator/env").status()).isIn(401, 403);
    }

    /** Reading writes nothing: when a session was used is noted once a minute. */
    @Test
    void aSessionIsNotedAsUsedOnceAMinute() {
        var mine = "principal_name = '%s'"
                .formatted(world.ines
                        .get("/api/session")
                        .json()
                        .path("person")
                        .path("id")
                        .asString());
        var used = "select last_access_time from spring_session where " + mine;
        var before = db.resultQuery(used).fetchSingle(0, Long.class);
        assertThat(world.ines.get("/api/guides").status()).isEqualTo(200);
        assertThat(db.resultQuery(used).fetchSingle(0, Long.class)).isEqualTo(before);

        db.query("update spring_session set last_access_time = last_access_time - 61000 where " + mine)
                .execute();
        assertThat(world.ines.get("/api/guides").status()).isEqualTo(200);
        assertThat(db.resultQuery(used).fetchSingle(0, Long.class)).isGreaterThanOrEqualTo(before);
    }

    @Test
    void aSessionEndsWhenItIsTooOldHoweverMuchItIsUsed() {
        var person = world.person("old-session", Person.Role.EDITOR);
        db.execute(
                "update spring_session set creation_time = creation_time - 61 * 86400000::bigint where principal_name = ?",
                id(person));
        assertThat(person.get("/api/guides").status()).isEqualTo(401);
    }

    private static String id(Caller person) {
        return person.get("/api/session").json().path("person").path("id").asString();
    }

    @Test
    void changesNeedTheTokenOfThisSession() {
        assertThat(world.ines.forged("POST", "/api/guides", "{}").status()).isEqualTo(403);
        assertThat(world.ines.forged("DELETE", "/api/session", "").status()).isEqualTo(403);
        assertThat(world.ines
                        .withToken("6f0ef3c4-1c1c-4b7a-9d52-0f6a0a4d1e11")
                        .post("/api/guides", Map.of())
                        .status())
                .as("forged")
                .isEqualTo(403);
    }

    @Test
    void theTokenIsRenewedAtSignIn() {
        world.stage.bean(Accounts.class).create("renewed@tidewater.example", "renewed", RIGHT, Person.Role.EDITOR);
        var person = new Caller(world.stage.desk());
        var before = person.token();
        person.signIn("renewed@tidewater.example", RIGHT);
        assertThat(person.token()).isNotEmpty().isNotEqualTo(before);
        assertThat(person.withToken(before)
                        .call("DELETE", "/api/account/sessions", null, null)
                        .status())
                .as("stale")
                .isEqualTo(403);
        assertThat(person.call("DELETE", "/api/account/sessions", null, null).status())
                .isEqualTo(204);
    }

    @Test
    void guessingIsSlowedDown() {
        world.person("patient", Person.Role.EDITOR);
        var guesser = new Caller(world.stage.desk());
        for (int i = 0; i < 5; i++) {
            assertThat(guess(guesser, "patient", "wrong").detail()).contains("do not go together");
        }
        var refused = guess(guesser, "patient", RIGHT);
        assertThat(refused.status()).isEqualTo(429);
        assertThat(refused.detail()).contains("wait ten minutes");
        assertThat(refused.raw().headers().firstValue("Retry-After")).contains("600");
    }

    /** A stranger who guesses keeps nobody out who has signed in from this browser before. */
    @Test
    void aStrangerLocksNobodyOut() {
        var person = world.person("regular", Person.Role.EDITOR);
        var stranger = new Caller(world.stage.desk());
        IntStream.range(0, 8).forEach(i -> guess(stranger, "regular", "wrong"));
        assertThat(guess(stranger, "regular", RIGHT).status()).isEqualTo(429);
        person.call("DELETE", "/api/session", null, null);
        assertThat(guess(person, "regular", RIGHT).status()).isEqualTo(200);
    }

    /** The mark of a known browser is good for the account it signed in to, and cannot be made up. */
    @Test
    void aKnownBrowserIsKnownForItsOwnAccountOnly() {
        var other = world.person("neighbour", Person.Role.EDITOR);
        world.person("victim", Person.Role.EDITOR);
        IntStream.range(0, 5).forEach(i -> guess(other, "victim", "wrong"));
        assertThat(guess(other, "victim", RIGHT).status()).isEqualTo(429);
        var forger = new Caller(world.stage.desk());
        forger.cookie("LOWFIELD_BROWSER", "11111111-1111-4111-8111-111111111111." + "a".repeat(64));
        assertThat(guess(forger, "victim", RIGHT).status()).isEqualTo(429);
    }

    /** Forty guesses at the same moment: no more are looked at than one after the other. */
    @Test
    void parallelGuessesDoNotSlipThrough() throws Exception {
        world.person("crowded", Person.Role.EDITOR);
        var guessers = IntStream.range(0, 40)
                .mapToObj(i -> new Caller(world.stage.desk()))
                .toList();
        var threads = Executors.newFixedThreadPool(40);
        try {
            var looked = 0;
            List<Callable<Integer>> guesses = guessers.stream()
                    .<Callable<Integer>>map(
                            g -> () -> guess(g, "crowded", "wrong").status())
                    .toList();
            for (var answer : threads.invokeAll(guesses)) {
                looked += answer.get() == 422 ? 1 : 0;
            }
            assertThat(looked).isEqualTo(5);
        } finally {
            threads.shutdownNow();
        }
    }

    private static Caller.Answer guess(Caller guesser, String name, String password) {
        return guesser.post("/api/session", Map.of("email", name + "@tidewater.example", "password", password));
    }

    @Test
    void theFirstAccountIsMadeOnce() {
        var again = new Caller(world.stage.desk())
                .post(
                        "/api/accounts/first",
                        Map.of(
                                "token",
                                "guessed",
                                "email",
                                "a@b.example",
                                "name",
                                "A",
                                "password",
                                "long enough it is"));
        assertThat(again.status()).isEqualTo(422);
        assertThat(again.detail()).contains("exists already");
    }

    @ParameterizedTest
    @CsvSource({
        "no-address, A, long enough it is, not an e-mail address",
        "a@b.example, '', long enough it is, name has",
        "c@d.example, A, short, password has",
        "c@d.example, A, '', password has",
        "c@d.example, A, 123456789012, easily guessed",
        "c@d.example, A, password1234, easily guessed",
        "c@d.example, A, aaaaaaaaaaaaaaa, easily guessed",
        "vollan@d.example, A, vollan@d.example, easily guessed",
        "c@d.example, A, 'seventy-three letters are more than the seventy-two that can be kept here.', password has",
        "c@d.example, A, 'ÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄÄ', password has"
    })
    void badAccountsAreToldWhy(String email, String name, String password, String why) {
        assertThatThrownBy(() -> world.stage.bean(Accounts.class).create(email, name, password, Person.Role.EDITOR))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining(why);
    }

    @Test
    void answersCarryTheHeadersThatKeepThePageSafe() {
        var headers = world.ines.get("/api/session").raw().headers();
        assertThat(headers.firstValue("Content-Security-Policy").orElse(""))
                .contains("default-src 'self'")
                .doesNotContain("unsafe");
        assertThat(headers.firstValue("X-Content-Type-Options")).contains("nosniff");
        assertThat(headers.firstValue("X-Frame-Options")).contains("DENY");
    }

    @Test
    void signingOutEndsTheSession() {
        var leaving = world.person("leaving", Person.Role.EDITOR);
        assertThat(leaving.call("DELETE", "/api/session", null, null).status()).isEqualTo(204);
        assertThat(leaving.get("/api/guides").status()).isEqualTo(401);
    }
}
