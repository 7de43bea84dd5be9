package lowfield.core.check;

import java.util.List;
import java.util.Map;
import java.util.Set;
import lowfield.core.part.Cables;
import lowfield.core.part.CardSlot;
import lowfield.core.part.Case;
import lowfield.core.part.Cooler;
import lowfield.core.part.Drive;
import lowfield.core.part.DriveSlot;
import lowfield.core.part.Fan;
import lowfield.core.part.GraphicsCard;
import lowfield.core.part.Kind;
import lowfield.core.part.Lighting;
import lowfield.core.part.Memory;
import lowfield.core.part.Motherboard;
import lowfield.core.part.PowerSupply;
import lowfield.core.part.Processor;
import lowfield.core.part.RadiatorPlace;
import lowfield.core.part.Screen;

/** The figures that the checks read. */
final class Figures {
    static final Reading<GraphicsCard, Integer> CARD_MEMORY =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "memory", GraphicsCard::memory);
    static final Reading<GraphicsCard, Integer> CARD_LANES =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "lanes", GraphicsCard::lanes);
    static final Reading<GraphicsCard, Integer> CARD_GENERATION =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "generation", GraphicsCard::generation);
    static final Reading<GraphicsCard, Integer> CARD_BOARD_POWER =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "boardPower", GraphicsCard::boardPower);
    static final Reading<GraphicsCard, Integer> CARD_SPIKE =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "spike", GraphicsCard::spike);
    static final Reading<GraphicsCard, Integer> CARD_EIGHT_PINS =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "eightPins", GraphicsCard::eightPins);
    static final Reading<GraphicsCard, Boolean> CARD_SIXTEEN_PIN =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "sixteenPin", GraphicsCard::sixteenPin);
    static final Reading<GraphicsCard, Integer> CARD_ADAPTER =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "adapter", GraphicsCard::adapter);
    static final Reading<GraphicsCard, Integer> CARD_RECOMMENDED_SUPPLY =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "recommendedSupply", GraphicsCard::recommendedSupply);
    static final Reading<GraphicsCard, Integer> CARD_LENGTH =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "length", GraphicsCard::length);
    static final Reading<GraphicsCard, Integer> CARD_HEIGHT =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "height", GraphicsCard::height);
    static final Reading<GraphicsCard, Integer> CARD_THICKNESS =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "thickness", GraphicsCard::thickness);
    static final Reading<GraphicsCard, Integer> CARD_WEIGHT =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "weight", GraphicsCard::weight);
    static final Reading<GraphicsCard, Boolean> CARD_BRACKET =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "bracket", GraphicsCard::bracket);
    static final Reading<GraphicsCard, Integer> CARD_LINK =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "link", GraphicsCard::link);
    static final Reading<GraphicsCard, Set<String>> CARD_ADAPTIVE =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "adaptive", GraphicsCard::adaptive);
    static final Reading<GraphicsCard, String> CARD_LIGHTING_PLUG =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "lightingPlug", GraphicsCard::lightingPlug);

    static final Reading<Processor, String> PROCESSOR_FAMILY =
            Reading.of(Kind.PROCESSOR, Processor.class, "family", Processor::family);
    static final Reading<Processor, String> PROCESSOR_SOCKET =
            Reading.of(Kind.PROCESSOR, Processor.class, "socket", Processor::socket);
    static final Reading<Processor, Integer> PROCESSOR_SOCKET_UNTIL =
            Reading.of(Kind.PROCESSOR, Processor.class, "socketUntil", Processor::socketUntil);
    static final Reading<Processor, Integer> PROCESSOR_LIMIT =
            Reading.of(Kind.PROCESSOR, Processor.class, "limit", Processor::limit);
    static final Reading<Processor, Boolean> PROCESSOR_UNLOCKED =
            Reading.of(Kind.PROCESSOR, Processor.class, "unlocked", Processor::unlocked);
    static final Reading<Processor, Boolean> PROCESSOR_GRAPHICS =
            Reading.of(Kind.PROCESSOR, Processor.class, "graphics", Processor::graphics);
    static final Reading<Processor, Boolean> PROCESSOR_COOLER_IN_BOX =
            Reading.of(Kind.PROCESSOR, Processor.class, "coolerInBox", Processor::coolerInBox);
    static final Reading<Processor, Integer> PROCESSOR_MEMORY_SPEED =
            Reading.of(Kind.PROCESSOR, Processor.class, "memorySpeed", Processor::memorySpeed);
    static final Reading<Processor, Integer> PROCESSOR_MEMORY_SPEED_FOUR =
            Reading.of(Kind.PROCESSOR, Processor.class, "memorySpeedFour", Processor::memorySpeedFour);
    static final Reading<Processor, Integer> PROCESSOR_MEMORY_MOST =
            Reading.of(Kind.PROCESSOR, Processor.class, "memoryMost", Processor::memoryMost);
    static final Reading<Processor, Integer> PROCESSOR_CARD_LANES =
            Reading.of(Kind.PROCESSOR, Processor.class, "cardLanes", Processor::cardLanes);
    static final Reading<Processor, Integer> PROCESSOR_GENERATION =
            Reading.of(Kind.PROCESSOR, Processor.class, "generation", Processor::generation);
    static final Reading<Processor, Set<String>> PROCESSOR_LEAVES_DEAD =
            Reading.of(Kind.PROCESSOR, Processor.class, "leavesDead", Processor::leavesDead);

    static final Reading<Motherboard, String> BOARD_SOCKET =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "socket", Motherboard::socket);
    static final Reading<Motherboard, String> BOARD_FORMAT =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "format", Motherboard::format);
    static final Reading<Motherboard, Map<String, String>> BOARD_FIRMWARE =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "firmware", Motherboard::firmware);
    static final Reading<Motherboard, Boolean> BOARD_FLASHES =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "flashes", Motherboard::flashes);
    static final Reading<Motherboard, Boolean> BOARD_OVERCLOCKS =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "overclocks", Motherboard::overclocks);
    static final Reading<Motherboard, Integer> BOARD_POWER_DELIVERY =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "powerDelivery", Motherboard::powerDelivery);
    static final Reading<Motherboard, Integer> BOARD_PROCESSOR_PLUGS =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "processorPlugs", Motherboard::processorPlugs);
    static final Reading<Motherboard, String> BOARD_MEMORY_GENERATION =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "memoryGeneration", Motherboard::memoryGeneration);
    static final Reading<Motherboard, Set<String>> BOARD_MEMORY_KINDS =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "memoryKinds", Motherboard::memoryKinds);
    static final Reading<Motherboard, Integer> BOARD_MEMORY_SLOTS =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "memorySlots", Motherboard::memorySlots);
    static final Reading<Motherboard, Integer> BOARD_MEMORY_MOST =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "memoryMost", Motherboard::memoryMost);
    static final Reading<Motherboard, Integer> BOARD_MODULE_MOST =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "moduleMost", Motherboard::moduleMost);
    static final Reading<Motherboard, String> BOARD_ODD_MODULES =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "oddModules", Motherboard::oddModules);
    static final Reading<Motherboard, Integer> BOARD_MEMORY_SPEED =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "memorySpeed", Motherboard::memorySpeed);
    static final Reading<Motherboard, Set<String>> BOARD_TESTED_KITS =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "testedKits", Motherboard::testedKits);
    static final Reading<Motherboard, List<DriveSlot>> BOARD_DRIVE_SLOTS =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "driveSlots", Motherboard::driveSlots);
    static final Reading<Motherboard, List<CardSlot>> BOARD_CARD_SLOTS =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "cardSlots", Motherboard::cardSlots);
    static final Reading<Motherboard, Integer> BOARD_SATA_PORTS =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "sataPorts", Motherboard::sataPorts);
    static final Reading<Motherboard, Boolean> BOARD_FRONT_USB_C =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "frontUsbC", Motherboard::frontUsbC);
    static final Reading<Motherboard, Integer> BOARD_FAN_HEADERS =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "fanHeaders", Motherboard::fanHeaders);
    static final Reading<Motherboard, Set<String>> BOARD_LIGHTING_HEADERS =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "lightingHeaders", Motherboard::lightingHeaders);
    static final Reading<Motherboard, Boolean> BOARD_RADIO =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "radio", Motherboard::radio);

    static final Reading<Memory, String> MEMORY_GENERATION =
            Reading.of(Kind.MEMORY, Memory.class, "generation", Memory::generation);
    static final Reading<Memory, String> MEMORY_KIND = Reading.of(Kind.MEMORY, Memory.class, "kind", Memory::kind);
    static final Reading<Memory, Integer> MEMORY_MODULES =
            Reading.of(Kind.MEMORY, Memory.class, "modules", Memory::modules);
    static final Reading<Memory, Integer> MEMORY_MODULE_SIZE =
            Reading.of(Kind.MEMORY, Memory.class, "moduleSize", Memory::moduleSize);
    static final Reading<Memory, Integer> MEMORY_SPEED = Reading.of(Kind.MEMORY, Memory.class, "speed", Memory::speed);
    static final Reading<Memory, Integer> MEMORY_HEIGHT =
            Reading.of(Kind.MEMORY, Memory.class, "height", Memory::height);
    static final Reading<Memory, String> MEMORY_KIT = Reading.of(Kind.MEMORY, Memory.class, "kit", Memory::kit);

    static final Reading<Cooler, Set<String>> COOLER_SOCKETS =
            Reading.of(Kind.COOLER, Cooler.class, "sockets", Cooler::sockets);
    static final Reading<Cooler, Integer> COOLER_CAPACITY =
            Reading.of(Kind.COOLER, Cooler.class, "capacity", Cooler::capacity);
    static final Reading<Cooler, Integer> COOLER_HEIGHT =
            Reading.of(Kind.COOLER, Cooler.class, "height", Cooler::height);
    static final Reading<Cooler, Integer> COOLER_RADIATOR =
            Reading.of(Kind.COOLER, Cooler.class, "radiator", Cooler::radiator);
    static final Reading<Cooler, Integer> COOLER_RADIATOR_THICKNESS =
            Reading.of(Kind.COOLER, Cooler.class, "radiatorThickness", Cooler::radiatorThickness);
    static final Reading<Cooler, Integer> COOLER_TUBE = Reading.of(Kind.COOLER, Cooler.class, "tube", Cooler::tube);
    static final Reading<Cooler, Integer> COOLER_MEMORY_CLEARANCE =
            Reading.of(Kind.COOLER, Cooler.class, "memoryClearance", Cooler::memoryClearance);
    static final Reading<Cooler, Boolean> COOLER_FAN_RISES =
            Reading.of(Kind.COOLER, Cooler.class, "fanRises", Cooler::fanRises);
    static final Reading<Cooler, Boolean> COOLER_PASTE = Reading.of(Kind.COOLER, Cooler.class, "paste", Cooler::paste);
    static final Reading<Cooler, String> COOLER_LIGHTING_PLUG =
            Reading.of(Kind.COOLER, Cooler.class, "lightingPlug", Cooler::lightingPlug);

    static final Reading<Drive, String> DRIVE_TYPE = Reading.of(Kind.DRIVE, Drive.class, "type", Drive::type);
    static final Reading<Drive, Integer> DRIVE_CAPACITY =
            Reading.of(Kind.DRIVE, Drive.class, "capacity", Drive::capacity);
    static final Reading<Drive, String> DRIVE_SHAPE = Reading.of(Kind.DRIVE, Drive.class, "shape", Drive::shape);
    static final Reading<Drive, String> DRIVE_PROTOCOL =
            Reading.of(Kind.DRIVE, Drive.class, "protocol", Drive::protocol);
    static final Reading<Drive, Integer> DRIVE_GENERATION =
            Reading.of(Kind.DRIVE, Drive.class, "generation", Drive::generation);
    static final Reading<Drive, String> DRIVE_CELLS = Reading.of(Kind.DRIVE, Drive.class, "cells", Drive::cells);
    static final Reading<Drive, String> DRIVE_CELLS_CHANGED =
            Reading.of(Kind.DRIVE, Drive.class, "cellsChanged", Drive::cellsChanged);
    static final Reading<Drive, Boolean> DRIVE_DOUBLE_SIDED =
            Reading.of(Kind.DRIVE, Drive.class, "doubleSided", Drive::doubleSided);
    static final Reading<Drive, Boolean> DRIVE_HEATSINK =
            Reading.of(Kind.DRIVE, Drive.class, "heatsink", Drive::heatsink);

    static final Reading<PowerSupply, Integer> SUPPLY_RATING =
            Reading.of(Kind.POWER_SUPPLY, PowerSupply.class, "rating", PowerSupply::rating);
    static final Reading<PowerSupply, String> SUPPLY_STANDARD =
            Reading.of(Kind.POWER_SUPPLY, PowerSupply.class, "standard", PowerSupply::standard);
    static final Reading<PowerSupply, Integer> SUPPLY_TRIP_LEVEL =
            Reading.of(Kind.POWER_SUPPLY, PowerSupply.class, "tripLevel", PowerSupply::tripLevel);
    static final Reading<PowerSupply, String> SUPPLY_QUALITY =
            Reading.of(Kind.POWER_SUPPLY, PowerSupply.class, "quality", PowerSupply::quality);
    static final Reading<PowerSupply, String> SUPPLY_FORMAT =
            Reading.of(Kind.POWER_SUPPLY, PowerSupply.class, "format", PowerSupply::format);
    static final Reading<PowerSupply, Integer> SUPPLY_LENGTH =
            Reading.of(Kind.POWER_SUPPLY, PowerSupply.class, "length", PowerSupply::length);
    static final Reading<PowerSupply, Integer> SUPPLY_PROCESSOR_PLUGS =
            Reading.of(Kind.POWER_SUPPLY, PowerSupply.class, "processorPlugs", PowerSupply::processorPlugs);
    static final Reading<PowerSupply, Integer> SUPPLY_EIGHT_PINS =
            Reading.of(Kind.POWER_SUPPLY, PowerSupply.class, "eightPins", PowerSupply::eightPins);
    static final Reading<PowerSupply, Boolean> SUPPLY_SIXTEEN_PIN =
            Reading.of(Kind.POWER_SUPPLY, PowerSupply.class, "sixteenPin", PowerSupply::sixteenPin);
    static final Reading<PowerSupply, Integer> SUPPLY_SATA_PLUGS =
            Reading.of(Kind.POWER_SUPPLY, PowerSupply.class, "sataPlugs", PowerSupply::sataPlugs);

    static final Reading<Case, Set<String>> CASE_FORMATS = Reading.of(Kind.CASE, Case.class, "formats", Case::formats);
    static final Reading<Case, Integer> CASE_CARD_LENGTH =
            Reading.of(Kind.CASE, Case.class, "cardLength", Case::cardLength);
    static final Reading<Case, String> CASE_CARD_LENGTH_BASIS =
            Reading.of(Kind.CASE, Case.class, "cardLengthBasis", Case::cardLengthBasis);
    static final Reading<Case, Integer> CASE_CARD_LENGTH_WITH_RADIATOR =
            Reading.of(Kind.CASE, Case.class, "cardLengthWithRadiator", Case::cardLengthWithRadiator);
    static final Reading<Case, Integer> CASE_CARD_THICKNESS =
            Reading.of(Kind.CASE, Case.class, "cardThickness", Case::cardThickness);
    static final Reading<Case, Integer> CASE_CARD_HEIGHT =
            Reading.of(Kind.CASE, Case.class, "cardHeight", Case::cardHeight);
    static final Reading<Case, Integer> CASE_COOLER_HEIGHT =
            Reading.of(Kind.CASE, Case.class, "coolerHeight", Case::coolerHeight);
    static final Reading<Case, Integer> CASE_SUPPLY_LENGTH =
            Reading.of(Kind.CASE, Case.class, "supplyLength", Case::supplyLength);
    static final Reading<Case, Set<String>> CASE_SUPPLY_FORMATS =
            Reading.of(Kind.CASE, Case.class, "supplyFormats", Case::supplyFormats);
    static final Reading<Case, List<RadiatorPlace>> CASE_RADIATORS =
            Reading.of(Kind.CASE, Case.class, "radiators", Case::radiators);
    static final Reading<Case, Integer> CASE_BAYS_35 = Reading.of(Kind.CASE, Case.class, "bays35", Case::bays35);
    static final Reading<Case, Integer> CASE_BAYS_25 = Reading.of(Kind.CASE, Case.class, "bays25", Case::bays25);
    static final Reading<Case, Integer> CASE_FANS_FIGURE = Reading.of(Kind.CASE, Case.class, "fans", Case::fans);
    static final Reading<Case, Integer> CASE_FANS_IN = Reading.of(Kind.CASE, Case.class, "fansIn", Case::fansIn);
    static final Reading<Case, Integer> CASE_FANS_OUT = Reading.of(Kind.CASE, Case.class, "fansOut", Case::fansOut);
    static final Reading<Case, Integer> CASE_FAN_PLACES =
            Reading.of(Kind.CASE, Case.class, "fanPlaces", Case::fanPlaces);
    static final Reading<Case, Set<String>> CASE_FAN_SIZES =
            Reading.of(Kind.CASE, Case.class, "fanSizes", Case::fanSizes);
    static final Reading<Case, Boolean> CASE_FRONT_USB_C =
            Reading.of(Kind.CASE, Case.class, "frontUsbC", Case::frontUsbC);
    static final Reading<Case, String> CASE_LIGHTING_PLUG =
            Reading.of(Kind.CASE, Case.class, "lightingPlug", Case::lightingPlug);

    static final Reading<Fan, Integer> FAN_SIZE = Reading.of(Kind.FAN, Fan.class, "size", Fan::size);
    static final Reading<Fan, Integer> FAN_COUNT = Reading.of(Kind.FAN, Fan.class, "count", Fan::count);
    static final Reading<Fan, String> FAN_LIGHTING_PLUG =
            Reading.of(Kind.FAN, Fan.class, "lightingPlug", Fan::lightingPlug);

    static final Reading<Screen, Integer> SCREEN_LINK = Reading.of(Kind.SCREEN, Screen.class, "link", Screen::link);
    static final Reading<Screen, Set<String>> SCREEN_ADAPTIVE =
            Reading.of(Kind.SCREEN, Screen.class, "adaptive", Screen::adaptive);

    static final Reading<Lighting, String> LIGHTING_LIGHTING_PLUG =
            Reading.of(Kind.LIGHTING, Lighting.class, "lightingPlug", Lighting::lightingPlug);
    static final Reading<Lighting, Boolean> LIGHTING_CONTROLLER =
            Reading.of(Kind.LIGHTING, Lighting.class, "controller", Lighting::controller);

    static final Reading<GraphicsCard, Boolean> CARD_RESIZABLE_BAR =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "resizableBar", GraphicsCard::resizableBar);
    static final Reading<GraphicsCard, Integer> CARD_NOISE =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "noise", GraphicsCard::noise);
    static final Reading<GraphicsCard, String> CARD_COLOUR =
            Reading.of(Kind.GRAPHICS_CARD, GraphicsCard.class, "colour", GraphicsCard::colour);
    static final Reading<Motherboard, Boolean> BOARD_CORRECTS =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "corrects", Motherboard::corrects);
    static final Reading<Motherboard, String> BOARD_RESIZABLE_BAR =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "resizableBar", Motherboard::resizableBar);
    static final Reading<Motherboard, Integer> BOARD_HEATSINK_HEIGHT =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "heatsinkHeight", Motherboard::heatsinkHeight);
    static final Reading<Motherboard, Set<String>> BOARD_REAR_PORTS =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "rearPorts", Motherboard::rearPorts);
    static final Reading<Motherboard, String> BOARD_COLOUR =
            Reading.of(Kind.MOTHERBOARD, Motherboard.class, "colour", Motherboard::colour);
    static final Reading<Memory, Integer> MEMORY_BASE_SPEED =
            Reading.of(Kind.MEMORY, Memory.class, "baseSpeed", Memory::baseSpeed);
    static final Reading<Memory, Integer> MEMORY_RANKS = Reading.of(Kind.MEMORY, Memory.class, "ranks", Memory::ranks);
    static final Reading<Memory, Boolean> MEMORY_CORRECTS =
            Reading.of(Kind.MEMORY, Memory.class, "corrects", Memory::corrects);
    static final Reading<Memory, String> MEMORY_COLOUR =
            Reading.of(Kind.MEMORY, Memory.class, "colour", Memory::colour);
    static final Reading<Memory, Boolean> MEMORY_LIT = Reading.of(Kind.MEMORY, Memory.class, "lit", Memory::lit);
    static final Reading<Processor, Integer> PROCESSOR_MEMORY_SPEED_TWO_RANKS =
            Reading.of(Kind.PROCESSOR, Processor.class, "memorySpeedTwoRanks", Processor::memorySpeedTwoRanks);
    static final Reading<Processor, Integer> PROCESSOR_MEMORY_SPEED_FOUR_TWO_RANKS =
            Reading.of(Kind.PROCESSOR, Processor.class, "memorySpeedFourTwoRanks", Processor::memorySpeedFourTwoRanks);
    static final Reading<Cooler, Integer> COOLER_NOISE = Reading.of(Kind.COOLER, Cooler.class, "noise", Cooler::noise);
    static final Reading<Cooler, String> COOLER_COLOUR =
            Reading.of(Kind.COOLER, Cooler.class, "colour", Cooler::colour);
    static final Reading<PowerSupply, Integer> SUPPLY_NOISE =
            Reading.of(Kind.POWER_SUPPLY, PowerSupply.class, "noise", PowerSupply::noise);
    static final Reading<PowerSupply, Integer> SUPPLY_WARRANTY =
            Reading.of(Kind.POWER_SUPPLY, PowerSupply.class, "warranty", PowerSupply::warranty);
    static final Reading<PowerSupply, Set<String>> SUPPLY_WARRANTY_IN =
            Reading.of(Kind.POWER_SUPPLY, PowerSupply.class, "warrantyIn", PowerSupply::warrantyIn);
    static final Reading<Case, String> CASE_COLOUR = Reading.of(Kind.CASE, Case.class, "colour", Case::colour);
    static final Reading<Case, Boolean> CASE_WINDOW = Reading.of(Kind.CASE, Case.class, "window", Case::window);
    static final Reading<Fan, Integer> FAN_NOISE = Reading.of(Kind.FAN, Fan.class, "noise", Fan::noise);
    static final Reading<Fan, String> FAN_COLOUR = Reading.of(Kind.FAN, Fan.class, "colour", Fan::colour);
    static final Reading<Cables, String> CABLES_COLOUR =
            Reading.of(Kind.CABLES, Cables.class, "colour", Cables::colour);

    private Figures() {}
}
