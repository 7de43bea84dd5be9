package lowfield.server.bench;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.change.LineChange;
import lowfield.core.check.Checks;
import lowfield.core.check.Effect;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import lowfield.core.power.SustainedPeak;
import lowfield.core.total.BandState;
import lowfield.core.total.CountedTotal;
import lowfield.core.total.LinePrice;
import lowfield.server.archive.Archive;
import lowfield.server.archive.Published;
import lowfield.server.catalogue.Parts;
import lowfield.server.guide.Editions;
import lowfield.server.guide.GuideInfo;
import lowfield.server.guide.Guides;
import lowfield.server.guide.TierInfo;
import lowfield.server.guide.TierRows;
import lowfield.server.prices.Offers;
import org.springframework.stereotype.Service;

/** Works out editions: reads the stored choices and lets core say what follows from them now. */
@Service
public class Workbench {
    private final Guides guides;
    private final Editions editions;
    private final TierRows tiers;
    private final LineRows lines;
    private final Parts parts;
    private final Offers offers;
    private final Archive archive;
    private final Clock clock;

    Workbench(
            Guides guides,
            Editions editions,
            TierRows tiers,
            LineRows lines,
            Parts parts,
            Offers offers,
            Archive archive,
            Clock clock) {
        this.guides = guides;
        this.editions = editions;
        this.tiers = tiers;
        this.lines = lines;
        this.parts = parts;
        this.offers = offers;
        this.archive = archive;
        this.clock = clock;
    }

    /** Every build of the edition, worked out at this moment. */
    public Sheets sheets(UUID editionId) {
        var edition = editions.byId(editionId);
        var guide = guides.byId(edition.guide());
        var last = archive.before(guide.id(), edition.number());
        var rows = lines.of(editionId);
        var now = clock.instant();
        var sheets = tiers.of(editionId).stream()
                .map(tier -> tier(guide, tier, rows, last, now))
                .toList();
        return new Sheets(guide, edition, guide.policy(), last, sheets);
    }

    private Sheets.OfTier tier(
            GuideInfo guide,
            TierInfo tier,
            java.util.Map<UUID, List<LineRows.Row>> rows,
            Optional<Published> last,
            Instant now) {
        var builds = tier.builds().stream()
                .map(b -> build(guide, tier, b, rows.getOrDefault(b.id(), List.of()), last, now))
                .toList();
        return new Sheets.OfTier(tier, tier.form().band().band(guide.money()), builds);
    }

    private Sheets.OfBuild build(
            GuideInfo guide,
            TierInfo tier,
            TierInfo.BuildInfo info,
            List<LineRows.Row> rows,
            Optional<Published> last,
            Instant now) {
        var before = last.flatMap(p -> p.tiers().stream()
                .flatMap(t -> t.builds().stream())
                .filter(b -> b.id().equals(info.id()))
                .findFirst());
        var zero = Money.zero(guide.money());
        var sheets =
                rows.stream().map(row -> line(guide, row, before, zero, now)).toList();
        var build = new Build(sheets.stream().map(Sheets.OfLine::line).toList());
        var total = CountedTotal.of(
                sheets.stream().map(Sheets.OfLine::price).toList(), tier.form().countsShipping(), zero);
        return new Sheets.OfBuild(
                info.id(),
                info.name(),
                build,
                sheets,
                total,
                BandState.of(total.total(), tier.form().band().band(guide.money())),
                Checks.on(build),
                SustainedPeak.of(build),
                before);
    }

    private Sheets.OfLine line(
            GuideInfo guide, LineRows.Row row, Optional<Published.Build> before, Money zero, Instant now) {
        var state = row.state();
        var choice = state.choice().choice(parts.catalogue(), guide.money());
        var line = new Line(row.id(), state.slot(), choice, state.quantity(), state.counted());
        var price = price(guide, line, Optional.ofNullable(state.heldListing()), now);
        var was = before.flatMap(b ->
                        b.lines().stream().filter(l -> l.id().equals(row.id())).findFirst())
                .map(l -> new LineChange.Published(
                        l.key(), l.label(), Optional.ofNullable(l.priceMinor()).map(m -> new Money(m, guide.money()))));
        return new Sheets.OfLine(
                line,
                state,
                row.version(),
                price,
                state.reasonOf(),
                LineChange.of(was, choice.key(), price.goods().known()));
    }

    private LinePrice price(GuideInfo guide, Line line, Optional<UUID> held, Instant now) {
        return LinePrice.of(
                line, part -> offers.of(part, guide.shops()), guide.policy(), now, Money.zero(guide.money()), held);
    }

    /** What it would be like to take another part on a line: its price, the build's total then, and the trouble it brings. */
    public record Taking(Part part, LinePrice price, CountedTotal total, BandState state, Effect effect) {}

    public Taking taking(Sheets sheets, Sheets.OfTier tier, Sheets.OfBuild build, Sheets.OfLine line, Part part) {
        var guide = sheets.guide();
        var price = price(guide, line.line().with(new Choice.Chosen(part)), Optional.empty(), clock.instant());
        var prices =
                build.lines().stream().map(l -> l == line ? price : l.price()).toList();
        var total = CountedTotal.of(prices, tier.tier().form().countsShipping(), Money.zero(guide.money()));
        var effect =
                Effect.ofTaking(build.build(), build.findings(), line.line().id(), part);
        return new Taking(part, price, total, BandState.of(total.total(), tier.band()), effect);
    }

    public Part part(UUID id) {
        return parts.catalogue().part(id);
    }
}
