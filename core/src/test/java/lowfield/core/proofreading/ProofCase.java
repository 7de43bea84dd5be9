package lowfield.core.proofreading;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.money.Money;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.Release;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.guard.FigureGuard;
import lowfield.core.proofreading.names.NameIndex;

/** A card on a line, with an alternative, a dearer card in the tier above, and a power supply beside. */
class ProofCase {
    static final Currency EURO = Currency.getInstance("EUR");
    static final Part MICA = part(
            Kind.GRAPHICS_CARD,
            "Merrowby Mica Six",
            Map.of("memory", 12, "boardPower", 220, "length", 304, "noise", 34, "warranty", 3));
    static final Part BASALT = part(
            Kind.GRAPHICS_CARD,
            "Hartle Basalt Five",
            Map.of("memory", 8, "boardPower", 175, "length", 242, "noise", 36, "warranty", 2));
    static final Part VANE = part(
            Kind.GRAPHICS_CARD,
            "Ostby Vane Seven",
            Map.of("memory", 16, "boardPower", 265, "length", 337, "noise", 33, "warranty", 3));
    static final Part MAST = part(Kind.POWER_SUPPLY, "Kelder Mast Middle", Map.of("rating", 750, "warranty", 10));

    static Part part(Kind kind, String name, Map<String, Object> spec) {
        return new Part(
                UUID.nameUUIDFromBytes(name.getBytes()),
                UUID.nameUUIDFromBytes(("product " + name).getBytes()),
                kind,
                name.substring(0, name.indexOf(' ')),
                name,
                "",
                Release.ON_SALE,
                Optional.empty(),
                Optional.empty(),
                Instant.EPOCH,
                kind.schema().read(spec));
    }

    static Optional<Money> eur(long minor) {
        return Optional.of(new Money(minor, EURO));
    }

    /** The card at this price; it cost 429.00 last time, the Basalt costs 349.00 and the Vane 489.90. */
    static ProofContext context(Optional<Money> price) {
        return context(price, Locale.forLanguageTag("en-IE"), EURO);
    }

    static ProofContext context(Optional<Money> price, Locale locale, Currency currency) {
        var parts = new ProofContext.Parts()
                .add(Subject.Role.CHOICE, MICA, price)
                .add(Subject.Role.OPTION, BASALT, eur(34_900))
                .add(Subject.Role.NEIGHBOUR, VANE, eur(48_990))
                .add(Subject.Role.LAST, MICA, eur(42_900))
                .add(Subject.Role.ELSEWHERE, MAST, eur(9_890));
        return new ProofContext(
                locale,
                currency,
                parts.all(),
                List.of(new KnownFigure(
                        Dimension.PERCENT,
                        new BigDecimal("33.3"),
                        "share of the total",
                        "33.3%",
                        KnownFigure.Use.BUILD,
                        Optional.of("share"))),
                List.of(
                        new ProofContext.Tier("Mate", Optional.of(MICA)),
                        new ProofContext.Tier("Skipper", Optional.of(VANE))),
                new NameIndex(List.of(MICA, BASALT, VANE, MAST)));
    }

    static ProofContext context() {
        return context(eur(41_290));
    }

    static Reading read(String text) {
        return new FigureGuard(context()).read(text);
    }

    /** What was written and what it should say, each slip on its own. */
    static List<String> slips(String text) {
        return read(text).slips().stream()
                .map(s -> s.written() + " -> " + s.right().orElse("?"))
                .toList();
    }
}
