package lowfield.core.check;

import java.util.ArrayList;
import java.util.List;
import lowfield.core.guide.Build;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Figure;
import lowfield.core.part.Spec;

/** The card's length against what the case takes, said with the basis of the case's figure. */
final class CardLength implements Check {
    private static final Reading<Spec.GraphicsCard, Integer> LENGTH =
            Reading.of(Slot.GRAPHICS_CARD, Spec.GraphicsCard.class, "length", Spec.GraphicsCard::length);
    private static final Reading<Spec.Case, Integer> ROOM =
            Reading.of(Slot.CASE, Spec.Case.class, "room for a card", Spec.Case::cardLength);

    @Override
    public String id() {
        return "card-length";
    }

    @Override
    public String rule() {
        return "The card is no longer than the case takes";
    }

    @Override
    public boolean decisive() {
        return true;
    }

    @Override
    public List<Finding> on(Build build) {
        var findings = new ArrayList<Finding>();
        for (var card : build.filled(Slot.GRAPHICS_CARD)) {
            for (var box : build.filled(Slot.CASE)) {
                if (!(LENGTH.from(card) instanceof Figure.NotApplicable)) {
                    findings.add(between(card, box));
                }
            }
        }
        return findings;
    }

    private Finding between(Line card, Line box) {
        var lines = List.of(card.id(), box.id());
        var length = LENGTH.from(card).value();
        var room = ROOM.from(box).value();
        if (length.isEmpty()) {
            return Finding.of(this, Verdict.NOT_KNOWN, lines, "%s", LENGTH.missing(card));
        }
        if (room.isEmpty()) {
            return Finding.of(this, Verdict.NOT_KNOWN, lines, "%s", ROOM.missing(box));
        }
        var basis = box.choice()
                .spec(Spec.Case.class)
                .flatMap(c -> c.cardLengthBasis().value());
        var verdict = length.get() > room.get() ? Verdict.CLASH : Verdict.FITS;
        return Finding.of(
                this,
                verdict,
                lines,
                "card %s mm; case takes %s mm%s",
                length.get(),
                room.get(),
                basis.map(b -> " " + b).orElse(" (fans or not is not said)"));
    }
}
