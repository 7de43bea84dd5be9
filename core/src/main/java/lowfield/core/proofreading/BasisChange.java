package lowfield.core.proofreading;

import java.util.Locale;

/** What of a reason's basis has changed since: "Price against the Mica Six: was 290.30 EUR and below it; now 312.10 EUR and above it." */
public record BasisChange(String about, String was, String now) {
    public String sentence() {
        return "%s: was %s; now %s.".formatted(capital(about), was, now);
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
