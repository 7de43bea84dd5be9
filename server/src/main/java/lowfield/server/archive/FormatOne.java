package lowfield.server.archive;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import lowfield.core.press.Publication;
import lowfield.server.guide.BandForm;
import org.jspecify.annotations.Nullable;

/** A document of format 1, as docs/formats/edition-1.schema.json describes it. Sums are minor units of the guide's currency. It is read for good, and written no more. */
record FormatOne(
        String format,
        OfGuide guide,
        int number,
        LocalDate period,
        Instant publishedAt,
        @Nullable Instant pricesFrom,
        @Nullable Instant pricesTo,
        List<Tier> tiers,
        @Nullable List<Chart> charts) {
    static final String FORMAT = Publication.FIRST_FORMAT;

    /** What a reader is told of the guide. */
    record OfGuide(
            String slug, String name, String region, String zone, String currency, String locale, String disclosure) {}

    /** A tier with its builds, the lead first; {@code sideBySide} when readers see them in one table. */
    record Tier(
            UUID id,
            String name,
            String audience,
            String promise,
            BandForm band,
            boolean countsShipping,
            @Nullable Boolean sideBySide,
            List<Build> builds) {}

    /** A chart of prices: its curves are in minor units, or in tenths of an index whose first month is 100. */
    record Chart(String title, boolean isIndex, List<Curve> curves) {}

    /** One line of a chart, oldest first. */
    record Curve(String name, List<Dot> dots) {}

    /** A day's value. */
    record Dot(LocalDate day, long value) {}

    /** From where to where an estimate goes, what is likeliest, and from what it follows. */
    record Estimated(
            long lowMinor,
            long likelyMinor,
            long highMinor,
            @Nullable String derivation) {}

    /** A build, with what a reader must know of it and what to set at the first start; a total that was not known at publishing is absent, and one that an estimate is in is estimated. */
    record Build(
            UUID id,
            String name,
            @Nullable Long totalMinor,
            @Nullable Estimated totalEstimated,
            @Nullable Long goodsMinor,
            @Nullable Long uncountedMinor,
            @Nullable Long changeMinor,
            @Nullable Long bookableMinor,
            @Nullable List<Till> tills,
            List<Charge> charges,
            @Nullable Integer peakWatts,
            List<Line> lines,
            @Nullable List<SoldTogether> together,
            List<String> caveats,
            @Nullable List<String> firstStart) {}

    /** Goods of a build that one seller sells together for less; in no total. */
    record SoldTogether(
            String seller, List<String> parts, long priceMinor, long savesMinor, Instant seenAt, String link) {}

    /** What a reader of another region pays, in the region's currency, and by which rate. */
    record Till(String region, String currency, long minor, String rate) {}

    /** What a seller takes for shipping. */
    record Charge(String seller, @Nullable Long minor) {}

    /** A line; the price is that of its quantity. {@code anyOf} names the parts of a vetted set, in order of preference. {@code key} tells whether a later choice is the same; a price that its shop does not allow to be shown frozen is {@code withheld}. */
    record Line(
            UUID id,
            String slot,
            String key,
            String label,
            String detail,
            @Nullable List<String> anyOf,
            int quantity,
            boolean counted,
            @Nullable Long priceMinor,
            @Nullable Estimated estimated,
            @Nullable Price price,
            @Nullable Boolean withheld,
            String reason,
            @Nullable String changedFrom,
            @Nullable Long changeMinor,
            List<Option> alternatives,
            List<Option> upgrades,
            @Nullable Table compared) {}

    /** Parts side by side: their names, and a row for each figure that differs. */
    record Table(List<String> parts, List<Figure> rows) {}

    /** One figure of each part, in words, empty where it is not known; {@code better} are the columns that are better by it. */
    record Figure(String label, List<String> cells, List<Integer> better) {}

    /** Where a price was seen, and when; and what of it can be claimed back afterwards, which is not taken off. */
    record Price(
            String seller,
            String condition,
            Instant seenAt,
            String link,
            @Nullable Long claimBackMinor) {}

    /** An alternative or upgrade with what it costs more, and what taking it would bring along. */
    record Option(
            String label,
            @Nullable Long priceMinor,
            @Nullable Estimated estimated,
            @Nullable Long differenceMinor,
            String note,
            List<String> trouble) {}
}
