package lowfield.core.part.spec;

import java.util.List;
import java.util.Map;
import java.util.Set;
import lowfield.core.part.Better;
import lowfield.core.part.CardSlot;
import lowfield.core.part.DriveSlot;
import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;
import lowfield.core.part.VideoPort;

/** A motherboard in one revision. */
public record Motherboard(
        @FigureLabel(value = "socket", group = "connections")
        Figure<String> socket,

        @FigureLabel(value = "chipset", brief = false, group = "connections", essential = true)
        Figure<String> chipset,

        @FigureLabel(value = "form factor", group = "size", essential = true)
        Figure<String> format,

        @FigureLabel(value = "revision", brief = false, group = "care")
        Figure<String> revision,

        @FigureLabel(value = "BIOS version from which each CPU family runs", brief = false, group = "care")
        Figure<Map<String, String>> firmware,

        @FigureLabel(value = "BIOS update without a CPU", brief = false, better = Better.MORE, group = "care")
        Figure<Boolean> flashes,

        @FigureLabel(value = "overclocking", brief = false, group = "speed")
        Figure<Boolean> overclocks,

        @FigureLabel(value = "VRM", unit = "W", most = 2000, brief = false, better = Better.MORE, group = "power")
        Figure<Integer> powerDelivery,

        @FigureLabel(value = "EPS plugs", most = 4, brief = false, group = "power")
        Figure<Integer> processorPlugs,

        @FigureLabel(value = "memory generation", group = "memory", essential = true)
        Figure<String> memoryGeneration,

        @FigureLabel(value = "memory types", brief = false, group = "memory")
        Figure<Set<String>> memoryKinds,

        @FigureLabel(value = "memory slots", most = 32, better = Better.MORE, group = "memory", essential = true)
        Figure<Integer> memorySlots,

        @FigureLabel(
                value = "maximum memory",
                unit = "GB",
                most = 100000,
                brief = false,
                better = Better.MORE,
                group = "memory")
        Figure<Integer> memoryMost,

        @FigureLabel(
                value = "largest memory module",
                unit = "GB",
                most = 10000,
                brief = false,
                better = Better.MORE,
                group = "memory")
        Figure<Integer> moduleMost,

        @FigureLabel(value = "ECC support", brief = false, better = Better.MORE, group = "memory")
        Figure<Boolean> corrects,

        @FigureLabel(value = "BIOS version for 24 and 48 GB modules", brief = false, group = "memory")
        Figure<String> oddModules,

        @FigureLabel(
                value = "fastest memory",
                unit = "MT/s",
                most = 50000,
                brief = false,
                better = Better.MORE,
                group = "memory")
        Figure<Integer> memorySpeed,

        @FigureLabel(value = "tested list (QVL)", brief = false, group = "memory")
        Figure<Set<String>> testedKits,

        @FigureLabel(value = "M.2 slots", brief = false, better = Better.MORE, group = "connections")
        Figure<List<DriveSlot>> driveSlots,

        @FigureLabel(value = "expansion slots", brief = false, better = Better.MORE, group = "connections")
        Figure<List<CardSlot>> cardSlots,

        @FigureLabel(value = "SATA ports", most = 40, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> sataPorts,

        @FigureLabel(value = "resizable BAR", brief = false, group = "care")
        Figure<String> resizableBar,

        @FigureLabel(
                value = "heatsink height",
                unit = "mm",
                most = 200,
                brief = false,
                better = Better.LESS,
                group = "size")
        Figure<Integer> heatsinkHeight,

        @FigureLabel(value = "rear ports", brief = false, group = "connections")
        Figure<Set<String>> rearPorts,

        @FigureLabel(value = "rear USB-A ports", most = 20, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> rearUsbA,

        @FigureLabel(value = "rear USB-C ports", most = 20, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> rearUsbC,

        @FigureLabel(value = "front USB-C header", brief = false, group = "connections")
        Figure<Boolean> frontUsbC,

        @FigureLabel(value = "fan headers", most = 30, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> fanHeaders,

        @FigureLabel(value = "RGB headers", brief = false, group = "connections")
        Figure<Set<String>> lightingHeaders,

        @FigureLabel(value = "Wi-Fi", brief = false, group = "connections")
        Figure<Boolean> radio,

        @FigureLabel(value = "Wi-Fi standard", brief = false, group = "connections")
        Figure<String> radioStandard,

        @FigureLabel(value = "colour", brief = false, group = "looks")
        Figure<String> colour,

        @FigureLabel(value = "warranty", unit = "years", most = 50, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> warranty,

        @FigureLabel(
                value = "BIOS version until which each CPU family runs",
                brief = false,
                group = "care",
                onlyWhereSo = true)
        Figure<Map<String, String>> firmwareUntil,

        @FigureLabel(value = "TPM", brief = false, group = "care")
        Figure<String> tpm,

        @FigureLabel(value = "maximum CPU power by default", unit = "W", most = 2000, brief = false, group = "power")
        Figure<Integer> cpuPower,

        @FigureLabel(value = "width", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> width,

        @FigureLabel(value = "socket centre below the top edge", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> socketTop,

        @FigureLabel(value = "socket centre from the rear edge", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> socketRear,

        @FigureLabel(
                value = "nearest memory slot from the socket centre",
                unit = "mm",
                most = 300,
                brief = false,
                group = "size")
        Figure<Integer> memoryEdge,

        @FigureLabel(
                value = "front USB-A headers",
                most = 10,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> usbAHeaders,

        @FigureLabel(value = "USB 2.0 headers", most = 10, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> usb2Headers,

        @FigureLabel(
                value = "speed of the front USB-C header",
                unit = "Gbit/s",
                most = 1000,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> frontUsbCSpeed,

        @FigureLabel(value = "pump headers", most = 10, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> pumpHeaders,

        @FigureLabel(
                value = "current of a fan header",
                unit = "mA",
                most = 10000,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> headerCurrent,

        @FigureLabel(value = "controls 3-pin fans by voltage", brief = false, group = "connections")
        Figure<Boolean> fanVoltageControl,

        @FigureLabel(value = "connectors at the back", brief = false, group = "size", onlyWhereSo = true)
        Figure<Boolean> rearConnectors,

        @FigureLabel(value = "edge connector that powers a graphics card", brief = false, group = "connections")
        Figure<Boolean> cardPowerEdge,

        @FigureLabel(value = "slot for a chipset Wi-Fi module", brief = false, group = "connections")
        Figure<Boolean> radioModuleSlot,

        @FigureLabel(value = "antennas in the box", brief = false, group = "connections")
        Figure<Boolean> antennas,

        @FigureLabel(value = "video outputs", brief = false, group = "connections")
        Figure<List<VideoPort>> videoOutputs)
        implements Spec {}
