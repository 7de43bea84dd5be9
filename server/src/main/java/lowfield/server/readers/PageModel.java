package lowfield.server.readers;

import java.math.BigDecimal;
import java.text.NumberFormat;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Currency;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.total.BandState;
import lowfield.server.archive.Published;
import lowfield.server.guide.BandForm;
import org.jspecify.annotations.Nullable;

/** A snapshot in the words and figures of a reader's page, in the guide's language, currency and zone. */
final class PageModel {
    record Tab(String id, String name, String total) {}

    record OptionRow(String label, String price, String difference, String note, List<String> trouble) {}

    record LineRow(
            String slot,
            String label,
            String detail,
            String reason,
            String price,
            String note,
            String seller,
            String link,
            String seen,
            String change,
            List<OptionRow> alternatives,
            List<OptionRow> upgrades,
            @Nullable TableRows compared) {}

    /** A table: what its columns are called, and its rows. */
    record TableRows(List<String> heads, List<TableRow> rows) {}

    /** A row: what it tells, and a cell for each column. */
    record TableRow(String label, List<Cell> cells) {}

    /** What stands in a table, and whether it is better than its neighbours, or the same as the one before. */
    record Cell(String text, boolean better, boolean same) {}

    record Stake(String low, String high, double lowX, double highX, double x, boolean inside, boolean known) {}

    record BuildRow(
            String id,
            String name,
            String total,
            String standing,
            String today,
            String elsewhere,
            String rates,
            boolean inside,
            @Nullable Stake stake,
            String since,
            List<LineRow> counted,
            List<LineRow> beside,
            String besideTotal,
            String shipping,
            String peak,
            List<TogetherRow> together,
            List<String> caveats) {}

    /** Goods that one seller sells together: what, and what it saves. */
    record TogetherRow(String what, String price, String saves, String seller, String link, String seen) {}

    record TierRow(
            String id,
            String name,
            String promise,
            String audience,
            String band,
            @Nullable TableRows sideBySide,
            List<BuildRow> builds) {}

    private final Published published;
    private final Locale locale;
    private final ZoneId zone;
    private final Currency currency;

    PageModel(Published published) {
        this.published = published;
        this.locale = Locale.forLanguageTag(published.guide().locale());
        this.zone = ZoneId.of(published.guide().zone());
        this.currency = Currency.getInstance(published.guide().currency());
    }

    String month(LocalDate period) {
        return period.getMonth().getDisplayName(TextStyle.FULL_STANDALONE, locale) + " " + period.getYear();
    }

    String month() {
        return month(published.period());
    }

    String date(@Nullable Instant instant) {
        return instant == null
                ? ""
                : DateTimeFormatter.ofPattern("d MMMM yyyy", locale).format(instant.atZone(zone));
    }

    String prices() {
        var from = date(published.pricesFrom());
        var to = date(published.pricesTo());
        if (to.isEmpty()) {
            return "No shop prices";
        }
        return "Prices in " + currency.getCurrencyCode()
                + (from.equals(to) ? " of " + to : " of " + from + " to " + to);
    }

    String money(@Nullable Long minor) {
        return minor == null ? "not known" : money(minor, currency);
    }

    private String money(long minor, Currency currency) {
        var digits = Math.max(0, currency.getDefaultFractionDigits());
        var format = NumberFormat.getNumberInstance(locale);
        format.setMinimumFractionDigits(digits);
        format.setMaximumFractionDigits(digits);
        return format.format(BigDecimal.valueOf(minor, digits));
    }

    private String signed(@Nullable Long minor) {
        return minor == null ? "" : (minor > 0 ? "+" : minor < 0 ? "−" : "±") + money(Math.abs(minor));
    }

    /** A sum, or from where to where it is estimated. */
    private String money(@Nullable Long minor, Published.@Nullable Estimated estimated) {
        return estimated == null
                ? money(minor)
                : "about %s, %s to %s"
                        .formatted(
                                money(estimated.likelyMinor()),
                                money(estimated.lowMinor()),
                                money(estimated.highMinor()));
    }

    private String total(Published.Build build) {
        return money(build.totalMinor(), build.totalEstimated());
    }

    List<Tab> tabs() {
        return published.tiers().stream()
                .map(t -> new Tab(id(t), t.name(), total(t.builds().get(0))))
                .toList();
    }

    List<ChartDrawing> charts() {
        return Optional.ofNullable(published.charts()).orElse(List.of()).stream()
                .map(c -> ChartDrawing.of(c, value -> c.isIndex() ? index(value) : money(value), day()))
                .toList();
    }

    private String index(long tenths) {
        var format = NumberFormat.getNumberInstance(locale);
        format.setMinimumFractionDigits(1);
        return format.format(BigDecimal.valueOf(tenths, 1));
    }

    private DateTimeFormatter day() {
        return DateTimeFormatter.ofPattern("d MMM yyyy", locale);
    }

