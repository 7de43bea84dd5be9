package lowfield.core.intake;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.part.Field;
import lowfield.core.part.Kind;

/**
 * By which labels the figures of a kind are known on pages. A label means a figure by all its words, in whichever order; what
 * is not listed here, and is not the figure's own name, is not read.
 */
final class Labels {
    private static final List<String> CASE = List.of(
            "cardLength=max gpu length|gpu length|max graphics card length|maximum graphics card length|maximum gpu length|graphics card length|gpu clearance|vga length|max vga length|max video card length|graphics card max length",
            "coolerHeight=max cpu cooler height|cpu cooler height|maximum cpu cooler height|cpu cooler clearance|cooler height|max cooler height|cpu cooler max height",
            "supplyLength=max psu length|psu length|maximum psu length|power supply length|max power supply length|psu clearance",
            "formats=motherboard|motherboard support|motherboards|motherboard form factor|motherboard compatibility|supported motherboards|mainboard|mainboard formats",
            "supplyFormats=psu|psu support|power supply|psu form factor|power supply form factor|psu type",
            "bays35=3 5 drive bays|3 5 bays|3 5 inch bays|drive bays 3 5|internal 3 5 bays|3 5 hdd",
            "bays25=2 5 drive bays|2 5 bays|2 5 inch bays|drive bays 2 5|internal 2 5 bays|2 5 ssd",
            "fans=included fans|pre installed fans|fans installed|preinstalled fans",
            "expansionSlots=expansion slots|pci slots|pcie slots",
            "volume=volume|case volume",
            "width=width|case width",
            "height=height|case height",
            "depth=depth|case depth|length",
            "radiators=radiator support|radiators|radiator compatibility|supported radiators|radiator mounts",
            "window=side panel|window|side window|tempered glass",
            "frontUsbA=usb type a|front usb a|usb 3 0 ports|front usb type a",
            "frontUsbC=usb type c|front usb c|usb c|front usb type c",
            "cableRoom=cable routing space|space behind motherboard|cable management space",
            "vented=front panel|mesh front");
    private static final List<String> CARD = List.of(
            "chip=gpu|chip|chipset|graphics chip|graphics processor|graphics engine|gpu chip",
            "memory=memory size|video memory|vram|memory|graphics memory|memory capacity",
            "memoryType=memory type|memory technology|vram type|video memory type",
            "boardPower=board power|total board power|tbp|tgp|total graphics power|power consumption|max power consumption",
            "recommendedSupply=recommended psu|recommended power supply|psu recommendation|minimum system power|recommended system power|required system power|suggested psu",
            "length=length|card length|depth",
            "height=height|card height",
            "thickness=width|thickness|card thickness",
            "weight=weight|net weight|item weight|product weight",
            "slotsCovered=slot width|slots|slot size|occupied slots|slot",
            "generation=bus type|interface|pcie|bus interface|bus standard|pcie version|pcie generation|card bus|pcie standard",
            "lanes=pcie lanes|bus width pcie",
            "eightPins=power connectors|power connector|supplementary power connectors|external power|power input|8 pin power connectors|8 pin connectors|8 pin pcie connectors|8 pin power",
            "outputs=outputs|video outputs|display outputs|monitor outputs|display connectors|video connectors|ports|display ports|connections",
            "sixteenPin=power connectors|power connector|supplementary power connectors|external power|power input",
            "noise=noise|noise level");
    private static final List<String> PROCESSOR = List.of(
            "socket=socket|cpu socket|socket type",
            "cores=cores|number of cores|cpu cores|core count|total cores",
            "threads=threads|number of threads|thread count|total threads",
            "boost=boost clock|max boost clock|max turbo frequency|turbo clock|maximum boost clock|boost frequency|max boost",
            "cache=l3 cache|cache|total l3 cache",
            "nominal=tdp|default tdp|processor base power|base power|thermal design power",
            "limit=maximum power|maximum turbo power|max power|ppt|package power",
            "graphics=integrated graphics|graphics|igpu",
            "unlocked=unlocked|unlocked multiplier|unlocked for overclocking|overclockable",
            "coolerInBox=cooler included|boxed cooler|thermal solution|cooler in the box|included cooler",
            "memorySpeed=memory speed|official memory speed|max memory speed|memory support",
            "memoryMost=max memory|maximum memory|max memory size",
            "generation=pcie version|pcie|pcie generation|pcie revision|pcie standard",
            "cardLanes=pcie lanes|pci express lanes",
            "family=family|series|product family",
            "corrects=ecc|ecc support|ecc memory");
    private static final List<String> MOTHERBOARD = List.of(
            "socket=socket|cpu socket|cpu support socket",
            "chipset=chipset",
            "format=form factor|size|board size|format|motherboard form factor",
            "driveSlots=m 2|m 2 slots|m2 slots|m 2 sockets|m 2 connectors|storage m 2",
            "firmware=bios version|bios version for cpus|required bios|bios support",
            "memorySlots=memory slots|dimm slots|ram slots|number of memory slots",
            "memoryGeneration=memory type|memory generation|ram type|memory standard",
            "memoryMost=max memory|maximum memory|memory max|max ram|maximum memory capacity",
            "memorySpeed=max memory speed|memory speed|memory speed max|maximum memory speed",
            "sataPorts=sata|sata ports|sata connectors|sata 6 gbit s ports|sata 6gb s ports",
            "radio=wi fi|wifi|wireless|wireless lan|wlan",
            "fanHeaders=fan headers|fan connectors|chassis fan headers",
            "flashes=bios flash without cpu|bios update without cpu|bios update without a cpu|bios flashback button",
            "frontUsbC=front usb c header|usb c header|front usb type c header|usb type c header",
            "width=width|board width",
            "rearUsbA=rear usb a|usb a ports|rear usb type a|usb a ports rear",
            "rearUsbC=rear usb c|usb c ports|rear usb type c|usb c ports rear");
    private static final List<String> MEMORY = List.of(
            "generation=memory type|type|ddr type|generation|memory generation",
            "modules=modules|number of modules|kit size|module count|kit of",
            "moduleSize=module size|capacity per module|module capacity",
            "speed=speed|memory speed|tested speed|profile speed|frequency|data rate|memory profile speed",
            "latency=cl|cas latency|latency|tested latency|cas",
            "height=height|module height",
            "lit=rgb|rgb lighting|lighting|led",
            "corrects=ecc|error checking|error correction",
            "kind=module type|dimm type|form factor");
    private static final List<String> DRIVE = List.of(
            "capacity=capacity|storage capacity|size|drive capacity",
            "shape=form factor|format|drive form factor",
            "protocol=interface|protocol|bus",
            "generation=interface|pcie generation|pcie version|pcie revision|pcie standard|pcie|bus",
            "read=sequential read|max sequential read|read speed|seq read|read|maximum read speed|sequential read speed",
            "write=sequential write|max sequential write|write speed|seq write|write|maximum write speed|sequential write speed",
            "endurance=tbw|endurance|terabytes written|total bytes written|endurance tbw|write endurance",
            "cells=nand|nand type|flash|flash type|nand flash|nand flash type|cell type",
            "dramCache=dram cache|dram|cache",
            "heatsink=heatsink|heat sink|with heatsink",
            "height=height|thickness");
    private static final List<String> PSU = List.of(
            "rating=wattage|power|rated power|output power|total power|max power|total output|capacity|continuous power",
            "efficiency=efficiency|80 plus|efficiency rating|certification|80 plus certification|energy efficiency",
            "standard=atx version|atx standard|standard|atx12v version|specification",
            "format=form factor|format|size|psu form factor",
            "length=length|depth|psu length",
            "processorPlugs=eps|cpu connectors|eps connectors|eps plugs|cpu 4 4 pin|eps12v connectors|4 4 pin cpu|8 pin eps",
            "eightPins=pcie connectors|pcie 8 pin|pcie 8 pin connectors|8 pin pcie|pcie 6 2 pin|pcie connectors 6 2 pin|6 2 pin pcie",
            "sixteenPin=12v 2x6|12v 2x6 connector|12v 2x6 connectors|native 12v 2x6|12vhpwr",
            "sataPlugs=sata|sata connectors|sata plugs",
            "cables=modular|modularity|modular design|cable type|cable management|cabling",
            "height=height");
    private static final List<String> COOLER = List.of(
            "type=type|cooler type|cooling type",
            "sockets=sockets|socket|socket support|cpu socket|compatible sockets|socket compatibility|supported sockets",
            "height=height|cooler height|heatsink height|total height",
            "capacity=cooling capacity|tdp|cooling power|max tdp|rated tdp",
            "radiator=radiator size|radiator",
            "width=width",
            "depth=depth",
            "memoryClearance=ram clearance|memory clearance|max ram height|ram height",
            "radiatorLength=radiator length",
            "radiatorWidth=radiator width",
            "radiatorAlone=radiator thickness|radiator height",
            "fanThickness=fan thickness",
            "tube=tube length|tubing length");
    private static final List<String> FAN = List.of(
            "size=size|fan size|diameter",
            "count=fans in the pack|quantity|pack size|number of fans",
            "thickness=thickness|depth|fan thickness",
            "pins=connector|pins|plug|fan connector");
    private static final List<String> SCREEN = List.of(
            "diagonal=size|screen size|diagonal|display size",
            "resolution=resolution|native resolution|display resolution|max resolution",
            "refresh=refresh rate|max refresh rate|refresh|maximum refresh rate");
    private static final List<String> ALL = List.of(
            "colour=colour|color|product color|main color",
            "warranty=warranty|manufacturer warranty|warranty period|warranty length",
            "noise=noise|noise level|fan noise|max noise level");

