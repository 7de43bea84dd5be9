package lowfield.server.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.contains;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.server.outbound.Fetched;
import lowfield.server.outbound.PoliteFetcher;
import lowfield.server.prices.Bundles;
import lowfield.server.prices.Observations;
import lowfield.server.reading.Identity;
import org.junit.jupiter.api.Test;

/** What a visit does when something fails that nobody foresaw: it says so and goes on. */
class ShopVisitTest {
    private static final UUID SHOP = UUID.randomUUID();
    private static final UUID ROUND = UUID.randomUUID();
    private static final String PAGE = """
            <script type="application/ld+json">{"@type":"Product","offers":{"@type":"Offer","price":"309.00",
            "priceCurrency":"EUR","availability":"InStock"}}</script>""";

    private final Visits visits = mock(Visits.class);
    private final Observations observations = mock(Observations.class);
    private final PoliteFetcher fetcher = mock(PoliteFetcher.class);
    private final DatabaseRetry retry = TestShop.retry();
    private final ShopVisit visit = new ShopVisit(
            visits,
            retry,
            new ShopRobots(visits, retry, fetcher),
            mock(ListVisit.class),
            new PageVisit(
                    visits,
                    retry,
                    observations,
                    mock(Bundles.class),
                    fetcher,
                    Clock.fixed(Instant.parse("2026-12-03T06:00:00Z"), ZoneOffset.UTC)));

    private static Visits.PageTask task(String path) {
        return new Visits.PageTask(
                ROUND, UUID.randomUUID(), path, Identity.UNKNOWN, Optional.empty(), Optional.empty(), 0);
    }

    @Test
    void aPageThatFailsInAnUnforeseenWayIsToldAndTheNextIsRead() throws Exception {
        when(visits.shop(SHOP))
                .thenReturn(new VisitedShop(
                        SHOP,
                        "Ferrowby",
                        "ferrowby.example",
                        "EUR",
                        true,
                        Duration.ZERO,
                        1,
                        Optional.empty(),
                        Optional.of(""),
                        Optional.of(Instant.now()),
                        Optional.empty()));
        var bad = task("/p/bad");
        var good = task("/p/good");
        when(visits.feeds(SHOP)).thenReturn(List.of());
        when(visits.pages(eq(SHOP), anyInt())).thenReturn(List.of(bad, good)).thenReturn(List.of());
        when(visits.isRunning(ROUND)).thenReturn(true);
        when(visits.close(any(), any(), any(), any())).thenReturn(true);
        when(fetcher.fetch(any())).thenReturn(new Fetched.Page(PAGE, Optional.empty()));
        doThrow(new IllegalStateException("unforeseen"))
                .doNothing()
                .when(observations)
                .keep(any(), any());

        assertThat(visit.visit(SHOP, () -> true)).isEmpty();
        verify(visits).close(eq(ROUND), eq(bad.page()), eq("FAILED"), contains("could not be taken in (IllegalState"));
        verify(visits).close(ROUND, good.page(), "READ", "");
    }
}
