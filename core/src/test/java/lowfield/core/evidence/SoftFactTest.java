package lowfield.core.evidence;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What can be known of a part, and what cannot. */
class SoftFactTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 3);

    private static SoftFact fact(SoftFact.Form form, String words, String source, LocalDate on) {
        var score = form == SoftFact.Form.REVIEW ? Optional.of(new Score(430, 5, 20)) : Optional.<Score>empty();
        return new SoftFact(form, score, words, source, on);
    }

    @ParameterizedTest
    @ValueSource(strings = {"OWNED", "BUILT_WITH", "NEVER_HANDLED"})
    void ownHandsNeedNoSource(SoftFact.Form form) {
        assertThatCode(() -> fact(form, "", "", TODAY)).doesNotThrowAnyException();
    }

    @Test
    void longWordsAreRefused() {
        assertThatThrownBy(() -> fact(SoftFact.Form.OWNED, "x".repeat(501), "", TODAY))
                .hasMessageContaining("at most 500 letters");
        assertThatThrownBy(() -> fact(SoftFact.Form.OWNED, "", "x".repeat(201), TODAY))
                .hasMessageContaining("at most 200 letters");
    }

    @ParameterizedTest
    @CsvSource({"2000-01-01, true", "2026-12-03, true", "2026-12-04, true", "2026-12-05, false", "2999-01-01, false"})
    void aDayMustHaveComeSomewhere(LocalDate on, boolean has) {
        var fact = fact(SoftFact.Form.OWNED, "", "", on);
        if (has) {
            assertThatCode(() -> fact.mustHaveCome(TODAY)).doesNotThrowAnyException();
        } else {
            assertThatThrownBy(() -> fact.mustHaveCome(TODAY)).hasMessage("The day %s has not come yet.", on);
        }
    }

    @Test
    void onlyAReviewHasAScore() {
        assertThatThrownBy(() -> new SoftFact(SoftFact.Form.OWNED, Optional.of(new Score(430, 5, 20)), "", "", TODAY))
                .hasMessage("Only a review has a score.");
    }
}
