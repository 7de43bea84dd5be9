package lowfield.server.editing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lowfield.server.kit.Forms;
import org.junit.jupiter.api.Test;

/** Sales tax on top of net prices, and options that come beside a choice. */
class TaxAndKitsTest extends ExtrasCase {
    @Test
    void aBandIsAboutTheTotalWithSalesTaxWhereTheTierSaysSo() {
        var form = new HashMap<>(Forms.guide("Net prices", List.of()));
        form.put("salesTaxPermille", 85);
        var slug = world.ines.post("/api/guides", form).json().path("slug").asString();
        var tier = new HashMap<>(Forms.tier("Bosun", 84_000, 92_000));
        tier.put("countsTax", true);
        world.ines.post("/api/guides/" + slug + "/editions", Map.of("period", "2026-12-01", "tiers", List.of(tier)));
        var net = world.in(slug);
        net.edit(
                net.ines,
                net.line("CASE"),
                Map.of(
                        "choice",
                        Map.of(
                                "type",
                                "FREE_HAND",
                                "name",
                                "A case",
                                "priceMinor",
                                10_000,
                                "currency",
                                "EUR",
                                "source",
                                "the author")));
        var tally = net.bench().path("tally");
        assertThat(tally.path("gauge").path("total").path("minor").asLong()).isEqualTo(10_850);
        assertThat(tally.path("tax").path("sum").path("minor").asLong()).isEqualTo(850);
    }

    @Test
    void aSecondKitIsAnOptionThatAdds() {
        var option = Map.of(
                "purpose",
                "UPGRADE",
                "part",
                world.parts.get("pellan-slate-2-x-8-gb-ddr5-5600"),
                "note",
                "",
                "adds",
                true);
        var line = world.line("MEMORY");
        assertThat(world.edit(world.ines, line, Map.of("options", List.of(option)))
                        .status())
                .isEqualTo(200);
        var open = world.ines
                .get("/api/editions/" + world.edition + "/lines/"
                        + line.path("id").asString())
                .json();
        var said = open.path("options").get(0);
        assertThat(said.path("differenceMinor").asLong())
                .isGreaterThanOrEqualTo(line.path("goods").path("minor").asLong());
        var card =
                Map.of("purpose", "UPGRADE", "part", world.parts.get("hartle-basalt-16-gb"), "note", "", "adds", true);
        var refused = world.edit(world.ines, world.line("GRAPHICS_CARD"), Map.of("options", List.of(card)));
        assertThat(refused.detail()).contains("one graphics card");
    }
}
