package lowfield.server.shops;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import java.io.StringReader;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lowfield.core.RuleBroken;
import lowfield.server.outbound.Fetched;
import lowfield.server.outbound.Outbound;
import lowfield.server.outbound.StoredBody;
import lowfield.server.reading.FeedForm;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a trial of one address tells, whatever comes back, and that nothing is asked that is no shop's. */
class TrialOutcomesTest {
    private final Outbound outbound = mock(Outbound.class);
    private final TrialPace pace = mock(TrialPace.class);
    private final Trial trial = new Trial(outbound, pace, Clock.systemUTC());

    private static Trial.Asked page(String host, String path) {
        return new Trial.Asked("Ferrowby", host, "EUR", path, false, null);
    }

    private static Trial.Asked list(FeedForm form) {
        return new Trial.Asked("Ferrowby", "ferrowby.example", "EUR", "/list.csv", true, form);
    }

    private StoredBody body(String text) {
        var body = mock(StoredBody.class);
        when(body.reader()).thenAnswer(asked -> new StringReader(text));
        when(outbound.fetch(any())).thenReturn(new Fetched.Listed(body));
        return body;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"10.0.0.1", "localhost", "https://ferrowby.example", "ferrowby.example:8080", "a@b.example", ""})
    void whatIsNoShopsHostIsNeverAsked(String host) {
        assertThatThrownBy(() -> trial.read(page(host, "/p/1"))).isInstanceOf(RuleBroken.class);
        verifyNoInteractions(outbound, pace);
    }

    @ParameterizedTest
    @ValueSource(strings = {"p/1", "/p 1", "/p#x", ""})
    void whatIsNoPathOfItIsNeverAsked(String path) {
        assertThatThrownBy(() -> trial.read(page("ferrowby.example", path))).isInstanceOf(RuleBroken.class);
        verifyNoInteractions(outbound, pace);
    }

    static Stream<Arguments> nothings() {
        return Stream.of(
                Arguments.of(
                        new Fetched.Failed("the shop could not be reached", true), "the shop could not be reached"),
                Arguments.of(
                        new Fetched.Later(Duration.ofMinutes(5), "asks for five minutes' patience"),
                        "asks for five minutes' patience"),
                Arguments.of(new Fetched.Unchanged(), "nothing came back"));
    }

    @ParameterizedTest
    @MethodSource("nothings")
    void whatCannotBeHadIsToldInASentence(Fetched fetched, String sentence) {
        when(outbound.fetch(any())).thenReturn(fetched);
        var outcome = trial.read(page("ferrowby.example", "/p/1"));
        assertThat(outcome.sentences()).containsExactly(sentence);
        assertThat(outcome.offers()).isEmpty();
        verify(pace).await("ferrowby.example");
    }

    @Test
    void aPageTellsItsOffersAndWhereTheyStand() {
        when(outbound.fetch(any())).thenReturn(new Fetched.Page("""
                <script type="application/ld+json">{"@type":"Product","offers":{"@type":"Offer","price":"309.00",
                "priceCurrency":"EUR","availability":"InStock"}}</script>""", Optional.empty()));
        assertThat(trial.read(page("ferrowby.example", "/p/1")).offers())
                .singleElement()
                .satisfies(read -> {
                    assertThat(read.priceMinor()).isEqualTo(30900);
                    assertThat(read.seller()).isEqualTo("Ferrowby");
                    assertThat(read.from()).isNotBlank();
                });
    }

    @Test
    void aListThatNobodyDescribedYetTellsItsColumns() {
        var body = body("gtin,price,link\n4006381333931,309.00,/p/1\n");
        assertThat(trial.read(list(null)).columns()).isEqualTo(List.of("gtin", "price", "link"));
        verify(body).close();
    }

    @Test
    void aLongListShowsItsFirstDozenAndCountsTheRest() {
        var body = body("gtin,price,link\n"
                + IntStream.range(0, 30).mapToObj(i -> ",309.00,/p/" + i).collect(Collectors.joining("\n")));
        var form = new FeedForm(
                "/list.csv",
                FeedForm.Format.COMMA,
                null,
                Map.of(FeedForm.Field.PRICE, "price", FeedForm.Field.LINK, "link", FeedForm.Field.GTIN, "gtin"));
        var outcome = trial.read(list(form));
        assertThat(outcome.offers()).hasSize(12);
        assertThat(outcome.lines()).isEqualTo(30);
        verify(body).close();
    }
}
