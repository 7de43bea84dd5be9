package lowfield.server.demo;

import java.time.ZoneOffset;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Stock;
import lowfield.server.bench.LineOffers;
import lowfield.server.bench.Viewing;
import lowfield.server.bench.Views;
import lowfield.server.editing.Editing;
import lowfield.server.edition.ChoiceState;
import lowfield.server.edition.LinePatch;
import lowfield.server.guide.EditionInfo;
import lowfield.server.platform.Clocks.MovableClock;
import lowfield.server.prices.TypedPrice;
import lowfield.server.prices.TypedPrices;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Prices that the demo's second guide has from a counter and not from a shop. */
@Component
@ConditionalOnProperty(name = "lowfield.demo", havingValue = "true")
class DemoHirePrices {
    private final MovableClock clock;
    private final Editing editing;
    private final Viewing viewing;
    private final LineOffers offers;
    private final TypedPrices typed;
    private final DemoBench bench;

    DemoHirePrices(
            MovableClock clock,
            Editing editing,
            Viewing viewing,
            LineOffers offers,
            TypedPrices typed,
            DemoBench bench) {
        this.clock = clock;
        this.editing = editing;
        this.viewing = viewing;
        this.offers = offers;
        this.typed = typed;
        this.bench = bench;
    }

    /** Every part of a tier at the price of a counter in the harbour, which no shop here has; its figures are the catalogue's. */
    void byHand(EditionInfo edition, String tier, DemoWorld world) {
        var build = bench.build(edition, tier);
        for (var line : view(edition.id(), build).lines()) {
            if (line.part() != null && line.counted() && line.goods().minor() != null) {
                var each = line.goods().minor() / line.quantity();
                var unlisted = new ChoiceState(
                        ChoiceState.Type.FREE_HAND,
                        line.part(),
                        line.label() + ", from the counter",
                        each + 100,
                        "EUR",
                        "the counter at the old pier",
                        null,
                        null,
                        true);
                edit(
                        edition,
                        line,
                        LinePatch.of(patch -> {
                            patch.choice = unlisted;
                            patch.reason = line.reason();
                        }),
                        world);
            }
        }
    }

    /** What a person asks for a used part, for this guide only. */
    void privately(UUID part, long minor, Private from, UUID guide, DemoWorld world) {
        typed.add(
                part,
                new TypedPrice(
                        guide,
                        false,
                        null,
                        from.seller(),
                        true,
                        Condition.USED,
                        Stock.IN_STOCK,
                        minor,
                        "EUR",
                        from.shippingMinor(),
                        null,
                        null,
                        false,
                        clock.instant().atZone(ZoneOffset.UTC).toLocalDate(),
                        from.source(),
                        from.link(),
                        true),
                world.author());
    }

    /** A private seller, and where the offer is. */
    record Private(String seller, long shippingMinor, String source, String link) {}

    void hold(EditionInfo edition, Views.LineView line, String seller, String why, DemoWorld world) {
        offers.of(edition.id(), line.id()).stream()
                .filter(o -> o.offer().seller().startsWith(seller))
                .findFirst()
                .ifPresent(o -> edit(edition, line, LinePatch.hold(o.offer().listing(), why), world));
    }

    private void edit(EditionInfo edition, Views.LineView line, LinePatch patch, DemoWorld world) {
        editing.edit(edition.id(), line.id(), patch, line.version(), world.author());
    }

    private Views.Bench view(UUID edition, UUID build) {
        return viewing.bench(edition, build, Optional.empty());
    }
}
