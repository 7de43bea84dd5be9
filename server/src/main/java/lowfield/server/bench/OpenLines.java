package lowfield.server.bench;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.core.check.rules.Checks;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.Option;
import lowfield.core.find.CandidateImpact;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.option.NextTier;
import lowfield.core.option.OptionProblem;
import lowfield.core.part.Replacement;
import lowfield.core.power.Draw;
import lowfield.server.edition.OptionState;

/** What the parts beside the choice of one line would do. It is only worked out for the line that is open. */
final class OpenLines {
    private OpenLines() {}

    static Views.OpenLine of(EvaluatedEdition edition, EvaluatedEdition.Place at) {
        var line = at.line().id();
        var options = at.build().options(line).stream()
                .map(o -> option(edition, at, o))
                .toList();
        return new Views.OpenLine(line, members(at), options);
    }

    private static Views.OptionView option(
            EvaluatedEdition edition, EvaluatedEdition.Place at, EvaluatedBuild.EvaluatedOption option) {
        var build = at.build();
        var line = at.line().id();
        var impact = option.impact();
        var taken = impact.forced().stream()
                .reduce(taking(build.build(), line, option.option()), OpenLines::with, (a, b) -> b);
        var exchange = option.option().adds()
                ? Optional.<Replacement>empty()
                : at.line().choice().part().map(now -> Replacement.of(now, impact.part()));
        return new Views.OptionView(
                OptionState.of(option.option()),
                impact.part().fullName(),
                impact.part().summary(),
                ViewMaker.sum(impact.price().goods()),
                ViewMaker.minor(impact.trueDifference()),
                ViewMaker.sum(impact.total().total()),
                ViewMaker.standing(impact.state()),
                Draw.of(taken, Checks.peak(taken)).headroom().orElse(null),
                ViewMaker.forced(impact),
                ViewMaker.trouble(impact),
                exchange.map(OpenLines::gains).orElse(List.of()),
                exchange.map(Replacement::losses).orElse(List.of()),
                OptionProblem.of(at.line(), option).map(OptionProblem::why).toList(),
                NextTier.of(edition, at, impact).map(NextTier::said).orElse(null));
    }

    /** What is merely other first. */
    private static List<String> gains(Replacement exchange) {
        return Stream.concat(exchange.changes().stream(), exchange.gains().stream())
                .toList();
    }

    private static Build taking(Build build, UUID line, Option option) {
        return option.adds()
                ? build.adding(new Line(
                        UUID.randomUUID(),
                        build.line(line).orElseThrow().slot().further().orElseThrow(),
                        new Choice.Chosen(option.part()),
                        1,
                        true))
                : build.taking(line, option.part());
    }

    /** The build with what a candidate forces. */
    private static Build with(Build build, CandidateImpact.Forced forced) {
        return build.filled(forced.slot()).stream()
                .findFirst()
                .map(l -> build.taking(l.id(), forced.part()))
                .orElse(build);
    }

    /** The parts of a vetted set in order of preference; none for another choice. */
    private static List<Views.MemberView> members(EvaluatedEdition.Place at) {
        if (!(at.line().choice() instanceof Choice.VettedSet set)) {
            return List.of();
        }
        var impacts = at.build().impacts(at.line().id());
        return set.members().stream()
                .map(p -> member(impacts.of(p), p.equals(set.winner())))
                .toList();
    }

    private static Views.MemberView member(CandidateImpact impact, boolean wins) {
        return new Views.MemberView(
                impact.part().id(),
                impact.part().fullName(),
                impact.part().summary(),
                ViewMaker.sum(impact.price().goods()),
                wins,
                ViewMaker.trouble(impact));
    }
}
