package lowfield.core.intake;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * A number with its unit in a text, turned into the unit of a figure. A text with several numbers of that unit, with a
 * range, or with a number that could be read in two ways ("1,234") says nothing.
 */
final class Quantity {
    private static final String NUMBER =
            "(?<![\\d.,])(\\d{1,6}(?:[.,]\\d{1,2})?|\\d{1,3}(?:[.,]\\d{3})+)(?![\\d]|[.,]\\d)";
    /** Units in which nobody writes thousandths: "7,100 MB/s" are seven thousand, "1,234 kg" may be either. */
    private static final Set<String> WHOLE = Set.of("mm", "w", "watt", "watts", "mb/s", "mhz", "mt/s");

    /** For each unit of a figure, the units it can be written in and what one of them makes. */
    private static final Map<String, Map<String, BigDecimal>> UNITS = Map.ofEntries(
            Map.entry(
                    "mm",
                    Map.of(
                            "mm",
                            n("1"),
                            "millimeters",
                            n("1"),
                            "cm",
                            n("10"),
                            "in",
                            n("25.4"),
                            "inches",
                            n("25.4"),
                            "inch",
                            n("25.4"),
                            "\"",
                            n("25.4"),
                            "m",
                            n("1000"))),
            Map.entry("W", Map.of("w", n("1"), "watt", n("1"), "watts", n("1"), "kw", n("1000"))),
            Map.entry("GB", Map.of("gb", n("1"), "tb", n("1000"), "gbyte", n("1"))),
            Map.entry("TB", Map.of("tb", n("1"), "tbw", n("1"), "pb", n("1000"), "gb", n("0.001"))),
            Map.entry("MB", Map.of("mb", n("1"), "kb", n("0.001"))),
            Map.entry(
                    "g",
                    Map.of(
                            "g",
                            n("1"),
                            "grams",
                            n("1"),
                            "kg",
                            n("1000"),
                            "lb",
                            n("453.59237"),
                            "lbs",
                            n("453.59237"),
                            "oz",
                            n("28.349523"))),
            Map.entry("MHz", Map.of("mhz", n("1"), "ghz", n("1000"))),
            Map.entry("MT/s", Map.of("mt/s", n("1"), "mhz", n("1"))),
            Map.entry("MB/s", Map.of("mb/s", n("1"), "gb/s", n("1000"))),
            Map.entry("Gbit/s", Map.of("gbit/s", n("1"), "gbps", n("1"))),
            Map.entry("dB", Map.of("db", n("1"), "dba", n("1"), "db(a)", n("1"))),
            Map.entry("Hz", Map.of("hz", n("1"))),
            Map.entry("l", Map.of("l", n("1"), "litres", n("1"), "liters", n("1"))),
            Map.entry("years", Map.of("years", n("1"), "year", n("1"), "months", n("0.0833333333"))),
            Map.entry("%", Map.of("%", n("1"))),
            Map.entry("mA", Map.of("ma", n("1"), "a", n("1000"))));

    private Quantity() {}

    private static BigDecimal n(String figure) {
        return new BigDecimal(figure);
    }

    /**
     * The whole number of a unit that a text states.
     *
     * @param unit of the figure; empty for a bare count
     * @param up whether a part of a unit counts as a whole one
     */
    static Optional<Integer> of(String text, String unit, boolean up) {
        var bare = text.toLowerCase(Locale.ROOT)
                .replace('\u00a0', ' ')
                .replace("″", "\"")
                .replace("''", "\"");
        if (unit.isEmpty()) {
            return bare.strip().matches("\\d{1,6}( ?x)?")
                    ? Optional.of(Integer.valueOf(bare.replaceAll("\\D", "")))
                    : Optional.empty();
        }
        if (bare.matches(".*\\d\\s*(-|–|to|~|/)\\s*\\d.*") && !bare.contains("/s")) {
            return Optional.empty();
        }
        var units = UNITS.getOrDefault(unit, Map.of(unit.toLowerCase(Locale.ROOT), n("1")));
        var found = Pattern.compile(NUMBER + "\\s*([a-z/%\"()]+)?").matcher(bare);
        var values = found.results()
                .filter(m -> m.group(2) != null && units.containsKey(m.group(2)))
                .flatMap(m -> decimal(m.group(1), m.group(2)).map(d -> whole(d, units.get(m.group(2)), up)).stream())
                .distinct()
                .toList();
        if (values.isEmpty()) {
            return Optional.of(bare.strip())
                    .filter(t -> t.matches("\\d{1,6}([.,]\\d{1,2})?"))
                    .map(t -> whole(new BigDecimal(t.replace(',', '.')), BigDecimal.ONE, up));
        }
        // The same size in two units, "345 mm (13.6 in)", is one statement: the unit of the figure is the exact one.
        var exact = found.reset()
                .results()
                .filter(m -> unit.toLowerCase(Locale.ROOT).equals(m.group(2)))
                .flatMap(m -> decimal(m.group(1), m.group(2)).stream())
                .map(d -> whole(d, BigDecimal.ONE, up))
                .distinct()
                .toList();
        var told = exact.isEmpty() ? values : exact;
        return told.size() == 1 ? Optional.of(told.get(0)) : Optional.empty();
    }

    /** The number as it is meant; absent where "1,234" may be one and a quarter or a thousand and more. */
    private static Optional<BigDecimal> decimal(String figure, String unit) {
        var isGrouped = figure.matches("\\d{1,3}(?:[.,]\\d{3})+");
        if (!isGrouped) {
            return Optional.of(new BigDecimal(figure.replace(',', '.')));
        }
        var isThousands = figure.replaceAll("[^.,]", "").length() > 1 || WHOLE.contains(unit);
        return isThousands ? Optional.of(new BigDecimal(figure.replaceAll("[.,]", ""))) : Optional.empty();
    }

    /**
     * The figure in whole units. What turning one unit into another has left next to a whole number is that number, as far as
     * the figure was written exactly enough to tell: "2.05 in" are 52 mm, "6.5 in" are not 165 for that reason.
     */
    private static int whole(BigDecimal figure, BigDecimal factor, boolean up) {
        var value = figure.multiply(factor);
        var near = value.setScale(0, RoundingMode.HALF_UP);
        if (near.subtract(value).abs().compareTo(slack(figure, factor)) <= 0) {
            return near.intValueExact();
        }
        return value.setScale(0, up ? RoundingMode.CEILING : RoundingMode.FLOOR).intValueExact();
    }

    /** Half of the last digit that was written, where that is less than half a unit. */
    private static BigDecimal slack(BigDecimal figure, BigDecimal factor) {
        var least = n("0.05");
        var half = n("0.5").scaleByPowerOfTen(-figure.scale()).multiply(factor);
        return factor.compareTo(BigDecimal.ONE) != 0 && half.compareTo(n("0.5")) < 0 ? half.max(least) : least;
    }
}
