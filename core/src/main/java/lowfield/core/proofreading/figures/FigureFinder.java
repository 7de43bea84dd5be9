package lowfield.core.proofreading.figures;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Finds the figures of a text: a number in digits or in English words with a unit, a currency or what it counts. */
public final class FigureFinder {
    private static final String FRACTION = "(half|an? third|two thirds|an? quarter|three quarters|an? fifth|an? tenth)";
    private static final String WHOLE_SUM =
            "of (?:the|its|this|your|our|all) (?:whole )?(?:budget|total|sum|build|money|price of the build)";
    private static final BigDecimal HALF = new BigDecimal("0.5");

    private static final Map<String, FigureFinder> MADE = new ConcurrentHashMap<>();

    private final Pattern money;
    private final Pattern wordedMoney;
    private final Pattern measured;
    private final Pattern counted;
    private final Pattern prefixed =
            Pattern.compile("(?i)(?<![\\p{L}\\d])(CL|PCIe) ?(\\d{1,2})(?:\\.0)?(?![\\p{L}\\d])");
    private final Pattern share = Pattern.compile("(?i)(?<![\\p{L}])" + FRACTION + "(?= " + WHOLE_SUM + ")");
    private final Pattern bare;
    private final Digits digits;
    private final int minorDigits;

    /** Of a language and a currency; made once for each. */
    public static FigureFinder of(Locale locale, Currency currency) {
        return MADE.computeIfAbsent(locale.toLanguageTag() + " " + currency, key -> new FigureFinder(locale, currency));
    }

    private FigureFinder(Locale locale, Currency currency) {
        digits = new Digits(locale);
        minorDigits = currency.getDefaultFractionDigits();
        var isEnglish = locale.getLanguage().equals("en");
        var number = isEnglish
                ? "(" + digits.expression() + "|" + NumberWords.EXPRESSION + ")"
                : "(" + digits.expression() + ")";
        var range = "(?:" + number + "(?: ?– ?|(?<=\\d) ?- ?| - | to ))?";
        var coin = coin(currency);
        var start = "(?i)(?<![\\p{L}\\d.,/-])";
        money = Pattern.compile(
                start + range + number + "[ \\u00a0-]?(?:" + coin + ")|(?i)(?:" + symbol(currency) + ") ?" + number);
        wordedMoney = Pattern.compile(start + "(" + NumberWords.EXPRESSION + ") (?:" + coin + ") ("
                + NumberWords.EXPRESSION + ")(?![\\p{L}])");
        measured = Pattern.compile(start + range + number + "[ \\u00a0-]?(" + UnitWords.expression() + ")");
        counted = Pattern.compile(start + range + number + "[ \\u00a0-](" + CountNouns.expression() + ")");
        bare = Pattern.compile("(?i)(?<=(?:has|have|only|needs|needs only|got|instead of|against|and not) )" + number
                + "(?=[,.;](?!\\d)| of them(?![\\p{L}]))");
    }

    private static String symbol(Currency currency) {
        return Pattern.quote(currency.getSymbol(Locale.ROOT))
                + (currency.getCurrencyCode().equals("EUR") ? "|€" : "");
    }

    private static String coin(Currency currency) {
        var name = currency.getDisplayName(Locale.ENGLISH).toLowerCase(Locale.ROOT);
        var last = name.substring(name.lastIndexOf(' ') + 1);
        return symbol(currency) + "(?![\\p{L}])|" + Pattern.quote(currency.getCurrencyCode()) + "(?![\\p{L}])|"
                + Pattern.quote(last) + "s?(?![\\p{L}])";
    }

    /** In the order of the text; none overlaps another. */
    public List<WrittenFigure> in(String text) {
        var all = new ArrayList<WrittenFigure>();
        each(wordedMoney, text, m -> cents(m).ifPresent(all::add));
        each(money, text, m -> money(m).ifPresent(all::add));
        each(counted, text, m -> counted(m).ifPresent(all::add));
        each(measured, text, m -> measured(m).ifPresent(all::add));
        each(
                prefixed,
                text,
                m -> all.add(exact(
                        m,
                        m.group(1).equalsIgnoreCase("CL") ? Dimension.LATENCY : Dimension.GENERATION,
                        new BigDecimal(m.group(2)))));
        each(share, text, m -> all.add(share(m)));
        var found = apart(all);
        each(bare, text, m -> before(found, m.start()).flatMap(f -> bare(m, f)).ifPresent(all::add));
        return apart(all);
    }

    /** "It has four SATA ports; the Keel has six": what was counted last is counted again. */
    private Optional<WrittenFigure> bare(Matcher m, WrittenFigure last) {
        return number(m.group(1))
                .map(n -> new WrittenFigure(m.start(), m.end(), m.group(), last.dimension(), n, n, last.noun()));
    }

