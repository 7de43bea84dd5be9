package lowfield.core.check.rules;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.AVOID;
import static lowfield.core.check.LineFact.CONDITION;
import static lowfield.core.check.LineFact.COUNTED;
import static lowfield.core.check.LineFact.QUANTITY;
import static lowfield.core.check.LineFact.RELEASE;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_RADIO;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_REAR_PORTS;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.Text;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Requirement;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.check.storage.Drives;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.offer.Condition;
import lowfield.core.part.Release;

/** The list as a whole: nothing forgotten, nothing twice, nothing that cannot be bought or that is advised against. */
final class ListChecks {
    private static final List<Slot> SLOTS = List.of(Slot.values());

    private static final View ANY = View.ofAllLines(SOURCE, QUANTITY);
    private static final View RELEASES = View.ofAllLines(RELEASE);
    private static final View AVOIDED = View.ofAllLines(AVOID);
    private static final View CONDITIONS = View.ofAllLines(CONDITION);
    private static final View TOTAL = View.ofAllLines(COUNTED);
    private static final View WIFI = View.of(Slot.WIFI, SOURCE);
    private static final View RADIO = View.of(Slot.MOTHERBOARD, BOARD_RADIO);
    private static final View BOARD = View.of(Slot.MOTHERBOARD, BOARD_RADIO, BOARD_REAR_PORTS);
    private static final View SYSTEM = View.of(Slot.OPERATING_SYSTEM, SOURCE);

    static final List<Check> ALL = List.of(
            decides("slot-empty", "Every slot that a build needs is filled")
                    .seeing(ANY)
                    .fits("filled", "The %s is chosen.")
                    .clash("empty", "No %s chosen.")
                    .by(ListChecks::filled),
            decides("slot-twice", "No slot for one thing is filled twice")
                    .seeing(ANY)
                    .clash("twice", "%s: %s pieces on %s lines; one belongs there.")
                    .by(ListChecks::once),
            advises("deliberately-none", "What a computer needs is not left out on purpose")
                    .seeing(ANY)
                    .caution(
                            "left-out",
                            "No %s on purpose. Say in the reason what readers are to use.",
                            "This build comes without a %s.")
                    .by(ListChecks::leftOut),
            advises("release", "Every part is on sale")
                    .seeing(RELEASES)
                    .fits("on-sale", "%s is on sale.")
                    .caution(
                            "announced", "%s is announced and not on sale yet.", "%s is announced and not on sale yet.")
                    .caution(
                            "ending",
                            "%s is ending; what is in the shops is the last of it.",
                            "%s is ending; buy it while it is there.")
                    .caution("gone", "%s is gone from the shops for good. Choose another.", "%s is no longer sold.")
                    .by((in, tell) -> in.each(
                            RELEASES,
                            line -> line.figure(RELEASE)
                                    .value()
                                    .ifPresent(release -> tell.about(line).say(outcome(release), line)))),
            advises("avoid", "No part is advised against")
                    .seeing(AVOIDED)
                    .caution("advised-against", "%s is on the avoid list: %s")
                    .by((in, tell) -> in.each(
                            AVOIDED,
                            line -> line.figure(AVOID)
                                    .value()
                                    .ifPresent(why -> tell.about(line).say("advised-against", line, why)))),
            advises("wifi-once", "Wi-Fi is there once")
                    .seeing(WIFI, RADIO)
                    .fits("board", "The motherboard has Wi-Fi.")
                    .fits("card", "The motherboard has no Wi-Fi; %s brings it.")
                    .caution(
                            "missing",
                            "Wi-Fi is said to be on the motherboard, which has none.",
                            "The motherboard has no Wi-Fi.")
                    .caution("second", "The motherboard has Wi-Fi; %s is a second.")
                    .eachPair(ListChecks::wifi),
            advises("network", "The computer gets into a network")
                    .seeing(BOARD, WIFI)
                    .fits("there", "The computer gets into a network.")
                    .caution(
                            "none",
                            "The motherboard has no network port and no Wi-Fi, and no adapter is chosen.",
                            "Add a network adapter; the motherboard has none.")
                    .by(ListChecks::network),
            advises("operating-system", "The list says where the operating system comes from")
                    .seeing(SYSTEM)
                    .fits("said", "Operating system: %s.")
                    .note("not-said", "No operating system is on the list. Say whether the reader has one.")
                    .by((in, tell) -> {
                        var lines = in.lines(SYSTEM);
                        if (lines.isEmpty()) {
                            tell.about(List.of()).say("not-said");
                        } else {
                            tell.about(lines).say("said", lines.get(0));
                        }
                    }),
            advises("used-part", "A tier that promises new parts has none that is used")
                    .seeing(CONDITIONS)
                    .requiring(Requirement.CONDITIONS)
                    .note("used", "%s is bought %s.", "%s is bought %s.")
                    .caution(
                            "not-admitted", "%s is bought %s, and the tier's policy excludes that.", "%s is bought %s.")
                    .by((in, tell) -> in.each(
                            CONDITIONS,
                            line -> line.figure(CONDITION)
                                    .value()
                                    .filter(Condition::isUsed)
                                    .ifPresent(c -> tell.about(line)
                                            .say(isAdmitted(c, in) ? "used" : "not-admitted", line, c.label())))),
            advises("counted", "What is in the total is what the tier says")
                    .seeing(TOTAL)
                    .requiring(Requirement.NOT_IN_TOTAL)
                    .fits("as-said", "%s lines are in the total or not, as the tier says.")
                    .caution("in", "%s is in the total, and the tier leaves it out.")
                    .caution("out", "%s is not in the total, and the tier counts it.")
                    .by(ListChecks::counted));

