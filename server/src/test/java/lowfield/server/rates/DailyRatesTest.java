package lowfield.server.rates;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.LocalDate;
import lowfield.core.RuleBroken;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DailyRatesTest {
    private static String file(String cubes) {
        return """
            <gesmes:Envelope xmlns:gesmes="http://www.gesmes.org/xml/2002-08-01" xmlns="http://www.ecb.int/vocabulary/2002-08-01/eurofxref">
            <Cube><Cube time='2026-12-03'>%s</Cube></Cube></gesmes:Envelope>""".formatted(cubes);
    }

    @Test
    void theDaysRatesAreRead() {
        var rates = DailyRates.read(file("<Cube currency='SEK' rate='11.0827'/><Cube currency='PLN' rate='4.3097'/>"));
        assertThat(rates.day()).isEqualTo(LocalDate.of(2026, 12, 3));
        assertThat(rates.ofOneEuro())
                .containsEntry("SEK", new BigDecimal("11.0827"))
                .hasSize(2);
    }

    @Test
    void aLineThatIsNoRateIsLeftOut() {
        var rates = DailyRates.read(
                file(
                        "<Cube currency='SEK' rate='11.0827'/><Cube currency='PLN' rate='-1'/><Cube currency='x' rate='2'/><Cube currency='DKK' rate='0'/><Cube currency='NOK' rate='1e9'/>"));
        assertThat(rates.ofOneEuro()).containsOnlyKeys("SEK");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "<html>Down</html>",
                "<Cube time='2026-12-03'/>",
                "<a><Cube currency='SEK' rate='1'/></a>",
                "<Cube time='soon'><Cube currency='SEK' rate='1'/></Cube>",
                "<Cube time='2026-12-03'><Cube currency='SEK' rate='1'/>",
                "<!DOCTYPE x [<!ENTITY e SYSTEM 'file:///etc/passwd'>]><Cube time='2026-12-03'>&e;</Cube>"
            })
    void whatIsNoFileOfRatesIsRefused(String text) {
        assertThatThrownBy(() -> DailyRates.read(text)).isInstanceOf(RuleBroken.class);
    }
}
