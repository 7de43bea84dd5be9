package lowfield.server.reading;

import java.time.LocalDate;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lowfield.core.intake.Statement;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import tools.jackson.databind.JsonNode;

/** What a page says of the products on it: names, numbers, and every labelled statement. Names are text, never markup. */
public final class ProductPage {
    private static final int LONGEST = 200;
    private static final List<String> MEASURES = List.of("weight", "depth", "height", "width", "color", "size");

    private ProductPage() {}

    /**
     * One product of a page.
     *
     * @param offers what of it is offered, and for how much
     */
    public record Described(
            String name,
            String maker,
            Optional<String> gtin,
            Optional<String> makerNumber,
            String category,
            List<Statement> statements,
            PageReading offers) {}

    /** The products of a page of a shop; statements that stand in the page itself belong to its only product. */
    public static List<Described> read(String html, String shop, Currency currency, LocalDate today) {
        return read(html, new ShopTerms(shop, currency, today));
    }

    /** The same for a shop whose prices may hold no tax. */
    public static List<Described> read(String html, ShopTerms shop) {
        var data = PageData.of(html);
        var found = Found.once(data.products());
        var onPage = found.size() > 1 ? List.<Statement>of() : new PageStatements(data.page()).all();
        if (found.isEmpty()) {
            return heading(data.page())
                    .map(name -> new Described(
                            name,
                            "",
                            Optional.empty(),
                            Optional.empty(),
                            "",
                            onPage,
                            OpenGraph.offer(data.page())
                                    .map(o -> new OfferReader(shop).read(new Found(o, "the page's meta tags")))
                                    .orElseGet(() -> PageReading.nothing("the page has no schema.org product"))))
                    .stream()
                    .toList();
        }
        var offers = new PageOffers(new OfferReader(shop), data, found.size() == 1);
        return found.stream()
                .map(f -> described(f, onPage, data.page(), offers))
                .filter(d -> !d.name().isEmpty())
                .toList();
    }

    private static Described described(Found found, List<Statement> onPage, Document page, PageOffers offers) {
        var node = found.node();
        var own =
                Stream.concat(properties(node, found.where()), onPage.stream()).limit(PageStatements.MOST);
        return new Described(
                plain(Nodes.text(node, "name").or(() -> heading(page)).orElse("")),
                maker(node),
                found.gtin().filter(g -> g.matches("[0-9]{8,14}")),
                found.makerNumber().map(ProductPage::plain).filter(n -> !n.isEmpty()),
                plain(Nodes.text(node, "category").orElse("")),
                own.toList(),
                offers.of(found));
    }

    private static String maker(JsonNode node) {
        return Stream.of("brand", "manufacturer")
                .flatMap(field -> Nodes.each(node.path(field)).stream())
                .flatMap(b -> (b.isString() ? Optional.of(b.asString()) : Nodes.text(b, "name")).stream())
                .map(ProductPage::plain)
                .filter(n -> !n.isEmpty())
                .findFirst()
                .orElse("");
    }

    private static Stream<Statement> properties(JsonNode node, String where) {
        var additional = Nodes.each(node.path("additionalProperty")).stream()
                .filter(p -> p.isObject())
                .map(p -> new Statement(
                        plain(Nodes.text(p, "name").orElse("")), value(p), where + " > additionalProperty"));
        var measures = MEASURES.stream()
                .flatMap(m -> Nodes.each(node.path(m)).stream()
                        .map(v ->
                                new Statement(m, v.isObject() ? value(v) : plain(v.asString("")), where + " > " + m)));
        return Stream.concat(additional, measures)
                .filter(s -> !s.label().isEmpty() && !s.text().isEmpty());
    }

    /** A quantity with its unit, which may be one of UN/CEFACT's common codes. */
    private static String value(JsonNode property) {
        var unit = Nodes.text(property, "unitText")
                .or(() -> Nodes.text(property, "unitCode").map(ProductPage::unit))
                .orElse("");
        return plain(Nodes.text(property, "value").orElse("") + " " + unit);
    }

    private static String unit(String code) {
        return switch (code) {
            case "MMT" -> "mm";
            case "CMT" -> "cm";
            case "MTR" -> "m";
            case "INH" -> "in";
            case "GRM" -> "g";
            case "KGM" -> "kg";
            case "LBR" -> "lb";
            case "WTT" -> "W";
            case "KWT" -> "kW";
            case "MHZ" -> "MHz";
            case "A86" -> "GHz";
            case "E34" -> "GB";
            case "E35" -> "TB";
            case "ANN" -> "years";
            case "MON" -> "months";
            case "2N" -> "dB";
            default -> code;
        };
    }

    private static Optional<String> heading(Document page) {
        return page.select("h1").stream()
                .map(Element::text)
                .map(ProductPage::plain)
                .filter(t -> !t.isEmpty())
                .findFirst();
    }

    static String plain(String text) {
        var bare = Nodes.plain(text).replaceAll("\\s+", " ").strip();
        return bare.length() > LONGEST ? bare.substring(0, LONGEST).strip() : bare;
    }
}