    private static String id(Published.Tier tier) {
        return "tier-" + tier.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }

    List<TierRow> tiers() {
        return published.tiers().stream()
                .map(t -> new TierRow(
                        id(t),
                        t.name(),
                        t.promise(),
                        t.audience(),
                        band(t.band()),
                        Boolean.TRUE.equals(t.sideBySide()) ? sideBySide(t) : null,
                        t.builds().stream().map(b -> build(t, b)).toList()))
                .toList();
    }

    /** A tier's builds, slot against slot; what is the same as on the left is not said again. */
    private TableRows sideBySide(Published.Tier tier) {
        var slots = new LinkedHashSet<String>();
        tier.builds().forEach(b -> b.lines().forEach(l -> slots.add(l.slot())));
        var rows = new ArrayList<TableRow>();
        for (var slot : slots) {
            rows.add(row(slot, tier.builds().stream().map(b -> inSlot(b, slot)).toList()));
        }
        rows.add(row(
                "Draws up to",
                tier.builds().stream()
                        .map(b -> b.peakWatts() == null ? "not known" : b.peakWatts() + " W")
                        .toList()));
        rows.add(row("Total", tier.builds().stream().map(this::total).toList()));
        return new TableRows(tier.builds().stream().map(Published.Build::name).toList(), rows);
    }

    private static TableRow row(String label, List<String> texts) {
        var cells = new ArrayList<Cell>();
        for (int i = 0; i < texts.size(); i++) {
            cells.add(new Cell(texts.get(i), false, i > 0 && texts.get(i).equals(texts.get(i - 1))));
        }
        return new TableRow(label, cells);
    }

    private String inSlot(Published.Build build, String slot) {
        return build.lines().stream()
                .filter(l -> l.slot().equals(slot))
                .map(l ->
                        l.label() + (l.priceMinor() == null || l.priceMinor() == 0 ? "" : ", " + money(l.priceMinor())))
                .collect(Collectors.joining("; "));
    }

    private static @Nullable TableRows compared(Published.@Nullable Table table) {
        return table == null
                ? null
                : new TableRows(
                        table.parts(),
                        table.rows().stream()
                                .map(r -> new TableRow(
                                        r.label(),
                                        IntStream.range(0, r.cells().size())
                                                .mapToObj(i -> new Cell(
                                                        r.cells().get(i).isEmpty()
                                                                ? "not known"
                                                                : r.cells().get(i),
                                                        r.better().contains(i),
                                                        false))
                                                .toList()))
                                .toList());
    }

    private String band(BandForm band) {
        return switch (band.type()) {
            case NONE -> "no ceiling";
            case FROM_TO -> money(band.fromMinor()) + " to " + money(band.toMinor());
            case POINT ->
                money(band.pointMinor()) + " ±"
                        + BigDecimal.valueOf(band.tolerancePermille() == null ? 0 : band.tolerancePermille(), 1)
                                .stripTrailingZeros()
                                .toPlainString()
                        + "%";
        };
    }

    private BuildRow build(Published.Tier tier, Published.Build build) {
        var counted = build.lines().stream()
                .filter(Published.Line::counted)
                .map(this::line)
                .toList();
        var beside =
                build.lines().stream().filter(l -> !l.counted()).map(this::line).toList();
        var stake = stake(tier.band(), build.totalMinor());
        return new BuildRow(
                "build-" + build.id(),
                build.name(),
                total(build),
                standing(tier.band(), build),
                Todays.place(published.number(), build.id()),
                elsewhere(build),
                rates(build),
                stake == null || stake.inside(),
                stake,
                since(build),
                counted,
                beside,
                beside.isEmpty() ? "" : money(build.uncountedMinor()),
                shipping(tier, build),
                build.peakWatts() == null ? "" : build.peakWatts() + " W",
                together(build),
                build.caveats());
    }

    private List<TogetherRow> together(Published.Build build) {
        return Optional.ofNullable(build.together()).orElse(List.of()).stream()
                .map(t -> new TogetherRow(
                        String.join(" and ", t.parts()),
                        money(t.priceMinor()),
                        money(t.savesMinor()),
                        t.seller(),
                        t.link(),
                        date(t.seenAt())))
                .toList();
    }

    /** What readers of other regions pay, each in their own currency. */
    private String elsewhere(Published.Build build) {
        return tills(build).stream()
                .map(t -> "%s, with its tax: %s %s"
                        .formatted(t.region(), money(t.minor(), Currency.getInstance(t.currency())), t.currency()))
                .collect(Collectors.joining("; "));
    }

    private String rates(Published.Build build) {
        return tills(build).stream().map(Published.Till::rate).collect(Collectors.joining("; "));
    }

    private static List<Published.Till> tills(Published.Build build) {
        return build.tills() == null ? List.of() : build.tills();
    }

