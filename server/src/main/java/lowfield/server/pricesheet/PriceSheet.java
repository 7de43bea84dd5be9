package lowfield.server.pricesheet;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.edition.Option;
import lowfield.core.guide.Choice;
import lowfield.core.money.Money;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PartPrice;
import lowfield.core.part.Part;
import lowfield.server.edition.ChoiceState;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.prices.LastTyped;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Every choice, member of a set, alternative and upgrade of an edition that has no fresh price from a shop, in the order of
 * the guide, each part once; unlisted parts are among them, since only the author can price them.
 */
@Service
public class PriceSheet {
    private final EditionLoader editions;
    private final LastTyped typed;

    PriceSheet(EditionLoader editions, LastTyped typed) {
        this.editions = editions;
        this.typed = typed;
    }

    /** Why a price is to be typed. */
    public enum State {
        /** Nothing counts. */
        MISSING,
        /** What counts was typed. */
        TYPED,
        /** No part of the catalogue; its price stands on the line. */
        UNLISTED
    }

    /** Where the price is needed. */
    public record PriceUse(UUID build, String where, UUID line, String slot) {}

    /** A price as it was last known: in minor units, of whom, and when; an unlisted part's has no day. */
    public record LastKnown(
            long minor,
            String currency,
            String seller,
            @Nullable Instant seenAt) {}

    /** Where the last price was typed for, and the number by which it is taken back. */
    public record TypedAt(
            @Nullable UUID shop,
            @Nullable String seller,
            @Nullable String link,
            String condition,
            long number) {}

    /**
     * One price to type.
     *
     * @param part absent for an unlisted part, which has its choice and the version of its line instead
     * @param why why nothing counts, in a sentence; empty where something does
     */
    public record PriceToType(
            @Nullable UUID part,
            String name,
            State state,
            List<PriceUse> uses,
            @Nullable LastKnown last,
            @Nullable TypedAt place,
            String why,
            @Nullable ChoiceState choice,
            @Nullable Integer version) {}

    /** A part with its price where it is used; lines may admit different offers, so that one can lack what another has. */
    private record Asked(Part part, PartPrice price, List<PriceUse> uses) {
        Asked and(Asked other) {
            var both = Stream.concat(uses.stream(), other.uses.stream()).toList();
            return new Asked(part, price.offer().isPresent() ? other.price : price, both);
        }
    }

    @Transactional(readOnly = true)
    public List<PriceToType> rows(UUID edition) {
        var loaded = editions.load(edition);
        var asked = new LinkedHashMap<UUID, Asked>();
        var unlisted = new ArrayList<PriceToType>();
        for (var tier : loaded.tiers()) {
            for (var build : tier.builds()) {
                for (var line : build.lines()) {
                    var use = new PriceUse(
                            build.id(),
                            tier.nameOf(build.id()),
                            line.id(),
                            line.slot().label());
                    if (line.choice() instanceof Choice.FreeHand f
                            && line.plan().isOwn()) {
                        unlisted.add(row(loaded, line, f, use));
                    }
                    var prices = build.lists().of(line.id()).counted();
                    parts(line)
                            .forEach(p ->
                                    asked.merge(p.id(), new Asked(p, prices.of(p.id()), List.of(use)), Asked::and));
                }
            }
        }
        var last = typed.of(loaded.guide().id(), asked.keySet(), loaded.guide().currency());
        return Stream.concat(
                        asked.entrySet().stream()
                                .flatMap(e -> row(e.getValue(), countingHere(loaded, last.get(e.getKey()))).stream()),
                        unlisted.stream())
                .toList();
    }

    /** A price typed for a shop at which this guide does not buy is no price of this guide. */
    private static Optional<LastTyped.Typed> countingHere(LoadedEdition edition, LastTyped.@Nullable Typed typed) {
        return Optional.ofNullable(typed)
                .filter(t -> t.shop().map(edition.guide().shops()::contains).orElse(true));
    }

    private static Stream<Part> parts(EvaluatedLine line) {
        var chosen = line.plan().choice();
        var bought = chosen instanceof Choice.Chosen || chosen instanceof Choice.VettedSet
                ? chosen.named().stream()
                : Stream.<Part>empty();
        return Stream.concat(bought, line.plan().options().stream().map(Option::part));
    }

    private static Optional<PriceToType> row(Asked asked, Optional<LastTyped.Typed> typed) {
        var offer = asked.price().offer();
        var isTyped = offer.map(Offer::listing).equals(typed.map(LastTyped.Typed::listing)) && typed.isPresent();
        if (offer.isPresent() && !isTyped) {
            return Optional.empty();
        }
        return Optional.of(new PriceToType(
                asked.part().id(),
                asked.part().fullName(),
                offer.isPresent() ? State.TYPED : State.MISSING,
                asked.uses(),
                last(asked.price(), typed),
                typed.map(PriceSheet::place).orElse(null),
                asked.price().whyNone(),
                null,
                null));
    }

    /** What counts; else what was typed last, else what any shop asked last. */
    private static @Nullable LastKnown last(PartPrice price, Optional<LastTyped.Typed> typed) {
        return price.offer()
                .or(() -> refused(price).max(Comparator.comparing(Offer::seenAt)))
                .map(o -> new LastKnown(
                        o.price().minor(), code(o.price()), o.seller().label(), o.seenAt()))
                .or(() -> typed.map(t -> new LastKnown(t.price().minor(), code(t.price()), "", t.seenAt())))
                .orElse(null);
    }

    private static Stream<Offer> refused(PartPrice price) {
        var refused = price instanceof PartPrice.Unpriced none
                ? none.refused()
                : price instanceof PartPrice.Estimated estimated ? estimated.refused() : List.<PartPrice.Refused>of();
        return refused.stream().map(PartPrice.Refused::offer);
    }

    private static String code(Money money) {
        return money.currency().getCurrencyCode();
    }

    private static TypedAt place(LastTyped.Typed typed) {
        return new TypedAt(
                typed.shop().orElse(null),
                typed.seller().orElse(null),
                typed.link().orElse(null),
                typed.condition().name(),
                typed.number());
    }

    private static PriceToType row(LoadedEdition edition, EvaluatedLine line, Choice.FreeHand choice, PriceUse use) {
        return new PriceToType(
                null,
                choice.name(),
                State.UNLISTED,
                List.of(use),
                new LastKnown(choice.price().minor(), code(choice.price()), "", null),
                null,
                "",
                edition.state(line).choice(),
                edition.version(line));
    }
}
