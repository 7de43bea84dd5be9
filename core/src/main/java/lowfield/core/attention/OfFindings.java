package lowfield.core.attention;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lowfield.core.check.Finding;
import lowfield.core.check.rules.Checks;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedTier;

/** What the checks say: clashes, cautions that nobody answered, figures that are missing. A caution that builds share is one. */
final class OfFindings {
    /** By fingerprint. */
    private final Map<String, Shared> cautions = new LinkedHashMap<>();

    private final List<Item> items = new ArrayList<>();

    private OfFindings() {}

    private record Shared(Finding finding, List<At> places) {}

    static Stream<Item> of(EvaluatedEdition edition) {
        var of = new OfFindings();
        edition.tiers().forEach(t -> t.builds().forEach(b -> of.build(t, b)));
        var shared = of.cautions.values().stream().map(c -> item(Matter.CAUTION, c.finding(), c.places()));
        return Stream.concat(of.items.stream(), shared);
    }

    private void build(EvaluatedTier tier, EvaluatedBuild build) {
        for (var finding : build.findings()) {
            var matter = matter(build, finding);
            if (matter.filter(Matter.CAUTION::equals).isPresent()) {
                cautions.computeIfAbsent(finding.fingerprint(), f -> new Shared(finding, new ArrayList<>()))
                        .places()
                        .add(at(tier, build, finding));
            } else {
                matter.ifPresent(m -> items.add(item(m, finding, List.of(at(tier, build, finding)))));
            }
        }
    }

    private static Optional<Matter> matter(EvaluatedBuild build, Finding finding) {
        return switch (finding.verdict()) {
            case FITS, NOTE -> Optional.empty();
            case CLASH -> Optional.of(Checks.isEmptySlot(finding) ? Matter.EMPTY_SLOT : Matter.CLASH);
            case CAUTION -> unanswered(build, finding, Matter.CAUTION);
            case NOT_KNOWN ->
                finding.check().decisive() ? Optional.of(Matter.FIGURE) : unanswered(build, finding, Matter.ADVISORY);
        };
    }

    private static Optional<Matter> unanswered(EvaluatedBuild build, Finding finding, Matter matter) {
        return build.answer(finding).isPresent() ? Optional.empty() : Optional.of(matter);
    }

    private static Item item(Matter matter, Finding finding, List<At> places) {
        return Item.of(
                matter,
                "finding:" + finding.check().id(),
                finding.fingerprint(),
                finding.evidence(),
                finding.check().rule(),
                0,
                places);
    }

    /** The first of its lines that decides for itself, if one does. */
    private static At at(EvaluatedTier tier, EvaluatedBuild build, Finding finding) {
        var lines = build.lines().stream()
                .filter(l -> finding.lines().contains(l.id()))
                .map(l -> new EvaluatedEdition.Place(tier, build, l))
                .toList();
        return lines.stream()
                .filter(p -> p.line().plan().isOwn())
                .findFirst()
                .or(() -> lines.stream().findFirst())
                .map(p -> At.line(p).decidedHere())
                .orElseGet(() -> At.build(tier, build));
    }
}
