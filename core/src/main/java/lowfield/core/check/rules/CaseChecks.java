package lowfield.core.check.rules;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.QUANTITY;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CaseFigures.*;
import static lowfield.core.check.figures.CoolerFigures.COOLER_USB_2_HEADERS;
import static lowfield.core.check.figures.LightingFigures.LIGHTING_USB_2_HEADERS;
import static lowfield.core.check.figures.MotherboardFigures.*;
import static lowfield.core.check.figures.NetworkFigures.*;

import java.util.List;
import java.util.Set;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;

/** The case and the motherboard in it: form factor, cut-outs, and what is plugged from one into the other. */
final class CaseChecks {
    /** Up to this width a form factor's name says whether a motherboard fits, in millimetres (ATX: 244 mm). */
    private static final int STANDARD_WIDTH = 244;

    private static final View BOARD = View.of(Slot.MOTHERBOARD, BOARD_FORMAT, BOARD_WIDTH);
    private static final View CASE = View.of(Slot.CASE, CASE_FORMATS, CASE_BOARD_WIDTH);
    private static final View FRONT_C = View.of(Slot.CASE, CASE_FRONT_USB_C, CASE_FRONT_USB_C_SPEED);
    private static final View FRONT_A = View.of(Slot.CASE, CASE_FRONT_USB_A);
    private static final View HEADER_C = View.of(Slot.MOTHERBOARD, BOARD_FRONT_USB_C, BOARD_FRONT_USB_C_SPEED);
    private static final View HEADERS_A = View.of(Slot.MOTHERBOARD, BOARD_USB_A_HEADERS);
    private static final View HEADERS_2 = View.of(Slot.MOTHERBOARD, BOARD_USB_2_HEADERS);
    private static final View COOLER = View.of(Slot.COOLER, COOLER_USB_2_HEADERS);
    private static final View LIGHTING = View.of(Slot.LIGHTING, LIGHTING_USB_2_HEADERS, QUANTITY);
    private static final View NETWORK = View.of(Slot.WIFI, NETWORK_USB_2_HEADERS, SOURCE);
    private static final View MODULE = View.of(Slot.WIFI, NETWORK_NEEDS_CHIPSET);
    private static final View MODULE_SLOT = View.of(Slot.MOTHERBOARD, BOARD_RADIO_MODULE_SLOT);
    private static final View ADAPTER = View.of(Slot.WIFI, NETWORK_BUS, NETWORK_ANTENNAS, SOURCE);
    private static final View RADIO = View.of(Slot.MOTHERBOARD, BOARD_RADIO, BOARD_ANTENNAS);

    static final List<Check> ALL = List.of(
            decides("board-format", "The case takes the motherboard's form factor")
                    .seeing(BOARD, CASE)
                    .fits("takes", "The motherboard is %s; the case takes %s.")
                    .fits("width", "The motherboard is %s mm wide; the case takes %s mm.")
                    .clash("other", "The motherboard is %s; the case takes only %s.")
                    .clash("too-wide", "The motherboard is %s mm wide; the case takes only %s mm.")
                    .eachPair(CaseChecks::format),
            advises("small-board", "The case is not far larger than its motherboard")
                    .seeing(View.of(Slot.MOTHERBOARD, BOARD_FORMAT), View.of(Slot.CASE, CASE_FORMATS))
                    .fits("matches", "A %s motherboard in a case for %s.")
                    .note(
                            "large",
                            "A mini-ITX motherboard is in a case for ATX: small parts cost more and gain nothing here.")
                    .eachPair((board, box, in, tell) ->
                            tell.with(board.get(BOARD_FORMAT), box.get(CASE_FORMATS), (format, takes) -> {
                                if (format.equals("mini-ITX") && takes.contains("ATX")) {
                                    tell.say("large");
                                } else {
                                    tell.say("matches", format, takes);
                                }
                            })),
            decides("rear-connectors", "The case has cut-outs for a motherboard with its connectors at the back")
                    .seeing(View.of(Slot.MOTHERBOARD, BOARD_REAR_CONNECTORS), View.of(Slot.CASE, CASE_REAR_CONNECTORS))
                    .fits("cut-outs", "The case has cut-outs for the motherboard's rear connectors.")
                    .clash("none", "The motherboard has its connectors at the back; the case has no cut-outs for them.")
                    .eachPair((board, box, in, tell) -> {
                        if (board.or(BOARD_REAR_CONNECTORS, false)) {
                            tell.with(box.get(CASE_REAR_CONNECTORS), has -> tell.say(has ? "cut-outs" : "none"));
                        }
                    }),
            advises("front-usb", "The motherboard has a header for the case's front USB-C")
                    .seeing(FRONT_C, HEADER_C)
                    .fits("header", "The motherboard has a header for the front USB-C.")
                    .note(
                            "slower",
                            "The case's front USB-C is made for %s Gbit/s; the motherboard's header does %s Gbit/s.")
                    .caution(
                            "none",
                            "The case has a front USB-C and the motherboard no header for it.",
                            "The case's front USB-C stays without function on this motherboard.")
                    .eachPair(CaseChecks::frontUsbC),
            advises("front-usb-a", "The motherboard has headers for the case's front USB-A ports")
                    .seeing(FRONT_A, HEADERS_A)
                    .fits("enough", "%s front USB-A ports; the motherboard has headers for %s.")
                    .caution(
                            "short",
                            "%s front USB-A ports; the motherboard has headers for only %s.",
                            "Some of the case's front USB-A ports stay without function.")
                    .eachPair((box, board, in, tell) -> tell.with(box.get(CASE_FRONT_USB_A), ports -> {
                        if (ports > 0) {
                            tell.with(
                                    board.get(BOARD_USB_A_HEADERS),
                                    headers -> tell.say(ports <= 2 * headers ? "enough" : "short", ports, 2 * headers));
                        }
                    })),
            advises("usb-2-headers", "The motherboard has enough USB 2.0 headers")
                    .seeing(HEADERS_2, COOLER, LIGHTING, NETWORK)
                    .fits("enough", "%s USB 2.0 headers are needed; the motherboard has %s.")
                    .caution(
                            "short",
                            "%s USB 2.0 headers are needed; the motherboard has only %s.",
                            "You need a hub for the motherboard's USB 2.0 header: %s are needed, %s are there.")
                    .by(CaseChecks::usb2),
            decides("radio-module", "A Wi-Fi module that needs chipset support finds it on the motherboard")
                    .seeing(MODULE, MODULE_SLOT)
                    .fits("there", "The motherboard's chipset supports the Wi-Fi module.")
                    .clash("none", "%s needs Wi-Fi support in the chipset, and the motherboard's has none.")
                    .eachPair((network, board, in, tell) -> {
                        if (network.or(NETWORK_NEEDS_CHIPSET, false)) {
                            tell.with(board.get(BOARD_RADIO_MODULE_SLOT), has -> {
                                if (has) {
                                    tell.say("there");
                                } else {
                                    tell.say("none", network);
                                }
                            });
                        }
                    }),
            advises("antennas", "Wi-Fi comes with its antennas")
                    .seeing(RADIO, ADAPTER)
                    .fits("there", "Antennas come with the motherboard.")
                    .fits("card-there", "Antennas come with %s.")
                    .caution(
                            "none",
                            "The motherboard has Wi-Fi and no antennas in its box.",
                            "Order antennas for the motherboard's Wi-Fi.")
                    .caution(
                            "card-none",
                            "%s: antennas not included. Add a set.",
                            "Order Wi-Fi antennas: none are included.")
                    .by(CaseChecks::antennas),
            advises("cable-room", "There is room for cables behind the motherboard")
                    .seeing(View.of(Slot.CASE, CASE_CABLE_ROOM))
                    .fits("room", "There are %s mm for cables behind the motherboard.")
                    .note(
                            "tight",
                            "There are only %s mm for cables behind the motherboard.",
                            "Lay the cables flat: there are only %s mm behind the motherboard.")
                    .each((box, in, tell) -> box.figure(CASE_CABLE_ROOM)
                            .value()
                            .ifPresent(mm -> tell.say(mm < 15 ? "tight" : "room", mm))));

