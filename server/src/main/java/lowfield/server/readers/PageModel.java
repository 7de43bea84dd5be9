package lowfield.server.readers;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lowfield.core.guide.Band;
import lowfield.core.press.Cell;
import lowfield.core.press.Publication;
import lowfield.core.press.PublishedAvoided;
import lowfield.core.total.BandState;

/** A publication in the words and figures of a reader's page, in the guide's language, currency and zone. */
final class PageModel {
    /** In thousandths: a price so near to the MSRP is at it. */
    private static final int NEAR_MSRP = 30;

    private final Publication publication;
    private final Wording words;
    private final SlotMarks marks;

    PageModel(Publication publication, SlotMarks marks) {
        this.publication = publication;
        this.marks = marks;
        this.words = Wording.of(publication.guide());
    }

    Wording words() {
        return words;
    }

    /** In which currency, and from when, the prices are. */
    String prices() {
        return publication.prices().map(this::prices).orElse("No shop prices");
    }

    private String prices(Publication.Span seen) {
        var from = words.date(seen.from());
        var to = words.date(seen.to());
        return "Prices in " + words.currency().getCurrencyCode()
                + (from.equals(to) ? " of " + to : " of " + from + " to " + to);
    }

    PageTerms terms() {
        return PageTerms.of(publication);
    }

    List<Rows.Tab> tabs() {
        return publication.tiers().stream()
                .map(t -> new Rows.Tab(id(t), t.name(), words.about(t.main().total())))
                .toList();
    }

    List<ChartDrawing> charts() {
        return publication.charts().stream()
                .map(c -> ChartDrawing.of(
                        c,
                        value -> c.isIndex() ? words.index(value) : words.money(value, words.currency()),
                        words.day()))
                .toList();
    }

    private static String id(Publication.Tier tier) {
        return "tier-" + tier.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }

    List<Rows.Tier> tiers() {
        return publication.tiers().stream()
                .map(t -> new Rows.Tier(
                        id(t),
                        t.name(),
                        t.promise(),
                        t.audience(),
                        words.band(t.band()),
                        t.isSideBySide() ? Table.sideBySide(t, words, terms()) : null,
                        t.builds().stream().map(b -> build(t, b)).toList(),
                        More.texts(t.texts()),
                        t.step(),
                        t.advice().stream().map(a -> More.advice(a, words)).toList()))
                .toList();
    }

    private Rows.Build build(Publication.Tier tier, Publication.Build build) {
        var counted = build.lines().stream()
                .filter(Publication.Line::isCounted)
                .map(this::line)
                .toList();
        var optional = build.lines().stream()
                .filter(l -> !l.isCounted())
                .map(this::line)
                .toList();
        var isInFull = terms().optionalInFull();
        var stake = Stake.of(tier.band(), build.total().likeliest(), words);
        return new Rows.Build(
                "build-" + build.id(),
                build.name(),
                words.about(build.total()),
                words.range(build.total()),
                standing(tier.band(), build),
                marks.today(build.id()),
                More.elsewhere(build, words),
                More.rates(build),
                stake == null || stake.inside(),
                stake,
                Since.of(build, words),
                groups(build, counted, isInFull ? optional : List.of()),
                isInFull ? List.of() : optional,
                optional.isEmpty() ? "" : words.about(build.uncounted()),
                build.tax().map(this::tax).orElse(""),
                shipping(tier, build),
                build.peakWatts().map(w -> terms().peakOf(w)).orElse(""),
                together(build),
                build.caveats(),
                build.firstStart(),
                build.picture().orElse(null),
                More.texts(build.texts()),
                More.fit(build.fit()),
                Shares.of(build, words),
                build.yearly(),
                More.own(build.own()));
    }

    private List<Rows.Group> groups(Publication.Build build, List<Rows.Line> counted, List<Rows.Line> optional) {
        var own = new Rows.Group("", counted, Beyond.of(build, words));
        return optional.isEmpty()
                ? List.of(own)
                : List.of(
                        own,
                        new Rows.Group(
                                "Optional, not in the total: %s; with all of it %s"
                                        .formatted(words.about(build.uncounted()), words.about(build.withOptional())),
                                optional,
                                List.of()));
    }