    private String shipping(Published.Tier tier, Published.Build build) {
        if (!tier.countsShipping()) {
            return "Shipping is not in the total.";
        }
        var parts = build.charges().stream()
                .map(c -> c.seller() + " " + (c.minor() != null && c.minor() == 0 ? "free" : money(c.minor())))
                .toList();
        return "Shipping is in the total: " + String.join(", ", parts) + ".";
    }

    private Amount amount(Published.Build build) {
        var estimated = build.totalEstimated();
        if (estimated != null) {
            return new Amount.Range(
                    new Money(estimated.lowMinor(), currency),
                    new Money(estimated.likelyMinor(), currency),
                    new Money(estimated.highMinor(), currency));
        }
        return build.totalMinor() == null
                ? Amount.notKnown("a price is missing")
                : Amount.of(new Money(build.totalMinor(), currency));
    }

    private String standing(BandForm form, Published.Build build) {
        var state = BandState.of(amount(build), form.band(currency));
        if (state instanceof BandState.Ranging ranging) {
            return "an estimate; " + ranging.said();
        }
        if (state instanceof BandState.Over over) {
            return money(over.by().minor()) + " over its band";
        }
        if (state instanceof BandState.Under under) {
            return money(under.by().minor()) + " under its band";
        }
        if (state instanceof BandState.Inside inside) {
            return money(inside.left().minor()) + " left in its band";
        }
        return state instanceof BandState.NoBand ? "no ceiling" : "a price is missing";
    }

    private @Nullable Stake stake(BandForm band, @Nullable Long total) {
        if (band.type() == BandForm.Type.NONE) {
            return null;
        }
        var low = band.band(currency).low().orElseThrow().minor();
        var high = band.band(currency).high().orElseThrow().minor();
        var width = Math.max(1, high - low);
        var from = Math.min(low - width / 4.0, total == null ? low : total - width / 10.0);
        var to = Math.max(high + width / 4.0, total == null ? high : total + width / 10.0);
        var scale = 240 / (to - from);
        var inside = total != null && total >= low && total <= high;
        return new Stake(
                money(low),
                money(high),
                round((low - from) * scale),
                round((high - from) * scale),
                total == null ? 0 : round((total - from) * scale),
                inside,
                total != null);
    }

    private static double round(double value) {
        return Math.round(value * 10) / 10.0;
    }

    private String since(Published.Build build) {
        var notes = new ArrayList<String>();
        var moved = build.lines().stream()
                .filter(Published.Line::counted)
                .sorted(Comparator.comparing((Published.Line l) -> l.changedFrom() == null)
                        .thenComparing(l -> l.changeMinor() == null ? 0 : -Math.abs(l.changeMinor())))
                .toList();
        for (var line : moved) {
            if (line.changedFrom() != null) {
                notes.add("%s: %s instead of %s%s"
                        .formatted(
                                line.slot(),
                                line.label(),
                                line.changedFrom(),
                                line.changeMinor() == null ? "" : " (" + signed(line.changeMinor()) + ")"));
            } else if (line.changeMinor() != null && line.changeMinor() != 0) {
                notes.add("%s %s".formatted(line.slot(), signed(line.changeMinor())));
            }
        }
        if (build.changeMinor() != null) {
            notes.add("in all " + signed(build.changeMinor()));
        }
        return String.join("; ", notes);
    }

    private LineRow line(Published.Line line) {
        var price = line.price();
        return new LineRow(
                line.slot(),
                (line.quantity() > 1 ? line.quantity() + " × " : "") + line.label(),
                line.detail(),
                Markdown.html(line.reason()),
                Boolean.TRUE.equals(line.withheld()) ? "see the shop" : money(line.priceMinor(), line.estimated()),
                note(line),
                price == null ? "" : price.seller() + (price.condition().equals("new") ? "" : ", " + price.condition()),
                price == null ? "" : price.link(),
                price == null ? "" : date(price.seenAt()),
                line.changedFrom() != null
                        ? "new here"
                        : line.changeMinor() == null || line.changeMinor() == 0 ? "" : signed(line.changeMinor()),
                line.alternatives().stream().map(this::option).toList(),
                line.upgrades().stream().map(this::option).toList(),
                compared(line.compared()));
    }

    /** From what an estimate follows, or what can be claimed back afterwards. */
    private String note(Published.Line line) {
        var price = line.price();
        if (line.estimated() != null) {
            return "an estimate: " + line.estimated().derivation();
        }
        return price == null || price.claimBackMinor() == null || line.priceMinor() == null
                ? ""
                : "after claim %s".formatted(money(line.priceMinor() - price.claimBackMinor() * line.quantity()));
    }

    private OptionRow option(Published.Option option) {
        return new OptionRow(
                option.label(),
                money(option.priceMinor(), option.estimated()),
                signed(option.differenceMinor()),
                option.note(),
                option.trouble());
    }
}
