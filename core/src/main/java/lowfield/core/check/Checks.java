package lowfield.core.check;

import java.util.List;
import lowfield.core.guide.Build;
import lowfield.core.guide.Slot;
import lowfield.core.part.Spec;

/** All checks, in the order in which their findings are told. */
public final class Checks {
    private static final Reading<Spec.Motherboard, String> BOARD_SOCKET =
            Reading.of(Slot.MOTHERBOARD, Spec.Motherboard.class, "socket", Spec.Motherboard::socket);

    private static final List<Check> ALL = List.of(
            new SlotsFilled(),
            new SlotsOnce(),
            PairCheck.equal(
                    "socket",
                    "Processor and board have the same socket",
                    Reading.of(Slot.PROCESSOR, Spec.Processor.class, "socket", Spec.Processor::socket),
                    BOARD_SOCKET,
                    "processor and board both have socket %1$s",
                    "processor has socket %s; the board has %s"),
            PairCheck.equal(
                    "memory-generation",
                    "Memory and board are of one generation",
                    Reading.of(Slot.MEMORY, Spec.Memory.class, "generation", Spec.Memory::generation),
                    Reading.of(
                            Slot.MOTHERBOARD,
                            Spec.Motherboard.class,
                            "memory generation",
                            Spec.Motherboard::memoryGeneration),
                    "memory and board are both %1$s",
                    "memory is %s; the board takes %s"),
            new MemorySlots(),
            PairCheck.oneOf(
                    "board-format",
                    "The case takes the board's format",
                    Reading.of(Slot.MOTHERBOARD, Spec.Motherboard.class, "format", Spec.Motherboard::format),
                    Reading.of(Slot.CASE, Spec.Case.class, "list of board formats", Spec.Case::formats),
                    "board is %s; case takes %s",
                    "board is %s; case takes only %s"),
            new CardLength(),
            new CoolerPresent(),
            PairCheck.oneOf(
                    "cooler-socket",
                    "The cooler has a bracket for the socket",
                    Reading.of(Slot.PROCESSOR, Spec.Processor.class, "socket", Spec.Processor::socket),
                    Reading.of(Slot.COOLER, Spec.Cooler.class, "list of sockets", Spec.Cooler::sockets),
                    "socket %s is among the cooler's: %s",
                    "socket %s is not among the cooler's: %s"),
            PairCheck.atMost(
                    "cooler-height",
                    "The cooler is no higher than the case takes",
                    Reading.of(Slot.COOLER, Spec.Cooler.class, "height", Spec.Cooler::height),
                    Reading.of(Slot.CASE, Spec.Case.class, "room for a cooler", Spec.Case::coolerHeight),
                    "cooler %s mm high; case takes %s mm",
                    "cooler %s mm high; case takes only %s mm"),
            new SupplyRating());

    private Checks() {}

    public static List<Check> all() {
        return ALL;
    }

    /** Every finding about a build. */
    public static List<Finding> on(Build build) {
        return ALL.stream().flatMap(check -> check.on(build).stream()).toList();
    }
}
