package lowfield.core.check.cooling;

import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CaseFigures.CASE_COOLER_HEIGHT;
import static lowfield.core.check.figures.CaseFigures.CASE_SIDE_FAN_DEPTH;
import static lowfield.core.check.figures.CoolerFigures.*;
import static lowfield.core.check.figures.CpuFigures.CPU_SOCKET;
import static lowfield.core.check.figures.MemoryFigures.MEMORY_HEIGHT;

import java.util.List;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Rooms;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;

/** Whether the cooler fits: socket, height, memory, first expansion slot. */
public final class CoolerFit {
    private static final View HEIGHT = View.of(Slot.COOLER, COOLER_HEIGHT);
    private static final View CASE = View.of(Slot.CASE, CASE_COOLER_HEIGHT, CASE_SIDE_FAN_DEPTH);
    private static final View OVER_MEMORY =
            View.of(Slot.COOLER, COOLER_MEMORY_CLEARANCE, COOLER_FAN_RISES, COOLER_HEIGHT);
    private static final View SIDE_PANEL = View.of(Slot.CASE, CASE_COOLER_HEIGHT, CASE_SIDE_FAN_DEPTH);
    private static final View MEMORY = View.of(Slot.MEMORY, MEMORY_HEIGHT);

    public static final List<Check> ALL = List.of(
            decides("cooler-socket", "The cooler has a bracket for the socket")
                    .seeing(
                            View.of(Slot.PROCESSOR, CPU_SOCKET),
                            View.of(Slot.COOLER, COOLER_SOCKETS, COOLER_BRACKET_SEPARATE))
                    .fits("bracket", "The cooler comes with a bracket for socket %s.")
                    .caution(
                            "separate",
                            "The cooler's bracket for socket %s is sold separately.",
                            "Order the bracket for socket %s with the cooler; it is not in the box.")
                    .clash("none", "The cooler has no bracket for socket %s; it fits %s.")
                    .eachPair((cpu, cooler, in, tell) ->
                            tell.with(cpu.get(CPU_SOCKET), cooler.get(COOLER_SOCKETS), (socket, sockets) -> {
                                if (sockets.contains(socket)) {
                                    tell.say("bracket", socket);
                                } else if (cooler.figure(COOLER_BRACKET_SEPARATE)
                                        .value()
                                        .filter(s -> s.contains(socket))
                                        .isPresent()) {
                                    tell.say("separate", socket);
                                } else {
                                    tell.say("none", socket, sockets);
                                }
                            })),
            decides("cooler-height", "The cooler is no higher than the case takes")
                    .seeing(HEIGHT, CASE)
                    .fits("room", "The cooler is %s mm high; the case takes %s mm.")
                    .note("tight", "The cooler is %s mm high; the case takes %s mm. That is tight.")
                    .clash("too-high", "The cooler is %s mm high; the case takes only %s mm.")
                    .eachPair((cooler, box, in, tell) ->
                            tell.with(cooler.get(COOLER_HEIGHT), box.get(CASE_COOLER_HEIGHT), (height, takes) -> {
                                var room = takes - box.or(CASE_SIDE_FAN_DEPTH, 0);
                                tell.say(
                                        Rooms.of(height, room, Rooms.TIGHT, "room", "tight", "too-high"), height, room);
                            })),
            decides("cooler-memory", "The cooler clears the memory, with its front fan raised if need be")
                    .seeing(OVER_MEMORY, MEMORY, SIDE_PANEL)
                    .fits("clears", "The memory is %s mm high; the cooler leaves %s mm.")
                    .note(
                            "raised",
                            "The cooler's front fan must go up %s mm over the memory, to %s mm; the case takes %s mm.",
                            "Mount the cooler's front fan %s mm higher, over the memory.")
                    .clash(
                            "side-panel",
                            "Raised %s mm over the memory, the front fan stands at %s mm; the case takes only %s mm.")
                    .clash("collides", "The memory is %s mm high; the cooler leaves only %s mm.")
                    .by(CoolerFit::overMemory),
            decides("cooler-first-slot", "The cooler leaves the first expansion slot free for the graphics card")
                    .seeing(View.of(Slot.COOLER, COOLER_OVER_FIRST_SLOT), View.of(Slot.GRAPHICS_CARD, SOURCE))
                    .fits("free", "The cooler stays clear of the first expansion slot.")
                    .clash("covered", "The cooler reaches over the first expansion slot, where %s goes.")
                    .eachPair((cooler, card, in, tell) -> {
                        if (card.or(SOURCE, Source.NONE) != Source.NONE) {
                            cooler.figure(COOLER_OVER_FIRST_SLOT).value().ifPresent(over -> {
                                if (over) {
                                    tell.say("covered", card);
                                } else {
                                    tell.say("free");
                                }
                            });
                        }
                    }));

    private CoolerFit() {}

    private static void overMemory(Inputs in, FindingCollector tell) {
        var box = in.first(SIDE_PANEL);
        for (var cooler : in.lines(OVER_MEMORY)) {
            for (var memory : in.lines(MEMORY)) {
                var about = tell.about(cooler, memory);
                about.with(cooler.get(COOLER_MEMORY_CLEARANCE), memory.get(MEMORY_HEIGHT), (room, height) -> {
                    if (height <= room) {
                        about.say("clears", height, room);
                        return;
                    }
                    about.with(cooler.get(COOLER_FAN_RISES), rises -> {
                        if (!rises) {
                            about.say("collides", height, room);
                        } else if (box.isPresent()) {
                            raised(cooler, box.get(), height - room, tell.about(cooler, memory, box.get()));
                        }
                    });
                });
            }
        }
    }

    /** The front fan goes up by what the memory is too high, and the cooler's height with it. */
    private static void raised(Seen cooler, Seen box, int by, FindingCollector.About tell) {
        tell.with(cooler.get(COOLER_HEIGHT), box.get(CASE_COOLER_HEIGHT), (height, takes) -> {
            var room = takes - box.or(CASE_SIDE_FAN_DEPTH, 0);
            tell.say(height + by <= room ? "raised" : "side-panel", by, height + by, room);
        });
    }
}
