package lowfield.server.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import lowfield.server.outbound.Fetched;
import lowfield.server.outbound.PoliteFetcher;
import lowfield.server.outbound.Robots;
import org.junit.jupiter.api.Test;

/** What a shop allows, by what comes of asking for its robots.txt. */
class ShopRobotsTest {
    private static final String NOTHING_PRIVATE = "User-agent: *\nDisallow: /private/";

    private final Visits visits = mock(Visits.class);
    private final PoliteFetcher fetcher = mock(PoliteFetcher.class);
    private final ShopRobots robots = new ShopRobots(visits, TestShop.retry(), fetcher);

    private Robots rules(Optional<String> known, Duration age, Fetched fetched) {
        when(fetcher.fetch(any())).thenReturn(fetched);
        return robots.rules(
                TestShop.with(Optional.empty(), known, Optional.of(Instant.now().minus(age))));
    }

    private static boolean allows(Robots rules, String path) {
        return rules.allow(TestShop.HOST, path);
    }

    @Test
    void aFileThatIsThereIsObeyedAndKept() {
        var rules = rules(Optional.empty(), Duration.ZERO, new Fetched.Page(NOTHING_PRIVATE, Optional.empty()));
        assertThat(allows(rules, "/p/1")).isTrue();
        assertThat(allows(rules, "/private/1")).isFalse();
        verify(visits).keepRobots(eq(TestShop.ID), eq(NOTHING_PRIVATE), any());
    }

    @Test
    void withoutAFileEverythingIsAllowed() {
        var rules = rules(Optional.empty(), Duration.ZERO, new Fetched.Failed("there is no such page", false));
        assertThat(allows(rules, "/private/1")).isTrue();
        verify(visits).keepRobots(eq(TestShop.ID), eq(""), any());
    }

    @Test
    void whileItCannotBeHadWhatWasKnownHolds() {
        var rules =
                rules(Optional.of(NOTHING_PRIVATE), Duration.ofHours(13), new Fetched.Failed("the shop is slow", true));
        assertThat(allows(rules, "/p/1")).isTrue();
        assertThat(allows(rules, "/private/1")).isFalse();
        verify(visits, never()).keepRobots(any(), any(), any());
    }

    @Test
    void whileItCannotBeHadAndNeverWasNothingIsAllowed() {
        var rules =
                rules(Optional.empty(), Duration.ZERO, new Fetched.Later(Duration.ofMinutes(5), "the shop is busy"));
        assertThat(allows(rules, "/p/1")).isFalse();
        assertThat(rules.why()).contains("could not be had");
    }

    @Test
    void aFileOfTheLastHalfDayIsNotAskedForAgain() {
        var shop = TestShop.with(
                Optional.empty(),
                Optional.of(NOTHING_PRIVATE),
                Optional.of(Instant.now().minus(Duration.ofHours(11))));
        assertThat(allows(robots.rules(shop), "/private/1")).isFalse();
        verifyNoInteractions(fetcher);
    }
}
