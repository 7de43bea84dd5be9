package lowfield.core.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.Release;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ShelfTest {
    private static final List<Part> CARDS = List.of(
            card("Merrowby Vane Five 8 GB", "black", Map.of("chip", "Vane Five", "memory", 8, "length", 242)),
            card("Merrowby Vane Five 8 GB", "white", Map.of("chip", "Vane Five", "memory", 8, "length", 242)),
            card(
                    "Hartle Mica Six 12 GB",
                    "",
                    Map.of("chip", "Mica Six", "memory", 12, "length", 251, "outputs", List.of("HDMI", "DisplayPort"))),
            card("Ostby Basalt 16 GB", "quiet", Map.of("chip", "Basalt", "memory", 16, "bracket", false)),
            card("Lune Vane Ten 24 GB", "", Map.of("chip", "Vane Ten", "memory", 24, "length", 348, "bracket", true)));
    private static final Shelf SHELF = new Shelf(Kind.GRAPHICS_CARD, CARDS);
    private static final Shelf.Prices PRICES =
            new Shelf.Prices(new int[] {30900, 31600, 30300, 91500, Shelf.Prices.NONE});

    static Part card(String name, String variant, Map<String, Object> spec) {
        return new Part(
                UUID.nameUUIDFromBytes((name + variant).getBytes()),
                UUID.nameUUIDFromBytes(name.getBytes()),
                Kind.GRAPHICS_CARD,
                name.substring(0, name.indexOf(' ')),
                name,
                variant,
                Release.ON_SALE,
                Optional.empty(),
                Optional.empty(),
                java.time.Instant.EPOCH,
                Kind.GRAPHICS_CARD.schema().read(spec));
    }

    private static List<String> find(String written) {
        return SHELF.find(Query.read(Kind.GRAPHICS_CARD, written), PRICES).parts().stream()
                .map(Part::fullName)
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "merrowby; 2", "meroby; 2", "merrwoby; 2", "mrrwby; 2", "five vane; 2", "vane-five,8gb; 2", "8 GB; 2",
                        "8gb; 2",
                "BASALT quiet; 1", "bslt; 1", "white; 1", "twelve; 0", "16; 1", "vane; 3", "12 GB mica; 1", "öst; 1"
            })
    void textIsForgiving(String text, int found) {
        assertThat(find("text=" + java.net.URLEncoder.encode(text, java.nio.charset.StandardCharsets.UTF_8)))
                .hasSize(found);
    }

    @Test
    void conditionsNarrow() {
        assertThat(find("memory=12..")).hasSize(3);
        assertThat(find("memory=..8")).hasSize(2);
        assertThat(find("memory=12")).containsExactly("Hartle Mica Six 12 GB");
        assertThat(find("chip=Basalt|Vane+Ten")).hasSize(2);
        assertThat(find("outputs=HDMI")).containsExactly("Hartle Mica Six 12 GB");
        assertThat(find("bracket=no")).containsExactly("Ostby Basalt 16 GB, quiet");
        assertThat(find("bracket=yes")).containsExactly("Lune Vane Ten 24 GB");
        assertThat(find("price=..31000")).hasSize(2);
        assertThat(find("maker=Merrowby&memory=8..")).hasSize(2);
        assertThat(find("chip=Nothing")).isEmpty();
        assertThat(find("lit=yes".replace("lit", "sixteenPin"))).isEmpty();
    }

    /** Who lacks the figure meets no condition on it, and is told of. */
    @Test
    void whatIsNotKnownIsLeftOutAndCounted() {
        var answer = SHELF.find(Query.read(Kind.GRAPHICS_CARD, "length=..300"), PRICES);
        assertThat(answer.parts()).hasSize(3);
        assertThat(answer.leftOutNotKnown()).isEqualTo(1);
        assertThat(SHELF.find(Query.read(Kind.GRAPHICS_CARD, "length=..300&memory=..8"), PRICES)
                        .leftOutNotKnown())
                .isZero();
        assertThat(SHELF.find(Query.read(Kind.GRAPHICS_CARD, "price=..99999999"), PRICES)
                        .leftOutNotKnown())
                .isEqualTo(1);
    }

    @Test
    void countsAreUnderTheOtherConditions() {
        var facets = SHELF.facets(Query.read(Kind.GRAPHICS_CARD, "chip=Vane+Five&memory=8.."), PRICES);
        var chip = facets.stream()
                .filter(f -> f.figure().equals("chip"))
                .findFirst()
                .orElseThrow();
        assertThat(chip.values()).extracting(Facet.Value::count).containsExactly(1, 1, 2, 1);
        assertThat(chip.clause()).isPresent();
        var memory = facets.stream()
                .filter(f -> f.figure().equals("memory"))
                .findFirst()
                .orElseThrow();
        assertThat(memory.values()).containsExactly(new Facet.Value(8, 2));
        assertThat(facets).noneMatch(f -> f.figure().equals("length"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "memory=8..",
                "memory=..300",
                "memory=8..16",
                "bracket=yes",
                "chip=Mica+Six|Vane+Five",
                "text=a%26b%3Dc",
                "by=NEWNESS",
                "chip=a%7Cb",
                "maker=Merrowby&price=100..&text=x"
            })
    void theWrittenFormComesBack(String written) {
        var query = Query.read(Kind.GRAPHICS_CARD, written);
        assertThat(Query.read(Kind.GRAPHICS_CARD, query.written())).isEqualTo(query);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "memory; is no condition",
                "wheels=4; has no figure",
                "memory=big; is written 8..",
                "memory=16..8; ends swapped",
                "memory=..; needs a lower or an upper end",
                "bracket=maybe; is yes or no",
                "by=LUCK; There is no order",
                "memory=99999999999..; is written",
                "chip=%zz; not written as an address",
                "chip=; 1 to 60"
            })
    void whatIsNoConditionIsTold(String written, String words) {
        assertThatThrownBy(() -> Query.read(Kind.GRAPHICS_CARD, written))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining(words);
    }

    @Test
    void pairsCannotBeLookedForAndASentenceIsShort() {
        assertThatThrownBy(() -> Query.read(Kind.MOTHERBOARD, "firmware=2"))
                .hasMessageContaining("cannot be looked for");
        assertThatThrownBy(() -> Query.read(Kind.MOTHERBOARD, "text=" + "x".repeat(2000)))
                .hasMessageContaining("2000");
    }

    /** The columns answer as a walk over the parts would. */
    @Test
    void agreesWithAWalkOverTheParts() {
        var random = new Random(11);
        var parts = new ArrayList<Part>();
        for (int i = 0; i < 400; i++) {
            var spec = new HashMap<String, Object>();
            if (random.nextInt(10) > 0) {
                spec.put("memory", 4 * (1 + random.nextInt(8)));
            }
            if (random.nextInt(10) > 0) {
                spec.put("chip", "Chip " + random.nextInt(6));
            }
            if (random.nextInt(3) > 0) {
                spec.put("bracket", random.nextBoolean());
            }
            parts.add(card("Maker Card " + i, "", spec));
        }
        var prices = new Shelf.Prices(
                random.ints(400, -1, 5).map(p -> p < 0 ? -1 : p * 10000).toArray());
        var shelf = new Shelf(Kind.GRAPHICS_CARD, parts);
        for (int i = 0; i < 200; i++) {
            var least = random.nextInt(34);
            var chip = "Chip " + random.nextInt(7);
            var yes = random.nextBoolean();
            var most = random.nextInt(5) * 10000;
            var query = "memory=%d..&chip=%s&bracket=%s&price=..%d"
                    .formatted(least, chip.replace(' ', '+'), yes ? "yes" : "no", most);
            var expected = new ArrayList<Part>();
            for (int row = 0; row < parts.size(); row++) {
                var written = Kind.GRAPHICS_CARD.schema().write(parts.get(row).spec());
                var price = prices.minor()[row];
                if (written.getOrDefault("memory", -1) instanceof Integer m
                        && m >= least
                        && chip.equals(written.get("chip"))
                        && Boolean.valueOf(yes).equals(written.get("bracket"))
                        && price >= 0
                        && price <= most) {
                    expected.add(parts.get(row));
                }
            }
            assertThat(shelf.find(Query.read(Kind.GRAPHICS_CARD, query), prices).parts())
                    .as(query)
                    .isEqualTo(expected);
        }
        assertThat(Arrays.stream(prices.minor()).filter(p -> p < 0).count()).isPositive();
    }
}
