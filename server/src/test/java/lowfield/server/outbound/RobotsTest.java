package lowfield.server.outbound;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RobotsTest {
    private static Robots robots(String text) {
        return Robots.of("shop.example", text);
    }

    @ParameterizedTest
    @CsvSource({"/p/card, true", "/basket, false", "/basket/x, false", "/members/list.tsv, false", "/membership, true"})
    void whatIsDisallowedIsNotAsked(String path, boolean allowed) {
        var rules = robots("User-agent: *\nDisallow: /basket\nDisallow: /members/\n");
        assertThat(rules.allow("shop.example", path)).isEqualTo(allowed);
    }

    @Test
    void ourOwnRulesComeBeforeThoseForAll() {
        var rules = robots("User-agent: *\nDisallow: /\n\nUser-agent: lowfield\nDisallow: /p/secret\nCrawl-delay: 2\n");
        assertThat(rules.allow("shop.example", "/p/card")).isTrue();
        assertThat(rules.allow("shop.example", "/p/secret")).isFalse();
        assertThat(rules.delay()).contains(Duration.ofSeconds(2));
    }

    @Test
    void withoutAFileEverythingIsAllowed() {
        assertThat(Robots.unreachable().allow("shop.example", "/p/card")).isFalse();
        assertThat(Robots.unreachable().why()).contains("could not be had");
        assertThat(robots("").allow("shop.example", "/p/card")).isTrue();
        assertThat(robots("").delay()).isEmpty();
        assertThat(robots("<html>not found</html>").allow("shop.example", "/p/card"))
                .isTrue();
    }

    @Test
    void whoDoesNotWantUsIsLeftAlone() {
        assertThat(robots("User-agent: Lowfield\nDisallow: /\n").allow("shop.example", "/p/card"))
                .isFalse();
    }
}
