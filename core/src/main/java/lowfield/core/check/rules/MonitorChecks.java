package lowfield.core.check.rules;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CardFigures.*;
import static lowfield.core.check.figures.MonitorFigures.*;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_VIDEO_OUTPUTS;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.part.Figure;
import lowfield.core.part.VideoPort;

/** Monitor and what drives it: a shared connector that carries its resolution and refresh rate. */
final class MonitorChecks {
    private static final Pattern RESOLUTION = Pattern.compile("(\\d{3,5})\\s*x\\s*(\\d{3,5})");
    /** Eight bits for each of three colours. */
    private static final int BITS = 24;
    /** Columns of horizontal blanking with reduced blanking (VESA Coordinated Video Timings, version 2). */
    private static final int BLANK_COLUMNS = 80;
    /** The share of a second that vertical blanking takes for each hertz. */
    private static final double BLANK_PER_HERTZ = 0.00046;

    private static final View MONITOR =
            View.of(Slot.SCREEN, MONITOR_RESOLUTION, MONITOR_REFRESH, MONITOR_VIDEO_INPUTS, MONITOR_INPUTS);
    private static final View CARD = View.of(Slot.GRAPHICS_CARD, CARD_VIDEO_OUTPUTS, CARD_OUTPUTS, SOURCE);
    private static final View BOARD = View.of(Slot.MOTHERBOARD, BOARD_VIDEO_OUTPUTS);

    static final List<Check> ALL = List.of(
            advises("card-screen", "A connector that both have carries the monitor's resolution and refresh rate")
                    .seeing(MONITOR, CARD, BOARD)
                    .fits("carries", "%s carries the monitor's %s Gbit/s without compression.")
                    .note("compressed", "%s carries the monitor's %s Gbit/s with stream compression.")
                    .caution(
                            "too-slow",
                            "No shared connector carries the monitor's %s Gbit/s; the fastest, %s, carries %s.",
                            "Over %2$s the monitor does not reach its full refresh rate.")
                    .caution(
                            "no-connector",
                            "The monitor has %s, what drives it has %s: they share no connector.",
                            "You need an adapter between monitor and computer.")
                    .by(MonitorChecks::link),
            advises("adaptive-refresh", "Graphics card and monitor share one kind of adaptive refresh")
                    .seeing(View.of(Slot.GRAPHICS_CARD, CARD_ADAPTIVE), View.of(Slot.SCREEN, MONITOR_ADAPTIVE))
                    .fits("shared", "Graphics card and monitor both do %s.")
                    .caution(
                            "none",
                            "The graphics card does %s, the monitor %s: no VRR between them.",
                            "VRR does not work between this graphics card and monitor.")
                    .eachPair((card, monitor, in, tell) ->
                            tell.with(card.get(CARD_ADAPTIVE), monitor.get(MONITOR_ADAPTIVE), (a, b) -> {
                                var both =
                                        a.stream().filter(b::contains).sorted().findFirst();
                                if (both.isPresent()) {
                                    tell.say("shared", both.get());
                                } else {
                                    tell.say("none", a, b);
                                }
                            })));

    private MonitorChecks() {}

    private static void link(Inputs in, FindingCollector tell) {
        var card = in.lines(CARD).stream()
                .filter(c -> c.or(SOURCE, Source.NONE) != Source.NONE)
                .findFirst();
        for (var monitor : in.lines(MONITOR)) {
            if (card.isPresent()) {
                link(monitor, card.get(), card.get().get(CARD_VIDEO_OUTPUTS), tell.about(monitor, card.get()));
            } else {
                in.first(BOARD)
                        .ifPresent(board ->
                                link(monitor, board, board.get(BOARD_VIDEO_OUTPUTS), tell.about(monitor, board)));
            }
        }
    }

