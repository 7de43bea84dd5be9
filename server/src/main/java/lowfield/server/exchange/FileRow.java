package lowfield.server.exchange;

import java.util.Map;
import java.util.Optional;
import lowfield.core.money.Money;
import lowfield.core.part.Designation;
import lowfield.core.part.Gtin;
import org.jspecify.annotations.Nullable;

/** One part of a file: where it stands (line of a CSV file, or number of the JSON object), its names, and its figures. */
public record FileRow(
        long line,
        String maker,
        String family,
        String product,
        String variant,
        @Nullable String gtin,
        @Nullable String makerNumber,
        @Nullable String release,
        @Nullable Money suggested,
        @Nullable String avoid,
        Map<String, Object> spec) {
    Designation designation() {
        return new Designation(
                Optional.ofNullable(gtin).map(Gtin::new), maker, Optional.ofNullable(makerNumber), product, variant);
    }
}
