package lowfield.server.bench;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.check.Verdict;
import lowfield.core.check.rules.Checks;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.fit.FitDrawing;
import lowfield.core.guide.Choice;
import lowfield.server.catalogue.Parts;
import lowfield.server.edition.EditionLoader;
import lowfield.server.platform.NotFound;
import lowfield.server.readers.FitSvg;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How the parts of a build go into its case, as it stands or with another part on a line. */
@Service
public class Fits {
    private final EditionLoader editions;
    private final Parts parts;

    Fits(EditionLoader editions, Parts parts) {
        this.editions = editions;
        this.parts = parts;
    }

    /** One sentence of the fit. */
    public record FitSentence(Verdict verdict, String subject, String said) {
        static FitSentence of(FitDrawing.Sentence sentence) {
            return new FitSentence(sentence.verdict(), sentence.subject(), sentence.said());
        }
    }

    /** The drawing, empty where nothing can be drawn, and the same in words. */
    public record FitView(String svg, List<FitSentence> words, List<FitSentence> sizes) {
        static FitView of(FitDrawing fit) {
            return new FitView(
                    FitSvg.of(fit),
                    fit.words().stream().map(FitSentence::of).toList(),
                    fit.sizes().stream().map(FitSentence::of).toList());
        }
    }

    /** With a part on one of its lines, where one is given. */
    @Transactional(readOnly = true)
    public FitView of(UUID edition, UUID build, Optional<Candidate> with) {
        var evaluated = editions.load(edition)
                .evaluated()
                .build(build)
                .orElseThrow(() -> new NotFound("There is no such build in this edition."));
        return FitView.of(with.map(c -> with(evaluated, c))
                .orElseGet(() -> FitDrawing.of(evaluated.build(), evaluated.findings())));
    }

    /** A part that is tried on a line. */
    public record Candidate(UUID line, UUID part) {}

    private FitDrawing with(EvaluatedBuild evaluated, Candidate candidate) {
        var build = evaluated.build();
        var line = build.line(candidate.line()).orElseThrow(() -> new NotFound("There is no such line in this build."));
        var choice = new Choice.Chosen(parts.catalogue().part(candidate.part())).fitting(line.slot());
        var tried = build.replacing(line.with(choice));
        return FitDrawing.of(tried, Checks.on(tried));
    }
}
