package lowfield.core.part.spec;

import java.util.List;
import java.util.Map;
import java.util.Set;
import lowfield.core.part.Better;
import lowfield.core.part.CardSlot;
import lowfield.core.part.DriveSlot;
import lowfield.core.part.Figure;
import lowfield.core.part.Shown;
import lowfield.core.part.VideoPort;

/** A motherboard in one revision. */
public record Motherboard(
        @Shown(value = "socket", group = "connections") Figure<String> socket,

        @Shown(value = "chipset", brief = false, group = "connections")
        Figure<String> chipset,

        @Shown(value = "format", group = "size") Figure<String> format,

        @Shown(value = "revision", brief = false, group = "care")
        Figure<String> revision,

        @Shown(value = "firmware from which each processor family runs", brief = false, group = "care")
        Figure<Map<String, String>> firmware,

        @Shown(value = "flashes without a processor", brief = false, better = Better.MORE, group = "care")
        Figure<Boolean> flashes,

        @Shown(value = "lets unlocked processors run free", brief = false, group = "speed")
        Figure<Boolean> overclocks,

        @Shown(value = "power delivery", unit = "W", most = 2000, brief = false, better = Better.MORE, group = "power")
        Figure<Integer> powerDelivery,

        @Shown(value = "processor plugs (EPS)", most = 4, brief = false, group = "power")
        Figure<Integer> processorPlugs,

        @Shown(value = "memory generation", group = "memory")
        Figure<String> memoryGeneration,

        @Shown(value = "memory kinds", brief = false, group = "memory")
        Figure<Set<String>> memoryKinds,

        @Shown(value = "memory slots", most = 32, better = Better.MORE, group = "memory")
        Figure<Integer> memorySlots,

        @Shown(value = "most memory", unit = "GB", most = 100000, brief = false, better = Better.MORE, group = "memory")
        Figure<Integer> memoryMost,

        @Shown(
                value = "largest module",
                unit = "GB",
                most = 10000,
                brief = false,
                better = Better.MORE,
                group = "memory")
        Figure<Integer> moduleMost,

        @Shown(value = "runs error correction", brief = false, better = Better.MORE, group = "memory")
        Figure<Boolean> corrects,

        @Shown(value = "firmware for 24 and 48 GB modules", brief = false, group = "memory")
        Figure<String> oddModules,

        @Shown(
                value = "fastest memory",
                unit = "MT/s",
                most = 50000,
                brief = false,
                better = Better.MORE,
                group = "memory")
        Figure<Integer> memorySpeed,

        @Shown(value = "tested memory kits", brief = false, group = "memory")
        Figure<Set<String>> testedKits,

        @Shown(value = "drive slots (M.2)", brief = false, better = Better.MORE, group = "connections")
        Figure<List<DriveSlot>> driveSlots,

        @Shown(value = "expansion slots", brief = false, better = Better.MORE, group = "connections")
        Figure<List<CardSlot>> cardSlots,

        @Shown(value = "SATA ports", most = 40, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> sataPorts,

        @Shown(value = "resizable BAR", brief = false, group = "care")
        Figure<String> resizableBar,

        @Shown(
                value = "height of its heatsinks",
                unit = "mm",
                most = 200,
                brief = false,
                better = Better.LESS,
                group = "size")
        Figure<Integer> heatsinkHeight,

        @Shown(value = "rear ports", brief = false, group = "connections")
        Figure<Set<String>> rearPorts,

        @Shown(value = "header for a front USB-C", brief = false, group = "connections")
        Figure<Boolean> frontUsbC,

        @Shown(value = "fan headers", most = 30, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> fanHeaders,

        @Shown(value = "lighting headers", brief = false, group = "connections")
        Figure<Set<String>> lightingHeaders,

        @Shown(value = "radio on board", brief = false, group = "connections")
        Figure<Boolean> radio,

        @Shown(value = "radio standard", brief = false, group = "connections")
        Figure<String> radioStandard,

        @Shown(value = "colour", brief = false, group = "looks")
        Figure<String> colour,

        @Shown(value = "warranty", unit = "years", most = 50, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> warranty,

        @Shown(value = "BIOS version until which each CPU family runs", brief = false, group = "care")
        Figure<Map<String, String>> firmwareUntil,

        @Shown(value = "TPM", brief = false, group = "care") Figure<String> tpm,

        @Shown(value = "maximum CPU power by default", unit = "W", most = 2000, brief = false, group = "power")
        Figure<Integer> cpuPower,

        @Shown(value = "width", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> width,

        @Shown(value = "socket centre below the top edge", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> socketTop,

        @Shown(value = "socket centre from the rear edge", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> socketRear,

        @Shown(
                value = "nearest memory slot from the socket centre",
                unit = "mm",
                most = 300,
                brief = false,
                group = "size")
        Figure<Integer> memoryEdge,

        @Shown(value = "front USB-A headers", most = 10, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> usbAHeaders,

        @Shown(value = "USB 2.0 headers", most = 10, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> usb2Headers,

        @Shown(
                value = "speed of the front USB-C header",
                unit = "Gbit/s",
                most = 1000,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> frontUsbCSpeed,

        @Shown(value = "pump headers", most = 10, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> pumpHeaders,

        @Shown(
                value = "current of a fan header",
                unit = "mA",
                most = 10000,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> headerCurrent,

        @Shown(value = "controls 3-pin fans by voltage", brief = false, group = "connections")
        Figure<Boolean> fanVoltageControl,

        @Shown(value = "connectors at the back", brief = false, group = "size")
        Figure<Boolean> rearConnectors,

        @Shown(value = "edge connector that powers a graphics card", brief = false, group = "connections")
        Figure<Boolean> cardPowerEdge,

        @Shown(value = "slot for a chipset Wi-Fi module", brief = false, group = "connections")
        Figure<Boolean> radioModuleSlot,

        @Shown(value = "antennas in the box", brief = false, group = "connections")
        Figure<Boolean> antennas,

        @Shown(value = "video outputs", brief = false, group = "connections")
        Figure<List<VideoPort>> videoOutputs)
        implements Spec {}
