package lowfield.server.pricesheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import lowfield.server.kit.Caller;
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A month later: what was typed has lapsed, and is confirmed as it last counted. */
class ConfirmationsTest {
    private static final AtomicInteger NEXT = new AtomicInteger();
    private static final String CASE = "hollowell-byre-m-black";
    private static final String CPU = "aldane-fennel-six";

    private final World desk = new World();
    private final PricesTaken prices = new PricesTaken(desk.stage);
    private World world;
    private String guide;

    @BeforeEach
    void aGuideWithoutShops() {
        var slug = desk.ines
                .post("/api/guides", Forms.guide("A month later " + NEXT.incrementAndGet(), List.of()))
                .json()
                .path("slug")
                .asString();
        desk.ines.post(
                "/api/guides/" + slug + "/editions",
                Map.of("period", "2026-12-01", "tiers", List.of(Forms.tier("Bosun", 84000, 92000))));
        world = desk.in(slug);
        guide = world.ines.get("/api/guides/" + slug).json().path("id").asString();
        world.choose("CASE", CASE);
    }

    @AfterEach
    void takeOut() {
        prices.out();
    }

    private Map<String, Object> price(long minor, int daysAgo) {
        var body = new HashMap<String, Object>();
        body.put("guide", guide);
        body.put("allGuides", false);
        body.put("condition", "NEW");
        body.put("stock", "IN_STOCK");
        body.put("priceMinor", minor);
        body.put("currency", "EUR");
        body.put("shippingMinor", 450);
        body.put("membersOnly", false);
        body.put("seenOn", LocalDate.now(ZoneId.of("UTC")).minusDays(daysAgo).toString());
        body.put("sure", true);
        return body;
    }

    private void type(String part, Map<String, Object> price) {
        var answer = world.ines.post("/api/parts/" + world.parts.get(part) + "/prices", price);
        assertThat(answer.status()).as(answer.detail()).isEqualTo(201);
    }

    private List<JsonNode> rows() {
        return world.ines
                .get("/api/editions/" + world.edition + "/price-sheet")
                .json()
                .valueStream()
                .toList();
    }

    private JsonNode row(String state) {
        return rows().stream()
                .filter(r -> r.path("state").asString().equals(state))
                .findFirst()
                .orElseThrow(() -> new AssertionError(state + " in " + rows()));
    }

    private Caller.Answer confirm(Stream<JsonNode> rows) {
        var shown = rows.map(r -> Map.of(
                        "key",
                        r.path("key").asString(),
                        "stands",
                        r.path("stands").asString()))
                .toList();
        return world.ines.post(path(), Map.of("prices", shown, "sure", false));
    }

    private String path() {
        return "/api/editions/" + world.edition + "/price-sheet/confirmations";
    }

    private static boolean isConfirmable(JsonNode row) {
        return !row.path("stands").asString("").isEmpty();
    }

    private long goods(String slot) {
        return world.line(slot).path("goods").path("minor").asLong();
    }

    @Test
    void whatCountedLastIsPutForwardAndCountsAgain() {
        type(CASE, price(6000, 31));
        assertThat(goods("CASE")).isZero();
        var row = row("LAPSED");
        assertThat(row.path("last").path("minor").asLong()).isEqualTo(6000);
        assertThat(row.path("last").path("condition").asString()).isEqualTo("new");
        // A day that is typed is taken at noon: before noon a day less has passed.
        assertThat(row.path("why").asString()).containsPattern("seen 3[01] days ago");
        assertThat(confirm(Stream.of(row)).status()).isEqualTo(201);
        assertThat(goods("CASE")).isEqualTo(6000);
        assertThat(world.line("CASE").path("offer").path("shippingMinor").asLong())
                .isEqualTo(450);
    }

