package lowfield.server.reading;

import java.time.LocalDate;
import java.util.Currency;
import java.util.Optional;

/**
 * Reads schema.org {@code Product} and {@code Offer} from a page: from JSON-LD in whatever nesting, else from microdata,
 * else a price from its meta tags. Which of several products a page speaks of is never guessed.
 */
public final class PageReader {
    private final OfferReader offers;

    /** For pages of a shop whose prices hold their tax; every price must have its declared currency. */
    public PageReader(String shop, Currency currency, LocalDate today) {
        this(new ShopTerms(shop, currency, today));
    }

    public PageReader(ShopTerms shop) {
        offers = new OfferReader(shop);
    }

    /** Reads a page; when the page names a GTIN and one is expected they must agree. */
    public PageReading read(String html, Optional<String> gtin) {
        return read(html, Identity.ofGtin(gtin));
    }

    public PageReading read(String html, Identity identity) {
        var data = PageData.of(html);
        if (data.products().isEmpty()) {
            return OpenGraph.offer(data.page())
                    .map(offer -> offers.read(new Found(offer, "the page's meta tags")))
                    .orElseGet(() -> PageReading.nothing(
                            data.isBroken() ? "the page's data is broken JSON" : "the page has no schema.org product"));
        }
        return Found.one(data.products(), identity)
                .map(product -> reading(data, product, identity))
                .orElseGet(() -> PageReading.nothing(
                        "the page describes %d products, and none of them names this part's GTIN, maker's number or address"
                                .formatted(data.products().size())));
    }

    private PageReading reading(PageData data, Found product, Identity identity) {
        var stated = product.gtin();
        if (identity.gtin().isPresent() && stated.isPresent() && !identity.isGtin(stated.get())) {
            return PageReading.nothing(
                    "the page is of another product (GTIN %s)".formatted(Nodes.shortened(stated.get())));
        }
        var isOnly = Found.once(data.products()).size() == 1;
        return new PageOffers(offers, data, isOnly).of(product);
    }
}
