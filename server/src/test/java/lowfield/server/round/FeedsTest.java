package lowfield.server.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Shops' lists in rounds: with a shop whose list is set up on screen. */
class FeedsTest extends FeedCase {
    @Test
    void aListPricesPartsByTheirCodesAndMakesTheirPagesKnown() {
        assertThat(set(FEED, version()).status()).isEqualTo(200);
        var part = world.ines
                .post(
                        "/api/parts",
                        Map.of(
                                "kind",
                                "DRIVE",
                                "maker",
                                "Drumlin",
                                "family",
                                "",
                                "name",
                                "Weir 2 TB",
                                "variant",
                                "",
                                "gtin",
                                "205000018271",
                                "spec",
                                Map.of()))
                .json()
                .path("id")
                .asString();
        var round = world.round();
        assertThat(feed(round).path("state").asString()).isEqualTo("READ");
        assertThat(feed(round).path("rows").asInt()).isGreaterThan(100);
        assertThat(feed(round).path("matched").asInt()).isEqualTo(1);
        var history = world.ines.get("/api/parts/" + part + "/history").json();
        // A members' price is a price, but none that anyone could book.
        assertThat(history.path("accepted").size()).isZero();
        world.parts.put("listed", part);
        world.choose("SYSTEM_DRIVE", "listed");
        world.parts.remove("listed");
        assertThat(world.line("SYSTEM_DRIVE").path("goods").path("blame").get(0).asString())
                .contains("Millrace", "members only");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "DOWN | status 500",
                "LATE | took longer",
                "EMPTY | is empty",
                "TRUNCATED | hung up",
                "REDIRECT_PRIVATE | leads to another host",
                "LONG_LINE | a line of the list is longer than 200,000 letters",
                "GZIP_BOMB | a line of the list is longer than 200,000 letters"
            })
    void aBadListIsToldAndPagesAreReadAllTheSame(String mood, String sentence) {
        set(FEED, version());
        world.market("mood?host=millrace.example&path=/export/list.tsv&mood=" + mood);
        var round = world.round();
        assertThat(round.path("state").asString()).isEqualTo("DONE");
        assertThat(feed(round).path("state").asString()).isEqualTo("FAILED");
        assertThat(feed(round).path("sentence").asString()).contains(sentence);
        assertThat(round.path("read").asInt()).isEqualTo(round.path("pages").asInt());
    }

    /** The shop with the list comes to its end, and so does the other shop's turn in the same round. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"EMPTY_ARRAYS | more than 500,000 lines", "LONG_NUMBER | too long"})
    void aHostileListOfOneShopLeavesTheNextShopAlone(String mood, String sentence) {
        var json = new LinkedHashMap<String, Object>(FEED);
        json.put("format", "JSON");
        set(json, version());
        world.market("mood?host=millrace.example&path=/export/list.tsv&mood=" + mood);
        var round = world.round();
        assertThat(round.path("state").asString()).isEqualTo("DONE");
        assertThat(feed(round).toString()).contains(sentence);
        assertThat(round.path("failed").asInt()).isZero();
        assertThat(round.path("read").asInt()).isPositive();
    }

    @Test
    void aShopChangedMeanwhileIsNotWrittenOver() {
        var version = version();
        assertThat(set(FEED, version).status()).isEqualTo(200);
        assertThat(set(null, version).status()).isEqualTo(412);
        assertThat(set(Map.of("path", "x", "format", "TAB", "columns", Map.of()), version())
                        .status())
                .isEqualTo(422);
    }
}
