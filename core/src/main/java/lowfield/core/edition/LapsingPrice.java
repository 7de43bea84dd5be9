package lowfield.core.edition;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import lowfield.core.guide.Choice;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PartPrice;
import lowfield.core.offer.PriceList;
import lowfield.core.part.Part;
import lowfield.core.total.PackagePrice;

/**
 * A price of an edition that no shop renews: it lapses unless a person confirms or replaces it, or has lapsed already. Each is
 * told once with every line that needs it.
 *
 * @param key tells it from the others of its edition; canonical text
 * @param part absent for a package and for an unlisted part
 * @param offer what counts, else what counted last; never one that the price policy excludes. Absent for an unlisted part, for
 *     an estimate, and where nothing ever counted
 * @param why why nothing counts now; empty where something does
 */
public record LapsingPrice(
        String key,
        State state,
        Optional<Part> part,
        String name,
        Optional<Offer> offer,
        Optional<PackagePrice> pack,
        List<EvaluatedEdition.Place> uses,
        String why) {
    /** What kind of price it is, and how it stands. */
    public enum State {
        /** Nothing counts, and nothing ever did. */
        MISSING,
        /** Nothing counts any more. */
        LAPSED,
        /** What a shop asks has grown old, and no round has asked the shops since: the next one does, and nobody need type it. */
        DUE,
        /** What counts was typed. */
        TYPED,
        /** A line is pinned to an offer that was typed, or that counts no more. */
        PINNED,
        /** What an author typed for a package. */
        PACKAGE,
        /** No part of the catalogue; its price stands on the line. */
        UNLISTED,
        /** What an announced part is thought to cost. */
        ESTIMATED
    }

    /** What a person would say again by confirming it; absent where there is nothing to confirm. */
    public Optional<Stands> stands() {
        return switch (state) {
            case UNLISTED ->
                Optional.of(uses.get(0).line().plan().choice())
                        .map(Choice.FreeHand.class::cast)
                        .map(f -> new Stands(f.price().minor(), f.seenAt()));
            case ESTIMATED ->
                uses.get(0)
                        .build()
                        .lists()
                        .of(uses.get(0).line().id())
                        .counted()
                        .of(part.orElseThrow().id())
                        .estimated()
                        .map(e -> new Stands(e.price().likely().minor(), Optional.empty()));
            default -> offer.map(o -> new Stands(o.price().minor(), Optional.of(o.seenAt())));
        };
    }

    /** A price in minor units of the guide's currency, and when it was seen or confirmed last, if that is known. */
    public record Stands(long minor, Optional<Instant> seenAt) {}

    /**
     * All of an edition, in its order.
     *
     * @param typed knows the listings whose price a person typed
     * @param asked when the guide's last round through all its shops began; absent where there was none
     */
    public static List<LapsingPrice> of(EvaluatedEdition edition, Predicate<UUID> typed, Optional<Instant> asked) {
        var found = new LinkedHashMap<String, LapsingPrice>();
        edition.places().forEach(place -> new OfLine(place, typed, asked, found).all());
        return List.copyOf(found.values());
    }

    private LapsingPrice with(EvaluatedEdition.Place use) {
        var all = new ArrayList<>(uses);
        all.add(use);
        return new LapsingPrice(key, state, part, name, offer, pack, List.copyOf(all), why);
    }

    /** Those of one line. */
    private record OfLine(
            EvaluatedEdition.Place at,
            Predicate<UUID> typed,
            Optional<Instant> asked,
            Map<String, LapsingPrice> found) {
        void all() {
            var plan = at.line().plan();
            var price = at.line().price();
            if (price.in().isPresent()) {
                price.in().filter(p -> !p.isBundle()).ifPresent(this::ofPackage);
            } else if (plan.choice() instanceof Choice.FreeHand free) {
                if (plan.isOwn()) {
                    add("unlisted:" + plan.id(), State.UNLISTED, Optional.empty(), free.name(), Optional.empty(), "");
                }
            } else {
                bought(plan);
            }
            plan.options().forEach(o -> alone(o.part()));
        }

        private void bought(LinePlan plan) {
            if (plan.choice() instanceof Choice.Chosen chosen && plan.held().isPresent()) {
                pinned(chosen.which(), plan.held().get());
            } else if (plan.choice() instanceof Choice.Chosen || plan.choice() instanceof Choice.VettedSet) {
                plan.choice().named().forEach(this::alone);
            }
        }

        private void ofPackage(PackagePrice of) {
            found.merge(
                    "package:" + of.id(),
                    new LapsingPrice(
                            "package:" + of.id(),
                            State.PACKAGE,
                            Optional.empty(),
                            of.name(),
                            of.offer(),
                            Optional.of(of),
                            List.of(at),
                            ""),
                    (known, again) -> known.with(at));
        }

        private void pinned(Part part, UUID listing) {
            var quantity = at.line().line().quantity();
            var price = list().of(part.id(), quantity, Optional.of(listing));
            if (price.offer().isEmpty() || typed.test(listing)) {
                var stands = price.offer().or(() -> list().lapsed(part.id(), quantity, Optional.of(listing)));
                add(
                        "pinned:" + part.id() + ":" + listing,
                        stands.filter(this::isDue).isPresent() ? State.DUE : State.PINNED,
                        Optional.of(part),
                        part.fullName(),
                        stands,
                        price.whyNone());
            }
        }

        private void alone(Part part) {
            var price = list().of(part.id());
            if (price instanceof PartPrice.Estimated) {
                add("estimate:" + part.id(), State.ESTIMATED, part, Optional.empty(), "");
            } else if (price.offer().isPresent()) {
                price.offer()
                        .filter(o -> typed.test(o.listing()))
                        .ifPresent(o ->
                                add("part:" + part.id() + ":" + o.listing(), State.TYPED, part, price.offer(), ""));
            } else {
                var last = list().lapsed(part.id(), 1, Optional.empty());
                add(
                        "part:" + part.id() + ":"
                                + last.map(o -> o.listing().toString()).orElse("none"),
                        last.map(o -> isDue(o) ? State.DUE : State.LAPSED).orElse(State.MISSING),
                        part,
                        last,
                        price.whyNone());
            }
        }

        private boolean isDue(Offer last) {
            return !typed.test(last.listing())
                    && asked.filter(last.seenAt()::isBefore).isEmpty();
        }

        private PriceList list() {
            return at.build().lists().of(at.line().id()).counted();
        }

        private void add(String key, State state, Part part, Optional<Offer> offer, String why) {
            add(key, state, Optional.of(part), part.fullName(), offer, why);
        }

        private void add(String key, State state, Optional<Part> part, String name, Optional<Offer> offer, String why) {
            found.merge(
                    key,
                    new LapsingPrice(key, state, part, name, offer, Optional.empty(), List.of(at), why),
                    (known, again) -> known.with(at));
        }
    }
}
