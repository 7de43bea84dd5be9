package lowfield.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lowfield.server.kit.Caller;
import lowfield.server.kit.TestCluster;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** The second factor: set up, asked for, lost and recovered. */
class SecondFactorTest extends PeopleCase {
    private static final String ON = "/api/account/second-factor";
    private byte[] secret = new byte[0];
    private List<String> codes = List.of();

    @AfterEach
    void askItOfNobody() {
        db.execute("update desk set second_factor_required = false");
    }

    private Caller helper() {
        return world.person(name, Person.Role.EDITOR);
    }

    /** The code of a step from now. */
    private String code(int away) {
        return OneTimeCodes.of(secret, Instant.now().getEpochSecond() / 30 + away);
    }

    private Caller.Answer confirm(Caller who, String code) {
        return who.call("PUT", ON, Map.of("code", code), null);
    }

    /** With the code of the step before, so that the present one is still to be used. */
    private void turnOn(Caller who) {
        secret = new Base32().decode(who.post(ON, "").json().path("secret").asString());
        var answer = confirm(who, code(-1));
        assertThat(answer.status()).isEqualTo(200);
        codes = answer.json().path("codes").valueStream().map(c -> c.asString()).toList();
    }

    private Caller.Answer signIn(Caller who, String code) {
        return who.post("/api/session", Map.of("email", email(), "password", OLD, "code", code));
    }

    private boolean isIn(Caller who) {
        return who.get("/api/guides").status() == 200;
    }

    @Test
    void theRightPasswordAsksForACodeAndOpensNothing() {
        turnOn(helper());
        var browser = nobody();
        var asked = browser.post("/api/session", Map.of("email", email(), "password", OLD));
        assertThat(asked.json().path("needsCode").asBoolean()).isTrue();
        assertThat(asked.json().path("person").isNull()).isTrue();
        assertThat(isIn(browser)).isFalse();
        assertThat(browser.post("/api/session", Map.of("email", email(), "password", "another one entirely"))
                        .status())
                .as("a wrong password asks for nothing")
                .isEqualTo(422);
        assertThat(signIn(browser, code(0)).status()).isEqualTo(200);
        assertThat(isIn(browser)).isTrue();
    }

    @Test
    void aCodeCountsOnceAndForAMinute() {
        turnOn(helper());
        assertThat(signIn(nobody(), "000000").detail()).contains("does not fit");
        assertThat(signIn(nobody(), code(-4)).detail()).contains("does not fit");
        var present = code(0);
        assertThat(signIn(nobody(), present).status()).isEqualTo(200);
        assertThat(signIn(nobody(), present).detail()).contains("does not fit");
        assertThat(world.ines.get("/api/people/log").text()).contains("CODE_FAILED");
    }

    @Test
    void guessingCodesIsBounded() {
        turnOn(helper());
        for (int i = 0; i < 5; i++) {
            assertThat(signIn(nobody(), "00000" + i).status()).isEqualTo(422);
        }
        assertThat(signIn(nobody(), code(0)).status()).isEqualTo(429);
    }

    @Test
    void aRecoveryCodeStandsInForTheAppOnce() {
        var helper = helper();
        turnOn(helper);
        assertThat(codes).hasSize(10).doesNotHaveDuplicates();
        var browser = nobody();
        assertThat(signIn(browser, codes.get(0).toUpperCase(java.util.Locale.ROOT))
                        .status())
                .isEqualTo(200);
        assertThat(browser.get(ON).json().path("codesLeft").asInt()).isEqualTo(9);
        assertThat(signIn(nobody(), codes.get(0)).status()).isEqualTo(422);
        var fresh = browser.post(ON + "/recovery-codes", "").json().path("codes");
        assertThat(signIn(nobody(), codes.get(1)).status()).as("of before").isEqualTo(422);
        assertThat(signIn(nobody(), fresh.get(0).asString()).status()).isEqualTo(200);
    }

    @Test
    void itIsOnOnlyAfterItsFirstCode() {
        var helper = helper();
        secret = new Base32().decode(helper.post(ON, "").json().path("secret").asString());
        assertThat(confirm(helper, "123").detail()).contains("check the clock");
        assertThat(nobody().signIn(email(), OLD).get("/api/guides").status())
                .as("not on yet")
                .isEqualTo(200);
        assertThat(confirm(helper, code(0)).status()).isEqualTo(200);
        assertThat(helper.post(ON, "").detail()).contains("turn it off");
    }

