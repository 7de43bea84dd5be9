package lowfield.core.press;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.fit.FitDrawing;
import lowfield.core.guide.Band;
import lowfield.core.money.Money;

/**
 * What a published edition says, and all it says: the one document that pages and files render. Its texts are for readers;
 * its cells are exact, rounded, estimated, withheld or not known. Sums are in the guide's currency.
 *
 * @param format in which it was published; its pages keep the words of that time
 * @param period the first day of the edition's month
 * @param prices when the oldest and the newest shop price in it were seen; absent without any
 */
public record Publication(
        String format,
        Guide guide,
        int number,
        LocalDate period,
        Instant publishedAt,
        Optional<Span> prices,
        List<Tier> tiers,
        List<Chart> charts,
        PublishedTexts texts,
        List<PublishedAvoided> avoid) {
    /** In which documents were published before the document of core: their pages keep other words. */
    public static final String FIRST_FORMAT = "lowfield-edition/1";

    /** In which documents were published before packages: their pages only name what is optional. */
    public static final String SECOND_FORMAT = "lowfield-edition/2";

    /** In which documents were published before the fit and whole sentences. */
    public static final String THIRD_FORMAT = "lowfield-edition/3";

    /** What was published with the author's texts, before packages told their base price. */
    public static final String FOURTH_FORMAT = "lowfield-edition/4";

    /** What was published before front fans and memory stood in the drawing of the fit. */
    public static final String FIFTH_FORMAT = "lowfield-edition/5";

    /** Now. */
    public static final String FORMAT = "lowfield-edition/6";

    public Publication {
        tiers = List.copyOf(tiers);
        charts = List.copyOf(charts);
        avoid = List.copyOf(avoid);
    }

    /** What a reader is told of the guide; {@code locale} is a BCP 47 language tag. */
    public record Guide(
            String slug,
            String name,
            String region,
            ZoneId zone,
            Currency currency,
            String locale,
            String disclosure) {}

    public record Span(Instant from, Instant to) {}

    /**
     * A tier with its builds, the main one first; {@code isSideBySide} when readers see them in one table.
     *
     * @param step what it costs more than the tier below, and what that buys; empty where there is none below
     */
    public record Tier(
            UUID id,
            String name,
            String audience,
            String promise,
            Band band,
            boolean countsShipping,
            boolean isSideBySide,
            List<Build> builds,
            PublishedTexts texts,
            String step,
            List<PublishedAdvice> advice) {
        public Tier {
            builds = List.copyOf(builds);
            advice = List.copyOf(advice);
        }

        public Build main() {
            return builds.get(0);
        }
    }

    /**
     * A build, with what a reader must know of it and what to set at the first start.
     *
     * @param withOptional the total with everything that is optional
     * @param adjustments what is added to the lines, or taken off
     * @param packages what sellers ask one price for
     * @param tax what is asked on top of shop prices; absent where they hold it
     * @param change against the edition before; not known for a new build
     * @param available what anyone could buy it for when it was published
     * @param peakWatts sustained peak; absent where a figure for it is missing
     * @param picture absent where the author has none of it
     * @param yearly what a year takes from the wall, in a sentence; empty where it is not known
     * @param platform what CPU, cooler and motherboard cost together; absent where that may not be told
     */
    public record Build(
            UUID id,
            String name,
            Cell total,
            Cell goods,
            Cell uncounted,
            Cell withOptional,
            Cell change,
            Cell available,
            List<RegionTotal> regions,
            List<Charge> charges,
            List<Adjustment> adjustments,
            List<PackagePrice> packages,
            Optional<Tax> tax,
            Optional<Integer> peakWatts,
            List<Line> lines,
            List<SoldTogether> together,
            List<String> caveats,
            List<String> firstStart,
            Optional<Picture> picture,
            PublishedTexts texts,
            FitDrawing fit,
            List<PublishedShare> shares,
            Optional<Money> platform,
            String yearly,
            PublishedOwn own) {
        public Build {
            regions = List.copyOf(regions);
            charges = List.copyOf(charges);
            adjustments = List.copyOf(adjustments);
            packages = List.copyOf(packages);
            lines = List.copyOf(lines);
            together = List.copyOf(together);
            shares = List.copyOf(shares);
            caveats = List.copyOf(caveats);
            firstStart = List.copyOf(firstStart);
        }
    }

    /** The author's own picture, by its id; width and height are those of its medium size, in pixels. */
    public record Picture(UUID id, String alternative, int width, int height) {}

    /** What a reader of another region pays, in that region's currency, and by which rate. */
    public record RegionTotal(String region, String currency, long minor, String rate) {}

    /** What a seller takes for shipping. */
    public record Charge(String seller, Cell sum) {}

    /** A discount (below zero), surcharge, service or allowance. */
    public record Adjustment(String name, Money sum) {}

    /**
     * One price for several lines, with what swaps in it cost; each of its lines is told as included.
     *
     * @param base what the seller asks before swaps; absent in documents up to format 4
     */
    public record PackagePrice(String name, Cell price, Optional<Cell> base, List<UUID> lines, Source source) {
        public PackagePrice {
            lines = List.copyOf(lines);
        }
    }

    /** Sales tax on a total, in thousandths; {@code isInTotal} where the band and the total are about prices with it. */
    public record Tax(int permille, Cell sum, Cell with, boolean isInTotal) {}

    /** Goods of a build that one seller sells together for less; in no total. */
    public record SoldTogether(
            String seller, List<String> parts, Money price, Money saves, Instant seenAt, String link) {}

    /**
     * A line; its price is that of its quantity.
     *
     * @param key tells whether a later choice is the same
     * @param anyOf the parts of a vetted set, in order of preference; empty for any other choice
     * @param afterClaim the price after what can be claimed back; absent when nothing can be
     * @param changedFrom what stood here in the edition before; absent where the choice is the same
     * @param change of the price against the edition before; not known where either price is not
     * @param picture absent where the author has none of the part
     * @param overMsrp the price against the MSRP, in thousandths of it, above zero where it is more; absent where there is no
     *     MSRP or the price is not told, and in documents up to format 4
     */
    public record Line(
            UUID id,
            String slot,
            String key,
            String label,
            String detail,
            List<String> anyOf,
            int quantity,
            boolean isCounted,
            Cell price,
            Optional<Source> source,
            Optional<Money> afterClaim,
            String reason,
            Optional<String> changedFrom,
            Cell change,
            List<Option> alternatives,
            List<Option> upgrades,
            Optional<Table> compared,
            Optional<Picture> picture,
            Optional<PublishedEither> either,
            String reviews,
            PublishedOwn own,
            Optional<Integer> overMsrp) {
        public Line {
            anyOf = List.copyOf(anyOf);
            alternatives = List.copyOf(alternatives);
            upgrades = List.copyOf(upgrades);
        }
    }

    /**
     * Where a price was seen, and when; the link is {@link #NO_PAGE} where there is none. The seller is empty where nobody in
     * particular sells.
     */
    public record Source(String seller, String condition, Instant seenAt, String link) {
        /** What documents up to format 4 called nobody in particular. */
        private static final String FORMER_NOBODY = "The author's price (";
        /** A name in the place of an address, since there is no page. */
        public static final String NO_PAGE = "urn:lowfield:own-price";

        /**
         * The seller, else whose page it is, and the condition where it is not new, as in "Turnstone, used"; empty where there
         * is nothing to say.
         */
        public String said() {
            var parts = new ArrayList<String>();
            if (!where().isEmpty()) {
                parts.add(where());
            }
            if (!condition.equals("new")) {
                parts.add(condition);
            }
            return String.join(", ", parts);
        }

        /** The seller, else whose page it is; empty where neither is known. */
        public String where() {
            if (!hasPage()) {
                return seller.startsWith(FORMER_NOBODY) ? "" : seller;
            }
            return seller.isEmpty() ? host() : seller;
        }

        private String host() {
            var from = link.indexOf("//") + 2;
            var end = link.indexOf('/', from);
            return end < 0 ? link.substring(from) : link.substring(from, end);
        }

        public boolean hasPage() {
            return !link.equals(NO_PAGE);
        }
    }

    /**
     * An alternative or upgrade with what the total would move by, and what taking it would bring along; {@code adds} when it
     * comes beside the choice and not in its place.
     */
    public record Option(
            String label,
            boolean adds,
            Cell price,
            Cell difference,
            String note,
            List<String> consequences,
            PublishedWorth worth) {}

    /** Parts side by side: their names, and a row for each figure that differs. */
    public record Table(List<String> parts, List<Row> rows, PublishedTexts texts) {}

    /** One figure of each part, in words, empty where it is not known; {@code better} are the columns that are better by it. */
    public record Row(String label, List<String> cells, List<Integer> better) {}

    /** A chart: its curves are in minor units, or in tenths of an index whose first month is 100. */
    public record Chart(String title, boolean isIndex, List<PublishedCurve> curves) {}
}
