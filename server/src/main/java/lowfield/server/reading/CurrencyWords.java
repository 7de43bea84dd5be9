package lowfield.server.reading;

import java.util.Currency;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Currencies as shops write them: a code in any letters, or a sign that means one currency only. */
final class CurrencyWords {
    /** Not among them: signs that several currencies share ($, kr, ¥). */
    private static final Map<String, String> SIGNS =
            Map.of("€", "EUR", "£", "GBP", "zł", "PLN", "₹", "INR", "₩", "KRW", "฿", "THB", "Kč", "CZK");

    private CurrencyWords() {}

    /** Whether a named currency is a shop's own. */
    static boolean isOwn(String named, Currency own) {
        var code = own.getCurrencyCode();
        return named.strip().toUpperCase(Locale.ROOT).equals(code) || code.equals(SIGNS.get(named.strip()));
    }

    /** The currency whose sign or code stands in a price's text; absent where none does. */
    static Optional<String> in(String price) {
        var words = price.replaceAll("[0-9.,'\\s\\u00a0\\u202f-]", "");
        return words.isEmpty() ? Optional.empty() : Optional.of(words);
    }
}
