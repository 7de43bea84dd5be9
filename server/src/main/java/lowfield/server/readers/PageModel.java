package lowfield.server.readers;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.total.BandState;
import lowfield.server.archive.Published;
import lowfield.server.guide.BandForm;

/** A snapshot in the words and figures of a reader's page, in the guide's language, currency and zone. */
final class PageModel {
    private final Published published;
    private final Wording words;
    private final SlotMarks marks;

    PageModel(Published published, SlotMarks marks) {
        this.published = published;
        this.marks = marks;
        this.words = Wording.of(published.guide());
    }

    Wording words() {
        return words;
    }

    /** In which currency, and from when, the prices are. */
    String prices() {
        var from = words.date(published.pricesFrom());
        var to = words.date(published.pricesTo());
        if (to.isEmpty()) {
            return "No shop prices";
        }
        return "Prices in " + words.currency().getCurrencyCode()
                + (from.equals(to) ? " of " + to : " of " + from + " to " + to);
    }

    List<Rows.Tab> tabs() {
        return published.tiers().stream()
                .map(t -> new Rows.Tab(id(t), t.name(), about(t.builds().get(0))))
                .toList();
    }

    private String about(Published.Build build) {
        return words.about(build.totalMinor(), build.totalEstimated());
    }

    List<ChartDrawing> charts() {
        return Optional.ofNullable(published.charts()).orElse(List.of()).stream()
                .map(c ->
                        ChartDrawing.of(c, value -> c.isIndex() ? words.index(value) : words.money(value), words.day()))
                .toList();
    }

    private static String id(Published.Tier tier) {
        return "tier-" + tier.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }

    List<Rows.Tier> tiers() {
        return published.tiers().stream()
                .map(t -> new Rows.Tier(
                        id(t),
                        t.name(),
                        t.promise(),
                        t.audience(),
                        words.band(t.band()),
                        Boolean.TRUE.equals(t.sideBySide()) ? Table.sideBySide(t, words) : null,
                        t.builds().stream().map(b -> build(t, b)).toList()))
                .toList();
    }

    private Rows.Build build(Published.Tier tier, Published.Build build) {
        var counted = build.lines().stream()
                .filter(Published.Line::counted)
                .map(this::line)
                .toList();
        var beside =
                build.lines().stream().filter(l -> !l.counted()).map(this::line).toList();
        var stake = Stake.of(tier.band(), build.totalMinor(), words);
        return new Rows.Build(
                "build-" + build.id(),
                build.name(),
                about(build),
                words.range(build.totalEstimated()),
                standing(tier.band(), build),
                marks.today(build.id()),
                elsewhere(build),
                rates(build),
                stake == null || stake.inside(),
                stake,
                since(build),
                counted,
                beside,
                beside.isEmpty() ? "" : words.money(build.uncountedMinor()),
                shipping(tier, build),
                build.peakWatts() == null ? "" : build.peakWatts() + " W",
                together(build),
                build.caveats(),
                Optional.ofNullable(build.firstStart()).orElse(List.of()));
    }

    private List<Rows.Together> together(Published.Build build) {
        return Optional.ofNullable(build.together()).orElse(List.of()).stream()
                .map(t -> new Rows.Together(
                        String.join(" and ", t.parts()),
                        words.money(t.priceMinor()),
                        words.money(t.savesMinor()),
                        t.seller(),
                        t.link(),
                        words.date(t.seenAt())))
                .toList();
    }

    /** What readers of other regions pay, each in their own currency. */
    private String elsewhere(Published.Build build) {
        return tills(build).stream()
                .map(t -> "%s, with its tax: %s %s"
                        .formatted(
                                t.region(), words.money(t.minor(), Currency.getInstance(t.currency())), t.currency()))
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
                .map(c -> c.seller() + " " + (c.minor() != null && c.minor() == 0 ? "free" : words.money(c.minor())))
                .toList();
        return "Shipping is in the total: " + String.join(", ", parts) + ".";
    }

    private Amount amount(Published.Build build) {
        var estimated = build.totalEstimated();
        if (estimated != null) {
            return new Amount.Range(
                    new Money(estimated.lowMinor(), words.currency()),
                    new Money(estimated.likelyMinor(), words.currency()),
                    new Money(estimated.highMinor(), words.currency()));
        }
        return build.totalMinor() == null
                ? Amount.notKnown("a price is missing")
                : Amount.of(new Money(build.totalMinor(), words.currency()));
    }

    private String standing(BandForm form, Published.Build build) {
        var state = BandState.of(amount(build), form.band(words.currency()));
        if (state instanceof BandState.Ranging ranging) {
            return "an estimate; " + ranging.said();
        }
        if (state instanceof BandState.Over over) {
            return words.money(over.by().minor()) + " over its band";
        }
        if (state instanceof BandState.Under under) {
            return words.money(under.by().minor()) + " under its band";
        }
        if (state instanceof BandState.Inside inside) {
            return words.money(inside.left().minor()) + " left in its band";
        }
        return state instanceof BandState.NoBand ? "no ceiling" : "a price is missing";
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
                                line.changeMinor() == null ? "" : " (" + words.signed(line.changeMinor()) + ")"));
            } else if (line.changeMinor() != null && line.changeMinor() != 0) {
                notes.add("%s %s".formatted(line.slot(), words.signed(line.changeMinor())));
            }
        }
        if (build.changeMinor() != null) {
            notes.add("in all " + words.signed(build.changeMinor()));
        }
        return String.join("; ", notes);
    }

    private Rows.Line line(Published.Line line) {
        var price = line.price();
        return new Rows.Line(
                line.slot(),
                (line.quantity() > 1 ? line.quantity() + " × " : "") + line.label(),
                line.detail(),
                Markdown.html(line.reason()),
                Boolean.TRUE.equals(line.withheld())
                        ? "see the shop"
                        : words.about(line.priceMinor(), line.estimated()),
                note(line),
                price == null ? "" : price.seller() + (price.condition().equals("new") ? "" : ", " + price.condition()),
                price == null ? "" : price.link(),
                price == null ? "" : words.date(price.seenAt()),
                line.changedFrom() != null
                        ? "new here"
                        : line.changeMinor() == null || line.changeMinor() == 0 ? "" : words.signed(line.changeMinor()),
                line.alternatives().stream().map(this::option).toList(),
                line.upgrades().stream().map(this::option).toList(),
                Table.compared(line.compared()));
    }

    /** From what an estimate follows, or what can be claimed back afterwards. */
    private String note(Published.Line line) {
        var price = line.price();
        if (line.estimated() != null) {
            return words.range(line.estimated()) + ", an estimate: "
                    + line.estimated().derivation();
        }
        return price == null || price.claimBackMinor() == null || line.priceMinor() == null
                ? ""
                : "after claim %s".formatted(words.money(line.priceMinor() - price.claimBackMinor() * line.quantity()));
    }

    private Rows.Option option(Published.Option option) {
        return new Rows.Option(
                option.label(),
                words.money(option.priceMinor(), option.estimated()),
                words.signed(option.differenceMinor()),
                option.note(),
                option.trouble());
    }
}
