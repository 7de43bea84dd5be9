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
import lowfield.core.fact.FactValue;
import lowfield.core.money.Rate;
import lowfield.core.part.Part;
import lowfield.core.total.ReaderRegion;

/**
 * What a publication takes beside the evaluated edition.
 *
 * @param tierTexts each tier's words, by its id
 * @param waivers what the author says to gates that do not hold
 * @param last the guide's last publication before this one
 * @param catalogue any part that is compared
 * @param words how the facts of a reason are worded for readers
 * @param pictures the author's own
 * @param reviews what reviewers give some parts, one text for each, empty where nothing is known
 */
public record PressMaterial(
        Publication.Guide guide,
        int number,
        LocalDate period,
        Instant now,
        Map<UUID, TierText> tierTexts,
        List<Publication.Chart> charts,
        List<Waiver> waivers,
        Regions regions,
        Optional<Publication> last,
        Function<UUID, Part> catalogue,
        Function<FactValue, String> words,
        Pictures pictures,
        Function<List<UUID>, List<String>> reviews) {
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

    /** Why the author publishes although something stands against it, and the builds that it is about. */
    public record Waiver(String reason, Set<UUID> builds) {}

    /**
     * The regions whose readers are told what they pay.
     *
     * @param rates today's rate from the guide's currency; absent where nobody tells it
     * @param taxes each shop's tax in thousandths, by its name
     */
    public record Regions(
            List<ReaderRegion> all, Function<Currency, Optional<Rate>> rates, Map<String, Integer> taxes) {}
}
