package lowfield.server.bench;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.Motive;
import lowfield.core.edition.Option;
import lowfield.core.find.Shelf;
import lowfield.core.guide.Choice;
import lowfield.core.money.Money;
import lowfield.core.offer.PriceList;
import lowfield.core.option.MoneyAdvice;
import lowfield.core.option.NextTier;
import lowfield.core.option.OptionSuggestion;
import lowfield.core.part.Part;
import lowfield.core.total.LinePrice;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.PricedCatalogue;
import lowfield.server.platform.NotFound;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Alternatives and upgrades that the catalogue has for a line, and what to do with more money, or less. */
@Service
public class Suggestions {
    private final EditionLoader editions;
    private final PricedCatalogue catalogue;

    Suggestions(EditionLoader editions, PricedCatalogue catalogue) {
        this.editions = editions;
        this.catalogue = catalogue;
    }

    /** A motive by its name, and as authors and readers read it. */
    public record MotiveView(Motive motive, String word) {}

    /**
     * A part to offer beside the choice.
     *
     * @param differenceMinor of the total, with everything that it forces
     * @param gains in the figures that make a part what it is; what is merely other first
     */
    public record SuggestionView(
            Option.Purpose purpose,
            @Nullable Motive motive,
            @Nullable String word,
            UUID part,
            String name,
            Views.Sum price,
            @Nullable Long differenceMinor,
            List<String> gains,
            List<String> losses,
            List<Views.ForcedView> forced,
            @Nullable String nextTier) {}

    /** What a reader with more money, or less, would change. */
    public record AdviceView(
            long limitMinor, List<String> changes, long differenceMinor, List<String> gains, List<String> losses) {}

    /** Every motive, in the order in which they are offered. */
    public static List<MotiveView> motives() {
        return Arrays.stream(Motive.values())
                .map(m -> new MotiveView(m, m.word()))
                .toList();
    }

    @Transactional(readOnly = true)
    public List<SuggestionView> of(UUID edition, UUID line) {
        var evaluated = editions.load(edition).evaluated();
        var at = evaluated.place(line).orElseThrow(() -> new NotFound("There is no such line in this edition."));
        return OptionSuggestion.of(at.build(), at.line(), forSale(at)).stream()
                .map(s -> view(evaluated, at, s))
                .toList();
    }

    private List<OptionSuggestion.Priced> forSale(EvaluatedEdition.Place at) {
        var kind = at.line().slot().kind();
        var list = at.build().lists().of(at.line().id()).counted();
        var priced = catalogue.at(list);
        var parts = priced.shelf(kind).parts();
        var minor = priced.prices(kind).minor();
        var zero = at.build().plan().terms().zero();
        return IntStream.range(0, minor.length)
                .filter(row -> minor[row] != Shelf.Prices.NONE)
                .mapToObj(row -> priced(at, parts.get(row), list, zero))
                .toList();
    }

    private static OptionSuggestion.Priced priced(EvaluatedEdition.Place at, Part part, PriceList list, Money zero) {
        var line = at.line().line().with(new Choice.Chosen(part));
        return new OptionSuggestion.Priced(part, LinePrice.of(line, list, zero, Optional.empty()));
    }

    private static SuggestionView view(EvaluatedEdition edition, EvaluatedEdition.Place at, OptionSuggestion s) {
        var impact = s.impact();
        return new SuggestionView(
                s.purpose(),
                s.motive().orElse(null),
                s.motive().map(Motive::word).orElse(null),
                impact.part().id(),
                impact.part().fullName(),
                ViewMaker.sum(impact.price().goods()),
                ViewMaker.minor(impact.trueDifference()),
                s.exchange().brings(),
                s.exchange().losses(),
                ViewMaker.forced(impact),
                NextTier.of(edition, at, impact).map(NextTier::said).orElse(null));
    }

    /** Among the options that the author has chosen for a build. */
    @Transactional(readOnly = true)
    public List<AdviceView> advice(UUID edition, UUID build) {
        var evaluated = editions.load(edition)
                .evaluated()
                .build(build)
                .orElseThrow(() -> new NotFound("There is no such build in this edition."));
        return MoneyAdvice.of(evaluated).stream()
                .map(a -> new AdviceView(
                        a.limit().minor(),
                        a.changes().stream().map(MoneyAdvice.Change::said).toList(),
                        a.difference().minor(),
                        a.gains(),
                        a.losses()))
                .toList();
    }
}
