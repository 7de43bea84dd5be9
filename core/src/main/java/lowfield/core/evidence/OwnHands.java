package lowfield.core.evidence;

import java.util.List;

/**
 * What the author has to do with a part, as readers are told it.
 *
 * @param handled how far they have handled it; empty where they say nothing
 * @param disclosures what they must disclose of it, each once
 */
public record OwnHands(String handled, List<String> disclosures) {
    public OwnHands {
        disclosures = List.copyOf(disclosures);
    }

    /** From what is known of a part, the newest first. */
    public static OwnHands of(List<SoftFact> facts) {
        return new OwnHands(
                facts.stream()
                        .filter(f -> f.form().isHandling())
                        .findFirst()
                        .map(OwnHands::said)
                        .orElse(""),
                facts.stream()
                        .filter(f -> f.form().isDisclosure())
                        .map(OwnHands::said)
                        .distinct()
                        .toList());
    }

    private static String said(SoftFact fact) {
        var words = fact.words().strip();
        return fact.form().forReaders() + (words.isEmpty() ? "" : " " + words + (words.matches(".*[.!?]") ? "" : "."));
    }
}
