package lowfield.server.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lowfield.core.check.Finding;
import lowfield.core.check.Gap;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.part.Field;
import lowfield.server.catalogue.Parts;
import lowfield.server.edition.EditionLoader;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Figures that an edition's parts lack, in the order in which they decide checks of its builds. */
@Service
public class MissingFigures {
    private final EditionLoader editions;
    private final Parts parts;

    MissingFigures(EditionLoader editions, Parts parts) {
        this.editions = editions;
        this.parts = parts;
    }

    /**
     * A figure that is missing.
     *
     * @param checks how many checks of builds it would decide
     * @param isDecisive whether one of them decides that parts go together
     * @param rules what these checks see to, in a sentence each
     */
    public record MissingFigure(
            UUID part,
            String partName,
            String field,
            String label,
            String unit,
            Field.Holds holds,
            int checks,
            boolean isDecisive,
            List<String> rules,
            List<String> builds) {}

    /** All of an edition; the checks that they decide together. */
    public record MissingView(int checks, List<MissingFigure> figures) {}

    /** Where a gap shows: in which build, and by which finding. */
    private record Shown(String build, Finding finding) {}

    @Transactional(readOnly = true)
    public MissingView of(UUID edition) {
        var gaps = new LinkedHashMap<Gap, List<Shown>>();
        for (var tier : editions.load(edition).tiers()) {
            for (var build : tier.builds()) {
                collect(tier, build, gaps);
            }
        }
        var figures = gaps.entrySet().stream()
                .map(this::figure)
                .sorted(Comparator.comparing(MissingFigure::isDecisive)
                        .thenComparing(MissingFigure::checks)
                        .reversed()
                        .thenComparing(MissingFigure::partName)
                        .thenComparing(MissingFigure::label))
                .toList();
        return new MissingView(figures.stream().mapToInt(MissingFigure::checks).sum(), figures);
    }

    private static void collect(EvaluatedTier tier, EvaluatedBuild build, Map<Gap, List<Shown>> gaps) {
        for (var finding : build.findings()) {
            finding.gap()
                    .ifPresent(gap -> gaps.computeIfAbsent(gap, g -> new ArrayList<>())
                            .add(new Shown(tier.nameOf(build.id()), finding)));
        }
    }

    private MissingFigure figure(Map.Entry<Gap, List<Shown>> entry) {
        var gap = entry.getKey();
        var part = parts.catalogue().part(gap.part());
        var field = part.kind().schema().field(gap.field()).orElseThrow();
        var shown = entry.getValue();
        return new MissingFigure(
                part.id(),
                part.fullName(),
                field.name(),
                field.label(),
                field.unit(),
                field.holds(),
                shown.size(),
                shown.stream().anyMatch(s -> s.finding().check().decisive()),
                shown.stream().map(s -> s.finding().check().rule()).distinct().toList(),
                shown.stream().map(Shown::build).distinct().toList());
    }
}
