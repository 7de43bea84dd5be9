package lowfield.server.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import lowfield.core.fit.FitDrawing;
import lowfield.core.press.Cell;
import lowfield.core.press.Publication;
import lowfield.core.press.PublishedTexts;
import lowfield.core.press.PublishedWorth;
import org.erdtman.jcs.JsonCanonicalizer;
import org.junit.jupiter.api.Test;

/** Published documents as texts: what is written is read again, canonical, and as its schema says. */
class DocumentsTest extends ExampleDocument {
    private static final Path EXAMPLE = Path.of("../docs/formats/edition-6.example.json");

    @Test
    void whatIsWrittenIsReadAgain() {
        assertThat(Documents.read(Documents.write(everything()))).isEqualTo(everything());
    }

    @Test
    void aDocumentIsCanonicalAndAsItsSchemaSays() throws IOException {
        var text = Documents.write(everything());
        assertThat(new JsonCanonicalizer(text).getEncodedString()).isEqualTo(text);
        assertThat(text).startsWith("{\"avoid\":[").contains("{\"is\":\"rounded\",\"sum\":90000}");
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/edition-6.schema.json")));
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

    /** What more money gives up was told among what it brings, before this format had a list of it. */
    @Test
    void anEarlyDocumentWithoutLossesIsRead() throws IOException {
        var kept = Files.readString(Path.of("../docs/formats/edition-4.example.json"));
        var early = kept.replace(",\"losses\":[\"220 W instead of 160 W\"]", "");
        assertThat(early).isNotEqualTo(kept);
        var advice = Documents.read(early).tiers().get(0).advice().get(0);
        assertThat(advice.gains()).containsExactly("12 GB instead of 8 GB");
        assertThat(advice.losses()).isEmpty();
    }

    /** The kept document of format 4, from before packages told their base price. */
    @Test
    void aDocumentOfFormatFourIsReadForGood() throws IOException {
        var old = Documents.read(Files.readString(Path.of("../docs/formats/edition-4.example.json")));
        assertThat(old.format()).isEqualTo(Publication.FOURTH_FORMAT);
        var build = old.tiers().get(0).main();
        assertThat(build.packages().get(0).base()).isEmpty();
        assertThat(build.lines()).allSatisfy(l -> assertThat(l.overMsrp()).isEmpty());
    }

    /** The kept document of format 5, from before front fans and memory stood in the drawing. */
    @Test
    void aDocumentOfFormatSixIsReadForGood() throws IOException {
        var old = Documents.read(Files.readString(Path.of("../docs/formats/edition-5.example.json")));
        assertThat(old.format()).isEqualTo(Publication.FIFTH_FORMAT);
        assertThat(old.tiers().get(0).main().packages().get(0).base()).isPresent();
    }

    @Test
    void aFormatThatNeverWasIsAnError() {
        assertThatThrownBy(() -> Documents.read("{\"format\":\"lowfield-edition/9\"}"))
                .hasMessageContaining("lowfield-edition/9");
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

    /** The kept document of format 3, from before the fit, the author's texts and what an option is worth. */
    @Test
    void aDocumentOfFormatThreeIsReadAndSaysNoMoreThanItDid() throws IOException {
        var old = Documents.read(Files.readString(Path.of("../docs/formats/edition-3.example.json")));
        assertThat(old.format()).isEqualTo(Publication.THIRD_FORMAT);
        assertThat(old.texts()).isEqualTo(PublishedTexts.NONE);
        var build = old.tiers().get(0).main();
        assertThat(build.packages()).hasSize(1);
        assertThat(build.fit()).isEqualTo(FitDrawing.none());
        assertThat(build.lines().get(0).upgrades().get(0).worth()).isEqualTo(PublishedWorth.notTold());
    }
}
