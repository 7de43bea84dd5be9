package lowfield.server.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.part.Gtin;
import org.junit.jupiter.api.Test;

/** Which part a line of a list speaks of. */
class PartCodesTest {
    private static final UUID VANE = UUID.randomUUID();
    private static final UUID FENNEL = UUID.randomUUID();
    private static final Gtin ONE = new Gtin("4006381333931");
    private static final Gtin OTHER = new Gtin("4006381333948");

    private static PartCodes.Coded coded(UUID part, Gtin gtin, String number) {
        return new PartCodes.Coded(part, Optional.ofNullable(gtin), Optional.ofNullable(number));
    }

    private static Optional<UUID> part(PartCodes codes, Gtin gtin, String number) {
        return codes.part(Optional.ofNullable(gtin), Optional.ofNullable(number));
    }

    @Test
    void aGtinDecidesBeforeAMakersNumber() {
        var codes = new PartCodes(List.of(coded(VANE, ONE, "V-5"), coded(FENNEL, OTHER, "F-6")));
        assertThat(part(codes, ONE, "F-6")).contains(VANE);
    }

    @Test
    void aMakersNumberDoesWhereTheGtinIsNotKnown() {
        var codes = new PartCodes(List.of(coded(VANE, null, "V-5")));
        assertThat(part(codes, ONE, "V-5")).contains(VANE);
        assertThat(part(codes, null, "V-6")).isEmpty();
        assertThat(part(codes, null, null)).isEmpty();
    }

    @Test
    void aMakersNumberOfTwoPartsNamesNeither() {
        var codes = new PartCodes(List.of(coded(VANE, ONE, "100"), coded(FENNEL, null, "100")));
        assertThat(part(codes, null, "100")).isEmpty();
        assertThat(part(codes, ONE, "100")).contains(VANE);
    }
}
