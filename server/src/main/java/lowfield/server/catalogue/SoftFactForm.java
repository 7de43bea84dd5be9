package lowfield.server.catalogue;

import java.time.LocalDate;
import java.util.Optional;
import lowfield.core.RuleBroken;
import lowfield.core.evidence.Score;
import lowfield.core.evidence.SoftFact;
import org.jspecify.annotations.Nullable;

/** A fact as it is typed, of today where no day is; the score only of a review, in hundredths of a point. */
public record SoftFactForm(
        SoftFact.Form form,
        @Nullable Integer scoreHundredths,
        @Nullable Integer outOf,
        @Nullable Integer count,
        @Nullable String words,
        @Nullable String source,
        @Nullable LocalDate on) {
    public SoftFact fact(LocalDate today) {
        return new SoftFact(
                form,
                score(),
                Optional.ofNullable(words).orElse("").strip(),
                Optional.ofNullable(source).orElse("").strip(),
                Optional.ofNullable(on).orElse(today));
    }

    private Optional<Score> score() {
        if (scoreHundredths == null && outOf == null && count == null) {
            return Optional.empty();
        }
        RuleBroken.unless(
                scoreHundredths != null && outOf != null && count != null,
                "A score has its best and how many reviews it is of.");
        return Optional.of(new Score(scoreHundredths, outOf, count));
    }
}
