package lowfield.core.proofreading.figures;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** The units that a figure is written with, and what one of them is in the base unit of its dimension. */
public final class UnitWords {
    /** A unit as it is written: its dimension, and how much of the base unit it is. */
    public record Unit(Dimension dimension, BigDecimal factor) {}

    /** Written in any case; the longest first, as an expression tries them. */
    private static final Map<String, Unit> ALL = new LinkedHashMap<>();

    static {
        add(Dimension.TRANSFER, "1", "mb/s", "megabytes a second", "megabytes per second");
        add(Dimension.TRANSFER, "1000", "gb/s", "gigabytes a second", "gigabytes per second");
        add(Dimension.MEMORY_SPEED, "1", "mt/s");
        add(Dimension.CAPACITY, "1", "gigabytes", "gigabyte", "gb", "gigs");
        add(Dimension.CAPACITY, "1000", "terabytes", "terabyte", "tbw", "tb");
        add(Dimension.CAPACITY, "0.001", "megabytes", "megabyte", "mb");
        add(Dimension.POWER, "1000", "kilowatts", "kilowatt", "kw");
        add(Dimension.POWER, "1", "watts", "watt", "w");
        add(Dimension.LENGTH, "1", "millimetres", "millimetre", "millimeters", "millimeter", "mm");
        add(Dimension.LENGTH, "10", "centimetres", "centimetre", "centimeters", "centimeter", "cm");
        add(Dimension.LENGTH, "1000", "metres", "metre", "meters", "meter", "m");
        add(Dimension.LENGTH, "25.4", "inches", "inch", "in", "\"", "″");
        add(Dimension.CLOCK, "1000", "gigahertz", "ghz");
        add(Dimension.CLOCK, "1", "megahertz", "mhz");
        add(Dimension.REFRESH, "1", "hertz", "hz");
        add(Dimension.NOISE, "1", "decibels", "decibel", "db(a)", "dba", "db");
        add(Dimension.VOLUME, "1", "litres", "litre", "liters", "liter", "l");
        add(Dimension.WEIGHT, "1000", "kilograms", "kilogram", "kilos", "kilo", "kg");
        add(Dimension.WEIGHT, "1", "grams", "gram", "g");
        add(Dimension.YEARS, "1", "years", "year");
        add(Dimension.PERCENT, "1", "percent", "per cent", "%");
    }

    private static final Pattern NUMBER = Pattern.compile("^[\\d.,]+ ?");

    private UnitWords() {}

    private static void add(Dimension dimension, String factor, String... words) {
        for (var word : words) {
            ALL.put(word, new Unit(dimension, new BigDecimal(factor)));
        }
    }

    /** An expression for any unit but money's. */
    public static String expression() {
        return ALL.keySet().stream()
                .sorted((a, b) -> b.length() - a.length())
                .map(w -> Character.isLetter(w.charAt(w.length() - 1))
                        ? Pattern.quote(w) + "(?![\\p{L}\\d])"
                        : Pattern.quote(w))
                .collect(Collectors.joining("|"));
    }

    public static Optional<Unit> of(String written) {
        return Optional.ofNullable(ALL.get(written.toLowerCase(Locale.ROOT)));
    }

    /** A value as the author would write it, where a figure of digits has another unit than what the data says: 4.7 GHz, not 4700 MHz. */
    public static String saidAs(String written, String said, BigDecimal value, Dimension dimension) {
        return unitOf(written, dimension)
                .filter(unit -> unitOf(said, dimension)
                        .filter(u -> u.factor().compareTo(unit.factor()) != 0)
                        .isPresent())
                .map(unit -> saidLike(written, value, dimension))
                .orElse(said);
    }

    private static Optional<Unit> unitOf(String written, Dimension dimension) {
        return of(NUMBER.matcher(written).replaceFirst("")).filter(u -> u.dimension() == dimension);
    }

    /** A value of a dimension with the unit that a figure like it is said with. */
    public static String saidLike(String said, BigDecimal value, Dimension dimension) {
        var unit = NUMBER.matcher(said).replaceFirst("");
        var factor = unitOf(said, dimension).map(Unit::factor).orElse(BigDecimal.ONE);
        var number = value.divide(factor, 2, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
        return unit.isEmpty() ? number : number + " " + unit;
    }
}
