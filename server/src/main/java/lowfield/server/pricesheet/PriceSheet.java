package lowfield.server.pricesheet;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.LapsingPrice;
import lowfield.core.money.Money;
import lowfield.core.offer.Offer;
import lowfield.core.part.Part;
import lowfield.server.edition.ChoiceState;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.prices.EstimateBases;
import lowfield.server.prices.LastTyped;
import lowfield.server.round.RoundProgress;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Every price of an edition that no shop renews, in the order of the guide ({@link LapsingPrice}): parts that no shop sells,
 * pinned offers, packages, unlisted parts and estimates; and what shops sell while no round has asked them.
 */
@Service
public class PriceSheet {
    private final EditionLoader editions;
    private final LastTyped typed;
    private final EstimateBases estimates;
    private final RoundProgress rounds;

    PriceSheet(EditionLoader editions, LastTyped typed, EstimateBases estimates, RoundProgress rounds) {
        this.editions = editions;
        this.typed = typed;
        this.estimates = estimates;
        this.rounds = rounds;
    }

    /** Where the price is needed. */
    public record PriceUse(UUID build, String where, UUID line, String slot) {}

    /**
     * What counts, or counted last: in minor units of the guide's currency.
     *
     * @param shippingMinor absent where it is unknown
     * @param seller empty where nobody is named
     * @param condition empty where it has none
     * @param seenAt absent where its day was never kept
     */
    public record LastKnown(
            long minor,
            @Nullable Long shippingMinor,
            String seller,
            String condition,
            @Nullable Instant seenAt) {}

    /** Where the last price was typed for, and the number by which it is taken back. */
    public record TypedAt(
            @Nullable UUID shop,
            @Nullable String seller,
            boolean byPerson,
            @Nullable String link,
            String condition,
            long number) {}

    /**
     * One price to type or to confirm.
     *
     * @param key tells it from the others of the edition
     * @param part absent for an unlisted part, which has its choice instead, and for a package
     * @param last what counts or counted last; absent where there is nothing to confirm
     * @param stands what a confirmation names, so that none confirms what it has not seen; empty where there is nothing
     * @param why why nothing counts, in a sentence; empty where something does
     * @param version of the line of an unlisted part or a pinned offer; else absent
     */
    public record PriceToType(
            String key,
            @Nullable UUID part,
            String name,
            LapsingPrice.State state,
            List<PriceUse> uses,
            @Nullable LastKnown last,
            String stands,
            @Nullable TypedAt place,
            String why,
            @Nullable ChoiceState choice,
            @Nullable Integer version) {}

    /** The prices of an edition, what was typed of them by listing, and when estimates were stated by part. */
    record Sheet(
            LoadedEdition edition,
            List<LapsingPrice> prices,
            Map<UUID, LastTyped.Typed> typed,
            Map<UUID, Instant> stated) {
        /** What is confirmed, in words that change with it; absent where there is nothing to confirm. */
        Optional<String> stands(LapsingPrice of) {
            return of.stands()
                    .map(s ->
                            s.minor() + " " + seenAt(of).map(Instant::toString).orElse("undated"));
        }

        Optional<Instant> seenAt(LapsingPrice of) {
            return of.state() == LapsingPrice.State.ESTIMATED
                    ? of.part().flatMap(p -> Optional.ofNullable(stated.get(p.id())))
                    : of.stands().flatMap(LapsingPrice.Stands::seenAt);
        }
    }

    Sheet sheet(UUID edition) {
        var loaded = editions.load(edition);
        var parts = loaded.evaluated()
                .places()
                .flatMap(p -> p.line().plan().named())
                .map(Part::id)
                .collect(Collectors.toSet());
        var last = typed.of(loaded.guide().id(), parts, loaded.guide().currency());
        return new Sheet(
                loaded,
                LapsingPrice.of(
                        loaded.evaluated(),
                        last::containsKey,
                        rounds.lastOfAllShops(loaded.guide().id())),
                last,
                estimates.statedAt(parts));
    }

    @Transactional(readOnly = true)
    public List<PriceToType> rows(UUID edition) {
        var sheet = sheet(edition);
        return sheet.prices().stream().map(p -> row(sheet, p)).toList();
    }

    private static PriceToType row(Sheet sheet, LapsingPrice of) {
        var line = of.uses().get(0).line();
        var isUnlisted = of.state() == LapsingPrice.State.UNLISTED;
        return new PriceToType(
                of.key(),
                of.part().map(Part::id).orElse(null),
                of.name(),
                of.state(),
                of.uses().stream().map(PriceSheet::use).toList(),
                last(sheet, of),
                sheet.stands(of).orElse(""),
                of.offer()
                        .map(Offer::listing)
                        .flatMap(l -> Optional.ofNullable(sheet.typed().get(l)))
                        .map(PriceSheet::place)
                        .orElse(null),
                of.why(),
                isUnlisted ? sheet.edition().state(line).choice() : null,
                isUnlisted || of.state() == LapsingPrice.State.PINNED
                        ? (Integer) sheet.edition().version(line)
                        : null);
    }

    private static PriceUse use(EvaluatedEdition.Place at) {
        return new PriceUse(
                at.build().id(), at.name(), at.line().id(), at.line().slot().label());
    }

    private static @Nullable LastKnown last(Sheet sheet, LapsingPrice of) {
        return of.stands()
                .map(s -> new LastKnown(
                        s.minor(),
                        of.offer()
                                .flatMap(Offer::shippingAlone)
                                .map(Money::minor)
                                .orElse(null),
                        of.offer().map(o -> o.seller().label()).orElse(""),
                        of.offer().map(o -> o.condition().label()).orElse(""),
                        sheet.seenAt(of).orElse(null)))
                .orElse(null);
    }

    private static TypedAt place(LastTyped.Typed typed) {
        return new TypedAt(
                typed.shop().orElse(null),
                typed.seller().orElse(null),
                typed.isByPerson(),
                typed.link().orElse(null),
                typed.condition().name(),
                typed.number());
    }
}
