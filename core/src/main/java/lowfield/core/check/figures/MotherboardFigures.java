package lowfield.core.check.figures;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import lowfield.core.check.FigureRef;
import lowfield.core.part.CardSlot;
import lowfield.core.part.DriveSlot;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.VideoPort;
import lowfield.core.part.spec.Motherboard;

/** The figures of a motherboard that checks read. */
public final class MotherboardFigures {
    public static final FigureRef<Motherboard, String> BOARD_SOCKET = ref("socket", Motherboard::socket);
    public static final FigureRef<Motherboard, String> BOARD_FORMAT = ref("format", Motherboard::format);
    public static final FigureRef<Motherboard, Map<String, String>> BOARD_FIRMWARE =
            ref("firmware", Motherboard::firmware);
    public static final FigureRef<Motherboard, Boolean> BOARD_FLASHES = ref("flashes", Motherboard::flashes);
    public static final FigureRef<Motherboard, Boolean> BOARD_OVERCLOCKS = ref("overclocks", Motherboard::overclocks);
    public static final FigureRef<Motherboard, Integer> BOARD_POWER_DELIVERY =
            ref("powerDelivery", Motherboard::powerDelivery);
    public static final FigureRef<Motherboard, Integer> BOARD_PROCESSOR_PLUGS =
            ref("processorPlugs", Motherboard::processorPlugs);
    public static final FigureRef<Motherboard, String> BOARD_MEMORY_GENERATION =
            ref("memoryGeneration", Motherboard::memoryGeneration);
    public static final FigureRef<Motherboard, Set<String>> BOARD_MEMORY_KINDS =
            ref("memoryKinds", Motherboard::memoryKinds);
    public static final FigureRef<Motherboard, Integer> BOARD_MEMORY_SLOTS =
            ref("memorySlots", Motherboard::memorySlots);
    public static final FigureRef<Motherboard, Integer> BOARD_MEMORY_MOST = ref("memoryMost", Motherboard::memoryMost);
    public static final FigureRef<Motherboard, Integer> BOARD_MODULE_MOST = ref("moduleMost", Motherboard::moduleMost);
    public static final FigureRef<Motherboard, Boolean> BOARD_CORRECTS = ref("corrects", Motherboard::corrects);
    public static final FigureRef<Motherboard, String> BOARD_ODD_MODULES = ref("oddModules", Motherboard::oddModules);
    public static final FigureRef<Motherboard, Integer> BOARD_MEMORY_SPEED =
            ref("memorySpeed", Motherboard::memorySpeed);
    public static final FigureRef<Motherboard, Set<String>> BOARD_TESTED_KITS =
            ref("testedKits", Motherboard::testedKits);
    public static final FigureRef<Motherboard, List<DriveSlot>> BOARD_DRIVE_SLOTS =
            ref("driveSlots", Motherboard::driveSlots);
    public static final FigureRef<Motherboard, List<CardSlot>> BOARD_CARD_SLOTS =
            ref("cardSlots", Motherboard::cardSlots);
    public static final FigureRef<Motherboard, Integer> BOARD_SATA_PORTS = ref("sataPorts", Motherboard::sataPorts);
    public static final FigureRef<Motherboard, String> BOARD_RESIZABLE_BAR =
            ref("resizableBar", Motherboard::resizableBar);
    public static final FigureRef<Motherboard, Integer> BOARD_HEATSINK_HEIGHT =
            ref("heatsinkHeight", Motherboard::heatsinkHeight);
    public static final FigureRef<Motherboard, Set<String>> BOARD_REAR_PORTS = ref("rearPorts", Motherboard::rearPorts);
    public static final FigureRef<Motherboard, Boolean> BOARD_FRONT_USB_C = ref("frontUsbC", Motherboard::frontUsbC);
    public static final FigureRef<Motherboard, Integer> BOARD_FAN_HEADERS = ref("fanHeaders", Motherboard::fanHeaders);
    public static final FigureRef<Motherboard, Set<String>> BOARD_LIGHTING_HEADERS =
            ref("lightingHeaders", Motherboard::lightingHeaders);
    public static final FigureRef<Motherboard, Boolean> BOARD_RADIO = ref("radio", Motherboard::radio);
    public static final FigureRef<Motherboard, String> BOARD_COLOUR = ref("colour", Motherboard::colour);
    public static final FigureRef<Motherboard, Map<String, String>> BOARD_FIRMWARE_UNTIL =
            ref("firmwareUntil", Motherboard::firmwareUntil);
    public static final FigureRef<Motherboard, String> BOARD_TPM = ref("tpm", Motherboard::tpm);
    public static final FigureRef<Motherboard, Integer> BOARD_CPU_POWER = ref("cpuPower", Motherboard::cpuPower);
    public static final FigureRef<Motherboard, Integer> BOARD_WIDTH = ref("width", Motherboard::width);
    public static final FigureRef<Motherboard, Integer> BOARD_USB_A_HEADERS =
            ref("usbAHeaders", Motherboard::usbAHeaders);
    public static final FigureRef<Motherboard, Integer> BOARD_USB_2_HEADERS =
            ref("usb2Headers", Motherboard::usb2Headers);
    public static final FigureRef<Motherboard, Integer> BOARD_FRONT_USB_C_SPEED =
            ref("frontUsbCSpeed", Motherboard::frontUsbCSpeed);
    public static final FigureRef<Motherboard, Integer> BOARD_PUMP_HEADERS =
            ref("pumpHeaders", Motherboard::pumpHeaders);
    public static final FigureRef<Motherboard, Integer> BOARD_HEADER_CURRENT =
            ref("headerCurrent", Motherboard::headerCurrent);
    public static final FigureRef<Motherboard, Boolean> BOARD_FAN_VOLTAGE_CONTROL =
            ref("fanVoltageControl", Motherboard::fanVoltageControl);
    public static final FigureRef<Motherboard, Boolean> BOARD_REAR_CONNECTORS =
            ref("rearConnectors", Motherboard::rearConnectors);
    public static final FigureRef<Motherboard, Boolean> BOARD_CARD_POWER_EDGE =
            ref("cardPowerEdge", Motherboard::cardPowerEdge);
    public static final FigureRef<Motherboard, Boolean> BOARD_RADIO_MODULE_SLOT =
            ref("radioModuleSlot", Motherboard::radioModuleSlot);
    public static final FigureRef<Motherboard, Boolean> BOARD_ANTENNAS = ref("antennas", Motherboard::antennas);
    public static final FigureRef<Motherboard, List<VideoPort>> BOARD_VIDEO_OUTPUTS =
            ref("videoOutputs", Motherboard::videoOutputs);

    private MotherboardFigures() {}

    private static <T> FigureRef<Motherboard, T> ref(String field, Function<Motherboard, Figure<T>> figure) {
        return FigureRef.of(Kind.MOTHERBOARD, field, figure);
    }
}
