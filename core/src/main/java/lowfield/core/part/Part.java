package lowfield.core.part;

import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;

/**
 * One thing that can be bought: a variant (colour, size, connector) of a product. {@code name} is the product's name with
 * its maker; {@code variant} tells siblings apart and may be empty. The suggested price is the maker's, tax as the home
 * region shows it.
 */
public record Part(
        UUID id, Kind kind, String name, String variant, Release release, Optional<Money> suggestedPrice, Spec spec) {
    public Part {
        name = name.strip();
        RuleBroken.unless(!name.isEmpty() && name.length() <= 160, "A part needs a name of 1 to 160 letters.");
        RuleBroken.unless(variant.length() <= 80, "A variant's name has at most 80 letters; shorten \"%s\".", variant);
    }

    /** The name with the variant, as lists and pages show it. */
    public String fullName() {
        return variant.isEmpty() ? name : name + ", " + variant;
    }

    public String summary() {
        return kind.schema().summary(spec);
    }
}
