package lowfield.market;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;

/** The rate service: one euro in other currencies on a day, in the daily XML form of the European Central Bank. */
final class Rates {
    private static final Map<String, Double> ANCHOR =
            new TreeMap<>(Map.of("SEK", 11.05, "PLN", 4.285, "DKK", 7.459, "NOK", 11.72, "GBP", 0.868, "USD", 1.094));

    private Rates() {}

    static String of(LocalDate day) {
        var cubes = new StringBuilder();
        ANCHOR.forEach((currency, rate) ->
                cubes.append("      <Cube currency='%s' rate='%s'/>%n".formatted(currency, rate(currency, rate, day))));
        return """
            <?xml version="1.0" encoding="UTF-8"?>
            <gesmes:Envelope xmlns:gesmes="http://www.gesmes.org/xml/2002-08-01" xmlns="http://www.ecb.int/vocabulary/2002-08-01/eurofxref">
              <gesmes:subject>Reference rates</gesmes:subject>
              <gesmes:Sender><gesmes:name>Invented Rate Service</gesmes:name></gesmes:Sender>
              <Cube>
                <Cube time='%s'>
            %s    </Cube>
              </Cube>
            </gesmes:Envelope>
            """.formatted(day, cubes);
    }

    private static BigDecimal rate(String currency, double anchor, LocalDate day) {
        var weeks = ChronoUnit.WEEKS.between(Prices.ANCHOR, day);
        var swing = new Random(currency.hashCode() * 13L + weeks).nextGaussian();
        return BigDecimal.valueOf(anchor * (1 + 0.004 * swing)).setScale(4, RoundingMode.HALF_EVEN);
    }
}
