package lowfield.core.option;

import static lowfield.core.edition.TestEdition.eur;

import java.util.List;
import java.util.Optional;
import lowfield.core.check.TestBuild;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.edition.Motive;
import lowfield.core.edition.Option;
import lowfield.core.edition.TestEdition;
import lowfield.core.edition.TestLines;
import lowfield.core.guide.Band;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.part.Part;

/** Builds whose card has options. */
class OptionCase {
    static final Part SIX = card("memory", 6, "noise", 34);
    static final Part EIGHT = card("memory", 8, "noise", 40);
    static final Part TWELVE = card("memory", 12, "noise", 30);

    static Part card(Object... figures) {
        return TestBuild.like(Slot.GRAPHICS_CARD, figures);
    }

    static TestBuild with(Part card) {
        return TestBuild.sound().choosing(Slot.GRAPHICS_CARD, new Choice.Chosen(card));
    }

    /** The lines of cards offer these beside them. */
    static TestEdition offering(TestEdition edition, Option... options) {
        return edition.planning(l -> l.slot() == Slot.GRAPHICS_CARD ? TestLines.offering(l, options) : l);
    }

    static Option alternative(Part part, Motive motive) {
        return new Option(Option.Purpose.ALTERNATIVE, part, "", false, Optional.of(motive));
    }

    static Option upgrade(Part part) {
        return new Option(Option.Purpose.UPGRADE, part, "");
    }

    static EvaluatedEdition.Place card(EvaluatedEdition edition) {
        return edition.places()
                .filter(p -> p.line().slot() == Slot.GRAPHICS_CARD)
                .findFirst()
                .orElseThrow();
    }

    static List<String> problems(EvaluatedBuild build, EvaluatedLine line) {
        return build.options(line.id()).stream()
                .flatMap(o -> OptionProblem.of(line, o))
                .map(OptionProblem::why)
                .toList();
    }

    static Band wide() {
        return new Band.FromTo(eur(1), eur(10_000_000));
    }
}
