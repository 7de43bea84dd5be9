package lowfield.server.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.ArgumentMatchers.matches;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import java.sql.SQLException;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.UUID;
import lowfield.server.outbound.Fetched;
import lowfield.server.outbound.PoliteFetcher;
import lowfield.server.prices.Bundles;
import lowfield.server.prices.Observations;
import lowfield.server.reading.Identity;
import org.jooq.exception.DataAccessException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What becomes of a page, by what comes of asking for it. */
class PageVisitTest {
    private static final UUID ROUND = UUID.randomUUID();
    private static final UUID PAGE = UUID.randomUUID();
    private static final OffsetDateTime MARKED = OffsetDateTime.parse("2026-12-02T06:00:00Z");
    private static final String OFFER = """
            <script type="application/ld+json">{"@type":"Product","offers":{"@type":"Offer","price":"309.00",
            "priceCurrency":"EUR","availability":"InStock"}}</script>""";

    private final Visits visits = mock(Visits.class);
    private final Observations observations = mock(Observations.class);
    private final PoliteFetcher fetcher = mock(PoliteFetcher.class);
    private final PageVisit visit =
            new PageVisit(visits, TestShop.retry(), observations, mock(Bundles.class), fetcher, TestShop.CLOCK);

    @BeforeEach
    void theRoundIsRunning() {
        when(visits.close(any(), any(), any(), any())).thenReturn(true);
    }

    private Optional<java.time.Instant> read(Fetched fetched, int tries) {
        when(fetcher.fetch(any())).thenReturn(fetched);
        var task = new Visits.PageTask(
                ROUND, PAGE, "/p/1", Identity.UNKNOWN, Optional.of("\"a\""), Optional.of(MARKED), tries);
        return visit.read(TestShop.with(Optional.empty(), Optional.empty(), Optional.empty()), task);
    }

    @Test
    void anOfferIsKeptAndThePageMarked() {
        read(new Fetched.Page(OFFER, Optional.of("\"b\"")), 0);
        verify(visits).close(ROUND, PAGE, "READ", "");
        verify(observations).keep(any(), any());
        verify(visits).mark(eq(PAGE), eq(Optional.of("\"b\"")), any());
    }

    /** A page without an offer is asked for in full the next time, whatever its mark. */
    @Test
    void aPageWithoutAnOfferIsToldAndNotMarked() {
        read(new Fetched.Page("<p>gone fishing</p>", Optional.of("\"b\"")), 0);
        verify(visits).close(eq(ROUND), eq(PAGE), eq("FAILED"), matches(".+"));
        verify(visits).mark(eq(PAGE), eq(Optional.empty()), any());
    }

    @Test
    void anUnchangedPageSaysWhatItSaidWhenItWasMarked() {
        read(new Fetched.Unchanged(), 0);
        verify(visits).close(ROUND, PAGE, "READ", "");
        verify(observations).keepUnchanged(any(), eq(MARKED));
    }

    @Test
    void aShopThatAsksToBeLeftAloneIsLeftAloneAndThePageTriedAgain() {
        var until = read(new Fetched.Later(Duration.ofMinutes(5), "the shop is busy"), 0);
        assertThat(until).isPresent();
        verify(visits).triedAgain(ROUND, PAGE);
        verify(visits).rest(TestShop.ID, until.get());
        verify(visits, never()).close(any(), any(), any(), any());
    }

    @Test
    void afterThreeTriesThePageIsLeft() {
        assertThat(read(new Fetched.Later(Duration.ofMinutes(5), "the shop is busy"), 2))
                .isEmpty();
        verify(visits).close(ROUND, PAGE, "FAILED", "the shop is busy");
    }

    @Test
    void aFailureIsToldInItsOwnWords() {
        read(new Fetched.Failed("there is no such page", false), 0);
        verify(visits).close(ROUND, PAGE, "FAILED", "there is no such page");
        verifyNoInteractions(observations);
    }

    @Test
    void whatTheDatabaseDoesNotTakeIsToldAndTheRoundGoesOn() {
        doThrow(new DataAccessException("out of range", new SQLException("out of range", "22003")))
                .when(observations)
                .keep(any(), any());
        assertThat(read(new Fetched.Page(OFFER, Optional.empty()), 0)).isEmpty();
        verify(visits).close(ROUND, PAGE, "FAILED", "what the page says could not be kept");
    }

    @Test
    void aRoundThatHasEndedKeepsNothing() {
        when(visits.close(any(), any(), any(), any())).thenReturn(false);
        read(new Fetched.Page(OFFER, Optional.of("\"b\"")), 0);
        verifyNoInteractions(observations);
        verify(visits, never()).mark(any(), any(), any());
    }
}