    private String tax(Publication.Tax tax) {
        var rate = Wording.percent(tax.permille()) + "% sales tax";
        return tax.isInTotal()
                ? "%s, %s, is in the total.".formatted(rate, words.about(tax.sum()))
                : "With %s: %s.".formatted(rate, words.about(tax.with()));
    }

    private List<Rows.Together> together(Publication.Build build) {
        return build.together().stream()
                .map(t -> new Rows.Together(
                        String.join(" and ", t.parts()),
                        words.money(t.price()),
                        words.money(t.saves()),
                        t.seller(),
                        t.link(),
                        words.date(t.seenAt())))
                .toList();
    }

    private String shipping(Publication.Tier tier, Publication.Build build) {
        if (!tier.countsShipping()) {
            return "Shipping is not in the total.";
        }
        var parts = build.charges().stream()
                .map(c -> (c.seller().isEmpty() ? "other sellers" : c.seller()) + " " + charge(c.sum()))
                .toList();
        return "Shipping is in the total: " + String.join(", ", parts) + ".";
    }

    private String charge(Cell sum) {
        return sum.known().filter(s -> s.minor() == 0).isPresent() ? "free" : words.about(sum);
    }

    private String standing(Band band, Publication.Build build) {
        var state = BandState.of(build.total().amount(), band);
        if (state instanceof BandState.Ranging ranging) {
            return "an estimate; " + ranging.said();
        }
        if (state instanceof BandState.Over over) {
            return words.money(over.by()) + " over its band";
        }
        if (state instanceof BandState.Under under) {
            return words.money(under.by()) + " under its band";
        }
        if (state instanceof BandState.Inside inside) {
            return words.money(inside.left()) + " left in its band";
        }
        return state instanceof BandState.NoBand ? "no ceiling" : "a price is missing";
    }

    private Rows.Line line(Publication.Line line) {
        var source = line.source();
        return new Rows.Line(
                line.slot(),
                (line.quantity() > 1 ? line.quantity() + " × " : "") + line.label(),
                line.detail(),
                Markdown.html(line.reason()),
                words.about(line.price()),
                note(line),
                source.map(Publication.Source::said).orElse(""),
                source.filter(Publication.Source::hasPage)
                        .map(Publication.Source::link)
                        .orElse(""),
                source.map(s -> words.date(s.seenAt())).orElse(""),
                line.changedFrom().isPresent() ? "new here" : Since.moved(line) == 0 ? "" : words.signed(line.change()),
                line.alternatives().stream().map(o -> option(o, false)).toList(),
                line.upgrades().stream().map(o -> option(o, true)).toList(),
                line.compared().map(Table::compared).orElse(null),
                line.picture().orElse(null),
                line.either().map(e -> More.either(e, words)).orElse(null),
                More.anyOf(line),
                line.reviews(),
                More.own(line.own()));
    }

    /** From what an estimate follows, or what can be claimed back afterwards. */
    private String note(Publication.Line line) {
        return line.price()
                .estimated()
                .map(e -> words.range(e) + ", an estimate: " + e.derivation().orElse(""))
                .or(() -> line.afterClaim().map(sum -> "after claim " + words.money(sum)))
                .or(() -> line.overMsrp().flatMap(PageModel::againstMsrp))
                .orElse("");
    }

    /** "8% over MSRP"; absent where it is about the MSRP. */
    private static Optional<String> againstMsrp(int permille) {
        return Math.abs(permille) < NEAR_MSRP
                ? Optional.empty()
                : Optional.of("%d%% %s MSRP"
                        .formatted(Math.round(Math.abs(permille) / 10.0), permille > 0 ? "over" : "under"));
    }

    Rows.Texts texts() {
        return More.texts(publication.texts());
    }

    List<Table> shares() {
        return Shares.across(publication);
    }

    List<PublishedAvoided> avoid() {
        return publication.avoid();
    }

    private Rows.Option option(Publication.Option option, boolean isUpgrade) {
        return new Rows.Option(
                (option.adds() ? "add " : "") + option.label(),
                words.whole(option.price()),
                words.signed(option.difference()),
                option.note(),
                option.consequences(),
                OptionSentence.of(option, isUpgrade, words));
    }
}
