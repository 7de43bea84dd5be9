package lowfield.core.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a part is called outside of this catalogue. The name of the variant may be empty. */
public record Designation(
        Optional<Gtin> gtin, String maker, Optional<String> makerNumber, String product, String variant) {
    private record Number(String maker, String number) {}

    private record Names(String maker, String product, String variant) {}

    /** Everything that the part can be known by, the surest first: its GTIN, its maker's number, its names. */
    List<Object> keys() {
        var keys = new ArrayList<Object>(3);
        gtin.ifPresent(keys::add);
        makerNumber.ifPresent(n -> keys.add(new Number(maker, n)));
        keys.add(new Names(maker, product, variant));
        return keys;
    }

    /**
     * What no other part may have, too. A maker may give one number to what it packs in two ways, so that a number is a part's
     * own only where there is no GTIN.
     */
    public List<Object> own() {
        return gtin.isEmpty() ? keys() : List.of(gtin.get(), new Names(maker, product, variant));
    }
}