    private CaseChecks() {}

    /** Of the motherboard's Wi-Fi, and of a card's; what is plugged into USB has its own inside. */
    private static void antennas(Inputs in, FindingCollector tell) {
        in.each(RADIO, board -> {
            var about = tell.about(board);
            about.with(board.get(BOARD_RADIO), has -> {
                if (has) {
                    about.with(board.get(BOARD_ANTENNAS), inBox -> about.say(inBox ? "there" : "none"));
                }
            });
        });
        in.each(ADAPTER, card -> {
            var about = tell.about(card);
            if (card.or(SOURCE, Source.NONE).isBought()) {
                about.with(card.get(NETWORK_BUS), bus -> {
                    if (bus.startsWith("PCIe")) {
                        about.with(
                                card.get(NETWORK_ANTENNAS),
                                inBox -> about.say(inBox ? "card-there" : "card-none", card));
                    }
                });
            }
        });
    }

    private static void format(Seen board, Seen box, Inputs in, FindingCollector.About tell) {
        tell.with(board.get(BOARD_FORMAT), box.get(CASE_FORMATS), (format, takes) -> {
            if (!takes.contains(format)) {
                tell.say("other", format, takes);
                return;
            }
            var width = board.figure(BOARD_WIDTH);
            if (!isExtended(format) && width.or(0) <= STANDARD_WIDTH) {
                tell.say("takes", format, takes);
                return;
            }
            tell.with(
                    board.get(BOARD_WIDTH),
                    box.get(CASE_BOARD_WIDTH),
                    (wide, room) -> tell.say(wide <= room ? "width" : "too-wide", wide, room));
        });
    }

    /** The name of a wider form factor is used for many widths. */
    private static boolean isExtended(String format) {
        return Set.of("E-ATX", "EATX", "extended ATX").contains(format);
    }

    private static void frontUsbC(Seen box, Seen board, Inputs in, FindingCollector.About tell) {
        tell.with(box.get(CASE_FRONT_USB_C), front -> {
            if (!front) {
                return;
            }
            tell.with(board.get(BOARD_FRONT_USB_C), header -> {
                var port = box.or(CASE_FRONT_USB_C_SPEED, 0);
                var speed = board.or(BOARD_FRONT_USB_C_SPEED, port);
                if (!header) {
                    tell.say("none");
                } else if (speed < port) {
                    tell.say("slower", port, speed);
                } else {
                    tell.say("header");
                }
            });
        });
    }

    private static void usb2(Inputs in, FindingCollector tell) {
        var needed = 0;
        for (var cooler : in.lines(COOLER)) {
            needed += cooler.or(COOLER_USB_2_HEADERS, 0);
        }
        for (var light : in.lines(LIGHTING)) {
            needed += light.or(LIGHTING_USB_2_HEADERS, 0) * light.or(QUANTITY, 1);
        }
        for (var network : in.lines(NETWORK)) {
            needed += network.or(SOURCE, Source.NONE).isBought() ? network.or(NETWORK_USB_2_HEADERS, 0) : 0;
        }
        var all = needed;
        if (all == 0) {
            return;
        }
        for (var board : in.lines(HEADERS_2)) {
            var about = tell.about(board);
            about.with(
                    board.get(BOARD_USB_2_HEADERS), there -> about.say(all <= there ? "enough" : "short", all, there));
        }
    }
}
