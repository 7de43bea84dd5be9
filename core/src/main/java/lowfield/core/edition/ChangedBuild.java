package lowfield.core.edition;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.find.CandidateImpact;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.reason.Reason;

/** A build as it would be with an option taken and everything that it forces: evaluated anew, with the options that are left. */
public final class ChangedBuild {
    private ChangedBuild() {}

    public static EvaluatedBuild of(EvaluatedBuild build, UUID line, EvaluatedBuild.EvaluatedOption option) {
        var lines = new ArrayList<>(build.plan().lines());
        if (option.option().adds()) {
            lines.stream()
                    .filter(l -> l.id().equals(line))
                    .findFirst()
                    .flatMap(l -> l.slot().further())
                    .ifPresent(slot -> lines.add(more(slot, line, option)));
        } else {
            lines.replaceAll(l -> l.id().equals(line)
                    ? l.choosing(new Choice.Chosen(option.option().part()))
                    : l);
        }
        option.impact().forced().forEach(f -> force(lines, f));
        return EvaluatedBuild.of(build.plan().with(lines), build.market());
    }

    private static void force(List<LinePlan> lines, CandidateImpact.Forced forced) {
        var choice = new Choice.Chosen(forced.part());
        if (lines.stream().noneMatch(l -> l.slot() == forced.slot())) {
            lines.add(plan(forced.slot(), forced.slot().name(), choice));
        } else {
            lines.replaceAll(l -> l.slot() == forced.slot() ? l.choosing(choice) : l);
        }
    }

    private static LinePlan more(Slot slot, UUID beside, EvaluatedBuild.EvaluatedOption option) {
        return plan(slot, "beside " + beside, new Choice.Chosen(option.option().part()));
    }

    private static LinePlan plan(Slot slot, String name, Choice choice) {
        return new LinePlan(
                UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)),
                slot,
                choice,
                1,
                true,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Reason.none(),
                List.of(),
                List.of(),
                Optional.empty());
    }
}
