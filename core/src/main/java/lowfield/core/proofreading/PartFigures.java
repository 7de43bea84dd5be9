package lowfield.core.proofreading;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import lowfield.core.money.Money;
import lowfield.core.part.Field;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.spec.Memory;
import lowfield.core.part.spec.Motherboard;
import lowfield.core.proofreading.figures.CountNouns;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.UnitWords;

/** The figures of a part that a text could state: every number on file, its price, and what plainly follows from them. */
public final class PartFigures {
    private PartFigures() {}

    /** @param isChoice whether the facts of the line say them, too */
    static List<KnownFigure> of(Part part, Optional<Money> price, boolean isChoice) {
        var all = new ArrayList<KnownFigure>();
        price.ifPresent(p -> all.add(new KnownFigure(
                Dimension.MONEY,
                BigDecimal.valueOf(p.minor()),
                "price",
                p.toString(),
                KnownFigure.Use.OWN,
                Optional.of("price").filter(f -> isChoice))));
        var schema = part.kind().schema();
        for (var field : schema.fields()) {
            Optional<?> held = schema.figureOf(part.spec(), field).value();
            if (held.isPresent() && held.get() instanceof Integer number) {
                dimension(field)
                        .ifPresent(d -> all.add(new KnownFigure(
                                d,
                                factor(field).multiply(BigDecimal.valueOf(number)),
                                field.label(),
                                said(field, number),
                                KnownFigure.Use.OWN,
                                Optional.of("spec." + field.name().toLowerCase(Locale.ROOT))
                                        .filter(f -> isChoice))));
            }
        }
        following(part).forEach(all::add);
        return List.copyOf(all);
    }

    private static String said(Field field, int number) {
        return field.unit().isEmpty() ? number + " " + field.label() : field.worded(number);
    }

    private static Stream<KnownFigure> following(Part part) {
        if (part.spec() instanceof Memory kit) {
            return kit.modules().value().stream()
                    .flatMap(n -> kit.moduleSize().value().stream().map(size -> n * size))
                    .map(all -> figure(Dimension.CAPACITY, all, "memory of the kit", all + " GB"));
        }
        if (part.spec() instanceof Motherboard board) {
            return board.driveSlots().value().stream()
                    .map(slots -> figure(Dimension.COUNT, slots.size(), "M.2 slots", slots.size() + " M.2 slots"));
        }
        return Stream.empty();
    }

    private static KnownFigure figure(Dimension dimension, int value, String label, String said) {
        return new KnownFigure(
                dimension, BigDecimal.valueOf(value), label, said, KnownFigure.Use.OWN, Optional.empty());
    }

    private static Optional<Dimension> dimension(Field field) {
        if (field.label().equals("CL")) {
            return Optional.of(Dimension.LATENCY);
        }
        if (field.label().equals("PCIe generation")) {
            return Optional.of(Dimension.GENERATION);
        }
        return field.unit().isEmpty()
                ? Optional.of(Dimension.COUNT).filter(d -> CountNouns.isCounted(field.label()))
                : UnitWords.of(field.unit()).map(UnitWords.Unit::dimension);
    }

    private static BigDecimal factor(Field field) {
        return UnitWords.of(field.unit()).map(UnitWords.Unit::factor).orElse(BigDecimal.ONE);
    }

    /** Whether a label is about parts of a kind, like the clearance of a case for the card. */
    public static boolean speaksOf(Kind kind, String label) {
        var words = " " + label.toLowerCase(Locale.ROOT) + " ";
        return nouns(kind).stream().anyMatch(noun -> words.contains(" " + noun + " "));
    }

    /** Words that name the kind in a text, in small letters. */
    public static List<String> nouns(Kind kind) {
        return switch (kind) {
            case GRAPHICS_CARD -> List.of("graphics card", "card", "gpu");
            case PROCESSOR -> List.of("processor", "cpu", "chip");
            case MOTHERBOARD -> List.of("motherboard", "board");
            case MEMORY -> List.of("memory kit", "kit", "ram");
            case COOLER -> List.of("cpu cooler", "cooler", "tower");
            case DRIVE -> List.of("drive", "ssd", "disk");
            case POWER_SUPPLY -> List.of("power supply", "psu", "supply");
            case SCREEN -> List.of("monitor", "screen");
            default -> List.of(kind.label().toLowerCase(Locale.ROOT));
        };
    }
}
