package lowfield.core.check.rules;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.CONDITION;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CaseFigures.CASE_COOLER_HEIGHT;
import static lowfield.core.check.figures.CaseFigures.CASE_DRIVE_CAGE;
import static lowfield.core.check.figures.CaseFigures.CASE_SIDE_FAN_DEPTH;
import static lowfield.core.check.figures.CoolerFigures.*;
import static lowfield.core.check.figures.CpuFigures.CPU_BOXED_COOLER;
import static lowfield.core.check.figures.CpuFigures.CPU_COOLER_IN_BOX;
import static lowfield.core.check.figures.CpuFigures.CPU_LIMIT;
import static lowfield.core.check.figures.CpuFigures.CPU_SOCKET;
import static lowfield.core.check.figures.MemoryFigures.MEMORY_HEIGHT;

import java.util.List;
import java.util.Optional;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.offer.Condition;

/** What cools the CPU: enough of it, on the socket, over the memory and in the case. */
final class CoolingChecks {
    /** A CPU held to this share of its limit still runs as its maker promises, in percent. */
    private static final int LEAST_PERCENT = 65;

    private static final View BOX = View.of(Slot.PROCESSOR, CPU_COOLER_IN_BOX, CONDITION);
    private static final View CHOSEN = View.of(Slot.COOLER, SOURCE);
    private static final View CPU = View.of(Slot.PROCESSOR, CPU_LIMIT, CPU_BOXED_COOLER, CPU_COOLER_IN_BOX);
    private static final View CAPACITY = View.of(Slot.COOLER, COOLER_CAPACITY, SOURCE);
    private static final View HEIGHT = View.of(Slot.COOLER, COOLER_HEIGHT);
    private static final View CASE = View.of(Slot.CASE, CASE_COOLER_HEIGHT, CASE_SIDE_FAN_DEPTH);
    private static final View OVER_MEMORY =
            View.of(Slot.COOLER, COOLER_MEMORY_CLEARANCE, COOLER_FAN_RISES, COOLER_HEIGHT);
    private static final View SIDE_PANEL = View.of(Slot.CASE, CASE_COOLER_HEIGHT);
    private static final View MEMORY = View.of(Slot.MEMORY, MEMORY_HEIGHT);
    private static final View PASTE_OF_COOLER = View.of(Slot.COOLER, COOLER_PASTE, SOURCE);
    private static final View PASTE = View.of(Slot.PASTE, SOURCE);
    private static final View RADIATOR = View.of(Slot.COOLER, COOLER_RADIATOR);
    private static final View PUMP = View.of(Slot.COOLER, COOLER_PUMP_BELOW_RADIATOR);
    private static final View CAGE = View.of(Slot.CASE, CASE_DRIVE_CAGE);
    private static final View EPS = View.of(Slot.MOTHERBOARD);

