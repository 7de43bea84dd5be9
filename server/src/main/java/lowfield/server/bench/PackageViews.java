package lowfield.server.bench;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What the bench shows of prices that are no line's own: packages, bundles and sales tax. */
public final class PackageViews {
    private PackageViews() {}

    /** Parts of a build that one seller sells together for less; advice, in no total. */
    public record BundleView(
            UUID sellerId,
            String seller,
            List<UUID> lines,
            List<String> parts,
            long priceMinor,
            long savesMinor,
            Instant seenAt,
            String link) {}

    /** Sales tax in thousandths, and what the build costs with it; {@code inTotal} where the band is about that. */
    public record TaxView(int permille, Views.Sum sum, Views.Sum with, boolean inTotal) {}

    /** A package price: of whom, what all of it costs with its swaps, and why it does not count when it does not. */
    public record PackageView(
            UUID id, String name, String seller, @Nullable Long priceMinor, List<UUID> lines, String ended) {}

    /** The package that a line's price is in, and what the seller asks more or less for this part in it. */
    public record IncludedView(
            UUID pack, String name, @Nullable Long swapMinor) {}
}