    @Test
    void whoLostEverythingIsHelpedByAnOwner() {
        var helper = helper();
        turnOn(helper);
        var path = "/api/people/" + id(helper) + "/second-factor";
        assertThat(helper.call("DELETE", path, null, null).status()).isEqualTo(403);
        assertThat(world.ines.call("DELETE", path, null, null).status()).isEqualTo(204);
        assertThat(nobody().signIn(email(), OLD).get("/api/guides").status()).isEqualTo(200);
        assertThat(world.ines.call("DELETE", path, null, null).detail()).contains("off already");
    }

    /** A link of the machine's console ends it; one of an owner does not. */
    @Test
    void aLoneOwnerIsHelpedByTheConsole() {
        var helper = helper();
        turnOn(helper);
        var id = UUID.fromString(id(helper));
        var links = world.stage.bean(OneTimeLinks.class);
        var ofAnOwner = world.ines
                .post("/api/people/" + id + "/links", Map.of())
                .json()
                .path("token")
                .asString();
        var browser = nobody();
        browser.post("/api/links/use", Map.of("token", ofAnOwner, "password", OLD + " once"));
        assertThat(isIn(browser)).as("a link is no code").isFalse();
        assertThat(nobody().post("/api/session", Map.of("email", email(), "password", OLD + " once"))
                        .json()
                        .path("needsCode")
                        .asBoolean())
                .isTrue();
        var ofTheConsole =
                links.make(OneTimeLinks.Purpose.RECOVERY, java.util.Optional.of(id), java.util.Optional.empty());
        nobody().post("/api/links/use", Map.of("token", ofTheConsole.token(), "password", OLD));
        assertThat(nobody().signIn(email(), OLD).get("/api/guides").status()).isEqualTo(200);
    }

    @Test
    void anOwnerMayAskItOfAll() {
        var helper = helper();
        var rule = "/api/people/second-factor";
        assertThat(world.ines.call("PUT", rule, Map.of("required", true), null).detail())
                .contains("your own");
        turnOn(world.ines);
        assertThat(helper.call("PUT", rule, Map.of("required", true), null).status())
                .isEqualTo(403);
        assertThat(world.ines.call("PUT", rule, Map.of("required", true), null).status())
                .isEqualTo(204);
        var refused = helper.get("/api/guides");
        assertThat(refused.type()).isEqualTo("/problems/factor-needed");
        assertThat(helper.get("/api/session").json().path("needsFactor").asBoolean())
                .isTrue();
        assertThat(helper.get("/api/account/sessions").status()).isEqualTo(200);
        turnOn(helper);
        assertThat(isIn(helper)).isTrue();
        assertThat(helper.call("DELETE", ON, null, null).detail()).contains("Everybody at this desk");
    }

    @Test
    void whatOwnersMayDoAsksForThePasswordAgainAfterAWhile() {
        // Sessions are kept as bytes; those of before are as if the password had been entered long ago.
        db.execute("delete from spring_session_attributes where attribute_name = 'password-entered-at'");
        var refused = invited();
        assertThat(refused.type()).isEqualTo("/problems/password-again");
        assertThat(world.ines.post(ON, "").type()).isEqualTo("/problems/password-again");
        assertThat(world.ines
                        .post("/api/session/password", Map.of("password", "not this one"))
                        .detail())
                .contains("not your password");
        assertThat(world.ines
                        .post("/api/session/password", Map.of("password", OLD))
                        .status())
                .isEqualTo(204);
        assertThat(invited().status()).isEqualTo(201);
    }

    /** A cookie that somebody planted, with a header to match, is not the session's own. */
    @Test
    void aPlantedTokenCountsForNothing() {
        var helper = helper();
        var planted = UUID.randomUUID().toString();
        helper.cookie("XSRF-TOKEN", planted);
        assertThat(helper.post("/api/session/password", Map.of("password", OLD)).status())
                .isEqualTo(403);
        assertThat(TestCluster.single(
                        world.stage.cluster.owner, "select count(*) from account where email = '" + email() + "'"))
                .isEqualTo("1");
    }
}
