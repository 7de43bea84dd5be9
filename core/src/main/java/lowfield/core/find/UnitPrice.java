package lowfield.core.find;

import java.util.Optional;
import lowfield.core.money.Money;
import lowfield.core.part.Figure;
import lowfield.core.part.Part;
import lowfield.core.part.spec.Cooler;
import lowfield.core.part.spec.Drive;
import lowfield.core.part.spec.Fan;
import lowfield.core.part.spec.GraphicsCard;
import lowfield.core.part.spec.Memory;
import lowfield.core.part.spec.PowerSupply;
import lowfield.core.part.spec.Processor;
import lowfield.core.part.spec.Screen;
import lowfield.core.part.spec.Spec;

/** The price of one unit of what a kind is bought by: a gigabyte, a core, a watt. In hundredths of a minor unit, and its unit. */
public record UnitPrice(long hundredths, String unit) {
    /** Of a part at a price; absent for a kind without such a figure, or when it is not known. */
    public static Optional<UnitPrice> of(Part part, Money price) {
        return amount(part.spec())
                .value()
                .filter(n -> n > 0)
                .map(n -> new UnitPrice(Math.round(price.minor() * 100.0 / n), unit(part.spec())));
    }

    private static Figure<Integer> amount(Spec spec) {
        if (spec instanceof GraphicsCard card) {
            return card.memory();
        }
        if (spec instanceof Processor processor) {
            return processor.cores();
        }
        if (spec instanceof Memory memory) {
            return memory.modules().value().isPresent()
                    ? memory.moduleSize().map(size -> size * memory.modules().or(1))
                    : Figure.notKnown();
        }
        if (spec instanceof Drive drive) {
            return drive.capacity();
        }
        if (spec instanceof PowerSupply supply) {
            return supply.rating();
        }
        if (spec instanceof Cooler cooler) {
            return cooler.capacity();
        }
        if (spec instanceof Fan fan) {
            return fan.count();
        }
        return spec instanceof Screen screen ? screen.refresh() : Figure.notApplicable();
    }

    private static String unit(Spec spec) {
        if (spec instanceof Processor) {
            return "core";
        }
        if (spec instanceof PowerSupply || spec instanceof Cooler) {
            return "W";
        }
        if (spec instanceof Fan) {
            return "fan";
        }
        return spec instanceof Screen ? "Hz" : "GB";
    }
}
