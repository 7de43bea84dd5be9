package lowfield.core.proofreading.figures;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** English number words: "twelve", "nine hundred and twelve", "fifteen and a half", "half a", "a hundred". */
public final class NumberWords {
    private static final Map<String, Integer> UNITS = Map.ofEntries(
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("nine", 9),
            Map.entry("ten", 10),
            Map.entry("eleven", 11),
            Map.entry("twelve", 12),
            Map.entry("thirteen", 13),
            Map.entry("fourteen", 14),
            Map.entry("fifteen", 15),
            Map.entry("sixteen", 16),
            Map.entry("seventeen", 17),
            Map.entry("eighteen", 18),
            Map.entry("nineteen", 19),
            Map.entry("twenty", 20),
            Map.entry("thirty", 30),
            Map.entry("forty", 40),
            Map.entry("fifty", 50),
            Map.entry("sixty", 60),
            Map.entry("seventy", 70),
            Map.entry("eighty", 80),
            Map.entry("ninety", 90));
    private static final String WORD = "(?:" + String.join("|", UNITS.keySet()) + "|hundred|thousand)(?![\\p{L}])";

    /** One number in words; "a" only where a hundred, a thousand or a unit follows. */
    static final String EXPRESSION = "(?:half an?(?= )|an?(?= (?:terabyte|gigabyte)(?!\\p{L}))"
            + "|(?:an?[ -](?=hundred|thousand))?" + WORD + "(?:[ -](?:and )?(?:" + WORD
            + "|a half(?!\\p{L})|a quarter(?!\\p{L}))){0,8})";

    private NumberWords() {}

    /** The number; absent where the words make none. */
    public static Optional<BigDecimal> of(String words) {
        var total = 0;
        var group = 0;
        var part = BigDecimal.ZERO;
        var isAny = false;
        var before = "";
        for (var word : words.toLowerCase(Locale.ROOT).split("[ -]+")) {
            if (UNITS.containsKey(word)) {
                group += UNITS.get(word);
            } else if (word.equals("hundred")) {
                group = Math.max(group, 1) * 100;
            } else if (word.equals("thousand")) {
                total += Math.max(group, 1) * 1000;
                group = 0;
            } else if (word.equals("half")) {
                part = new BigDecimal("0.5");
            } else if (word.equals("quarter")) {
                part = new BigDecimal("0.25");
            } else if (word.equals("a") || word.equals("an")) {
                isAny |= before.isEmpty();
                before = word;
                continue;
            } else if (!word.equals("and")) {
                return Optional.empty();
            }
            isAny = true;
            before = word;
        }
        var whole = total + group;
        var isBareArticle = whole == 0 && part.signum() == 0;
        return isAny
                ? Optional.of(isBareArticle ? BigDecimal.ONE : part.add(BigDecimal.valueOf(whole)))
                : Optional.empty();
    }
}