    private static final Map<Slot, String> NAMES = Stream.of(Slot.values())
            .collect(Collectors.toMap(
                    s -> s, s -> Text.inSentence(s.label()), (a, b) -> a, () -> new EnumMap<>(Slot.class)));

    private ListChecks() {}

    private static String name(Slot slot) {
        return NAMES.get(slot);
    }

    private static boolean isAdmitted(Condition condition, Inputs in) {
        return in.required(Requirement.CONDITIONS)
                .filter(admitted -> !admitted.contains(condition))
                .isEmpty();
    }

    private static String outcome(Release release) {
        return switch (release) {
            case ON_SALE -> "on-sale";
            case ANNOUNCED -> "announced";
            case ENDING -> "ending";
            case GONE -> "gone";
        };
    }

    private static Map<Slot, List<Seen>> bySlot(List<Seen> lines) {
        var map = new EnumMap<Slot, List<Seen>>(Slot.class);
        for (var line : lines) {
            map.computeIfAbsent(line.slot(), s -> new ArrayList<>(2)).add(line);
        }
        return map;
    }

    private static void filled(Inputs in, FindingCollector tell) {
        var filled = bySlot(in.lines(ANY));
        var empty = bySlot(in.empty(ANY));
        for (var slot : SLOTS) {
            if (slot.needed()) {
                var lines = filled.getOrDefault(slot, List.of());
                if (lines.isEmpty()) {
                    tell.about(empty.getOrDefault(slot, List.of())).say("empty", name(slot));
                } else {
                    tell.about(lines.get(0)).say("filled", name(slot));
                }
            }
        }
    }

    /** A slot that holds one thing holds one line of quantity one; memory kits and fans may be several of a kind. */
    private static void once(Inputs in, FindingCollector tell) {
        bySlot(in.lines(ANY)).forEach((slot, lines) -> {
            if (slot.several() || slot == Slot.MEMORY && Drives.pieces(lines) <= Line.MOST) {
                return;
            }
            if (lines.size() > 1 || Drives.pieces(lines) > 1) {
                tell.about(lines).say("twice", slot.label(), Drives.pieces(lines), lines.size());
            }
        });
    }

    /** A graphics card and a CPU cooler have checks of their own. */
    private static void leftOut(Inputs in, FindingCollector tell) {
        in.each(ANY, line -> {
            var speaksElsewhere = line.slot() == Slot.GRAPHICS_CARD || line.slot() == Slot.COOLER;
            if (line.slot().needed() && !speaksElsewhere && line.or(SOURCE, Source.PART) == Source.NONE) {
                tell.about(line).say("left-out", name(line.slot()));
            }
        });
    }

    private static void wifi(Seen wifi, Seen board, Inputs in, FindingCollector.About tell) {
        var source = wifi.or(SOURCE, Source.NONE);
        if (source == Source.NONE) {
            return;
        }
        tell.with(board.get(BOARD_RADIO), onBoard -> {
            if (source == Source.ON_THE_BOARD) {
                tell.say(onBoard ? "board" : "missing");
            } else {
                tell.say(onBoard ? "second" : "card", wifi);
            }
        });
    }

    private static void network(Inputs in, FindingCollector tell) {
        var hasCard = in.lines(WIFI).stream().anyMatch(w -> {
            var source = w.or(SOURCE, Source.NONE);
            return source != Source.NONE && source != Source.ON_THE_BOARD;
        });
        for (var board : in.lines(BOARD)) {
            var port =
                    board.figure(BOARD_REAR_PORTS).map(ports -> ports.stream().anyMatch(p -> p.contains("network")));
            var radio = board.figure(BOARD_RADIO);
            if (hasCard || port.or(false) || radio.or(false)) {
                tell.about(board).say("there");
            } else if (port.isKnown() && radio.isKnown()) {
                tell.about(board).say("none");
            } else {
                tell.about(board).missing(board.get(BOARD_REAR_PORTS));
            }
        }
    }

    private static void counted(Inputs in, FindingCollector tell) {
        in.required(Requirement.NOT_IN_TOTAL).ifPresent(beside -> {
            var right = new ArrayList<Seen>();
            in.each(TOTAL, line -> {
                var isIn = line.or(COUNTED, true);
                if (isIn != beside.contains(line.slot())) {
                    right.add(line);
                } else {
                    tell.about(line).say(isIn ? "in" : "out", line);
                }
            });
            if (!right.isEmpty()) {
                tell.about(right).say("as-said", right.size());
            }
        });
    }
}
