package lowfield.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Codes of an app: those of the standard, and when one counts. */
class OneTimeCodesTest {
    private static final byte[] SECRET = "12345678901234567890".getBytes(StandardCharsets.US_ASCII);
    private static final long STEP = 37037036;
    private static final Instant NOW = Instant.ofEpochSecond(STEP * 30 + 7);

    /** The last six digits of RFC 6238, appendix B, for HMAC-SHA-1. */
    @ParameterizedTest
    @CsvSource({"59,287082", "1111111109,081804", "1111111111,050471", "1234567890,005924", "2000000000,279037"})
    void asTheStandardSays(long second, String code) {
        assertThat(OneTimeCodes.of(SECRET, second / 30)).isEqualTo(code);
    }

    @ParameterizedTest(name = "{0} steps from now: {1}")
    @CsvSource({"-3,false", "-2,false", "-1,true", "0,true", "1,true", "2,false"})
    void earlyAndLate(int away, boolean counts) {
        var code = OneTimeCodes.of(SECRET, STEP + away);
        assertThat(OneTimeCodes.step(SECRET, code, NOW, 0).isPresent()).isEqualTo(counts);
    }

    @Test
    void noneTwiceNorOneBeforeItNorAfterAClockWasPutBack() {
        var code = OneTimeCodes.of(SECRET, STEP);
        var used = OneTimeCodes.step(SECRET, code, NOW, 0).orElseThrow();
        assertThat(OneTimeCodes.step(SECRET, code, NOW, used)).isEmpty();
        assertThat(OneTimeCodes.step(SECRET, OneTimeCodes.of(SECRET, STEP - 1), NOW, used))
                .isEmpty();
        var earlier = NOW.minusSeconds(3600);
        assertThat(OneTimeCodes.step(SECRET, OneTimeCodes.of(SECRET, STEP - 120), earlier, used))
                .isEmpty();
        assertThat(OneTimeCodes.step(SECRET, OneTimeCodes.of(SECRET, STEP + 1), NOW, used))
                .hasValue(STEP + 1);
    }

    @ParameterizedTest
    @CsvSource({"''", "12345", "1234567", "abcdef", "٣٤٥٦٧٨"})
    void whatIsNoCode(String code) {
        assertThat(OneTimeCodes.step(SECRET, code, NOW, 0)).isEmpty();
    }
}