    private static Optional<WrittenFigure> before(List<WrittenFigure> found, int at) {
        return found.stream()
                .filter(f -> f.end() <= at)
                .reduce((a, b) -> b)
                .filter(f -> f.dimension() == Dimension.COUNT || f.dimension() == Dimension.YEARS);
    }

    private interface Each {
        void take(Matcher found);
    }

    private static void each(Pattern pattern, String text, Each each) {
        var found = pattern.matcher(text);
        while (found.find()) {
            if (found.end() > found.start()) {
                each.take(found);
            }
        }
    }

    /** Of two that overlap the earlier kind wins: "8 SATA ports" before "8 s". */
    private static List<WrittenFigure> apart(List<WrittenFigure> all) {
        var kept = new TreeMap<Integer, WrittenFigure>();
        for (var figure : all) {
            var before = kept.lowerEntry(figure.end());
            if (before == null || before.getValue().end() <= figure.start()) {
                kept.put(figure.start(), figure);
            }
        }
        return new ArrayList<>(kept.values());
    }

    private Optional<WrittenFigure> cents(Matcher m) {
        return NumberWords.of(m.group(1))
                .flatMap(whole -> NumberWords.of(m.group(2))
                        .filter(c -> c.compareTo(BigDecimal.valueOf(100)) < 0)
                        .map(c -> exact(
                                m,
                                Dimension.MONEY,
                                whole.movePointRight(minorDigits).add(c))));
    }

    private Optional<WrittenFigure> money(Matcher m) {
        var written = m.group(2) == null ? m.group(3) : m.group(2);
        return figure(m, m.group(1), written, Dimension.MONEY, BigDecimal.ONE.movePointRight(minorDigits), "");
    }

    private Optional<WrittenFigure> measured(Matcher m) {
        // "165 in the box" is no length.
        if (m.group(3).equals("M") || m.group(3).equals("G")) {
            return Optional.empty();
        }
        if (m.group(3).equals("in") && !m.group().matches("(?s).*[\\d] in")) {
            return Optional.empty();
        }
        return UnitWords.of(m.group(3)).flatMap(u -> figure(m, m.group(1), m.group(2), u.dimension(), u.factor(), ""));
    }

    private Optional<WrittenFigure> counted(Matcher m) {
        return figure(
                m,
                m.group(1),
                m.group(2),
                Dimension.COUNT,
                BigDecimal.ONE,
                m.group(3).toLowerCase(Locale.ROOT));
    }

    private Optional<WrittenFigure> figure(
            Matcher m, String from, String written, Dimension dimension, BigDecimal factor, String noun) {
        if (written == null || written.isEmpty()) {
            return Optional.empty();
        }
        return number(written).map(high -> {
            var slack = slack(written, dimension).multiply(factor);
            var top = high.multiply(factor);
            var low = from == null || from.isEmpty()
                    ? top
                    : number(from).map(n -> n.multiply(factor)).orElse(top);
            return new WrittenFigure(
                    m.start(),
                    m.end(),
                    m.group(),
                    dimension,
                    low.min(top).subtract(slack),
                    low.max(top).add(slack),
                    noun);
        });
    }

    private Optional<BigDecimal> number(String written) {
        return Character.isDigit(written.charAt(0)) ? digits.of(written) : NumberWords.of(written);
    }

    /** Half of the last place that was written; nothing for counts, and for sums in full. */
    private BigDecimal slack(String written, Dimension dimension) {
        if (dimension == Dimension.COUNT || !Character.isDigit(written.charAt(0))) {
            return dimension == Dimension.COUNT || dimension == Dimension.YEARS ? BigDecimal.ZERO : HALF;
        }
        var places = digits.places(written);
        if (dimension == Dimension.MONEY && places >= minorDigits) {
            return BigDecimal.ZERO;
        }
        return HALF.movePointLeft(places);
    }

    private static WrittenFigure exact(Matcher m, Dimension dimension, BigDecimal value) {
        return new WrittenFigure(m.start(), m.end(), m.group(), dimension, value, value, "");
    }

    /** A fraction of the whole sum, as a share in per cent; said so loosely that a tenth of it is nothing. */
    private static WrittenFigure share(Matcher m) {
        var words = m.group(1).toLowerCase(Locale.ROOT).replaceFirst("^an? ", "");
        var percent = switch (words) {
            case "half" -> "50";
            case "third" -> "33.333";
            case "two thirds" -> "66.667";
            case "quarter" -> "25";
            case "three quarters" -> "75";
            case "fifth" -> "20";
            default -> "10";
        };
        var value = new BigDecimal(percent);
        var slack = value.divide(BigDecimal.TEN, 3, RoundingMode.HALF_UP);
        return new WrittenFigure(
                m.start(), m.end(), m.group(), Dimension.PERCENT, value.subtract(slack), value.add(slack), "");
    }
}