    private static void link(
            Seen monitor, Seen source, Seen.Asked<List<VideoPort>> outputs, FindingCollector.About tell) {
        var names =
                outputs.input() == CARD_VIDEO_OUTPUTS ? source.figure(CARD_OUTPUTS) : Figure.<Set<String>>notKnown();
        var shown = monitor.figure(MONITOR_INPUTS);
        if (names.isKnown() && shown.isKnown() && names.or(Set.of()).stream().noneMatch(shown.or(Set.of())::contains)) {
            tell.say("no-connector", shown.or(Set.of()), names.or(Set.of()));
            return;
        }
        tell.with(monitor.get(MONITOR_RESOLUTION), monitor.get(MONITOR_REFRESH), (resolution, hertz) -> {
            var need = need(resolution, hertz);
            if (need == 0) {
                tell.missing(new Seen.Asked<>(MONITOR_RESOLUTION, monitor, Figure.notKnown()));
                return;
            }
            var inputs = monitor.get(MONITOR_VIDEO_INPUTS);
            tell.with(inputs, outputs, (in, there) -> best(need, inputs, outputs, tell));
        });
    }

    /** The best of every pair of ports; a port that does not say what it carries may carry it. */
    private static void best(
            long need,
            Seen.Asked<List<VideoPort>> inputs,
            Seen.Asked<List<VideoPort>> outputs,
            FindingCollector.About tell) {
        var fastest = 0;
        var by = "";
        var compressed = "";
        var mayCarry = false;
        for (var output : outputs.figure().or(List.of())) {
            for (var input : inputs.figure().or(List.of())) {
                var isShared = isShared(output, input);
                if (isShared.isPresent() && !isShared.get()) {
                    continue;
                }
                var payload = least(output.payload(), input.payload());
                var compresses = both(output.compression(), input.compression());
                if (isShared.isEmpty()) {
                    mayCarry = true;
                } else if (payload.isPresent() && payload.get() >= fastest) {
                    fastest = payload.get();
                    by = output.connector().or("");
                }
                if (isShared.isPresent() && compresses.orElse(false)) {
                    compressed = output.connector().or("");
                }
                mayCarry |= isShared.isPresent() && (payload.isEmpty() || compresses.isEmpty());
            }
        }
        if (!by.isEmpty() && fastest * 100_000_000L >= need) {
            tell.say("carries", by, gigabits(need));
        } else if (!compressed.isEmpty()) {
            tell.say("compressed", compressed, gigabits(need));
        } else if (mayCarry) {
            tell.missing(isWhole(outputs) ? inputs : outputs);
        } else if (by.isEmpty()) {
            tell.say(
                    "no-connector",
                    words(inputs.figure().or(List.of())),
                    words(outputs.figure().or(List.of())));
        } else {
            tell.say("too-slow", gigabits(need), by, fastest / 10);
        }
    }

    private static Optional<Boolean> isShared(VideoPort output, VideoPort input) {
        return output.connector()
                .value()
                .flatMap(there -> input.connector().value().map(there::equals));
    }

    /** The least that both carry; absent while one that may carry less does not say. */
    private static Optional<Integer> least(Figure<Integer> one, Figure<Integer> other) {
        return one.value().flatMap(a -> other.value().map(b -> Math.min(a, b)));
    }

    /** Whether both do; no where one does not. */
    private static Optional<Boolean> both(Figure<Boolean> one, Figure<Boolean> other) {
        if (!one.or(true) || !other.or(true)) {
            return Optional.of(false);
        }
        return one.value().flatMap(a -> other.value());
    }

    private static boolean isWhole(Seen.Asked<List<VideoPort>> ports) {
        return ports.figure().or(List.of()).stream()
                .allMatch(p -> p.connector().isKnown()
                        && p.payload().isKnown()
                        && p.compression().isKnown());
    }

    private static Set<String> words(List<VideoPort> ports) {
        return ports.stream()
                .flatMap(p -> p.connector().value().stream())
                .collect(java.util.stream.Collectors.toUnmodifiableSet());
    }

    private static long gigabits(long bits) {
        return (bits + 500_000_000L) / 1_000_000_000L;
    }

    /** Bits a second for a resolution and refresh rate with reduced blanking; 0 where the resolution cannot be read. */
    static long need(String resolution, int hertz) {
        var read = RESOLUTION.matcher(resolution);
        if (!read.find() || hertz <= 0 || hertz >= 2000) {
            return 0;
        }
        var width = Integer.parseInt(read.group(1));
        var height = Integer.parseInt(read.group(2));
        return Math.round((width + BLANK_COLUMNS) * (height / (1 - BLANK_PER_HERTZ * hertz)) * hertz * BITS);
    }
}
