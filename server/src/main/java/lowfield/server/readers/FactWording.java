package lowfield.server.readers;

import java.time.ZoneId;
import java.util.Currency;
import java.util.Locale;
import lowfield.core.fact.FactValue;

/** How facts in a text are worded for a guide's readers: in its language, currency and zone. */
public final class FactWording {
    private final Wording words;

    public FactWording(String locale, ZoneId zone, Currency currency) {
        this.words = new Wording(Locale.forLanguageTag(locale), zone, currency);
    }

    public String of(FactValue value) {
        if (value instanceof FactValue.Sum sum) {
            return words.money(sum.sum());
        }
        if (value instanceof FactValue.Share share) {
            return Wording.percent(share.permille()) + "%";
        }
        if (value instanceof FactValue.Day day) {
            return words.date(day.at());
        }
        if (value instanceof FactValue.Words said) {
            return said.words();
        }
        return value instanceof FactValue.Withheld ? "(not shown)" : "(not known)";
    }
}
