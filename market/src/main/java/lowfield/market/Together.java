package lowfield.market;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Optional;

/** Two products that a shop sells together: at the share of what both cost alone, from a day to another that may be open. */
record Together(String shop, String one, String other, BigDecimal share, LocalDate from, Optional<LocalDate> until) {
    static Together parse(String line) {
        var fields = line.split("\\|", -1);
        return new Together(
                fields[0],
                fields[1],
                fields[2],
                new BigDecimal(fields[3]),
                LocalDate.parse(fields[4]),
                fields[5].isEmpty() ? Optional.empty() : Optional.of(LocalDate.parse(fields[5])));
    }

    boolean isOn(Shop where, Product product, LocalDate day) {
        return shop.equals(where.letter())
                && (one.equals(product.slug()) || other.equals(product.slug()))
                && !day.isBefore(from)
                && until.map(last -> !day.isAfter(last)).orElse(true);
    }
}
