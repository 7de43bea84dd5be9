package lowfield.market;

import java.util.List;

/** A product as properties on the page's own elements, prices as a visitor reads them. */
final class Microdata {
    private Microdata() {}

    static String of(Product product, String name, String gtin, List<Stated> stated) {
        var html = new StringBuilder("<article itemscope itemtype=\"https://schema.org/Product\">")
                .append("<h1 itemprop=\"name\">%s</h1>".formatted(Page.escape(name)))
                .append("<meta itemprop=\"gtin13\" content=\"%s\">".formatted(gtin))
                .append("<p>Article <span itemprop=\"sku\">%s</span></p>".formatted(product.slug()));
        stated.forEach(offer -> html.append(offer(offer)));
        return html.append("</article>").toString();
    }

    private static String offer(Stated offer) {
        var html = new StringBuilder("<div itemprop=\"offers\" itemscope itemtype=\"https://schema.org/Offer\">");
        offer.price()
                .ifPresent(p -> html.append("<span itemprop=\"price\">%s</span>".formatted(Page.escape(p)))
                        .append("<meta itemprop=\"priceCurrency\" content=\"%s\">".formatted(offer.currency())));
        return html.append("<link itemprop=\"availability\" href=\"https://schema.org/%s\">"
                        .formatted(offer.availability()))
                .append("<link itemprop=\"itemCondition\" href=\"https://schema.org/%s\">"
                        .formatted(offer.refurbished() ? "RefurbishedCondition" : "NewCondition"))
                .append("<span itemprop=\"seller\" itemscope itemtype=\"https://schema.org/Organization\">")
                .append("<span itemprop=\"name\">%s</span></span>".formatted(Page.escape(offer.seller())))
                .append(
                        "<div itemprop=\"shippingDetails\" itemscope itemtype=\"https://schema.org/OfferShippingDetails\">")
                .append("<div itemprop=\"shippingRate\" itemscope itemtype=\"https://schema.org/MonetaryAmount\">")
                .append("<span itemprop=\"value\">%s</span>".formatted(offer.shipping()))
                .append("<meta itemprop=\"currency\" content=\"EUR\"></div></div></div>")
                .toString();
    }
}
