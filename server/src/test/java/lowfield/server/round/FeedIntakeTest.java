package lowfield.server.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Stock;
import lowfield.core.part.Gtin;
import lowfield.server.catalogue.PartCodes;
import lowfield.server.catalogue.PartNumbers;
import lowfield.server.prices.Listings;
import lowfield.server.prices.Observations;
import lowfield.server.reading.FeedLine;
import lowfield.server.reading.Identity;
import lowfield.server.reading.SeenOffer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;

/** What is made of a shop's whole list: which lines count, which pages are new, and what is gone. */
class FeedIntakeTest {
    private static final UUID ROUND = UUID.randomUUID();
    private static final UUID SHOP = UUID.randomUUID();
    private static final UUID VANE = UUID.randomUUID();
    private static final UUID FENNEL = UUID.randomUUID();
    private static final Gtin OF_VANE = new Gtin("4006381333931");
    private static final Gtin OF_FENNEL = new Gtin("4006381333948");
    private static final OffsetDateTime AT = OffsetDateTime.parse("2026-12-03T06:00:00Z");
    private static final PartCodes CODES = new PartCodes(List.of(
            new PartCodes.Coded(VANE, Optional.of(OF_VANE), Optional.empty()),
            new PartCodes.Coded(FENNEL, Optional.of(OF_FENNEL), Optional.empty())));

    private final Listings listings = mock(Listings.class);
    private final Observations observations = mock(Observations.class);
    private final FeedIntake intake = new FeedIntake(mock(PartNumbers.class), listings, observations);
    private final Map<String, Listings.PageOf> pages = new HashMap<>();
    private final List<UUID> standing = new ArrayList<>();
    private final Map<Listings.Key, UUID> ids = new HashMap<>();

    @BeforeEach
    void everyKeyHasItsListing() {
        when(listings.pages(SHOP)).thenReturn(pages);
        when(listings.standing(SHOP, null)).thenReturn(standing);
        when(listings.of(eq(SHOP), any())).thenAnswer(call -> {
            Collection<Listings.Key> keys = call.getArgument(1);
            keys.forEach(k -> ids.computeIfAbsent(k, made -> UUID.randomUUID()));
            return ids;
        });
    }

    private static FeedLine line(Gtin gtin, String path, long minor) {
        var offer = new SeenOffer(
                "Ferrowby",
                Condition.NEW,
                Optional.of(Money.of(minor, "EUR")),
                Optional.empty(),
                Stock.IN_STOCK,
                false,
                "line 2");
        return new FeedLine(new Identity(Optional.ofNullable(gtin), Optional.empty()), "", path, offer);
    }

    private FeedIntake.Taken take(FeedLine... lines) {
        var matching = intake.matching(SHOP, CODES);
        List.of(lines).forEach(matching::add);
        return intake.take(ROUND, SHOP, "EUR", AT, matching);
    }

    @SuppressWarnings("unchecked")
    private List<Observations.Seen> written() {
        var written = ArgumentCaptor.forClass(Collection.class);
        verify(observations).write(written.capture());
        return List.copyOf((Collection<Observations.Seen>) written.getValue());
    }

    @Test
    void aKnownCodeOnAPageNotKnownYetMakesThePage() {
        var page = new Listings.PageOf(UUID.randomUUID(), VANE);
        when(listings.addPages(SHOP, Map.of("/p/1", VANE))).thenReturn(Map.of("/p/1", page));
        var taken = take(line(OF_VANE, "/p/1", 30900), line(null, "/p/2", 100));
        assertThat(taken).isEqualTo(new FeedIntake.Taken(1, ""));
        assertThat(written()).singleElement().satisfies(seen -> {
            assertThat(seen.priceMinor()).isEqualTo(30900);
            assertThat(seen.round()).isEqualTo(ROUND);
        });
    }

    @Test
    void aLineThatNamesAnotherPartThanItsPageDoesNotCount() {
        pages.put("/p/1", new Listings.PageOf(UUID.randomUUID(), VANE));
        assertThat(take(line(OF_FENNEL, "/p/1", 9900)).matched()).isZero();
        assertThat(written()).isEmpty();
    }

    @Test
    void theFirstOfTwoLinesAboutOneListingCounts() {
        pages.put("/p/1", new Listings.PageOf(UUID.randomUUID(), VANE));
        take(line(null, "/p/1", 30900), line(OF_VANE, "/p/1", 1));
        assertThat(written()).extracting(Observations.Seen::priceMinor).containsExactly(30900L);
    }

    @Test
    void whatTheListNoLongerHoldsIsGone() {
        pages.put("/p/1", new Listings.PageOf(UUID.randomUUID(), VANE));
        var gone = UUID.randomUUID();
        standing.add(gone);
        take(line(null, "/p/1", 30900));
        assertThat(written())
                .filteredOn(s -> s.stock() == Stock.GONE)
                .singleElement()
                .satisfies(s -> assertThat(s.listing()).isEqualTo(gone));
    }

    @Test
    void aListCutShortTakesNothingToBeGone() {
        pages.put("/p/1", new Listings.PageOf(UUID.randomUUID(), VANE));
        IntStream.range(0, 40).forEach(i -> standing.add(UUID.randomUUID()));
        var taken = take(line(null, "/p/1", 30900));
        assertThat(taken.sentence()).isEqualTo("the list has only 1 of 40 lines it had; nothing was taken to be gone");
        assertThat(written()).extracting(Observations.Seen::stock).containsExactly(Stock.IN_STOCK);
    }
}
