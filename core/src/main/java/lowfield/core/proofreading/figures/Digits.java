package lowfield.core.proofreading.figures;

import java.math.BigDecimal;
import java.text.DecimalFormatSymbols;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Numbers in digits as a language writes them: "1,238.40" in English, "1 238,40" in Swedish. */
public final class Digits {
    private final char point;
    private final String groups;

    Digits(Locale locale) {
        var symbols = DecimalFormatSymbols.getInstance(locale);
        point = symbols.getDecimalSeparator();
        groups = point == ',' ? ".\u00a0\u202f'" : ",\u00a0\u202f'";
    }

    String expression() {
        return "\\d{1,3}(?:[" + groups + "]\\d{3})+(?:" + Pattern.quote("" + point) + "\\d{1,3})?|\\d{1,9}(?:"
                + Pattern.quote("" + point) + "\\d{1,3})?";
    }

    Optional<BigDecimal> of(String written) {
        var plain = written.replaceAll("[" + groups + "]", "").replace(point, '.');
        return Optional.of(new BigDecimal(plain));
    }

    /** How many places stand behind the point. */
    int places(String written) {
        var at = written.lastIndexOf(point);
        return at < 0 ? 0 : written.length() - at - 1;
    }
}
