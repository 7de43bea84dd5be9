package lowfield.core.attention;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.proofreading.ReasonState;

/**
 * Everything of an edition that wants the author, as single items, the heaviest first. The desk's queue, the checks before
 * publishing and the round are selections of it.
 */
public record AttentionList(List<Item> items) {
    /** The order of every selection. */
    public static final Comparator<Item> HEAVIEST_FIRST =
            Comparator.comparing(Item::weight).reversed();

    private static final Set<Matter> OF_THE_ROUND = Set.of(
            Matter.NO_PRICE,
            Matter.OVER_BAND,
            Matter.UNDER_BAND,
            Matter.SUSPICIOUS_PRICE,
            Matter.SUSPICIOUS_SHOP,
            Matter.KIND_MOVED,
            Matter.MOVED,
            Matter.PREMIUM,
            Matter.SMALL_MOVES);

    private static final Set<Matter> OF_REASONS = Set.of(
            Matter.STALE_REASON,
            Matter.SLIP,
            Matter.FACT,
            Matter.NO_REASON,
            Matter.READ_AGAIN,
            Matter.MAYBE_SLIP,
            Matter.UNREAD_TEXT);

    public AttentionList {
        items = items.stream().sorted(HEAVIEST_FIRST).toList();
    }

    /**
     * What the edition is held against beside itself.
     *
     * @param oldAfterDays days after which a price is too old to be published
     * @param doubts prices that were set aside
     * @param texts what is the matter with introductions and verdicts
     * @param reasons how the reason of a line stands against the data
     * @param kinds by which factor each kind's prices moved since the last edition, by the kind's name, where that is known
     */
    public record Measures(
            Instant now,
            int oldAfterDays,
            List<Doubt> doubts,
            Map<String, Double> kinds,
            Function<EvaluatedEdition.Place, ReasonState> reasons,
            List<TextTrouble> texts) {}

    /** Of an edition in work. */
    public static AttentionList of(EvaluatedEdition edition, Measures by) {
        return new AttentionList(Stream.of(
                        OfLines.of(edition, by),
                        OfTexts.of(by.texts(), edition),
                        OfFindings.of(edition),
                        OfBands.of(edition),
                        new OfMoves(by.kinds()).of(edition),
                        OfDoubts.of(by.doubts(), edition))
                .flatMap(s -> s)
                .toList());
    }

    /** Of an edition that is out: what has become of it since. */
    public static AttentionList ofPublished(EvaluatedEdition edition) {
        return new AttentionList(OfBands.sincePublished(edition).toList());
    }

    /** The problems that fail a check before publishing, in the order of the builds. */
    public List<Item> at(PublishCheck check) {
        return items.stream()
                .filter(i -> i.matter().check().filter(check::equals).isPresent())
                .toList();
    }

    /**
     * The desk's queue: what is decided elsewhere left out, several of one sort in one build as one. A doubt about a part that
     * the edition names nowhere is the round's, not this guide's author's.
     */
    public List<Item> queue() {
        return new DecisionQueue(items.stream().filter(i -> !isElsewhere(i)).toList()).grouped();
    }

    private static boolean isElsewhere(Item item) {
        var isDoubt = item.matter() == Matter.SUSPICIOUS_PRICE || item.matter() == Matter.SUSPICIOUS_SHOP;
        return isDoubt && item.places().isEmpty();
    }

    /** Reasons that are stale, say otherwise than the data, are missing, or want to be read again. */
    public List<Item> reasons() {
        return items.stream().filter(i -> OF_REASONS.contains(i.matter())).toList();
    }

    /** What of the period's prices wants a decision; a part that is gone from several lines once. */
    public List<Item> round() {
        return OfMoves.goneOnce(
                items.stream().filter(i -> OF_THE_ROUND.contains(i.matter())).toList());
    }
}
