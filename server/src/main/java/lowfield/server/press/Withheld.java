package lowfield.server.press;

import java.util.Currency;
import java.util.Set;
import java.util.UUID;
import lowfield.core.money.Money;
import lowfield.core.press.PublicSum;
import lowfield.server.archive.Published;
import org.jspecify.annotations.Nullable;

/**
 * Keeps back what shops do not allow to be shown frozen (rules 2): a line from such a shop has no price, and sums are told
 * rounded to ten, so that the figure cannot be worked out.
 */
final class Withheld {
    private Withheld() {}

    /** The build without the prices of some lines. */
    static Published.Build from(Published.Build build, Set<UUID> lines, Currency currency) {
        if (lines.isEmpty()) {
            return build;
        }
        return new Published.Build(
                build.id(),
                build.name(),
                rounded(build.totalMinor(), currency),
                rounded(build.totalEstimated(), currency),
                rounded(build.goodsMinor(), currency),
                rounded(build.uncountedMinor(), currency),
                null,
                rounded(build.bookableMinor(), currency),
                null,
                build.charges(),
                build.peakWatts(),
                build.lines().stream()
                        .map(l -> lines.contains(l.id()) ? bare(l) : l)
                        .toList(),
                null,
                build.caveats(),
                build.firstStart());
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

    private static Published.@Nullable Estimated rounded(Published.@Nullable Estimated sum, Currency currency) {
        return sum == null
                ? null
                : new Published.Estimated(
                        told(sum.lowMinor(), currency),
                        told(sum.likelyMinor(), currency),
                        told(sum.highMinor(), currency),
                        null);
    }

    private static @Nullable Long rounded(@Nullable Long minor, Currency currency) {
        return minor == null ? null : told(minor, currency);
    }

    private static long told(long minor, Currency currency) {
        return new PublicSum(new Money(minor, currency), true).told().minor();
    }
}
