package lowfield.server.round;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.server.outbound.Fetched;
import lowfield.server.outbound.PoliteFetcher;
import lowfield.server.outbound.Robots;
import lowfield.server.outbound.StoredBody;
import lowfield.server.outbound.Wanted;
import lowfield.server.platform.LostDatabase;
import lowfield.server.reading.FeedForm;
import lowfield.server.reading.FeedReader;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Reads a shop's whole list for a round: in one transaction with its place in the round, or not at all. */
@Component
class ListVisit {
    private static final Logger LOG = LoggerFactory.getLogger(ListVisit.class);

    private final Visits visits;
    private final DatabaseRetry retry;
    private final FeedIntake intake;
    private final PoliteFetcher fetcher;
    private final Clock clock;

    ListVisit(Visits visits, DatabaseRetry retry, FeedIntake intake, PoliteFetcher fetcher, Clock clock) {
        this.visits = visits;
        this.retry = retry;
        this.intake = intake;
        this.fetcher = fetcher;
        this.clock = clock;
    }

    /** Takes the list in for a round, or says why not. */
    void read(UUID round, VisitedShop shop, Robots rules) {
        var form = shop.feed();
        if (form.isEmpty()) {
            closeFeed(round, shop, "the shop has no list any more");
            return;
        }
        if (!rules.allow(shop.host(), form.get().path())) {
            closeFeed(round, shop, rules.why());
            return;
        }
        var fetched = fetcher.fetch(new Wanted(shop.host(), form.get().path(), Optional.empty(), Wanted.Form.LIST));
        if (!(fetched instanceof Fetched.Listed list)) {
            closeFeed(round, shop, fetched.why());
            return;
        }
        try (var body = list.body()) {
            take(round, shop, form.get(), body);
        } catch (RuleBroken unreadable) {
            closeFeed(round, shop, unreadable.getMessage());
        } catch (Gone meanwhile) {
            LOG.info("The list of {} was not needed any more", shop.name());
        } catch (RuntimeException unforeseen) {
            LostDatabase.rethrow(unforeseen);
            LOG.warn("The list of {} could not be taken in", shop.name(), unforeseen);
            closeFeed(
                    round,
                    shop,
                    unforeseen instanceof DatabaseRetry.Refused
                            ? "what the list says could not be kept"
                            : "the list could not be taken in (%s); the server's log has more"
                                    .formatted(unforeseen.getClass().getSimpleName()));
        }
    }

    private void take(UUID round, VisitedShop shop, FeedForm form, StoredBody body) {
        var matching = retry.with(() -> intake.matching(shop.id()));
        var read = new FeedReader(shop.name(), shop.host(), Money.currencyOf(shop.currency()), form)
                .read(body.reader(), matching::add);
        retry.transaction(() -> {
            var taken = intake.take(round, shop.id(), shop.currency(), now(), matching);
            var sentence = join(taken.sentence(), read.sentence());
            if (!visits.closeFeed(round, shop.id(), "READ", sentence, read.lines(), taken.matched())) {
                throw new Gone();
            }
        });
    }

    private void closeFeed(UUID round, VisitedShop shop, String sentence) {
        retry.transaction(() -> visits.closeFeed(round, shop.id(), "FAILED", sentence, 0, 0));
    }

    private static String join(String one, String other) {
        return one.isEmpty() || other.isEmpty() ? one + other : one + "; " + other;
    }

    private OffsetDateTime now() {
        return OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    /** The round ended while its list was read. */
    private static final class Gone extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Gone() {
            super("the round has ended", null, false, false);
        }
    }
}
