package lowfield.core.press;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.fact.FactValue;
import lowfield.core.money.Rate;
import lowfield.core.part.Part;
import lowfield.core.total.ReaderRegion;

/**
 * What a publication takes beside the evaluated edition.
 *
 * @param tierTexts each tier's words, by its id
 * @param exceptions what the author says to readers of problems that were let through
 * @param last the guide's last publication before this one
 * @param catalogue any part that is compared
 * @param words how the facts of a reason are worded for readers
 * @param pictures the author's own
 * @param texts introductions and verdicts
 * @param own how far the author has handled parts and builds, and what they disclose of them
 * @param avoid parts that the author advises against
 * @param yearly what a build takes from the wall in a year, in a sentence; empty where it is not known
 * @param reviews what reviewers give some parts, one text for each, empty where nothing is known
 */
public record PressMaterial(
        Publication.Guide guide,
        int number,
        LocalDate period,
        Instant now,
        Map<UUID, TierText> tierTexts,
        List<Publication.Chart> charts,
        List<PublishException> exceptions,
        Regions regions,
        Optional<Publication> last,
        Function<UUID, Part> catalogue,
        Function<FactValue, String> words,
        Pictures pictures,
        Function<List<UUID>, List<String>> reviews,
        Texts texts,
        Own own,
        List<PublishedAvoided> avoid,
        Function<EvaluatedBuild, String> yearly) {
    /** What is said of a tier, and whether readers see its builds in one table. */
    public record TierText(String audience, String promise, boolean showsBuilds) {}

    /** The picture of a part or a build by its id; absent where there is none. */
    public record Pictures(
            Function<UUID, Optional<Publication.Picture>> ofPart,
            Function<UUID, Optional<Publication.Picture>> ofBuild) {
        public static Pictures none() {
            return new Pictures(part -> Optional.empty(), build -> Optional.empty());
        }
    }

    /** The author's introductions and verdicts, with their facts filled. */
    public record Texts(
            PublishedTexts ofEdition,
            Function<UUID, PublishedTexts> ofTier,
            Function<UUID, PublishedTexts> ofBuild,
            Function<UUID, PublishedTexts> ofComparison) {
        public static Texts none() {
            return new Texts(
                    PublishedTexts.NONE,
                    tier -> PublishedTexts.NONE,
                    build -> PublishedTexts.NONE,
                    line -> PublishedTexts.NONE);
        }
    }

    /**
     * What the author has to do with parts and builds, by their ids, and with shops.
     *
     * @param ofShops what must be disclosed of buying at shops, by their names; absent where there is nothing
     */
    public record Own(
            Function<UUID, PublishedOwn> ofPart,
            Function<UUID, PublishedOwn> ofBuild,
            Function<List<String>, Optional<String>> ofShops) {
        public static Own none() {
            return new Own(part -> PublishedOwn.NONE, build -> PublishedOwn.NONE, shops -> Optional.empty());
        }
    }

    /** Why the author publishes although something stands against it, and the builds that it is about. */
    public record PublishException(String reason, Set<UUID> builds) {}

    /**
     * The regions whose readers are told what they pay.
     *
     * @param rates today's rate from the guide's currency; absent where nobody tells it
     * @param taxes each shop's tax in thousandths, by its name
     */
    public record Regions(
            List<ReaderRegion> all, Function<Currency, Optional<Rate>> rates, Map<String, Integer> taxes) {}
}
