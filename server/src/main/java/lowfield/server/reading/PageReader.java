package lowfield.server.reading;

import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads schema.org {@code Product} and {@code Offer} from a page: from JSON-LD in whatever nesting, else from microdata.
 * Pages are hostile: depth and sizes are bounded, names are text.
 */
public final class PageReader {
    private static final JsonMapper JSON = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(50)
                            .maxNumberLength(40)
                            .maxStringLength(200_000)
                            .build())
                    .build())
            .build();

    private final OfferReader offers;

    /** For pages of a shop, whose declared currency every price must have. */
    public PageReader(String shop, Currency currency) {
        offers = new OfferReader(shop, currency);
    }

    /** Reads a page; when the page names a GTIN and one is expected they must agree. */
    public PageReading read(String html, Optional<String> gtin) {
        return read(html, Identity.ofGtin(gtin));
    }

    public PageReading read(String html, Identity identity) {
        var page = Jsoup.parse(html);
        var products = new ArrayList<Found>();
        var broken = described(page, products);
        if (products.isEmpty()) {
            products.addAll(Found.in(Microdata.of(page), "the page's elements"));
        }
        if (products.isEmpty()) {
            return PageReading.nothing(
                    broken ? "the page's data is broken JSON" : "the page has no schema.org product");
        }
        var product = Found.best(products, identity);
        var stated = product.gtin();
        if (identity.gtin().isPresent() && stated.isPresent() && !identity.isGtin(stated.get())) {
            return PageReading.nothing(
                    "the page is of another product (GTIN %s)".formatted(Nodes.shortened(stated.get())));
        }
        return offers.read(product);
    }

    /** What scripts describe; whether one of them is no JSON. */
    private static boolean described(Document page, List<Found> products) {
        var broken = false;
        var number = 0;
        for (var script : page.select("script[type=application/ld+json]")) {
            number++;
            try {
                products.addAll(Found.in(JSON.readTree(script.data()), "script " + number));
            } catch (JacksonException unreadable) {
                broken = true;
            }
        }
        return broken;
    }
}
