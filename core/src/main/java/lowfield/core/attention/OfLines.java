package lowfield.core.attention;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.Text;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.fact.FilledReason;
import lowfield.core.guide.Choice;
import lowfield.core.offer.Offer;
import lowfield.core.option.OptionProblem;
import lowfield.core.proofreading.BasisChange;
import lowfield.core.proofreading.ReasonState;
import lowfield.core.proofreading.Slip;
import lowfield.core.total.LinePrice;

/** What is the matter with single lines: no price or an old one, no reason or a stale one, options that nobody sells. */
final class OfLines {
    private final EvaluatedEdition edition;
    private final EvaluatedEdition.Place at;
    private final List<Item> items = new ArrayList<>();

    private OfLines(EvaluatedEdition edition, EvaluatedEdition.Place at) {
        this.edition = edition;
        this.at = at;
    }

    static Stream<Item> of(EvaluatedEdition edition, AttentionList.Measures by) {
        return edition.places()
                .filter(p -> !p.line().line().isEmpty())
                .flatMap(p -> new OfLines(edition, p).all(by).stream());
    }

    private List<Item> all(AttentionList.Measures by) {
        price(by.now(), by.oldAfterDays());
        reason(by.reasons().apply(at));
        facts();
        at.build().options(at.line().id()).stream()
                .map(o -> o.impact())
                .filter(p -> p.price().goods().range().isEmpty())
                .forEach(p -> add(
                        Matter.OPTION_WITHOUT_PRICE,
                        "option " + p.part().fullName(),
                        p.part().fullName() + " has no price",
                        "offered beside the " + slot()));
        at.build().options(at.line().id()).stream()
                .flatMap(o -> OptionProblem.of(at.line(), o))
                .forEach(p -> add(
                        Matter.OPTION_PASSED,
                        "option " + p.part().fullName() + " " + p.why(),
                        p.part().fullName() + " " + p.why(),
                        "offered beside the " + slot()));
        return items;
    }

    private void price(Instant now, int oldAfterDays) {
        var price = at.line().price();
        if (price.goods().range().isEmpty()) {
            var why = price.price().map(p -> p.whyNone()).orElse("");
            add(
                    Matter.NO_PRICE,
                    "no price",
                    at.line().choice().label() + " has no price",
                    at.line().slot().label() + ": " + why);
        }
        seenAt(price)
                .map(seen -> Duration.between(seen, now).toDays())
                .filter(days -> days > oldAfterDays)
                .ifPresent(days -> add(
                        Matter.OLD_PRICE,
                        "old price",
                        price.in()
                                .map(p -> "Price of %s is %d days old".formatted(p.name(), days))
                                .orElseGet(() -> "Price of %s is %d days old".formatted(priced(), days)),
                        at.line().choice().label()));
    }

    /** What has a price of its own, as it is called: a slot such as "other" says nothing of an unlisted part. */
    private String priced() {
        return at.line().choice() instanceof Choice.FreeHand
                ? at.line().choice().label()
                : "the " + slot();
    }

    /** When the price was seen; a package has one date, told at the first of its lines. */
    private Optional<Instant> seenAt(LinePrice price) {
        if (price.in().isPresent()) {
            var first = at.build().lines().stream()
                    .filter(l -> l.price().in().equals(price.in()))
                    .findFirst();
            return price.offer()
                    .filter(o ->
                            first.filter(l -> l.id().equals(at.line().id())).isPresent())
                    .map(Offer::seenAt);
        }
        return at.line().choice() instanceof Choice.FreeHand free
                ? free.seenAt()
                : price.offer().map(Offer::seenAt);
    }

    private void reason(ReasonState state) {
        if (at.line().hasStaleReason()) {
            add(
                    Matter.STALE_REASON,
                    "stale",
                    "Reason of the " + slot() + " is stale",
                    "it was written for another choice than "
                            + at.line().choice().label());
        } else if (at.line().needsReason()) {
            add(
                    Matter.NO_REASON,
                    "no reason",
                    at.line().slot().label() + " has no reason",
                    at.line().choice().label() + " is not explained yet");
        } else if (!state.changes().isEmpty()) {
            var words = state.changes().stream().map(BasisChange::sentence).collect(Collectors.joining(" "));
            add(Matter.STALE_REASON, "stale: " + words, "Reason of the " + slot() + " is stale", words);
        } else {
            slips(state.slips());
            state.move()
                    .ifPresent(m -> add(
                            Matter.READ_AGAIN,
                            "read again " + m.now(),
                            "Read the reason of the " + slot() + " once more",
                            m.sentence()));
        }
    }

    /** Those that are sure, as one; those that only may be slips are looked at when there are no others. */
    private void slips(List<Slip> slips) {
        var sure = slips.stream().filter(Slip::isSure).toList();
        if (sure.isEmpty()) {
            slip(Matter.MAYBE_SLIP, slips, "figures that may be wrong");
        } else {
            slip(Matter.SLIP, sure, "things otherwise than the data");
        }
    }

    private void slip(Matter matter, List<Slip> slips, String several) {
        slips.stream()
                .findFirst()
                .ifPresent(first -> add(
                        matter,
                        "slip " + first.key(),
                        "Reason of the %s says %s"
                                .formatted(slot(), slips.size() == 1 ? first.said() : slips.size() + " " + several),
                        first.sentence()));
    }

    private void facts() {
        var problems = FilledReason.of(at.line().reason().markdown(), edition, at, value -> "")
                .problems();
        problems.stream()
                .findFirst()
                .ifPresent(first -> add(
                        Matter.FACT,
                        "fact " + first.written(),
                        "Reason of the %s has %s"
                                .formatted(
                                        slot(),
                                        problems.size() == 1
                                                ? "a fact that fails"
                                                : problems.size() + " facts that fail"),
                        first.sentence()));
    }

    private void add(Matter matter, String state, String what, String detail) {
        var line = at.line();
        var item = Item.of(
                matter,
                "line:" + line.id(),
                line.id() + " " + line.choice().key() + " " + state,
                what,
                detail,
                0,
                List.of(At.line(at)));
        var priced = item.with(new Item.Prices(ChosenParts.before(List.of(at)), Optional.empty(), Optional.empty()));
        items.add(line.choice()
                .part()
                .map(p -> priced.about(p.id(), Optional.of(p.kind())))
                .orElse(priced));
    }

    private String slot() {
        return Text.inSentence(at.line().slot().label());
    }
}
