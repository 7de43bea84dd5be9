package lowfield.server.reading;

import java.util.Optional;

/** By what a part is known to shops; leading zeros of a GTIN say nothing. */
public record Identity(Optional<String> gtin, Optional<String> makerNumber) {
    public static final Identity UNKNOWN = new Identity(Optional.empty(), Optional.empty());

    public static Identity ofGtin(Optional<String> gtin) {
        return new Identity(gtin, Optional.empty());
    }

    /** A GTIN without its leading zeros, spaces and dashes. */
    public static String plainGtin(String gtin) {
        return gtin.replaceAll("[^0-9]", "").replaceFirst("^0+", "");
    }

    boolean isGtin(String stated) {
        return gtin.filter(g -> plainGtin(g).equals(plainGtin(stated))).isPresent();
    }

    boolean isMakerNumber(String stated) {
        return makerNumber.filter(m -> m.equalsIgnoreCase(stated)).isPresent();
    }
}
