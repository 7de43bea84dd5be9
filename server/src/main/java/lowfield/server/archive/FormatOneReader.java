package lowfield.server.archive;

import java.time.ZoneId;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import lowfield.core.fit.FitDrawing;
import lowfield.core.money.Money;
import lowfield.core.press.Cell;
import lowfield.core.press.Publication;
import lowfield.core.press.PublishedCurve;
import lowfield.core.press.PublishedOwn;
import lowfield.core.press.PublishedTexts;
import lowfield.core.press.PublishedWorth;
import lowfield.core.total.LinePrice;
import org.jspecify.annotations.Nullable;

/** Reads a document of format 1. Its rounded sums look like any other there, and are told as they were: as they are. */
final class FormatOneReader {
    private final FormatOne document;
    private final java.util.Currency currency;

    private FormatOneReader(FormatOne document) {
        this.document = document;
        this.currency = Money.currencyOf(document.guide().currency());
    }

    static Publication read(FormatOne document) {
        return new FormatOneReader(document).read();
    }

    private Publication read() {
        var guide = document.guide();
        return new Publication(
                FormatOne.FORMAT,
                new Publication.Guide(
                        guide.slug(),
                        guide.name(),
                        guide.region(),
                        ZoneId.of(guide.zone()),
                        currency,
                        guide.locale(),
                        guide.disclosure()),
                document.number(),
                document.period(),
                document.publishedAt(),
                Optional.ofNullable(document.pricesFrom())
                        .map(from -> new Publication.Span(from, Objects.requireNonNull(document.pricesTo()))),
                all(document.tiers(), this::tier),
                all(document.charts(), FormatOneReader::chart),
                PublishedTexts.NONE,
                List.of());
    }

    private static <A, B> List<B> all(@Nullable List<A> from, Function<A, B> each) {
        return from == null ? List.of() : from.stream().map(each).toList();
    }

    private Publication.Tier tier(FormatOne.Tier tier) {
        return new Publication.Tier(
                tier.id(),
                tier.name(),
                tier.audience(),
                tier.promise(),
                tier.band().band(currency),
                tier.countsShipping(),
                Boolean.TRUE.equals(tier.sideBySide()),
                all(tier.builds(), this::build),
                PublishedTexts.NONE,
                "",
                List.of());
    }

    private static Publication.Chart chart(FormatOne.Chart chart) {
        return new Publication.Chart(
                chart.title(),
                chart.isIndex(),
                all(
                        chart.curves(),
                        c -> new PublishedCurve(
                                c.name(), all(c.dots(), d -> new PublishedCurve.Dot(d.day(), d.value())))));
    }

    private Publication.Build build(FormatOne.Build build) {
        return new Publication.Build(
                build.id(),
                build.name(),
                cell(build.totalMinor(), build.totalEstimated()),
                cell(build.goodsMinor()),
                cell(build.uncountedMinor()),
                new Cell.NotKnown(),
                cell(build.changeMinor()),
                cell(build.bookableMinor()),
                all(build.tills(), t -> new Publication.RegionTotal(t.region(), t.currency(), t.minor(), t.rate())),
                all(build.charges(), c -> new Publication.Charge(c.seller(), cell(c.minor()))),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.ofNullable(build.peakWatts()),
                all(build.lines(), this::line),
                all(build.together(), this::together),
                build.caveats(),
                all(build.firstStart(), s -> s),
                Optional.empty(),
                PublishedTexts.NONE,
                FitDrawing.none(),
                List.of(),
                Optional.empty(),
                "",
                PublishedOwn.NONE);
    }

    private Publication.SoldTogether together(FormatOne.SoldTogether sold) {
        return new Publication.SoldTogether(
                sold.seller(),
                sold.parts(),
                money(sold.priceMinor()),
                money(sold.savesMinor()),
                sold.seenAt(),
                sold.link());
    }

    private Publication.Line line(FormatOne.Line line) {
        return new Publication.Line(
                line.id(),
                line.slot(),
                line.key(),
                line.label(),
                line.detail(),
                all(line.anyOf(), s -> s),
                line.quantity(),
                line.counted(),
                Boolean.TRUE.equals(line.withheld()) ? new Cell.Withheld() : cell(line.priceMinor(), line.estimated()),
                Optional.ofNullable(line.price())
                        .map(p -> new Publication.Source(p.seller(), p.condition(), p.seenAt(), p.link())),
                afterClaim(line),
                line.reason(),
                Optional.ofNullable(line.changedFrom()),
                cell(line.changeMinor()),
                all(line.alternatives(), this::option),
                all(line.upgrades(), this::option),
                Optional.ofNullable(line.compared()).map(FormatOneReader::table),
                Optional.empty(),
                Optional.empty(),
                "",
                PublishedOwn.NONE,
                Optional.empty());
    }

    private Optional<Money> afterClaim(FormatOne.Line line) {
        return Optional.ofNullable(line.price())
                .map(FormatOne.Price::claimBackMinor)
                .filter(back -> line.priceMinor() != null)
                .map(back -> LinePrice.afterClaim(money(line.priceMinor()), money(back), line.quantity()));
    }

    private Publication.Option option(FormatOne.Option option) {
        return new Publication.Option(
                option.label(),
                false,
                cell(option.priceMinor(), option.estimated()),
                cell(option.differenceMinor()),
                option.note(),
                option.trouble(),
                PublishedWorth.notTold());
    }

    private static Publication.Table table(FormatOne.Table table) {
        return new Publication.Table(
                table.parts(),
                all(table.rows(), r -> new Publication.Row(r.label(), r.cells(), r.better())),
                PublishedTexts.NONE);
    }

    private Cell cell(@Nullable Long minor) {
        return minor == null ? new Cell.NotKnown() : new Cell.Exact(money(minor));
    }

    private Cell cell(@Nullable Long minor, FormatOne.@Nullable Estimated estimated) {
        return estimated == null
                ? cell(minor)
                : new Cell.Estimated(
                        money(estimated.lowMinor()),
                        money(estimated.likelyMinor()),
                        money(estimated.highMinor()),
                        Optional.ofNullable(estimated.derivation()));
    }

    private Money money(long minor) {
        return new Money(minor, currency);
    }
}
