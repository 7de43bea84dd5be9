package lowfield.server.demo;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.money.Money;
import lowfield.core.part.Release;
import lowfield.server.accounts.Person;
import lowfield.server.catalogue.Parts;
import lowfield.server.prices.EstimateBases;
import lowfield.server.prices.EstimateForm;
import lowfield.server.shops.Shops;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Makes the demo's shops and parts, their pages, and what announced parts are thought to cost. */
@Component
@ConditionalOnProperty(name = "lowfield.demo", havingValue = "true")
class DemoCatalogue {
    private final Shops shops;
    private final Parts parts;
    private final EstimateBases estimates;

    DemoCatalogue(Shops shops, Parts parts, EstimateBases estimates) {
        this.shops = shops;
        this.parts = parts;
        this.estimates = estimates;
    }

    DemoWorld made(DemoData data, Person author) {
        var made = new HashMap<String, Shops.Shop>();
        data.shops().forEach((letter, shop) -> made.put(letter, shops.add(shop)));
        var world = new DemoWorld(parts(made), made, author);
        data.estimates().forEach(e -> estimates.set(world.part(e.part()), Optional.of(basis(e, world))));
        return world;
    }

    private static EstimateForm basis(DemoData.Estimated estimated, DemoWorld world) {
        return new EstimateForm(
                EstimateForm.Type.TIMES,
                world.part(estimated.comparable()),
                estimated.factorPermille(),
                null,
                null,
                estimated.spreadPermille(),
                null);
    }

    private Map<String, UUID> parts(Map<String, Shops.Shop> made) {
        var ids = new HashMap<String, UUID>();
        for (var file : DemoData.parts()) {
            var suggested = file.suggested() == null ? null : Money.of(file.suggested() * 100L, "EUR");
            var release = file.release() == null ? Release.ON_SALE : Release.valueOf(file.release());
            var part = parts.add(new Parts.NewPart(
                    file.kind(),
                    file.maker(),
                    file.family(),
                    file.name(),
                    file.variant(),
                    file.gtin(),
                    null,
                    release,
                    suggested,
                    file.avoid(),
                    file.spec()));
            ids.put(file.key(), part.id());
            file.shops()
                    .forEach(letter -> shops.addPage(
                            part.id(), "https://" + made.get(letter).host() + "/p/" + file.key()));
        }
        return ids;
    }
}
