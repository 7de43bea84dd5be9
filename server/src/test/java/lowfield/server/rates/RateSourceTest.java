package lowfield.server.rates;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Where exchange rates come from can be set, looked at and taken back. */
class RateSourceTest {
    private final World world = new World();

    private int version() {
        return world.ines.get("/api/rates").json().path("version").asInt();
    }

    private Caller.Answer set(String address, int version) {
        return world.ines.call("PUT", "/api/rates", Map.of("address", address), version);
    }

    @AfterEach
    void theUsualAgain() {
        set("", version());
    }

    @Test
    void theUsualPlaceIsToldAndAskedNow() {
        var now = world.ines.get("/api/rates").json();
        assertThat(now.path("isUsual").asBoolean()).isTrue();
        var came = world.ines.post("/api/rates/refresh", Map.of()).json();
        assertThat(came.path("sentence").isMissingNode()
                        || came.path("sentence").isNull())
                .isTrue();
        assertThat(came.path("currencies").asInt()).isPositive();
        assertThat(came.path("day").asString()).isNotBlank();
    }

    @Test
    void anotherPlaceIsAskedFromThenOn() {
        var place = set("https://rates.example/nothing.xml?day=today", version());
        assertThat(place.json().path("isUsual").asBoolean()).isFalse();
        assertThat(world.ines
                        .post("/api/rates/refresh", Map.of())
                        .json()
                        .path("sentence")
                        .asString())
                .isNotBlank();
        assertThat(set("", version()).json().path("isUsual").asBoolean()).isTrue();
    }

    @Test
    void whoLookedAtAnotherVersionIsTold() {
        var before = version();
        set("https://rates.example/one.xml", before);
        assertThat(set("https://rates.example/two.xml", before).status()).isEqualTo(412);
        assertThat(world.ines.get("/api/rates").json().path("address").asString())
                .endsWith("one.xml");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "rates.example/daily.xml", "http://rates.example/daily.xml", "https://rates.example",
                "https://10.0.0.1/daily.xml", "https://localhost/daily.xml", "https://user@rates.example/daily.xml",
                "https://rates.example:8443/daily.xml", "https://rates.example/a b", "ftp://rates.example/daily.xml",
                "javascript:alert(1)"
            })
    void whatIsNoAddressIsRefused(String address) {
        var refused = set(address, version());
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("https://");
    }
}