    /** What is out does not change: its confirmations stand. */
    @Test
    void nothingOfAPublishedEditionIsUndone() {
        world.choose("GRAPHICS_CARD", "merrowby-vane-five-8-gb-black");
        packageOf(List.of("CASE", "GRAPHICS_CARD"), Instant.now().minus(40, ChronoUnit.DAYS));
        var done = confirm(Stream.of(row("PACKAGE")));
        assertThat(done.status()).as(done.detail()).isEqualTo(201);
        var confirmation = path() + "/" + done.json().path("id").asString();
        world.publish();
        var undone = world.ines.call("DELETE", confirmation, null, null);
        assertThat(undone.status()).isEqualTo(409);
        assertThat(undone.detail()).contains("is published and does not change");
    }

    @Test
    void whatTheGuidesPolicyExcludesIsNeverPutForward() {
        var used = price(1200, 31);
        used.put("condition", "USED");
        type(CASE, used);
        var members = price(1100, 31);
        members.put("membersOnly", true);
        type(CASE, members);
        var row = row("MISSING");
        assertThat(row.path("last").isObject()).isFalse();
        assertThat(row.path("stands").asString()).isEmpty();
        assertThat(confirm(Stream.of(row)).detail()).contains("Nothing was confirmed");
        var other = price(6000, 33);
        other.put("seller", "Pier Parts");
        type(CASE, other);
        assertThat(row("LAPSED").path("last").path("minor").asLong()).isEqualTo(6000);
    }

    @Test
    void aPinnedUsedOfferIsConfirmedAsItIs() {
        var used = price(2900, 31);
        used.put("condition", "USED");
        used.put("seller", "Liv Aspen");
        used.put("sellerIsPerson", true);
        var answer = world.ines.post(
                "/api/editions/" + world.edition + "/lines/"
                        + world.line("CASE").path("id").asString() + "/prices",
                Map.of(
                        "part",
                        world.parts.get(CASE),
                        "price",
                        used,
                        "admitAt",
                        "LINE",
                        "pin",
                        true,
                        "why",
                        "tested at our counter"));
        assertThat(answer.status()).as(answer.detail()).isEqualTo(201);
        var row = row("PINNED");
        assertThat(row.path("last").path("seller").asString()).isEqualTo("Liv Aspen");
        assertThat(row.path("last").path("condition").asString()).isEqualTo("used");
        assertThat(confirm(Stream.of(row)).status()).isEqualTo(201);
        assertThat(goods("CASE")).isEqualTo(2900);
        assertThat(world.line("CASE").path("offer").path("condition").asString())
                .isEqualTo("used");
    }

    private void packageOf(List<String> slots, Instant seenAt) {
        var members = slots.stream()
                .map(s -> Map.of("line", world.line(s).path("id").asString()))
                .toList();
        var pack = new HashMap<String, Object>();
        pack.put("id", UUID.randomUUID().toString());
        pack.put("name", "Harbour machine");
        pack.put("members", members);
        pack.put("priceMinor", 36900);
        pack.put("seenAt", seenAt.toString());
        var answer = world.ines.call(
                "PUT",
                "/api/editions/" + world.edition + "/builds/" + world.build + "/extras",
                Map.of("adjustments", List.of(), "packages", List.of(pack)),
                world.bench().path("card").path("version").asInt());
        assertThat(answer.status()).as(answer.detail()).isLessThan(300);
    }

    private long oldPrices() {
        return world.desk()
                .path("wanted")
                .valueStream()
                .filter(w -> w.path("what").asString().contains("days old"))
                .count();
    }

