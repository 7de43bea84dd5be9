package lowfield.core.part;

import lowfield.core.part.spec.GraphicsCard;

/**
 * What moves together in price: graphics cards of one chip, memory size and power class, and the siblings of any other
 * product. Forty cards of one chip tell of one price, not of forty.
 */
public final class Pool {
    /** Cards of one chip whose board power is this far apart, in watts, are of different classes. */
    private static final int CLASS = 50;

    private Pool() {}

    /** The same text for parts of one pool. */
    public static String of(Part part) {
        if (part.spec() instanceof GraphicsCard card
                && card.chip().isKnown()
                && card.memory().isKnown()) {
            var power = card.boardPower()
                    .map(w -> Integer.toString((w + CLASS / 2) / CLASS))
                    .or("?");
            return "chip " + card.chip().or("") + " " + card.memory().or(0) + " " + power;
        }
        return "product " + part.product();
    }
}