    private static final Map<Kind, List<String>> OF = Map.of(
            Kind.CASE,
            CASE,
            Kind.GRAPHICS_CARD,
            CARD,
            Kind.PROCESSOR,
            PROCESSOR,
            Kind.MOTHERBOARD,
            MOTHERBOARD,
            Kind.MEMORY,
            MEMORY,
            Kind.DRIVE,
            DRIVE,
            Kind.POWER_SUPPLY,
            PSU,
            Kind.COOLER,
            COOLER,
            Kind.FAN,
            FAN,
            Kind.SCREEN,
            SCREEN);

    /** For each kind, the figures that a label means. */
    private static final Map<Kind, Map<LabelWords, Set<String>>> MEANT =
            Stream.of(Kind.values()).collect(Collectors.toMap(k -> k, Labels::meant));

    private Labels() {}

    /** The figures that a label of a page may mean for a kind; one label can tell several. */
    static List<Field> fields(Kind kind, String label) {
        var meant = MEANT.get(kind).getOrDefault(LabelWords.of(label), Set.of());
        return kind.schema().fields().stream()
                .filter(f -> meant.contains(f.name()))
                .toList();
    }

    private static Map<LabelWords, Set<String>> meant(Kind kind) {
        var meant = new HashMap<LabelWords, Set<String>>();
        kind.schema()
                .fields()
                .forEach(f -> names(kind, f)
                        .forEach(label -> meant.computeIfAbsent(LabelWords.of(label), words -> new HashSet<>())
                                .add(f.name())));
        return meant;
    }

    private static Stream<String> names(Kind kind, Field field) {
        var listed = Stream.concat(OF.getOrDefault(kind, List.of()).stream(), ALL.stream())
                .filter(line -> line.startsWith(field.name() + "="))
                .flatMap(line ->
                        Stream.of(line.substring(field.name().length() + 1).split("\\|")));
        return Stream.concat(Stream.of(field.label()), listed);
    }

    /** The unit that a label names for its figure, "length (cm)"; absent without one. */
    static Optional<String> unit(String label) {
        var named = java.util.regex.Pattern.compile("\\(([a-zA-Z/%]{1,7})\\)\\s*$|, ([a-zA-Z/%]{1,7})$")
                .matcher(label.strip());
        return named.find() ? Optional.of(named.group(1) == null ? named.group(2) : named.group(1)) : Optional.empty();
    }
}
