package lowfield.server.round;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.contains;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import java.io.StringReader;
import java.util.Optional;
import java.util.UUID;
import lowfield.server.outbound.Fetched;
import lowfield.server.outbound.PoliteFetcher;
import lowfield.server.outbound.Robots;
import lowfield.server.outbound.StoredBody;
import lowfield.server.reading.FeedForm;
import org.junit.jupiter.api.Test;

/** What becomes of a shop's list, by what comes of asking for it. */
class ListVisitTest {
    private static final UUID ROUND = UUID.randomUUID();
    private static final Robots OPEN = Robots.of(TestShop.HOST, "");

    private final Visits visits = mock(Visits.class);
    private final FeedIntake intake = mock(FeedIntake.class);
    private final PoliteFetcher fetcher = mock(PoliteFetcher.class);
    private final StoredBody body = mock(StoredBody.class);
    private final ListVisit visit = new ListVisit(visits, TestShop.retry(), intake, fetcher, TestShop.CLOCK);

    private void read(Optional<FeedForm> form, Robots rules, Fetched fetched) {
        when(fetcher.fetch(any())).thenReturn(fetched);
        visit.read(ROUND, TestShop.with(form, Optional.empty(), Optional.empty()), rules);
    }

    private Fetched list(String text) {
        when(body.reader()).thenAnswer(asked -> new StringReader(text));
        return new Fetched.Listed(body);
    }

    private void isLeft(String why) {
        verify(visits).closeFeed(eq(ROUND), eq(TestShop.ID), eq("FAILED"), contains(why), eq(0), eq(0));
    }

    @Test
    void aListIsTakenInWithItsPlaceInTheRound() {
        when(intake.matching(TestShop.ID)).thenReturn(mock(FeedIntake.Matching.class));
        when(intake.take(any(), any(), any(), any(), any())).thenReturn(new FeedIntake.Taken(1, ""));
        when(visits.closeFeed(any(), any(), any(), any(), anyInt(), anyInt())).thenReturn(true);
        read(Optional.of(TestShop.LIST), OPEN, list("gtin,price,link\n4006381333931,309.00,/p/1\n"));
        verify(visits).closeFeed(ROUND, TestShop.ID, "READ", "", 1, 1);
        verify(body).close();
    }

    @Test
    void aListThatIsNoneIsToldAndItsFileRemoved() {
        when(intake.matching(TestShop.ID)).thenReturn(mock(FeedIntake.Matching.class));
        read(Optional.of(TestShop.LIST), OPEN, list("nothing of the kind"));
        isLeft("the list has no column");
        verify(body).close();
    }

    @Test
    void aShopWithoutAListIsNotAsked() {
        read(Optional.empty(), OPEN, new Fetched.Unchanged());
        isLeft("no list any more");
        verifyNoInteractions(fetcher);
    }

    @Test
    void aListThatRobotsMayNotReadIsNotAskedFor() {
        var closed = Robots.of(TestShop.HOST, "User-agent: *\nDisallow: /list.csv");
        visit.read(ROUND, TestShop.with(Optional.of(TestShop.LIST), Optional.empty(), Optional.empty()), closed);
        isLeft("robots.txt does not allow");
        verifyNoInteractions(fetcher);
    }

    @Test
    void aListThatCannotBeHadIsToldInTheFetchersWords() {
        read(Optional.of(TestShop.LIST), OPEN, new Fetched.Failed("the list is longer than 64 MB", false));
        isLeft("the list is longer than 64 MB");
    }

    @Test
    void whatNobodyForesawIsToldAndTheNextShopGoesOn() {
        when(intake.matching(TestShop.ID)).thenThrow(new IllegalStateException("unforeseen"));
        read(Optional.of(TestShop.LIST), OPEN, list(""));
        isLeft("the list could not be taken in (IllegalStateException)");
        verify(body).close();
    }
}
