package lowfield.server.reading;

import java.util.Arrays;
import java.util.Optional;
import lowfield.core.part.Gtin;

/**
 * By what a part is known to a shop.
 *
 * @param path the page's address within the shop, with its query; absent where it is not known
 */
public record Identity(Optional<Gtin> gtin, Optional<String> makerNumber, Optional<String> path) {
    public static final Identity UNKNOWN = new Identity(Optional.empty(), Optional.empty());

    public Identity(Optional<Gtin> gtin, Optional<String> makerNumber) {
        this(gtin, makerNumber, Optional.empty());
    }

    public static Identity ofGtin(Optional<String> gtin) {
        return new Identity(gtin.map(Gtin::new), Optional.empty());
    }

    /** The same, found at an address. */
    public Identity at(String address) {
        return new Identity(gtin, makerNumber, Optional.of(address));
    }

    boolean isGtin(String stated) {
        return gtin.filter(new Gtin(stated)::equals).isPresent();
    }

    boolean isMakerNumber(String stated) {
        return makerNumber.filter(m -> m.equalsIgnoreCase(stated)).isPresent();
    }

    /** Whether an address that a page gives one of its products is the one that was asked for. */
    boolean isAddress(String stated) {
        var within = stated.replaceFirst("^[a-z]+://[^/]*", "").replaceFirst("#.*$", "");
        return path.filter(within::equals).isPresent();
    }

    /** Whether a shop's own number is a whole word of the address. */
    boolean isInAddress(String number) {
        return number.length() > 2
                && path.stream()
                        .flatMap(p -> Arrays.stream(p.split("[/?&=;.]")))
                        .anyMatch(number::equalsIgnoreCase);
    }
}
