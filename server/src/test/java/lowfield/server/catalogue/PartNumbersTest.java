package lowfield.server.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.part.Gtin;
import org.junit.jupiter.api.Test;

/** Parts are found by their numbers in whichever length these are written. */
class PartNumbersTest extends CatalogueCase {
    private final PartNumbers numbers = world.stage.bean(PartNumbers.class);

    @Test
    void aNumberWithAZeroBeforeItIsTheSameNumber() {
        var id = UUID.fromString(world.ines
                .post(
                        "/api/parts",
                        Map.of(
                                "kind",
                                "OTHER",
                                "maker",
                                "Zero",
                                "family",
                                "",
                                "name",
                                "Beck",
                                "variant",
                                "",
                                "gtin",
                                "0205000001617",
                                "spec",
                                Map.of()))
                .json()
                .path("id")
                .asString());
        assertThat(numbers.part(Optional.of("205000001617"), Optional.empty())).contains(id);
        assertThat(numbers.part(Optional.of("0205000001617"), Optional.empty())).contains(id);
        assertThat(numbers.part(Optional.of("00205000001617"), Optional.empty()))
                .contains(id);
        assertThat(numbers.codes().part(Optional.of(new Gtin("205000001617")), Optional.empty()))
                .contains(id);
        assertThat(numbers.part(Optional.of("205000001618"), Optional.empty())).isEmpty();
    }
}
