package lowfield.core.check;

import java.util.List;
import lowfield.core.guide.Build;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Figure;
import lowfield.core.part.Spec;

/** The modules of all memory lines together against the board's slots. */
final class MemorySlots implements Check {
    private static final Reading<Spec.Memory, Integer> MODULES =
            Reading.of(Slot.MEMORY, Spec.Memory.class, "number of modules", Spec.Memory::modules);
    private static final Reading<Spec.Motherboard, Integer> SLOTS = Reading.of(
            Slot.MOTHERBOARD, Spec.Motherboard.class, "number of memory slots", Spec.Motherboard::memorySlots);

    @Override
    public String id() {
        return "memory-slots";
    }

    @Override
    public String rule() {
        return "There are no more memory modules than the board has slots";
    }

    @Override
    public boolean decisive() {
        return true;
    }

    @Override
    public List<Finding> on(Build build) {
        var memory = build.filled(Slot.MEMORY).stream()
                .filter(l -> !(MODULES.from(l) instanceof Figure.NotApplicable))
                .toList();
        if (memory.isEmpty()) {
            return List.of();
        }
        return build.filled(Slot.MOTHERBOARD).stream()
                .map(board -> against(memory, board))
                .toList();
    }

    private Finding against(List<Line> memory, Line board) {
        var lines = java.util.stream.Stream.concat(memory.stream(), java.util.stream.Stream.of(board))
                .map(Line::id)
                .toList();
        var blank = memory.stream().filter(l -> !MODULES.from(l).isKnown()).findFirst();
        if (blank.isPresent()) {
            return Finding.of(this, Verdict.NOT_KNOWN, lines, "%s", MODULES.missing(blank.get()));
        }
        var slots = SLOTS.from(board).value();
        if (slots.isEmpty()) {
            return Finding.of(this, Verdict.NOT_KNOWN, lines, "%s", SLOTS.missing(board));
        }
        var modules = memory.stream()
                .mapToInt(l -> MODULES.from(l).value().orElseThrow() * l.quantity())
                .sum();
        var verdict = modules <= slots.get() ? Verdict.FITS : Verdict.CLASH;
        return Finding.of(this, verdict, lines, "%s memory modules; the board has %s slots", modules, slots.get());
    }
}
