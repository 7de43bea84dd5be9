package lowfield.server.pricesheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** An offer seen anywhere, put on a line: what it would do is said before, and it counts where the author lets it. */
class LinePriceTypingTest {
    private static final String CARD = "merrowby-vane-five-8-gb-black";

    private final World world = new World();
    private final PricesTaken prices = new PricesTaken(world.stage);

    @BeforeEach
    void filled() {
        world.filled().round();
    }

    @AfterEach
    void takeOut() {
        prices.out();
    }

    private Map<String, Object> usedByAPerson() {
        var price = new HashMap<String, Object>();
        price.put(
                "guide",
                world.ines.get("/api/guides/" + world.slug).json().path("id").asString());
        price.put("allGuides", false);
        price.put("seller", "Liv Aspen");
        price.put("sellerIsPerson", true);
        price.put("condition", "USED");
        price.put("stock", "IN_STOCK");
        price.put("priceMinor", 14900);
        price.put("currency", "EUR");
        price.put("shippingMinor", 700);
        price.put("membersOnly", false);
        price.put("link", "https://quayboard.example/posts/9");
        price.put("sure", true);
        return price;
    }

    private JsonNode card() {
        return world.line("GRAPHICS_CARD");
    }

    private String path() {
        return "/api/editions/" + world.edition + "/lines/" + card().path("id").asString() + "/prices";
    }

    private JsonNode effect(Map<String, Object> price) {
        return world.ines
                .post(path() + "/trials", Map.of("part", world.parts.get(CARD), "price", price))
                .json();
    }

    private Caller.Answer add(Map<String, Object> price, Map<String, Object> how) {
        var body = new HashMap<String, Object>(how);
        body.put("part", world.parts.get(CARD));
        body.put("price", price);
        body.putIfAbsent("pin", false);
        return world.ines.post(path(), body);
    }

    @Test
    void whatItWouldDoIsSaidBeforeAndNothingIsKept() {
        var before = card().path("goods").path("minor").asLong();
        var effect = effect(usedByAPerson());
        assertThat(effect.path("why").get(0).asString()).isEqualTo("Your policy counts new goods only.");
        assertThat(effect.path("canBeAdmitted").asBoolean()).isTrue();
        assertThat(effect.path("isPrice").asBoolean()).isFalse();
        assertThat(effect.path("nowMinor").asLong()).isEqualTo(before);
        var fresh = usedByAPerson();
        fresh.put("condition", "NEW");
        fresh.put("priceMinor", before - 2000);
        fresh.remove("shippingMinor");
        assertThat(effect(fresh).path("why")).isEmpty();
        assertThat(effect(fresh).path("isShippingKnown").asBoolean()).isFalse();
        assertThat(card().path("goods").path("minor").asLong()).isEqualTo(before);
    }

    @Test
    void keptWithoutMoreItStandsBesideWhatCounts() {
        var before = card().path("goods").path("minor").asLong();
        assertThat(add(usedByAPerson(), Map.of()).status()).isEqualTo(201);
        assertThat(card().path("goods").path("minor").asLong()).isEqualTo(before);
    }

    @ParameterizedTest
    @ValueSource(strings = {"LINE", "TIER", "GUIDE"})
    void itCountsWhereTheAuthorLetsIt(String level) {
        var added = add(usedByAPerson(), Map.of("admitAt", level, "why", "tested at our counter"));
        assertThat(added.status()).as(added.detail()).isEqualTo(201);
        assertThat(card().path("goods").path("minor").asLong()).isEqualTo(14900);
        assertThat(card().path("offer").path("seller").asString()).isEqualTo("Liv Aspen");
        var guide = world.ines.get("/api/guides/" + world.slug).json().path("policy");
        assertThat(guide.path("conditions").toString().contains("USED")).isEqualTo(level.equals("GUIDE"));
        assertThat(card().path("policy").path("conditions").toString().contains("USED"))
                .isEqualTo(level.equals("LINE"));
    }

    @Test
    void aPinnedOneHoldsThoughAnotherIsCheaper() {
        var dear = usedByAPerson();
        dear.put("condition", "NEW");
        dear.put("priceMinor", 99900);
        assertThat(add(dear, Map.of("pin", true, "why", "the only one in stock here"))
                        .status())
                .isEqualTo(201);
        assertThat(card().path("goods").path("minor").asLong()).isEqualTo(99900);
        assertThat(card().path("heldWhy").asString()).isEqualTo("the only one in stock here");
        dear.put("priceMinor", 100);
        assertThat(effect(dear).path("isPinned").asBoolean()).isTrue();
        assertThat(effect(dear).path("isPrice").asBoolean()).isFalse();
    }

    @Test
    void withoutAReasonNothingIsKept() {
        var before = card().path("goods").path("minor").asLong();
        assertThat(add(usedByAPerson(), Map.of("admitAt", "LINE")).detail()).contains("Say why");
        assertThat(add(usedByAPerson(), Map.of("pin", true)).detail()).contains("Say why");
        assertThat(prices.kept()).isZero();
        assertThat(card().path("goods").path("minor").asLong()).isEqualTo(before);
    }

    @Test
    void aPriceOfAnotherGuideIsNoneForThisLine() {
        var other = new World();
        var price = usedByAPerson();
        price.put(
                "guide",
                other.ines.get("/api/guides/" + other.slug).json().path("id").asString());
        assertThat(add(price, Map.of()).detail()).contains("price for its guide");
    }
}
