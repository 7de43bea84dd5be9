package lowfield.server.bench;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PartPrice;
import lowfield.core.part.Part;
import lowfield.server.edition.EditionLoader;
import lowfield.server.platform.NotFound;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Every offer of the part on a line, so that the author can take another than the one that counts. */
@Service
public class LineOffers {
    private final EditionLoader editions;

    LineOffers(EditionLoader editions) {
        this.editions = editions;
    }

    /**
     * One offer.
     *
     * @param isTaken whether it counts on the line now
     * @param why why it may not count there; empty where it may
     * @param needs the condition that the line would have to admit, where that alone stands in its way
     * @param savesMinor what it is cheaper by than the cheapest new one; absent for new ones, and without one
     */
    public record LineOffer(
            Views.OfferView offer,
            boolean isTaken,
            List<String> why,
            @Nullable Condition needs,
            @Nullable Long savesMinor) {}

    @Transactional(readOnly = true)
    public List<LineOffer> of(UUID edition, UUID line) {
        var at = editions.load(edition)
                .evaluated()
                .place(line)
                .orElseThrow(() -> new NotFound("This line is gone; somebody removed it meanwhile."));
        var taken = at.line().price().offer().map(Offer::listing);
        var list = at.build().lists().of(line).counted();
        var judged = at.line()
                .choice()
                .part()
                .map(Part::id)
                .map(part -> list.judged(part, at.line().line().quantity()))
                .orElse(List.of());
        var cheapestNew = judged.stream()
                .filter(j -> j.why().isEmpty() && j.offer().condition() == Condition.NEW)
                .map(PartPrice.Refused::offer)
                .findFirst();
        return judged.stream()
                .map(j -> new LineOffer(
                        ViewMaker.offer(j.offer()),
                        taken.filter(j.offer().listing()::equals).isPresent(),
                        j.why(),
                        list.isKeptOutByConditionAlone(j.offer()) ? j.offer().condition() : null,
                        saves(j.offer(), cheapestNew)))
                .toList();
    }

    private static @Nullable Long saves(Offer offer, Optional<Offer> cheapestNew) {
        return cheapestNew
                .filter(c -> offer.condition() != Condition.NEW
                        && c.price().currency().equals(offer.price().currency()))
                .map(c -> c.price().minor() - offer.price().minor())
                .orElse(null);
    }
}
