package lowfield.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import lowfield.core.RuleBroken;
import lowfield.server.accounts.Accounts;
import lowfield.server.accounts.Person;
import org.jooq.DSLContext;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AccountsTest {
    private final World world = new World();

    @Test
    void nothingIsShownWithoutASession() {
        var nobody = new Caller(world.stage.desk());
        var answer = nobody.get("/api/guides");
        assertThat(answer.status()).isEqualTo(401);
        assertThat(answer.type()).isEqualTo("/problems/signed-out");
        assertThat(nobody.get("/actuator/env").status()).isIn(401, 403);
    }

    /** Reading writes nothing: when a session was used is noted once a minute. */
    @Test
    void aSessionIsNotedAsUsedOnceAMinute() {
        var db = world.stage.bean(DSLContext.class);
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
    void changesNeedTheTokenOfThisSite() {
        assertThat(world.ines.forged("POST", "/api/guides", "{}").status()).isEqualTo(403);
        assertThat(world.ines.forged("DELETE", "/api/session", "").status()).isEqualTo(403);
    }

    @Test
    void editorsDoNotAddPeople() {
        assertThat(world.ines.get("/api/accounts").status()).isEqualTo(200);
        assertThat(world.tom.get("/api/accounts").status()).isEqualTo(403);
        var person =
                Map.of("email", "x@tidewater.example", "name", "X", "password", "long enough it is", "role", "OWNER");
        assertThat(world.tom.post("/api/accounts", person).status()).isEqualTo(403);
    }

    @Test
    void guessingIsSlowedDown() {
        world.person("patient", Person.Role.EDITOR);
        var guesser = new Caller(world.stage.desk());
        for (int i = 0; i < 5; i++) {
            assertThat(guess(guesser, "wrong").detail()).contains("do not go together");
        }
        assertThat(guess(guesser, "ten letters at least").detail()).contains("wait ten minutes");
    }

    private static Caller.Answer guess(Caller guesser, String password) {
        return guesser.post("/api/session", Map.of("email", "patient@tidewater.example", "password", password));
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
        "c@d.example, A, '', password has"
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
