package lowfield.server.reasons;

import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.fact.Fact;
import lowfield.core.fact.FactProblem;
import lowfield.core.fact.FactRegistry;
import lowfield.core.fact.FactValue;
import lowfield.core.fact.FilledReason;
import lowfield.core.reason.Reason;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.guide.GuideInfo;
import lowfield.server.platform.NotFound;
import lowfield.server.readers.FactWording;
import lowfield.server.readers.ReasonHtml;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The facts that a line's reason can hold, and how the reason reads with them. */
@Service
public class ReasonPreviews {
    private final EditionLoader editions;

    ReasonPreviews(EditionLoader editions) {
        this.editions = editions;
    }

    /** A fact as a menu shows it; {@code isTold} is false for one that nobody knows or that may not be printed. */
    public record ReasonFact(String path, String label, String text, boolean isTold) {}

    /** A reason as readers would see it now, and what of it cannot be printed as it is meant. */
    public record Preview(String html, List<FactProblem> problems) {}

    @Transactional(readOnly = true)
    public List<ReasonFact> facts(UUID edition, UUID line) {
        var loaded = editions.load(edition);
        var words = wording(loaded.guide());
        return FactRegistry.of(loaded.evaluated(), place(loaded, line)).values().stream()
                .map(f -> view(f, words))
                .toList();
    }

    static ReasonFact view(Fact fact, FactWording words) {
        var text = fact.value() instanceof FactValue.NotKnown unknown ? unknown.why() : words.of(fact.value());
        return new ReasonFact(fact.path(), fact.label(), text, fact.value().isTold());
    }

    @Transactional(readOnly = true)
    public Preview preview(UUID edition, UUID line, String text) {
        var reason = Reason.of(text, "");
        var loaded = editions.load(edition);
        var filled = FilledReason.of(
                reason.markdown(), loaded.evaluated(), place(loaded, line), wording(loaded.guide())::of);
        return new Preview(ReasonHtml.of(filled.markdown()), filled.problems());
    }

    /** How facts are worded in a guide. */
    public static FactWording wording(GuideInfo guide) {
        return new FactWording(guide.locale(), ZoneId.of(guide.zone()), guide.money());
    }

    private static EvaluatedEdition.Place place(LoadedEdition edition, UUID line) {
        return edition.evaluated()
                .place(line)
                .orElseThrow(() -> new NotFound("There is no such line in this edition."));
    }
}
