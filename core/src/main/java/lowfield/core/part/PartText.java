package lowfield.core.part;

import java.util.Optional;
import lowfield.core.RuleBroken;
import lowfield.core.Text;

/** What stands of a part in words, and how long each may be (in UTF-16 units, which JSON Schema counts almost alike). */
public enum PartText {
    MAKER("A maker's name", 1, 80),
    /** Empty where the product names its family. */
    FAMILY("A family's name", 0, 100),
    PRODUCT("A product's name", 1, 160),
    /** Empty where the product comes in one way only. */
    VARIANT("A variant's name", 0, 80),
    MAKER_NUMBER("A maker's number", 0, 80),
    /** Why the part is advised against. */
    AVOID("The reason to advise against a part", 3, 500);

    private final String label;
    private final int least;
    private final int most;

    PartText(String label, int least, int most) {
        this.label = label;
        this.least = least;
        this.most = most;
    }

    public int least() {
        return least;
    }

    public int most() {
        return most;
    }

    /** The family of a product that names none: one of the product's own name, as far as that goes. */
    public static String family(String given, String product) {
        return !given.isEmpty() ? given : product.length() > FAMILY.most ? product.substring(0, FAMILY.most) : product;
    }

    /** What the text would have to be; absent when it is that already. */
    public Optional<String> missed(String text) {
        if (text.length() < least || text.length() > most) {
            return Optional.of("%d to %d letters".formatted(least, most));
        }
        return Text.isOne(text) ? Optional.empty() : Optional.of(Text.RULE);
    }

    /** The text without space around it; one that does not fit is an error. */
    public String of(String text) {
        var bare = text.strip();
        missed(bare).ifPresent(rule -> {
            throw new RuleBroken("%s has %s; \"%s\" has not.".formatted(label, rule, shortened(bare)));
        });
        return bare;
    }

    private static String shortened(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }
}
