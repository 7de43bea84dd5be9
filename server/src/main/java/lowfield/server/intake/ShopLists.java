package lowfield.server.intake;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.intake.KindGuess;
import lowfield.core.money.Money;
import lowfield.core.part.Gtin;
import lowfield.core.part.Kind;
import lowfield.server.catalogue.PartCodes;
import lowfield.server.catalogue.PartNumbers;
import lowfield.server.outbound.Fetched;
import lowfield.server.prices.Listings;
import lowfield.server.reading.FeedForm;
import lowfield.server.reading.FeedLine;
import lowfield.server.reading.FeedReader;
import lowfield.server.shops.ShopPages;
import lowfield.server.shops.Shops;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Looks through a shop's list for what is no part of the catalogue yet. Nothing is kept. */
@Service
public class ShopLists {
    private static final int MOST = 2_000;

    private final Shops shops;
    private final ShopPages pages;
    private final PartNumbers numbers;
    private final Listings listings;

    ShopLists(Shops shops, ShopPages pages, PartNumbers numbers, Listings listings) {
        this.shops = shops;
        this.pages = pages;
        this.numbers = numbers;
        this.listings = listings;
    }

    /**
     * A thing on the list that no part is.
     *
     * @param kind absent where its name does not tell
     * @param priceMinor the least that is asked for it, in minor units of the shop's currency; absent without a price
     */
    public record Unknown(
            @Nullable Kind kind,
            String name,
            @Nullable String gtin,
            @Nullable Long priceMinor,
            String address) {}

    /** What was found, how many lines the list has, how many more there are than are shown, and what could not be read. */
    public record Looked(
            List<Unknown> unknown,
            String currency,
            int lines,
            int more,
            @Nullable String sentence) {}

    public Looked look(UUID id) {
        var shop = shops.find(id);
        var form = Optional.ofNullable(shop.feed())
                .orElseThrow(
                        () -> new RuleBroken("%s has no list; say under Shops where it is.".formatted(shop.name())));
        var fetched = pages.list(shop, form.path());
        if (!(fetched instanceof Fetched.Listed list)) {
            throw new RuleBroken("The list of %s could not be read: %s.".formatted(shop.name(), fetched.why()));
        }
        try (var body = list.body()) {
            var found = new Search(shop, numbers.codes(), listings.pages(id).keySet());
            var read = new FeedReader(shop.name(), shop.host(), Money.currencyOf(shop.currency()), form)
                    .read(body.reader(), found::add);
            return new Looked(
                    List.copyOf(found.unknown.values()),
                    shop.currency(),
                    read.lines(),
                    found.more,
                    sentence(form, read.sentence()));
        }
    }

    private static @Nullable String sentence(FeedForm form, String read) {
        if (!form.columns().containsKey(FeedForm.Field.NAME)) {
            return "Say under Shops which column of the list is the name; without it nothing can be told apart.";
        }
        return read.isEmpty() ? null : read;
    }

    /** The lines of one list, as they come; several offers of one thing are one. */
    private static final class Search {
        private final Shops.Shop shop;
        private final PartCodes codes;
        private final Set<String> known;
        private final Map<String, Unknown> unknown = new LinkedHashMap<>();
        private int more;

        Search(Shops.Shop shop, PartCodes codes, Set<String> known) {
            this.shop = shop;
            this.codes = codes;
            this.known = known;
        }

        void add(FeedLine line) {
            var identity = line.identity();
            if (line.name().isEmpty()
                    || known.contains(line.path())
                    || codes.part(identity.gtin(), identity.makerNumber()).isPresent()) {
                return;
            }
            var key = identity.gtin().map(Gtin::digits).orElse(line.path());
            if (unknown.containsKey(key) || unknown.size() < MOST) {
                unknown.merge(key, of(line), Search::cheaper);
            } else {
                more++;
            }
        }

        private Unknown of(FeedLine line) {
            return new Unknown(
                    KindGuess.of("", line.name()).orElse(null),
                    line.name().length() > 200 ? line.name().substring(0, 200) : line.name(),
                    line.identity().gtin().map(Gtin::digits).orElse(null),
                    line.offer().price().map(Money::minor).orElse(null),
                    "https://" + shop.host() + line.path());
        }

        private static Unknown cheaper(Unknown one, Unknown other) {
            return other.priceMinor() != null && (one.priceMinor() == null || other.priceMinor() < one.priceMinor())
                    ? other
                    : one;
        }
    }
}
