package lowfield.market;

import java.math.BigDecimal;
import java.util.List;

/** A thing on the shelves: its price in the anchor month and who sells it at what share of that price. */
record Product(String slug, String name, String gtin, String kind, BigDecimal anchor, List<Offered> offers) {

    /** One seller's terms: shop letter, seller (empty for the shop itself), factor, flags r (refurbished), m (members), l (few left). */
    record Offered(String shop, String seller, BigDecimal factor, String flags) {

        /** From {@code Q/Pier Nine:0.98:m}. */
        static Offered parse(String text) {
            var fields = text.split(":", -1);
            var who = fields[0].split("/", -1);
            return new Offered(
                    who[0],
                    who.length > 1 ? who[1] : "",
                    new BigDecimal(fields[1]),
                    fields.length > 2 ? fields[2] : "");
        }
    }

    /** From a line of products.csv, separated by bars. */
    static Product parse(String line) {
        var fields = line.split("\\|", -1);
        var offers = List.of(fields[5].split(";")).stream().map(Offered::parse).toList();
        return new Product(fields[0], fields[1], fields[2], fields[3], new BigDecimal(fields[4]), offers);
    }
}
