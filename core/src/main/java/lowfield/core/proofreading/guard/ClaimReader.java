package lowfield.core.proofreading.guard;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.Reading;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.clues.Candidate;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.Stretch;
import lowfield.core.proofreading.figures.WrittenFigure;
import lowfield.core.proofreading.mentions.Mention;
import lowfield.core.reason.ReasonBasis;

/** Reads what a text relies on: the figures it says rightly, and how the price stands against each part it is compared with. */
final class ClaimReader {
    private static final Pattern OF_PRICES = Pattern.compile(
            "(?i)(?<![\\p{L}])(price|prices|priced|cheap|cheaper|dear|dearer|expensive|costs?|saves?|saving|money|worth|euros?|(?-i:[A-Z]{3}))(?![\\p{L}])|€");

    private final ProofContext context;

    ClaimReader(ProofContext context) {
        this.context = context;
    }

    static ReasonBasis.Claim right(WrittenFigure figure, Candidate meant) {
        return new ReasonBasis.Claim(
                Reading.key(figure.start()),
                meant.about(),
                ReasonBasis.Claim.HELD,
                meant.figure().said());
    }

    /** The price of the choice, and how it compares with each part of its slot that a sentence about prices names. */
    List<ReasonBasis.Claim> prices(String text, List<Mention> named) {
        var all = new ArrayList<ReasonBasis.Claim>();
        context.choice()
                .flatMap(ClaimReader::price)
                .ifPresent(p -> all.add(new ReasonBasis.Claim(
                        ReasonBasis.Claim.OWN_PRICE, "price", p.value().toPlainString(), p.said())));
        for (var sentence : Stretch.sentences(text)) {
            if (OF_PRICES.matcher(sentence.of(text)).find()) {
                named.stream()
                        .filter(m -> sentence.holds(m.start()) && m.sort() == Mention.Sort.NAME)
                        .filter(m -> m.subjects().size() == 1)
                        .map(m -> m.subjects().get(0))
                        .filter(s -> s.role() != Subject.Role.CHOICE && isOfSameKind(s))
                        .map(this::compared)
                        .filter(c -> all.stream().noneMatch(a -> a.key().equals(c.key())))
                        .forEach(all::add);
            }
        }
        return all;
    }

    private boolean isOfSameKind(Subject other) {
        return context.choice()
                .filter(c -> c.part().kind() == other.part().kind())
                .isPresent();
    }

    private ReasonBasis.Claim compared(Subject other) {
        var mine = context.choice().flatMap(ClaimReader::price);
        var theirs = price(other);
        var key = "price " + other.part().id();
        var about = "price against " + other.name();
        if (mine.isEmpty() || theirs.isEmpty()) {
            return new ReasonBasis.Claim(key, about, Reading.UNKNOWN, "not known");
        }
        var sign = Integer.signum(mine.get().value().compareTo(theirs.get().value()));
        return new ReasonBasis.Claim(
                key,
                about,
                List.of("below", "same", "above").get(sign + 1),
                mine.get().said()
                        + List.of(" and below it", " and the same", " and above it")
                                .get(sign + 1)
                        + (sign == 0 ? "" : " (" + theirs.get().said() + ")"));
    }

    private static Optional<KnownFigure> price(Subject of) {
        return of.figures().stream()
                .filter(f -> f.dimension() == Dimension.MONEY && f.label().equals("price"))
                .findFirst();
    }
}
