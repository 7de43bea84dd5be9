package lowfield.server.intake;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import lowfield.core.intake.FigureReader;
import lowfield.core.intake.KindGuess;
import lowfield.core.intake.NameParts;
import lowfield.core.intake.ReadFigure;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Stock;
import lowfield.core.part.Field;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.server.catalogue.Chips;
import lowfield.server.catalogue.PartNumbers;
import lowfield.server.catalogue.Parts;
import lowfield.server.outbound.Fetched;
import lowfield.server.reading.ProductPage;
import lowfield.server.reading.SeenOffer;
import lowfield.server.reading.ShopTerms;
import lowfield.server.shops.ShopPages;
import lowfield.server.shops.Shops;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Reads a product page of a shop for somebody who wants its part in the catalogue. Nothing is kept; the author confirms. */
@Service
public class PartIntake {
    private final ShopPages pages;
    private final Parts parts;
    private final PartNumbers numbers;
    private final Chips chips;
    private final Shops shops;
    private final Clock clock;

    PartIntake(ShopPages pages, Parts parts, PartNumbers numbers, Chips chips, Shops shops, Clock clock) {
        this.shops = shops;
        this.clock = clock;
        this.pages = pages;
        this.parts = parts;
        this.numbers = numbers;
        this.chips = chips;
    }

    /** One value that was read of a figure, as it is stored and as a person reads it, and from which words where. */
    public record ReadValue(Object value, String shown, String where, String words) {}

    /** A figure with every value that was read of it; more than one where the page contradicts itself. */
    public record FigureRead(String field, String label, String unit, List<ReadValue> values) {}

    /**
     * An offer of the page, in minor units of the shop's currency.
     *
     * @param shippingMinor absent where the page does not say
     * @param validUntil the last day of the price; absent where the page does not say
     */
    public record OfferRead(
            long priceMinor,
            @Nullable Long shippingMinor,
            Condition condition,
            Stock stock,
            boolean membersOnly,
            @Nullable LocalDate validUntil) {
        static OfferRead of(SeenOffer offer) {
            return new OfferRead(
                    offer.price().orElseThrow().minor(),
                    offer.shipping().map(Money::minor).orElse(null),
                    offer.condition(),
                    offer.stock(),
                    offer.membersOnly(),
                    offer.validUntil().orElse(null));
        }
    }

    /** A part that the catalogue has already, and what it says of the figures that were read. */
    public record KnownPart(UUID id, String name, Map<String, Object> spec) {}

    /**
     * One product that a page speaks of.
     *
     * @param makerProposed whether the maker is taken from the name, since the page states none
     * @param kind absent when neither category nor name tells it
     * @param offer what the shop offers of it; absent where it offers nothing with a price
     */
    public record ReadPart(
            @Nullable Kind kind,
            String maker,
            boolean makerProposed,
            String name,
            String version,
            @Nullable String gtin,
            @Nullable String makerNumber,
            @Nullable OfferRead offer,
            List<FigureRead> figures,
            @Nullable KnownPart known) {}

    /** A page that was read; a sentence where there is nothing, and several products where the author must say which. */
    public record PageRead(
            UUID shop,
            String shopName,
            String currency,
            List<ReadPart> products,
            @Nullable String sentence) {}

    /** Reads a page; the kind is taken as given, else guessed from what the page says. */
    public PageRead read(String address, @Nullable Kind kind) {
        var page = pages.fetch(address);
        var shop = page.shop();
        if (!(page.fetched() instanceof Fetched.Page fetched)) {
            var why = page.fetched().why();
            return none(shop, why.isEmpty() ? "nothing came back" : why);
        }
        var known = chips.all();
        var products = ProductPage.read(
                        fetched.html(),
                        new ShopTerms(
                                shop.name(),
                                Money.currencyOf(shop.currency()),
                                LocalDate.now(clock),
                                shop.taxPermille() > 0))
                .stream()
                .limit(60)
                .toList();
        // An address stands for the part of the page's only product.
        var atAddress = products.size() == 1 ? shops.partAt(page.address()) : Optional.<UUID>empty();
        return products.isEmpty()
                ? none(shop, "the page names no product")
                : new PageRead(
                        shop(shop),
                        shop.name(),
                        shop.currency(),
                        products.stream()
                                .map(d -> part(d, shop, kind, known, atAddress))
                                .toList(),
                        null);
    }