    @Test
    void aPackageIsOneRowAndOneMatterHoweverManyLinesItHas() {
        world.choose("GRAPHICS_CARD", "merrowby-vane-five-8-gb-black");
        packageOf(List.of("CASE", "GRAPHICS_CARD"), Instant.now().minus(31, ChronoUnit.DAYS));
        var row = row("PACKAGE");
        assertThat(row.path("name").asString()).isEqualTo("Harbour machine");
        assertThat(row.path("uses")).hasSize(2);
        var old = world.ines
                .get("/api/editions/" + world.edition + "/publish-checks")
                .json()
                .toString();
        assertThat(old.split("days old", -1)).hasSizeLessThanOrEqualTo(2);
        assertThat(confirm(Stream.of(row)).status()).isEqualTo(201);
        assertThat(Instant.parse(row("PACKAGE").path("last").path("seenAt").asString()))
                .isAfter(Instant.now().minusSeconds(60));
    }

    @Test
    void oneActConfirmsAllOfThemAndOneTakesAllBack() {
        type(CASE, price(6000, 31));
        world.choose("PROCESSOR", CPU);
        type(CPU, price(16000, 31));
        world.edit(
                world.ines,
                world.line("SYSTEM_DRIVE"),
                Map.of("choice", Map.of("type", "FREE_HAND", "name", "Shelf drive", "priceMinor", 4900)));
        var all = rows().stream().filter(ConfirmationsTest::isConfirmable).toList();
        assertThat(all).hasSize(3);
        var before = row("UNLISTED").path("last").path("seenAt").asString();
        var confirmed = confirm(all.stream());
        assertThat(confirmed.status()).isEqualTo(201);
        assertThat(confirmed.json().path("prices").asInt()).isEqualTo(3);
        assertThat(goods("CASE")).isEqualTo(6000);
        assertThat(goods("PROCESSOR")).isEqualTo(16000);
        assertThat(row("UNLISTED").path("last").path("seenAt").asString()).isNotEqualTo(before);
        var back = world.ines.call(
                "DELETE", path() + "/" + confirmed.json().path("id").asString(), null, null);
        assertThat(back.status()).isEqualTo(204);
        assertThat(goods("CASE")).isZero();
        assertThat(goods("PROCESSOR")).isZero();
        assertThat(row("UNLISTED").path("last").path("seenAt").asString()).isEqualTo(before);
        assertThat(world.ines
                        .call(
                                "DELETE",
                                path() + "/" + confirmed.json().path("id").asString(),
                                null,
                                null)
                        .status())
                .isEqualTo(409);
    }

    /** What a shop said is confirmed for the guide alone, and the shop's next word takes over. */
    @Test
    void whatAShopSaidLastIsConfirmedForTheGuideAlone() {
        desk.filled().round();
        var seen = World.line(desk.bench(), "CASE").path("goods").path("minor").asLong();
        var old = price(seen, 31);
        old.put(
                "shop",
                desk.ines
                        .get("/api/guides/" + desk.slug)
                        .json()
                        .path("shops")
                        .get(0)
                        .asString());
        old.remove("shippingMinor");
        type(CASE, old);
        assertThat(rows().stream().filter(r -> r.path("state").asString().equals("LAPSED")))
                .isEmpty();
    }

    @Test
    void aRowThatChangedMeanwhileConfirmsNothing() {
        type(CASE, price(6000, 31));
        world.choose("PROCESSOR", CPU);
        type(CPU, price(16000, 31));
        var shown = new ArrayList<>(rows());
        type(CASE, price(6600, 30));
        var answer = confirm(shown.stream().filter(ConfirmationsTest::isConfirmable));
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.detail()).contains("byre", "Nothing was confirmed");
        assertThat(goods("PROCESSOR")).isZero();
    }

    @Test
    void nothingAndNonsenseAreRefused() {
        assertThat(world.ines
                        .post(path(), Map.of("prices", List.of(), "sure", false))
                        .status())
                .isEqualTo(422);
        assertThat(world.ines
                        .post(path(), Map.of("prices", List.of(Map.of("key", "x", "stands", "y")), "sure", false))
                        .status())
                .isEqualTo(409);
        assertThat(world.ines
                        .call("DELETE", path() + "/" + UUID.randomUUID(), null, null)
                        .status())
                .isEqualTo(404);
    }
}
