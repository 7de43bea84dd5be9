package lowfield.core.proofreading.sources;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.Stream;
import lowfield.core.part.Figure;
import lowfield.core.part.Part;
import lowfield.core.part.spec.Case;
import lowfield.core.part.spec.Cooler;
import lowfield.core.part.spec.GraphicsCard;
import lowfield.core.part.spec.PowerSupply;
import lowfield.core.part.spec.Spec;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.figures.Dimension;

/** What of one part is left for another in a build: room in the case, watts of the power supply. */
public final class SpareRoom {
    private SpareRoom() {}

    /** @param peak the build's sustained peak in watts */
    public static List<KnownFigure> of(List<Part> parts, OptionalInt peak) {
        var card = figure(parts, GraphicsCard.class, GraphicsCard::length);
        var cooler = figure(parts, Cooler.class, Cooler::height);
        var rating = figure(parts, PowerSupply.class, PowerSupply::rating);
        return Stream.of(
                        left(
                                Dimension.LENGTH,
                                "room in front of the card",
                                "mm",
                                figure(parts, Case.class, Case::cardLength),
                                card),
                        left(
                                Dimension.LENGTH,
                                "room above the cooler",
                                "mm",
                                figure(parts, Case.class, Case::coolerHeight),
                                cooler),
                        left(
                                Dimension.LENGTH,
                                "room beside the power supply",
                                "mm",
                                figure(parts, Case.class, Case::supplyLength),
                                figure(parts, PowerSupply.class, PowerSupply::length)),
                        left(
                                Dimension.POWER,
                                "headroom of the power supply",
                                "W",
                                rating,
                                peak.isPresent() ? Optional.of(peak.getAsInt()) : Optional.empty()))
                .flatMap(Optional::stream)
                .toList();
    }

    private static Optional<KnownFigure> left(
            Dimension dimension, String label, String unit, Optional<Integer> of, Optional<Integer> taken) {
        return of.flatMap(o -> taken.map(t -> o - t))
                .filter(l -> l >= 0)
                .map(l -> new KnownFigure(
                        dimension,
                        BigDecimal.valueOf(l),
                        label,
                        l + " " + unit,
                        KnownFigure.Use.BUILD,
                        Optional.empty()));
    }

    private static <S extends Spec> Optional<Integer> figure(
            List<Part> parts, Class<S> kind, Function<S, Figure<Integer>> which) {
        return parts.stream()
                .map(Part::spec)
                .filter(kind::isInstance)
                .map(kind::cast)
                .findFirst()
                .flatMap(s -> which.apply(s).value());
    }
}
