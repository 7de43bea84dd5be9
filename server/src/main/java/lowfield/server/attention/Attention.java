package lowfield.server.attention;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lowfield.core.attention.AttentionList;
import lowfield.core.attention.Doubt;
import lowfield.core.attention.Item;
import lowfield.core.money.Money;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.history.KindHistories;
import lowfield.server.prices.SetAsidePrices;
import lowfield.server.reasons.ReasonReadings;
import lowfield.server.reasons.TextTroubles;
import org.springframework.stereotype.Service;

/** The attention list of an edition: for the desk's queue, for the checks before publishing and for the round. */
@Service
public class Attention {
    private final SetAsidePrices setAside;
    private final KindHistories kinds;
    private final ReasonReadings readings;
    private final TextTroubles texts;
    private final Clock clock;

    Attention(SetAsidePrices setAside, KindHistories kinds, ReasonReadings readings, TextTroubles texts, Clock clock) {
        this.setAside = setAside;
        this.kinds = kinds;
        this.readings = readings;
        this.texts = texts;
        this.clock = clock;
    }

    /** What wants the author on the desk and at press; how whole kinds have moved is not asked for. */
    public AttentionList of(LoadedEdition edition) {
        return list(edition, Map.of());
    }

    /** What of the period's prices wants a decision. */
    public List<Item> round(LoadedEdition edition) {
        return list(edition, kinds(edition)).round();
    }

    private AttentionList list(LoadedEdition edition, Map<String, Double> kinds) {
        var guide = edition.guide();
        var doubts = setAside.of(guide.id()).stream()
                .map(p -> doubt(p, Money.zero(guide.money())))
                .toList();
        return AttentionList.of(
                edition.evaluated(),
                new AttentionList.Measures(
                        clock.instant(),
                        guide.oldAfterDays(),
                        doubts,
                        kinds,
                        at -> readings.state(edition, at),
                        texts.of(edition)));
    }

    private static Doubt doubt(SetAsidePrices.SetAside price, Money zero) {
        return new Doubt(
                price.id(),
                price.listing(),
                price.variant(),
                price.part(),
                price.where(),
                price.shop(),
                price.shopName(),
                new Money(price.priceMinor(), zero.currency()),
                Optional.ofNullable(price.lastMinor()).map(m -> new Money(m, zero.currency())),
                price.why());
    }

    /** By which factor each kind moved since the last edition. */
    private Map<String, Double> kinds(LoadedEdition edition) {
        var zone = ZoneId.of(edition.guide().zone());
        var today = LocalDate.ofInstant(clock.instant(), zone);
        return edition.last()
                .map(last -> kinds.moves(
                        last.publishedAt().atZone(zone).toLocalDate().minusDays(1), today))
                .orElse(Map.of());
    }
}
