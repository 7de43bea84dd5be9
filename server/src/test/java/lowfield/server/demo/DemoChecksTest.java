package lowfield.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.check.rules.CheckPage;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import org.junit.jupiter.api.Test;

/** What the checks say of the demo's main builds, and of its whole catalogue on their lines. */
class DemoChecksTest {
    private static final int MOST_CAUTIONS = 2;

    private final DemoData data = DemoData.read();
    private final Map<String, Part> parts = DemoData.parts().stream()
            .collect(Collectors.toMap(DemoData.PartFile::key, DemoParts::part, (a, b) -> a, LinkedHashMap::new));

    /** The main build of each tier with every change of the editions so far. */
    private Map<String, Build> builds() {
        return data.tiers().stream()
                .collect(Collectors.toMap(t -> t.form().name(), this::build, (a, b) -> a, LinkedHashMap::new));
    }

    private Build build(DemoData.Tier tier) {
        var lines = tier.lines().stream()
                .map(l -> new Line(
                        UUID.nameUUIDFromBytes((tier.form().name() + l.slot()).getBytes()),
                        l.slot(),
                        choice(l),
                        Optional.ofNullable(l.quantity()).orElse(1),
                        !Boolean.FALSE.equals(l.counted())))
                .collect(Collectors.toCollection(ArrayList::new));
        for (var issue : data.issues()) {
            for (var change : issue.changes()) {
                if (change.tier().equals(tier.form().name()) && (change.part() != null || change.anyOf() != null)) {
                    lines.replaceAll(l -> l.slot() == change.slot() ? l.with(choice(change)) : l);
                }
            }
        }
        return new Build(lines, tier.form().wishes("Home coast")).in(2026);
    }

    private Choice choice(DemoData.Line line) {
        if (line.part() != null) {
            return new Choice.Chosen(parts.get(line.part()));
        }
        var what = Optional.ofNullable(line.what()).orElse("");
        return switch (Optional.ofNullable(line.type()).orElse("EMPTY")) {
            case "FREE_HAND" -> new Choice.FreeHand(what, Money.of(line.price(), "EUR"));
            case "IN_THE_BOX" -> new Choice.InTheBox(what);
            case "ON_THE_BOARD" -> new Choice.OnTheBoard(what);
            case "OWNED" -> new Choice.Owned(what);
            case "NONE" -> new Choice.None();
            default -> new Choice.Empty();
        };
    }

    private Choice choice(DemoData.Change change) {
        if (change.anyOf() == null) {
            return new Choice.Chosen(parts.get(change.part()));
        }
        var members = change.anyOf().stream().map(parts::get).toList();
        return new Choice.VettedSet(members, Money.of(0, "EUR"), members.get(0));
    }

    @Test
    void noMainBuildShowsMoreThanTwoCautions() {
        builds().forEach((name, build) -> {
            var cautions = Checks.on(build).stream()
                    .filter(f -> f.verdict() == Verdict.CAUTION)
                    .map(Finding::toString)
                    .toList();
            assertThat(cautions).as(name).hasSizeLessThanOrEqualTo(MOST_CAUTIONS);
        });
    }

    /** docs/checks.md is what the declarations say; LOWFIELD_WRITE_DOCS=1 writes it anew. */
    @Test
    void thePageOfChecksIsUpToDate() throws IOException {
        var page = Path.of("..", "docs", "checks.md");
        var said = CheckPage.markdown(counts());
        if (System.getenv("LOWFIELD_WRITE_DOCS") != null) {
            Files.writeString(page, said);
        }
        assertThat(page).hasContent(said);
    }

    private Map<String, Integer> counts() {
        var counts = new TreeMap<String, Integer>();
        var byKind = parts.values().stream().collect(Collectors.groupingBy(Part::kind));
        for (var build : builds().values()) {
            for (var line : build.lines()) {
                for (var part : byKind.getOrDefault(line.slot().kind(), List.of())) {
                    for (var finding : Checks.on(build.taking(line.id(), part))) {
                        counts.merge(
                                finding.check().id() + " " + finding.outcome().name(), 1, Integer::sum);
                    }
                }
            }
        }
        return counts;
    }
}
