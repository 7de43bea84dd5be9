package lowfield.server.reading;

import java.util.Optional;
import lowfield.core.part.Gtin;

/** By what a part is known to shops. */
public record Identity(Optional<Gtin> gtin, Optional<String> makerNumber) {
    public static final Identity UNKNOWN = new Identity(Optional.empty(), Optional.empty());

    public static Identity ofGtin(Optional<String> gtin) {
        return new Identity(gtin.map(Gtin::new), Optional.empty());
    }

    boolean isGtin(String stated) {
        return gtin.filter(new Gtin(stated)::equals).isPresent();
    }

    boolean isMakerNumber(String stated) {
        return makerNumber.filter(m -> m.equalsIgnoreCase(stated)).isPresent();
    }
}