    private static PageRead none(Shops.Shop shop, String sentence) {
        return new PageRead(shop(shop), shop.name(), shop.currency(), List.of(), sentence);
    }

    private static UUID shop(Shops.Shop shop) {
        return Optional.ofNullable(shop.id()).orElseThrow();
    }

    private ReadPart part(
            ProductPage.Described described,
            Shops.Shop shop,
            @Nullable Kind asked,
            List<Chips.Chip> named,
            Optional<UUID> atAddress) {
        var known = numbers.part(described.gtin(), described.makerNumber())
                .or(() -> atAddress)
                .map(id -> parts.catalogue().part(id));
        var kind = known.map(Part::kind)
                .or(() -> Optional.ofNullable(asked))
                .or(() -> KindGuess.of(described.category(), described.name()));
        var name = NameParts.of(
                described.name(), described.maker(), parts.catalogue().makers());
        return new ReadPart(
                kind.orElse(null),
                name.maker(),
                name.isMakerProposed(),
                name.product(),
                name.version(),
                described.gtin().orElse(null),
                described.makerNumber().orElse(null),
                offer(described, shop),
                kind.map(k -> figures(k, described, named)).orElse(List.of()),
                known.map(p -> new KnownPart(
                                p.id(), p.fullName(), p.kind().schema().write(p.spec())))
                        .orElse(null));
    }

    /** The shop's own, a new one before others and one that can be ordered before others. */
    private static @Nullable OfferRead offer(ProductPage.Described described, Shops.Shop shop) {
        if (shop.withoutPrices()) {
            return null;
        }
        return described.offers().offers().stream()
                .filter(o -> o.seller().equals(shop.name()) && o.price().isPresent())
                .min(Comparator.comparing((SeenOffer o) -> o.condition() != Condition.NEW)
                        .thenComparing(o -> o.stock() == Stock.OUT_OF_STOCK || o.stock() == Stock.GONE))
                .map(OfferRead::of)
                .orElse(null);
    }

    private static List<FigureRead> figures(Kind kind, ProductPage.Described described, List<Chips.Chip> all) {
        var named =
                all.stream().filter(c -> c.kind() == kind).map(Chips.Chip::name).toList();
        return new FigureReader(kind, named)
                .read(described.name(), described.statements()).entrySet().stream()
                        .map(e -> new FigureRead(
                                e.getKey().name(),
                                e.getKey().label(),
                                e.getKey().unit(),
                                e.getValue().stream()
                                        .map(r -> value(kind, e.getKey(), r))
                                        .toList()))
                        .toList();
    }

    /** Rows and pairs are read as they are stored, and told as the catalogue tells them. */
    private static ReadValue stored(Kind kind, Field field, ReadFigure read) {
        var schema = kind.schema();
        var shown = schema.figureOf(schema.read(Map.of(field.name(), read.value())), field)
                .value()
                .map(field::worded)
                .orElse("");
        return new ReadValue(read.value(), shown, read.where(), read.words());
    }

    private static ReadValue value(Kind kind, Field field, ReadFigure read) {
        if (field.holds() == Field.Holds.ROWS || field.holds() == Field.Holds.PAIRS) {
            return stored(kind, field, read);
        }
        var stored = read.value() instanceof Set<?> words ? new TreeSet<>((Collection<?>) words) : read.value();
        return new ReadValue(stored, field.worded(read.value()), read.where(), read.words());
    }
}
