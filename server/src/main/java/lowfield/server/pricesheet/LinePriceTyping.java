package lowfield.server.pricesheet;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PolicyOverride;
import lowfield.core.offer.PricePolicy;
import lowfield.core.part.Part;
import lowfield.server.accounts.Person;
import lowfield.server.editing.Editing;
import lowfield.server.editing.Tiers;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LinePatch;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.guide.Guides;
import lowfield.server.guide.OverrideForm;
import lowfield.server.platform.NotFound;
import lowfield.server.prices.TypedPrice;
import lowfield.server.prices.TypedPrices;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A price typed where it is needed: what it would do on the line is said before, and where the price policy keeps it out, it is
 * let count on the line, in the tier or in the guide with the same act.
 */
@Service
public class LinePriceTyping {
    private final EditionLoader editions;
    private final TypedPrices typed;
    private final Editing editing;
    private final Tiers tiers;
    private final Guides guides;

    LinePriceTyping(EditionLoader editions, TypedPrices typed, Editing editing, Tiers tiers, Guides guides) {
        this.editions = editions;
        this.typed = typed;
        this.editing = editing;
        this.tiers = tiers;
        this.guides = guides;
    }

    /** Where offers like one are let count. */
    public enum AdmitAt {
        LINE,
        TIER,
        GUIDE
    }

    /**
     * What an offer would do on a line.
     *
     * @param why the rules that exclude it there, each in a sentence; empty where it counts
     * @param canBeAdmitted whether another price policy would let it count
     * @param isPrice whether it would be the price of the part there, and not one that is dearer than what counts
     * @param isPinned whether the line is pinned to another offer of the part, which counts whatever others ask
     * @param nowMinor what counts there now; absent where nothing does
     */
    public record PriceEffect(
            List<String> why,
            boolean canBeAdmitted,
            boolean isPrice,
            boolean isPinned,
            @Nullable Long nowMinor,
            @Nullable String nowSeller,
            boolean isShippingKnown) {}

    /**
     * A price for a line.
     *
     * @param part the line's, or one that may come onto it
     * @param admitAt where the price policy is to let it count; absent where it stays as it is
     * @param pin whether the line is pinned to this offer
     * @param why why it counts there, or why the line is pinned
     */
    public record PriceForLine(
            UUID part,
            TypedPrice price,
            @Nullable AdmitAt admitAt,
            boolean pin,
            @Nullable String why) {}

    @Transactional(readOnly = true)
    public PriceEffect effect(UUID edition, UUID line, UUID part, TypedPrice price) {
        var at = place(editions.load(edition), line);
        var list = at.build().lists().of(line).counted();
        var offer = typed.asOffer(price);
        var held = at.line()
                .plan()
                .held()
                .filter(h -> at.line().choice().part().map(Part::id).equals(Optional.of(part)));
        var now = list.of(part, at.line().line().quantity(), held).offer();
        return new PriceEffect(
                list.policy().excluding(offer),
                list.policy()
                        .admitting(offer, "only asked")
                        .over(list.policy())
                        .refuse(offer, offer.seenAt())
                        .isEmpty(),
                held.isEmpty() && list.with(part, offer).offer().equals(Optional.of(offer)),
                held.isPresent(),
                now.map(o -> o.price().minor()).orElse(null),
                now.map(o -> o.seller().label()).orElse(null),
                offer.shippingAlone().isPresent());
    }

    /** Keeps the price and lets it count where that is asked for; the number by which the price is taken back. */
    @Transactional
    public long add(UUID edition, UUID line, PriceForLine asked, Person by) {
        var loaded = editions.load(edition);
        var at = place(loaded, line);
        RuleBroken.unless(
                asked.price().allGuides()
                        || loaded.guide().id().equals(asked.price().guide()),
                "A price for this line is a price for its guide, or for all guides of the desk.");
        var offer = typed.asOffer(asked.price());
        var number = typed.add(asked.part(), asked.price(), by);
        var why = Optional.ofNullable(asked.why()).map(String::strip).orElse("");
        var hold = asked.pin() ? new LinePatch.Hold(typed.listing(number), why) : null;
        if (asked.admitAt() == AdmitAt.TIER) {
            admitInTier(loaded, at, offer, why, by);
        } else if (asked.admitAt() == AdmitAt.GUIDE) {
            var policy = loaded.edition().policy();
            guides.admit(loaded.guide().id(), policy.admitting(offer, why).over(policy));
        }
        var ofLine = asked.admitAt() == AdmitAt.LINE ? admitting(loaded, at, offer, why) : null;
        if (hold != null || ofLine != null) {
            editing.edit(edition, line, LinePatch.offers(hold, ofLine), loaded.version(at.line()), by);
        }
        return number;
    }

    private static EvaluatedEdition.Place place(LoadedEdition loaded, UUID line) {
        return loaded.evaluated()
                .place(line)
                .orElseThrow(() -> new NotFound("This line is gone; somebody removed it meanwhile."));
    }

    private void admitInTier(LoadedEdition loaded, EvaluatedEdition.Place at, Offer offer, String why, Person by) {
        var info = loaded.info(at.tier());
        var before = OverrideForm.of(info.form().policy());
        var after = before.and(before.over(loaded.edition().policy()).admitting(offer, why));
        tiers.edit(
                loaded.edition().id(), info.id(), info.form().admitting(OverrideForm.from(after)), info.version(), by);
    }

    private static @Nullable OverrideForm admitting(
            LoadedEdition loaded, EvaluatedEdition.Place at, Offer offer, String why) {
        PricePolicy policy = at.build().lists().of(at.line().id()).counted().policy();
        PolicyOverride before = OverrideForm.of(loaded.state(at.line()).policy());
        return OverrideForm.from(before.and(policy.admitting(offer, why)));
    }
}
