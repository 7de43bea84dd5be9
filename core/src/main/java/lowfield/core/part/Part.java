package lowfield.core.part;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.part.spec.Spec;

/**
 * One thing that can be bought: a variant (colour, size, connector) of a product; variants of one product are siblings.
 * {@code name} is the product's name with its maker; {@code variant} tells siblings apart and may be empty. The suggested
 * price is the maker's, tax as the home region shows it. {@code avoid} is why the author advises against it, if so; {@code added} is when it came into the catalogue.
 */
public record Part(
        UUID id,
        UUID product,
        Kind kind,
        String maker,
        String name,
        String variant,
        Release release,
        Optional<Money> suggestedPrice,
        Optional<String> avoid,
        Instant added,
        Spec spec) {
    /** The currency of a suggested price that names none. */
    public static final String SUGGESTED_IN = "EUR";

    /** The maker's name before the product's. */
    private static final int LONGEST_NAME = PartText.MAKER.most() + 1 + PartText.PRODUCT.most();

    public Part {
        name = name.strip();
        RuleBroken.unless(
                !name.isEmpty() && name.length() <= LONGEST_NAME,
                "A part needs a name of 1 to %d letters.",
                LONGEST_NAME);
        RuleBroken.unless(kind.has(spec), "The figures given for %s are those of another kind of part.", name);
        variant = PartText.VARIANT.of(variant);
    }

    /** The name with the variant, as lists and pages show it. */
    public String fullName() {
        return variant.isEmpty() ? name : name + ", " + variant;
    }

    public String summary() {
        return kind.schema().summary(spec);
    }
}
