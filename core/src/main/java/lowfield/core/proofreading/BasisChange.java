package lowfield.core.proofreading;

/** What of a reason's basis has changed since: "price against the Mica Six: was below (290.30 EUR), now above (312.10 EUR)". */
public record BasisChange(String about, String was, String now) {
    public String sentence() {
        return "%s was %s; now %s.".formatted(about, was, now);
    }
}
