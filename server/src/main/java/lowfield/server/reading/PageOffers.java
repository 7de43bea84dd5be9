package lowfield.server.reading;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jsoup.nodes.Document;

/** What is offered of a product on its page: where its own description offers nothing, by what the page says otherwise. */
final class PageOffers {
    private final OfferReader offers;
    private final PageData data;
    private final boolean isOnly;

    /** {@code isOnly}: whether the page speaks of no other product, so that its meta tags can only be about this one. */
    PageOffers(OfferReader offers, PageData data, boolean isOnly) {
        this.offers = offers;
        this.data = data;
        this.isOnly = isOnly;
    }

    PageReading of(Found product) {
        var own = offers.read(product);
        return own.offers().isEmpty() && !product.node().has("offers") && isOnly
                ? elsewhere(data.page())
                        .map(offers::read)
                        .filter(r -> !r.offers().isEmpty())
                        .findFirst()
                        .orElse(own)
                : own;
    }

    private static Stream<Found> elsewhere(Document page) {
        return Stream.concat(
                only(Found.once(Found.in(Microdata.of(page), "the page's elements"))).stream(),
                OpenGraph.offer(page).map(o -> new Found(o, "the page's meta tags")).stream());
    }

    private static Optional<Found> only(List<Found> products) {
        return products.size() == 1 ? Optional.of(products.get(0)) : Optional.empty();
    }
}
