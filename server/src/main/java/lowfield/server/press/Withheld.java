package lowfield.server.press;

import java.util.Set;
import java.util.UUID;
import lowfield.server.archive.Published;
import org.jspecify.annotations.Nullable;

/**
 * Keeps back what shops do not allow to be shown frozen (rules 2): a line from such a shop has no price, and sums are told
 * rounded to ten, so that the figure cannot be worked out.
 */
final class Withheld {
    private Withheld() {}

    /** The build without the prices of some lines; {@code ten} is ten units of its currency in minor ones. */
    static Published.Build from(Published.Build build, Set<UUID> lines, long ten) {
        if (lines.isEmpty()) {
            return build;
        }
        return new Published.Build(
                build.id(),
                build.name(),
                rounded(build.totalMinor(), ten),
                rounded(build.totalEstimated(), ten),
                rounded(build.goodsMinor(), ten),
                rounded(build.uncountedMinor(), ten),
                null,
                rounded(build.bookableMinor(), ten),
                null,
                build.charges(),
                build.peakWatts(),
                build.lines().stream()
                        .map(l -> lines.contains(l.id()) ? bare(l) : l)
                        .toList(),
                build.caveats());
    }

    private static Published.Line bare(Published.Line line) {
        return new Published.Line(
                line.id(),
                line.slot(),
                line.key(),
                line.label(),
                line.detail(),
                line.anyOf(),
                line.quantity(),
                line.counted(),
                null,
                null,
                line.price(),
                true,
                line.reason(),
                line.changedFrom(),
                null,
                line.alternatives().stream().map(Withheld::bare).toList(),
                line.upgrades().stream().map(Withheld::bare).toList(),
                line.compared());
    }

    private static Published.Option bare(Published.Option option) {
        return new Published.Option(
                option.label(), option.priceMinor(), option.estimated(), null, option.note(), option.trouble());
    }

    private static Published.@Nullable Estimated rounded(Published.@Nullable Estimated sum, long ten) {
        return sum == null
                ? null
                : new Published.Estimated(
                        tens(sum.lowMinor(), ten), tens(sum.likelyMinor(), ten), tens(sum.highMinor(), ten), null);
    }

    static @Nullable Long rounded(@Nullable Long minor, long ten) {
        return minor == null ? null : tens(minor, ten);
    }

    private static long tens(long minor, long ten) {
        return Math.round(minor / (double) ten) * ten;
    }
}
