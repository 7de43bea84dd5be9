package lowfield.core.check.processor;

import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CpuFigures.*;
import static lowfield.core.check.figures.MotherboardFigures.*;

import java.util.List;
import java.util.Set;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;

/** Whether something drives the monitor. */
public final class PictureOutput {
    private static final Set<String> PICTURE_PORTS =
            Set.of("HDMI", "DisplayPort", "VGA", "DVI", "USB-C with DisplayPort");
    private static final View GRAPHICS = View.of(Slot.PROCESSOR, CPU_GRAPHICS);
    private static final View CARD = View.of(Slot.GRAPHICS_CARD, SOURCE);
    private static final View OUTPUTS = View.of(Slot.MOTHERBOARD, BOARD_VIDEO_OUTPUTS, BOARD_REAR_PORTS);

    public static final List<Check> ALL = List.of(decides(
                    "picture", "A graphics card or integrated graphics drive the monitor")
            .seeing(GRAPHICS, CARD, OUTPUTS)
            .fits("card", "%s drives the monitor.")
            .fits("integrated", "The CPU's integrated graphics drive the monitor.")
            .clash("none", "There is no graphics card, and %s has no integrated graphics.")
            .clash("no-output", "There is no graphics card, and %s has no video output for the integrated graphics.")
            .by(PictureOutput::picture));

    private PictureOutput() {}

    private static void picture(Inputs in, FindingCollector tell) {
        var cards = in.lines(CARD);
        var drives = cards.stream()
                .filter(c -> c.or(SOURCE, Source.NONE) != Source.NONE)
                .findFirst();
        for (var cpu : in.lines(GRAPHICS)) {
            var about = tell.about(cards, cpu);
            if (drives.isPresent()) {
                about.say("card", drives.get());
                continue;
            }
            about.with(cpu.get(CPU_GRAPHICS), has -> {
                if (!has) {
                    about.say("none", cpu);
                } else if (in.lines(OUTPUTS).isEmpty()) {
                    about.say("integrated");
                } else {
                    in.lines(OUTPUTS).forEach(board -> output(board, tell.about(cards, cpu, board)));
                }
            });
        }
    }

    private static void output(Seen board, FindingCollector.About tell) {
        var ports = board.figure(BOARD_VIDEO_OUTPUTS).value().map(List::isEmpty);
        var words = board.figure(BOARD_REAR_PORTS).value().map(p -> p.stream().noneMatch(PICTURE_PORTS::contains));
        var isNone = ports.or(() -> words);
        if (isNone.isEmpty()) {
            tell.missing(board.get(BOARD_VIDEO_OUTPUTS));
        } else if (isNone.get()) {
            tell.say("no-output", board);
        } else {
            tell.say("integrated");
        }
    }
}
