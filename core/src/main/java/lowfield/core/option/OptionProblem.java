package lowfield.core.option;

import java.util.Optional;
import java.util.stream.Stream;
import lowfield.core.check.Finding;
import lowfield.core.edition.EvaluatedBuild.EvaluatedOption;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.edition.Motive;
import lowfield.core.edition.Option;
import lowfield.core.part.Part;

/** Why an alternative or upgrade can no longer stand as it does: "is the choice itself", "clashes", "no longer cheaper". */
public record OptionProblem(Part part, String why) {
    /** Two prices are nearly one within this share (in thousandths) of the choice's. */
    private static final long NEAR_PERMILLE = 100;

    /** What is the matter with an option of a line; a part without a price is told by its price. */
    public static Stream<OptionProblem> of(EvaluatedLine line, EvaluatedOption option) {
        var part = option.option().part();
        if (isChoice(line, option)) {
            return Stream.of(new OptionProblem(part, "is the choice itself now"));
        }
        if (option.impact().price().goods().range().isEmpty()) {
            return Stream.empty();
        }
        var effect = option.impact().effect();
        var clash = effect.clashes().stream().findFirst().map(Finding::evidence).map(e -> "does not go in: " + e);
        var tooLong = Optional.of("needs more than four further changes")
                .filter(w -> option.impact().forcesTooMuch() && clash.isEmpty());
        return Stream.of(clash, tooLong, passed(line, option), apart(line, option))
                .flatMap(Optional::stream)
                .map(why -> new OptionProblem(part, why));
    }

    private static boolean isChoice(EvaluatedLine line, EvaluatedOption option) {
        return !option.option().adds()
                && line.choice()
                        .part()
                        .filter(p -> p.id().equals(option.option().part().id()))
                        .isPresent();
    }

    /** Either of two must be as good as the other: sound with nothing else changed, and of nearly one price. */
    private static Optional<String> apart(EvaluatedLine line, EvaluatedOption option) {
        if (option.option().purpose() != Option.Purpose.EITHER) {
            return Optional.empty();
        }
        if (!option.impact().forced().isEmpty()) {
            return Optional.of("needs another part with it, so that either of the two would not do");
        }
        var now = line.price().goods().known();
        var other = option.impact().price().goods().known();
        return now.flatMap(n -> other.map(o -> o.minus(n))
                .filter(d -> Math.abs(d.minor()) * 1000 > n.minor() * NEAR_PERMILLE)
                .map(d -> "is offered as either of the two, but costs "
                        + (d.isNegative() ? d.times(-1) + " less" : d + " more")));
    }

    private static Optional<String> passed(EvaluatedLine line, EvaluatedOption option) {
        return option.option()
                .motive()
                .filter(m -> !option.option().adds())
                .flatMap(m -> line.choice()
                        .part()
                        .flatMap(now -> m.passed(new Motive.Sides(
                                        now,
                                        line.price(),
                                        option.option().part(),
                                        option.impact().price()))
                                .map(why -> "is named \"" + m.word() + "\", " + why)));
    }
}
