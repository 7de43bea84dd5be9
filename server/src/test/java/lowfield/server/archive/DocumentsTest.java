package lowfield.server.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.guide.Band;
import lowfield.core.money.Money;
import lowfield.core.press.Cell;
import lowfield.core.press.Publication;
import org.erdtman.jcs.JsonCanonicalizer;
import org.junit.jupiter.api.Test;

/** Published documents as texts: what is written is read again, canonical, and as its schema says. */
class DocumentsTest {
    private static final Path EXAMPLE = Path.of("../docs/formats/edition-3.example.json");
    private static final Instant SEEN = Instant.parse("2026-12-03T06:00:00Z");

    private static Money yen(long sum) {
        return Money.of(sum, "JPY");
    }

    private static UUID id(String name) {
        return UUID.nameUUIDFromBytes(name.getBytes());
    }

    /** A document with every form of cell and band in it, with what may be absent and without. */
    private static Publication everything() {
        var estimated = new Cell.Estimated(yen(900), yen(1000), yen(1100), Optional.of("the old one times 1.1"));
        var option = new Publication.Option(
                "Vane Six",
                true,
                new Cell.Withheld(),
                new Cell.Withheld(),
                "Quieter.",
                List.of("Needs a longer case."));
        var table = new Publication.Table(
                List.of("Vane Five", "Vane Six"),
                List.of(new Publication.Row("length", List.of("240 mm", ""), List.of(0))));
        var full = new Publication.Line(
                id("card"),
                "Graphics card",
                "part:" + id("part"),
                "Vane Five",
                "240 mm",
                List.of("Vane Five", "Vane Six"),
                1,
                true,
                new Cell.Withheld(),
                Optional.of(new Publication.Source("Pier Nine", "new", SEEN, "https://pier.example/5")),
                Optional.of(yen(40_000)),
                "**Quiet** é \u2028 \"so\"",
                Optional.of("Vane Four"),
                new Cell.Exact(yen(-120)),
                List.of(option),
                List.of(option),
                Optional.of(table),
                Optional.of(new Publication.Picture(id("drawing"), "The card from its fans' side", 480, 320)));
        var bare = new Publication.Line(
                id("case"),
                "Case",
                "None",
                "deliberately none",
                "",
                List.of(),
                1,
                false,
                estimated,
                Optional.empty(),
                Optional.empty(),
                "",
                Optional.empty(),
                new Cell.NotKnown(),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty());
        var included = new Publication.Line(
                id("memory"),
                "Memory",
                "part:" + id("memory part"),
                "Slate",
                "",
                List.of(),
                1,
                true,
                new Cell.Included(Optional.of(yen(-500))),
                Optional.empty(),
                Optional.empty(),
                "",
                Optional.empty(),
                new Cell.NotKnown(),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty());
        var build = new Publication.Build(
                id("main"),
                "",
                new Cell.Rounded(yen(90_000)),
                new Cell.Rounded(yen(89_000)),
                new Cell.Exact(yen(0)),
                new Cell.Rounded(yen(90_000)),
                new Cell.Rounded(yen(300)),
                new Cell.NotKnown(),
                List.of(new Publication.RegionTotal("The Skerries", "EUR", 54_321, "1 JPY = 0.006 EUR")),
                List.of(new Publication.Charge("Pier Nine", new Cell.Withheld())),
                List.of(new Publication.Adjustment("Friends of the harbour", yen(-1_000))),
                List.of(new Publication.PackagePrice(
                        "Harbour machine",
                        new Cell.Exact(yen(60_000)),
                        List.of(id("memory"), id("case")),
                        new Publication.Source("Pier Nine", "new", SEEN, Publication.Source.NO_PAGE))),
                Optional.of(
                        new Publication.Tax(85, new Cell.Rounded(yen(7_650)), new Cell.Rounded(yen(97_650)), false)),
                Optional.of(266),
                List.of(full, bare, included),
                List.of(new Publication.SoldTogether(
                        "Pier Nine", List.of("Vane Five"), yen(5), yen(1), SEEN, "https://pier.example/6")),
                List.of("Mind the length."),
                List.of("Switch the profile on."),
                Optional.of(new Publication.Picture(id("photo"), "The build with its side open", 480, 360)));
        var empty = new Publication.Build(
                id("other"),
                "the quiet one",
                estimated,
                estimated,
                new Cell.NotKnown(),
                new Cell.NotKnown(),
                new Cell.NotKnown(),
                new Cell.NotKnown(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Optional.empty());
        return new Publication(
                Publication.FORMAT,
                new Publication.Guide(
                        "guide", "A Guide", "Skerries", ZoneId.of("CET"), Money.currencyOf("JPY"), "en-150", ""),
                7,
                LocalDate.of(2026, 12, 1),
                SEEN,
                Optional.of(new Publication.Span(SEEN, SEEN)),
                List.of(
                        tier("Mate", new Band.FromTo(yen(80_000), yen(95_000)), build, empty),
                        tier("Bosun", new Band.Point(yen(120_000), 20), build),
                        tier("Captain", new Band.None(), empty)),
                List.of(new Publication.Chart(
                        "Graphics cards",
                        true,
                        List.of(new Publication.Curve(
                                "index",
                                List.of(
                                        new Publication.Dot(LocalDate.of(2026, 11, 1), 1000),
                                        new Publication.Dot(LocalDate.of(2026, 12, 1), 1034)))))));
    }

    private static Publication.Tier tier(String name, Band band, Publication.Build... builds) {
        return new Publication.Tier(id(name), name, "all", "much", band, true, builds.length > 1, List.of(builds));
    }

    @Test
    void whatIsWrittenIsReadAgain() {
        assertThat(Documents.read(Documents.write(everything()))).isEqualTo(everything());
    }

    @Test
    void aDocumentIsCanonicalAndAsItsSchemaSays() throws IOException {
        var text = Documents.write(everything());
        assertThat(new JsonCanonicalizer(text).getEncodedString()).isEqualTo(text);
        assertThat(text).startsWith("{\"charts\":[").contains("{\"is\":\"rounded\",\"sum\":90000}");
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/edition-3.schema.json")));
        assertThat(schema.validate(text, InputFormat.JSON)).isEmpty();
        assertThat(schema.validate(text.replace("\"rounded\"", "\"about\""), InputFormat.JSON))
                .isNotEmpty();
    }

    /** The text that stands in the docs is what this version writes; a later one must still read it. */
    @Test
    void theExampleIsReadAndWrittenToTheByte() throws IOException {
        if (System.getenv("LOWFIELD_WRITE_DOCS") != null) {
            Files.writeString(EXAMPLE, Documents.write(everything()));
        }
        var kept = Files.readString(EXAMPLE);
        assertThat(Documents.read(kept)).isEqualTo(everything());
        assertThat(Documents.write(everything())).isEqualTo(kept);
    }

    @Test
    void aFormatThatNeverWasIsAnError() {
        assertThatThrownBy(() -> Documents.read("{\"format\":\"lowfield-edition/4\"}"))
                .hasMessageContaining("lowfield-edition/4");
    }

    /** The kept document of format 2, from before packages, adjustments and options that add. */
    @Test
    void aDocumentOfFormatTwoIsReadAndSaysNoMoreThanItDid() throws IOException {
        var old = Documents.read(Files.readString(Path.of("../docs/formats/edition-2.example.json")));
        assertThat(old.format()).isEqualTo(Publication.SECOND_FORMAT);
        var build = old.tiers().get(0).main();
        assertThat(build.total()).isEqualTo(new Cell.Rounded(yen(90_000)));
        assertThat(build.packages()).isEmpty();
        assertThat(build.adjustments()).isEmpty();
        assertThat(build.tax()).isEmpty();
        assertThat(build.lines().get(0).upgrades().get(0).adds()).isFalse();
    }
}
