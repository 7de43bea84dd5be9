package lowfield.server.rates;

import static lowfield.db.Tables.CURRENCY_RATE;

import com.github.benmanes.caffeine.cache.Cache;
import java.math.BigDecimal;
import java.net.URI;
import java.time.LocalDate;
import java.util.Currency;
import java.util.Optional;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.money.Rate;
import lowfield.server.outbound.Fetched;
import lowfield.server.outbound.PoliteFetcher;
import lowfield.server.outbound.Wanted;
import lowfield.server.platform.IdleCache;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Exchange rates: fetched with each round, kept by day, never guessed. */
@Service
public class Rates {
    private static final Logger LOG = LoggerFactory.getLogger(Rates.class);
    private static final String BASE = "EUR";
    private static final int OLDEST_DAYS = 10;

    private final DSLContext db;
    private final PoliteFetcher fetcher;
    private final RateSource source;
    private final Cache<Exchange, Optional<Rate>> known = IdleCache.cache().build();

    /** From which currency into which, on which day. */
    private record Exchange(Currency from, Currency to, LocalDate day) {}

    Rates(DSLContext db, PoliteFetcher fetcher, RateSource source) {
        this.db = db;
        this.fetcher = fetcher;
        this.source = source;
    }

    /** Asks the rate service for its day's rates; a sentence when there are none. */
    public Optional<String> refresh() {
        var from = source.address();
        var fetched = fetcher.fetch(new Wanted(from.getHost(), path(from), Optional.empty(), Wanted.Form.RATES));
        if (!(fetched instanceof Fetched.Page page)) {
            return Optional.of(fetched instanceof Fetched.Failed failed ? failed.sentence() : "no rates came");
        }
        try {
            var rates = DailyRates.read(page.html());
            rates.ofOneEuro().forEach((currency, rate) -> keep(rates.day(), currency, rate, from.getHost()));
            known.invalidateAll();
            return Optional.empty();
        } catch (RuleBroken unreadable) {
            LOG.warn("Exchange rates: {}", unreadable.getMessage());
            return Optional.of(unreadable.getMessage());
        }
    }

    private static String path(URI address) {
        return address.getRawPath() + (address.getRawQuery() == null ? "" : "?" + address.getRawQuery());
    }

    /** The last rates that came: of which day, and of how many currencies. */
    public record Last(LocalDate day, int currencies) {}

    public Optional<Last> last() {
        return db.select(CURRENCY_RATE.DAY, DSL.count())
                .from(CURRENCY_RATE)
                .groupBy(CURRENCY_RATE.DAY)
                .orderBy(CURRENCY_RATE.DAY.desc())
                .limit(1)
                .fetchOptional(r -> new Last(r.value1(), r.value2()));
    }

    private void keep(LocalDate day, String currency, BigDecimal rate, String host) {
        db.insertInto(CURRENCY_RATE)
                .values(day, currency, rate, host)
                .onConflictDoNothing()
                .execute();
    }

    /** The last rate between two currencies that is not older than ten days; absent when there is none. */
    public Optional<Rate> of(Currency from, Currency to, LocalDate day) {
        if (from.equals(to)) {
            return Optional.of(new Rate(from, to, BigDecimal.ONE, day, "the same currency"));
        }
        return known.get(new Exchange(from, to, day), asked -> load(from, to, day));
    }

    private Optional<Rate> load(Currency from, Currency to, LocalDate day) {
        return euro(from, day).flatMap(a -> euro(to, day).map(b -> Rate.across(a, b)));
    }

    /** One euro in a currency. */
    private Optional<Rate> euro(Currency currency, LocalDate day) {
        var euro = Money.currencyOf(BASE);
        if (currency.equals(euro)) {
            return Optional.of(new Rate(euro, euro, BigDecimal.ONE, day, "the same currency"));
        }
        return db.selectFrom(CURRENCY_RATE)
                .where(
                        CURRENCY_RATE.CURRENCY.eq(currency.getCurrencyCode()),
                        CURRENCY_RATE.DAY.between(day.minusDays(OLDEST_DAYS), day))
                .orderBy(CURRENCY_RATE.DAY.desc())
                .limit(1)
                .fetchOptional(r -> new Rate(euro, currency, r.getRate(), r.getDay(), r.getSource()));
    }
}
