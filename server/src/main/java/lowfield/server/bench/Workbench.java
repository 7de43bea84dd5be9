package lowfield.server.bench;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
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
import lowfield.server.guide.EditionInfo;
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

    /** What every line of one edition is worked out from. */
    private record Ground(GuideInfo guide, EditionInfo edition, Optional<Published> last, Instant now) {
        Money zero() {
            return Money.zero(guide.money());
        }

        Optional<Published.Build> before(UUID build) {
            return last.flatMap(p -> p.tiers().stream()
                    .flatMap(t -> t.builds().stream())
                    .filter(b -> b.id().equals(build))
                    .findFirst());
        }
    }

    /** Every build of the edition, worked out at this moment. */
    public Sheets sheets(UUID editionId) {
        var edition = editions.byId(editionId);
        var guide = guides.byId(edition.guide());
        var last = archive.before(guide.id(), edition.number());
        var ground = new Ground(guide, edition, last, clock.instant());
        var rows = lines.of(editionId);
        var sheets = tiers.of(editionId).stream()
                .map(tier -> tier(ground, tier, rows))
                .toList();
        return new Sheets(guide, edition, last, sheets);
    }

    private Sheets.OfTier tier(Ground ground, TierInfo tier, Map<UUID, List<LineRows.Row>> rows) {
        var builds = tier.builds().stream()
                .map(b -> build(ground, tier, b, rows.getOrDefault(b.id(), List.of())))
                .toList();
        return new Sheets.OfTier(tier, tier.form().band().band(ground.guide().money()), builds);
    }

    private Sheets.OfBuild build(Ground ground, TierInfo tier, TierInfo.BuildInfo info, List<LineRows.Row> rows) {
        var before = ground.before(info.id());
        var sheets = rows.stream().map(row -> line(ground, row, before)).toList();
        var build = new Build(sheets.stream().map(Sheets.OfLine::line).toList());
        var total = CountedTotal.of(
                sheets.stream().map(Sheets.OfLine::price).toList(), tier.form().countsShipping(), ground.zero());
        return new Sheets.OfBuild(
                info.id(),
                info.name(),
                build,
                sheets,
                total,
                BandState.of(
                        total.total(), tier.form().band().band(ground.guide().money())),
                Checks.on(build),
                SustainedPeak.of(build),
                before);
    }

    private Sheets.OfLine line(Ground ground, LineRows.Row row, Optional<Published.Build> before) {
        var state = row.state();
        var money = ground.guide().money();
        var choice = state.choice().choice(parts.catalogue(), money);
        var line = new Line(row.id(), state.slot(), choice, state.quantity(), state.counted());
        var price =
                price(ground.guide(), ground.edition(), line, Optional.ofNullable(state.heldListing()), ground.now());
        var was = before.flatMap(b ->
                        b.lines().stream().filter(l -> l.id().equals(row.id())).findFirst())
                .map(l -> new LineChange.Published(
                        l.key(), l.label(), Optional.ofNullable(l.priceMinor()).map(m -> new Money(m, money))));
        return new Sheets.OfLine(
                line,
                state,
                row.version(),
                price,
                state.reasonOf(),
                LineChange.of(was, choice.key(), price.goods().known()));
    }

    private LinePrice price(GuideInfo guide, EditionInfo edition, Line line, Optional<UUID> held, Instant now) {
        return LinePrice.of(
                line, part -> offers.of(part, guide.shops()), edition.policy(), now, Money.zero(guide.money()), held);
    }

    /** What it would be like to take another part on a line: its price, the build's total then, and the trouble it brings. */
    public record Taking(Part part, LinePrice price, CountedTotal total, BandState state, Effect effect) {}

    public Taking taking(Sheets sheets, Sheets.OfTier tier, Sheets.OfBuild build, Sheets.OfLine line, Part part) {
        var guide = sheets.guide();
        var price = price(
                guide, sheets.edition(), line.line().with(new Choice.Chosen(part)), Optional.empty(), clock.instant());
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
