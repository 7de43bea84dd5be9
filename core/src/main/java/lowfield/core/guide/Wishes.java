package lowfield.core.guide;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import lowfield.core.RuleBroken;
import lowfield.core.offer.Condition;

/**
 * What a tier, or one person's brief, asks of a build beside its band and its promise. What is not asked for is empty and
 * no check speaks of it.
 *
 * @param colours the theme: colours that the parts one sees may have
 * @param lighting whether the inside is to be lit
 * @param radio whether Wi-Fi is asked for
 * @param errorCorrection whether memory with error correction is asked for
 * @param secureBoot whether games of the promise demand secure boot
 * @param mostNoise the loudest that a cooler, card, supply or fan may be by its maker's figure, in dB
 * @param rearPorts what the board must have at its back
 * @param supplyFloor the least quality of the supply, one of {@link #QUALITIES}
 * @param beside the slots that the tier's total leaves out; absent when the tier does not say
 * @param region where a warranty must be served
 * @param least sizes that are asked for at least
 * @param plans what its readers are promised to be able to do later
 * @param conditions the conditions of goods that the tier's price policy admits; absent where no policy is known
 */
public record Wishes(
        Set<String> colours,
        Lit lighting,
        boolean radio,
        boolean errorCorrection,
        boolean secureBoot,
        Optional<Integer> mostNoise,
        Set<String> rearPorts,
        Optional<String> supplyFloor,
        Optional<Set<Slot>> beside,
        Optional<String> region,
        Least least,
        Plans plans,
        Optional<Set<Condition>> conditions) {
    /** What testers call a supply, the worst first. */
    public static final List<String> QUALITIES = List.of("poor", "fair", "good", "excellent");

    /** Nothing is asked for. */
    public static final Wishes NONE = new Wishes(
            Set.of(),
            Lit.EITHER,
            false,
            false,
            false,
            Optional.empty(),
            Set.of(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Least.NONE,
            Plans.NONE,
            Optional.empty());

    /** Whether lighting inside is wanted. */
    public enum Lit {
        EITHER,
        WANTED,
        UNWANTED
    }

    public Wishes {
        colours = Set.copyOf(colours);
        rearPorts = Set.copyOf(rearPorts);
        beside = beside.map(Set::copyOf);
        conditions = conditions.map(Set::copyOf);
        RuleBroken.unless(colours.size() <= 12, "A theme has at most 12 colours.");
        RuleBroken.unless(rearPorts.size() <= 20, "At most 20 rear ports can be asked for.");
        mostNoise.ifPresent(
                dB -> RuleBroken.unless(dB >= 1 && dB <= 120, "The most noise is 1 to 120 dB, not %d.", dB));
        supplyFloor.ifPresent(floor -> RuleBroken.unless(
                QUALITIES.contains(floor),
                "The least quality of a PSU is %s, not \"%s\".",
                String.join(", ", QUALITIES),
                floor));
    }

    /** Of which nothing is promised for later. */
    public Wishes(
            Set<String> colours,
            Lit lighting,
            boolean radio,
            boolean errorCorrection,
            boolean secureBoot,
            Optional<Integer> mostNoise,
            Set<String> rearPorts,
            Optional<String> supplyFloor,
            Optional<Set<Slot>> beside,
            Optional<String> region,
            Least least) {
        this(
                colours,
                lighting,
                radio,
                errorCorrection,
                secureBoot,
                mostNoise,
                rearPorts,
                supplyFloor,
                beside,
                region,
                least,
                Plans.NONE,
                Optional.empty());
    }

    /** The same with promises for later. */
    public Wishes planning(Plans other) {
        return new Wishes(
                colours,
                lighting,
                radio,
                errorCorrection,
                secureBoot,
                mostNoise,
                rearPorts,
                supplyFloor,
                beside,
                region,
                least,
                other,
                conditions);
    }

    /** The same in a tier whose price policy admits goods in these conditions. */
    public Wishes admitting(Set<Condition> other) {
        return new Wishes(
                colours,
                lighting,
                radio,
                errorCorrection,
                secureBoot,
                mostNoise,
                rearPorts,
                supplyFloor,
                beside,
                region,
                least,
                plans,
                Optional.of(other));
    }

    /** Whether a quality is at least the one asked for; a quality that nobody ranks is not. */
    public static boolean isAtLeast(String quality, String floor) {
        return QUALITIES.indexOf(quality) >= QUALITIES.indexOf(floor);
    }
}
