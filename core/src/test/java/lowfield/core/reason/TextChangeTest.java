package lowfield.core.reason;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import lowfield.core.reason.ReasonBasis.Claim;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What an edit of a reason touched, and what it leaves as it was confirmed. */
class TextChangeTest {
    @ParameterizedTest
    @CsvSource({
        "It has 8 GB and 2 plugs., It has 12 GB and 2 plugs., has 12 GB, 1",
        "It has 8 GB and 2 plugs., It has 8 TB and 2 plugs., 8 TB and, 1",
        "It has 8 GB., It has 8 GB. More., GB. More., 1",
        "One two three., 'New words, one two three.', 'New words, one two', 3",
        "Short., , '', 1",
        "Same words here., Same words here., '', 0"
    })
    void theTouchedWordsAndTheirNeighbours(String before, String after, String touched, int words) {
        var now = after == null ? "" : after;
        var change = TextChange.between(before, now);
        assertThat(change.of(now).strip()).isEqualTo(touched);
        assertThat(change.words()).isEqualTo(words);
    }

    @Test
    void aTextIsWrittenAnewAsAWholeOrInPart() {
        var before = "It was the one to take last month, at any price.";
        assertThat(TextChange.between(before, "Small, plain, and known.").isWhole("Small, plain, and known."))
                .isTrue();
        var longer = before + " It still is, for now.";
        assertThat(TextChange.between(before, longer).isWhole(longer)).isFalse();
        assertThat(TextChange.between(before, longer).isWrittenAnew()).isTrue();
        assertThat(TextChange.between(before, before.replace("last", "the")).isWrittenAnew())
                .isFalse();
    }

    /** What stands outside the touched words is the same text, moved. */
    @Test
    void whatIsNotTouchedIsFoundAgain() {
        var random = new Random(20261201);
        var words = List.of("it", "has", "8", "GB", "of", "memory,", "which", "12", "would", "not", "need.");
        for (int i = 0; i < 2000; i++) {
            var before = text(random, words);
            var cut = random.nextInt(before.length() + 1);
            var until = cut + random.nextInt(before.length() - cut + 1);
            var after = before.substring(0, cut) + text(random, words) + before.substring(until);
            var change = TextChange.between(before, after);
            assertThat(before.substring(0, change.from())).isEqualTo(after.substring(0, change.from()));
            assertThat(before.substring(change.oldTo())).isEqualTo(after.substring(change.newTo()));
            for (int at = 0; at < before.length(); at++) {
                if (!change.touches(at)) {
                    assertThat(after.charAt(change.moved(at))).isEqualTo(before.charAt(at));
                }
            }
        }
    }

    private static String text(Random random, List<String> words) {
        var text = new StringBuilder(words.get(random.nextInt(words.size())));
        for (int i = random.nextInt(8); i > 0; i--) {
            text.append(' ').append(words.get(random.nextInt(words.size())));
        }
        return text.toString();
    }

    @Test
    void onlyWhatWasTouchedStandsAsItDoesNow() {
        var before = "It has 8 GB, 3 fans and 2 plugs; the Mica costs more.";
        var after = "It has 12 GB, 3 fans and 2 plugs; the Mica costs more.";
        var was = new ReasonBasis(
                List.of(
                        claim("figure 7", "held", "8 GB"),
                        claim("figure 13", "held", "3 fans"),
                        claim("price mica", "below", "below it"),
                        claim(Claim.OWN_PRICE, "100", "100.00")),
                List.of());
        var now = List.of(
                claim("figure 7", "held", "12 GB"),
                claim("price mica", "above", "above it"),
                claim(Claim.OWN_PRICE, "120", "120.00"));
        assertThat(was.edited(TextChange.between(before, after), now, List.of()).claims())
                .containsExactlyInAnyOrder(
                        claim("figure 7", "held", "12 GB"),
                        claim("figure 14", "held", "3 fans"),
                        claim("price mica", "below", "below it"),
                        claim(Claim.OWN_PRICE, "100", "100.00"));
        assertThat(was.edited(TextChange.between(before, after), now, now).claims())
                .as("the touched words compare the prices")
                .contains(claim("price mica", "above", "above it"));
    }

    private static Claim claim(String key, String value, String said) {
        return new Claim(key, "about " + key.replaceAll("[0-9]", ""), value, said);
    }
}
