package lowfield.server.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Addresses of shops' lists: tried before they are kept, and told when they are wrong. */
class FeedAddressesTest extends FeedCase {
    @Test
    void anAddressIsTriedBeforeAnythingIsSaved() {
        var page = world.ines
                .post(
                        "/api/shops/trial",
                        Map.of(
                                "name",
                                "T",
                                "host",
                                "turnstone.example",
                                "currency",
                                "EUR",
                                "list",
                                false,
                                "path",
                                "/p/merrowby-vane-eight-16-gb-boxed-return"))
                .json();
        assertThat(page.path("offers").get(0).path("condition").asString()).isEqualTo("refurbished");
        assertThat(page.path("offers").get(0).path("from").asString()).contains("the page's elements");
        var columns = world.ines
                .post(
                        "/api/shops/trial",
                        Map.of(
                                "name",
                                "M",
                                "host",
                                "millrace.example",
                                "currency",
                                "EUR",
                                "list",
                                true,
                                "path",
                                "/export/list.tsv"))
                .json()
                .path("columns");
        assertThat(columns.valueStream().map(JsonNode::asString)).contains("gtin", "amount", "url");
        var refused = world.ines
                .post(
                        "/api/shops/trial",
                        Map.of(
                                "name",
                                "L",
                                "host",
                                "localhost.localdomain",
                                "currency",
                                "EUR",
                                "list",
                                false,
                                "path",
                                "/"))
                .json();
        assertThat(refused.path("sentences").get(0).asString()).containsAnyOf("private address", "not known");
        assertThat(world.ines
                        .post(
                                "/api/shops/trial",
                                Map.of("name", "L", "host", "127.0.0.1", "currency", "EUR", "list", false, "path", "/"))
                        .status())
                .isEqualTo(422);
    }

    /** As one that was set up before addresses were checked. */
    @Test
    void anAddressWithASpaceIsToldAndTheRoundEnds() {
        set(FEED, version());
        store("jsonb_set(feed, '{path}', '\"/export/my list.tsv\"')");
        var round = world.round();
        assertThat(feed(round).path("state").asString()).isEqualTo("FAILED");
        assertThat(feed(round).path("sentence").asString()).contains("/export/my list.tsv", "is no address");
    }

    @Test
    void anAddressWithASpaceIsRefusedWhereItIsTyped() {
        var feed = new LinkedHashMap<String, Object>(FEED);
        feed.put("path", "/export/my list.tsv");
        assertThat(set(feed, version()).detail()).contains("not a path", "%20");
    }

    /** Not even what is stored of the shop can be read: the visit is tried three times and left, and the round ends. */
    @Test
    void aVisitThatFailsInAnUnforeseenWayIsLeftAfterThreeTries() {
        set(FEED, version());
        store("'{\"path\": \"/x\", \"format\": \"NONE\", \"columns\": {}}'");
        try {
            var round = world.round();
            assertThat(round.path("state").asString()).isEqualTo("DONE");
            assertThat(feed(round).path("state").asString()).isEqualTo("FAILED");
            assertThat(feed(round).path("sentence").asString()).contains("unforeseen way", "was left");
        } finally {
            store("null");
        }
    }

    private void store(String feed) {
        world.stage
                .bean(org.jooq.DSLContext.class)
                .execute("update shop set feed = " + feed + " where host = 'millrace.example'");
    }
}