    static final List<Check> ALL = List.of(
            decides("cooler-present", "The CPU has a cooler: one that is chosen, or the boxed one")
                    .seeing(BOX, CHOSEN)
                    .fits("chosen", "%s cools the CPU.")
                    .fits("owned", "The reader has a cooler.")
                    .fits("boxed", "A cooler comes with the CPU.")
                    .note("extra", "A cooler comes with the CPU, and %s is chosen. Say what the extra buys.")
                    .clash("used", "%s is bought used and comes without its boxed cooler; none is chosen.")
                    .clash("none", "No cooler comes with %s and none is chosen.")
                    .by(CoolingChecks::present),
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
            advises("cooler-capacity", "The cooler carries the CPU at the motherboard's defaults")
                    .seeing(CPU, CAPACITY)
                    .deriving(PowerLoad.CPU_WATTS)
                    .fits("carries", "The CPU draws up to %s W; the cooler carries %s W.")
                    .firstStart(
                            "limit",
                            "The CPU draws up to %s W and the cooler carries %s W; set that power limit.",
                            "Set the CPU's power limit to %2$s W in the BIOS.")
                    .caution(
                            "too-weak",
                            "The CPU draws up to %s W; the cooler carries only %s W, less than 65%% of it.",
                            "The cooler is too weak for the CPU's full power.")
                    .by(CoolingChecks::capacity),
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
                    .by(CoolingChecks::overMemory),
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
                    }),
            decides("radiator", "The case has a place for the radiator")
                    .seeing(RADIATOR, CAGE)
                    .deriving(RadiatorPosition.OF_BUILD)
                    .fits("place", "The %s mm radiator goes at the %s.")
                    .note(
                            "cage-out",
                            "The %s mm radiator goes at the %s, where the drive cage must come out.",
                            "Take the drive cage out: the radiator goes there.")
                    .clash("cage", "The %s mm radiator at the %s takes the room of the fixed drive cage.")
                    .clash("chosen-place", "The place chosen for the %s mm radiator, the %s, does not take it.")
                    .clash("none", "No place of the case takes a %s mm radiator of %s mm with its fans.")
                    .by(CoolingChecks::radiator),
            advises("radiator-place", "Nothing stands in the radiator's way, and its pump is not its highest point")
                    .seeing(PUMP, EPS)
                    .deriving(RadiatorPosition.OF_BUILD)
                    .caution(
                            "eps",
                            "The radiator at the %s stands over the EPS plugs; plug them in before it goes in.",
                            "Plug in the EPS cables before you mount the radiator.")
                    .caution(
                            "pump",
                            "The pump would be the highest point of the loop; air collects in it.",
                            "Mount the radiator so that its top is above the pump.")
                    .by(CoolingChecks::radiatorPlace),
            advises("paste", "There is thermal paste, once")
                    .seeing(PASTE_OF_COOLER, PASTE)
                    .fits("boxed", "Thermal paste comes with the cooler.")
                    .fits("chosen", "%s is chosen.")
                    .fits("owned", "The reader has thermal paste.")
                    .note("extra", "Thermal paste comes with the cooler; %s is one more.")
                    .note(
                            "none",
                            "No thermal paste comes with the cooler and none is chosen.",
                            "Have thermal paste at hand; none comes with the cooler.")
                    .by(CoolingChecks::paste));

    private CoolingChecks() {}

    private static Optional<Seen> with(List<Seen> lines, java.util.function.Predicate<Source> holds) {
        return lines.stream().filter(l -> holds.test(l.or(SOURCE, Source.NONE))).findFirst();
    }

    private static void present(Inputs in, FindingCollector tell) {
        var coolers = in.lines(CHOSEN);
        for (var cpu : in.lines(BOX)) {
            var about = coolers.isEmpty() ? tell.about(cpu) : tell.about(cpu, coolers.get(0));
            var chosen = with(coolers, Source::isBought);
            if (chosen.isPresent()) {
                about.say(cpu.or(CPU_COOLER_IN_BOX, false) ? "extra" : "chosen", chosen.get());
            } else if (with(coolers, s -> s == Source.OWNED).isPresent()) {
                about.say("owned");
            } else {
                about.with(cpu.get(CPU_COOLER_IN_BOX), inBox -> {
                    if (!inBox) {
                        about.say("none", cpu);
                    } else if (cpu.figure(CONDITION)
                            .value()
                            .filter(Condition::isUsed)
                            .isPresent()) {
                        about.say("used", cpu);
                    } else {
                        about.say("boxed");
                    }
                });
            }
        }
    }

    private static void capacity(Inputs in, FindingCollector tell) {
        var coolers = in.lines(CAPACITY);
        for (var cpu : in.lines(CPU)) {
            for (var cooler : coolers) {
                var isBoxed = cooler.or(SOURCE, Source.NONE) == Source.IN_THE_BOX;
                carries(
                        cpu,
                        isBoxed ? cpu.get(CPU_BOXED_COOLER) : cooler.get(COOLER_CAPACITY),
                        in,
                        tell.about(cpu, cooler));
            }
            if (coolers.isEmpty() && cpu.or(CPU_COOLER_IN_BOX, false)) {
                carries(cpu, cpu.get(CPU_BOXED_COOLER), in, tell.about(cpu));
            }
        }
    }

    private static void carries(Seen cpu, Seen.Asked<Integer> capacity, Inputs in, FindingCollector.About tell) {
        tell.with(cpu.get(CPU_LIMIT), capacity, (own, carries) -> {
            var watts = in.derived(PowerLoad.CPU_WATTS).or(own);
            if (watts <= carries) {
                tell.say("carries", watts, carries);
            } else {
                tell.say(carries * 100 >= watts * LEAST_PERCENT ? "limit" : "too-weak", watts, carries);
            }
        });
    }

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
        tell.with(
                cooler.get(COOLER_HEIGHT),
                box.get(CASE_COOLER_HEIGHT),
                (height, room) -> tell.say(height + by <= room ? "raised" : "side-panel", by, height + by, room));
    }

    private static void radiator(Inputs in, FindingCollector tell) {
        var position = in.derived(RadiatorPosition.OF_BUILD);
        var cooler = in.lines(RADIATOR).stream()
                .filter(c -> c.figure(COOLER_RADIATOR).isKnown())
                .findFirst();
        var box = in.first(CAGE);
        in.lines(RADIATOR).stream()
                .filter(c -> c.get(COOLER_RADIATOR).isMissing())
                .forEach(c -> tell.about(c).missing(c.get(COOLER_RADIATOR)));
        if (cooler.isEmpty() || box.isEmpty()) {
            return;
        }
        var about = tell.about(cooler.get(), box.get());
        var size = cooler.get().or(COOLER_RADIATOR, 0);
        if (position.place().isPresent()) {
            var place = position.place().get();
            var where = place.place().or("place named nowhere");
            if (!place.takesCage().or(false)) {
                about.sayOn(position.thickness(), "place", size, where);
            } else {
                about.with(
                        box.get().get(CASE_DRIVE_CAGE),
                        cage -> about.say(
                                switch (cage) {
                                    case "fixed" -> "cage";
                                    case "removable" -> "cage-out";
                                    default -> "place";
                                },
                                size,
                                where));
            }
        } else if (position.missing().isPresent()) {
            about.missing(position.missing().get());
        } else if (position.refused().isPresent()) {
            about.say("chosen-place", size, position.refused().get());
        } else {
            about.say("none", size, position.thickness());
        }
    }

    private static void radiatorPlace(Inputs in, FindingCollector tell) {
        var position = in.derived(RadiatorPosition.OF_BUILD);
        for (var cooler : in.lines(PUMP)) {
            position.place().ifPresent(place -> {
                if (place.overEps().or(false)) {
                    in.first(EPS)
                            .ifPresent(board -> tell.about(cooler, board)
                                    .say("eps", place.place().or("place")));
                }
                if (!cooler.or(COOLER_PUMP_BELOW_RADIATOR, true)) {
                    tell.about(cooler).say("pump");
                }
            });
        }
    }

    private static void paste(Inputs in, FindingCollector tell) {
        var extra = in.lines(PASTE);
        for (var cooler : in.lines(PASTE_OF_COOLER)) {
            if (cooler.or(SOURCE, Source.NONE) != Source.PART) {
                continue;
            }
            var about = tell.about(extra, cooler);
            var chosen = with(extra, Source::isBought);
            if (chosen.isPresent()) {
                about.say(cooler.or(COOLER_PASTE, false) ? "extra" : "chosen", chosen.get());
            } else if (with(extra, s -> s == Source.OWNED).isPresent()) {
                about.say("owned");
            } else {
                about.with(cooler.get(COOLER_PASTE), inBox -> about.say(inBox ? "boxed" : "none"));
            }
        }
    }
}
