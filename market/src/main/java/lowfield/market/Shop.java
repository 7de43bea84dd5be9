package lowfield.market;

import java.math.BigDecimal;

/**
 * One of the four shops: its letter in the data, name, host, what shipping one thing alone costs, how its pages state
 * their data, and where its feed lies (empty: it has none).
 */
record Shop(String letter, String name, String host, BigDecimal shipping, Style style, String feed, String robots) {
    enum Style {
        /** JSON-LD, one product, its offer or offers. */
        PLAIN,
        /** JSON-LD in a graph among other things, its offers gathered. */
        GRAPH,
        /** Two scripts; the product inside the page's description; prices as specifications. */
        NESTED,
        /** No JSON-LD; properties on the page's own elements. */
        MICRODATA
    }
}
