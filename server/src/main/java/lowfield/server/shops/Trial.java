package lowfield.server.shops;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.part.Gtin;
import lowfield.server.outbound.Fetched;
import lowfield.server.outbound.Outbound;
import lowfield.server.outbound.StoredBody;
import lowfield.server.outbound.Wanted;
import lowfield.server.reading.FeedColumns;
import lowfield.server.reading.FeedForm;
import lowfield.server.reading.FeedLine;
import lowfield.server.reading.FeedReader;
import lowfield.server.reading.Identity;
import lowfield.server.reading.PageReader;
import lowfield.server.reading.SeenOffer;
import lowfield.server.reading.ShopTerms;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * Tries one address of a shop, a page or a list, before the shop is set up: what was read, and from where. Only a configured
 * host or a public one is asked, at the shop's pace.
 */
@Service
public class Trial {
    private static final int MOST_LINES = 12;

    private final Outbound outbound;
    private final TrialPace pace;
    private final Clock clock;

    Trial(Outbound outbound, TrialPace pace, Clock clock) {
        this.clock = clock;
        this.outbound = outbound;
        this.pace = pace;
    }

    /**
     * What to try.
     *
     * @param path a path on the host
     * @param feed how a list is read; a list without it only tells its columns
     * @param list whether the address is a list and not a page
     */
    public record Asked(
            String name,
            String host,
            String currency,
            String path,
            boolean list,
            @Nullable FeedForm feed) {}

    /** An offer that was read: sums in minor units, and where it stands in the page's data or the list. */
    public record Read(
            String seller,
            String condition,
            @Nullable Long priceMinor,
            @Nullable Long shippingMinor,
            String stock,
            boolean membersOnly,
            String from,
            @Nullable String gtin) {}

    /** What came of it: offers, sentences about what could not count, and for a list its columns. */
    public record Outcome(List<Read> offers, List<String> sentences, List<String> columns, int lines) {}

    public Outcome read(Asked asked) {
        PageAddress.checkPath(asked.path());
        RuleBroken.unless(
                asked.host().matches("[a-z0-9][a-z0-9-]*(\\.[a-z0-9-]+)+")
                        && !asked.host().matches("[0-9.]+"),
                "A shop's host is like shop.example, without https:// and without a path.");
        pace.await(asked.host());
        var form = asked.list() ? Wanted.Form.LIST : Wanted.Form.PAGE;
        var fetched = outbound.fetch(new Wanted(asked.host(), asked.path(), Optional.empty(), form));
        if (fetched instanceof Fetched.Page page) {
            return page(asked, page.html());
        }
        if (fetched instanceof Fetched.Listed list) {
            try (var body = list.body()) {
                return list(asked, body);
            }
        }
        var sentence = fetched instanceof Fetched.Failed failed
                ? failed.sentence()
                : fetched instanceof Fetched.Later later ? later.sentence() : "nothing came back";
        return new Outcome(List.of(), List.of(sentence), List.of(), 0);
    }

    private Outcome page(Asked asked, String html) {
        var reading = new PageReader(
                        new ShopTerms(asked.name(), Money.currencyOf(asked.currency()), LocalDate.now(clock)))
                .read(html, Identity.UNKNOWN.at(asked.path()));
        var offers = reading.offers().stream().map(o -> told(o, null)).toList();
        return new Outcome(offers, reading.told(), List.of(), offers.size());
    }

    private static Outcome list(Asked asked, StoredBody body) {
        var columns = FeedColumns.of(body.reader());
        if (asked.feed() == null) {
            return new Outcome(List.of(), List.of(), columns, 0);
        }
        var lines = new ArrayList<FeedLine>();
        var read = new FeedReader(asked.name(), asked.host(), Money.currencyOf(asked.currency()), asked.feed())
                .read(body.reader(), line -> {
                    if (lines.size() < MOST_LINES) {
                        lines.add(line);
                    }
                });
        return new Outcome(
                lines.stream()
                        .map(l -> told(
                                l.offer(), l.identity().gtin().map(Gtin::digits).orElse(null)))
                        .toList(),
                read.sentence().isEmpty() ? List.of() : List.of(read.sentence()),
                columns,
                read.lines());
    }

    private static Read told(SeenOffer offer, @Nullable String gtin) {
        return new Read(
                offer.seller(),
                offer.condition().label(),
                offer.price().map(Money::minor).orElse(null),
                offer.shipping().map(Money::minor).orElse(null),
                offer.stock().label(),
                offer.membersOnly(),
                offer.from(),
                gtin);
    }
}
