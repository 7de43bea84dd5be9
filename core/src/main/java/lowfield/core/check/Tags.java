package lowfield.core.check;

import java.util.EnumMap;
import java.util.Map;
import lowfield.core.check.LineFact.Source;
import lowfield.core.guide.Slot;
import lowfield.core.guide.UsualValue;
import lowfield.core.guide.Wishes.Lit;
import lowfield.core.offer.Condition;
import lowfield.core.part.Kind;
import lowfield.core.part.Release;

/** How constants are spelled where a finding is identified. The spelling is stored: a constant may be renamed, its tag never. */
final class Tags {
    private static final Map<Slot, String> SLOTS = new EnumMap<>(Map.ofEntries(
            Map.entry(Slot.GRAPHICS_CARD, "GRAPHICS_CARD"),
            Map.entry(Slot.PROCESSOR, "PROCESSOR"),
            Map.entry(Slot.MOTHERBOARD, "MOTHERBOARD"),
            Map.entry(Slot.MEMORY, "MEMORY"),
            Map.entry(Slot.COOLER, "COOLER"),
            Map.entry(Slot.SYSTEM_DRIVE, "SYSTEM_DRIVE"),
            Map.entry(Slot.SECOND_DRIVE, "SECOND_DRIVE"),
            Map.entry(Slot.POWER_SUPPLY, "POWER_SUPPLY"),
            Map.entry(Slot.CASE, "CASE"),
            Map.entry(Slot.CASE_FANS, "CASE_FANS"),
            Map.entry(Slot.PASTE, "PASTE"),
            Map.entry(Slot.WIFI, "WIFI"),
            Map.entry(Slot.OPERATING_SYSTEM, "OPERATING_SYSTEM"),
            Map.entry(Slot.SCREEN, "SCREEN"),
            Map.entry(Slot.KEYBOARD, "KEYBOARD"),
            Map.entry(Slot.MOUSE, "MOUSE"),
            Map.entry(Slot.HEADSET, "HEADSET"),
            Map.entry(Slot.WEBCAM, "WEBCAM"),
            Map.entry(Slot.LIGHTING, "LIGHTING"),
            Map.entry(Slot.CABLES, "CABLES"),
            Map.entry(Slot.OTHER, "OTHER")));
    private static final Map<Kind, String> KINDS = new EnumMap<>(Map.ofEntries(
            Map.entry(Kind.GRAPHICS_CARD, "GRAPHICS_CARD"),
            Map.entry(Kind.PROCESSOR, "PROCESSOR"),
            Map.entry(Kind.MOTHERBOARD, "MOTHERBOARD"),
            Map.entry(Kind.MEMORY, "MEMORY"),
            Map.entry(Kind.COOLER, "COOLER"),
            Map.entry(Kind.DRIVE, "DRIVE"),
            Map.entry(Kind.POWER_SUPPLY, "POWER_SUPPLY"),
            Map.entry(Kind.CASE, "CASE"),
            Map.entry(Kind.FAN, "FAN"),
            Map.entry(Kind.PASTE, "PASTE"),
            Map.entry(Kind.NETWORK, "NETWORK"),
            Map.entry(Kind.OPERATING_SYSTEM, "OPERATING_SYSTEM"),
            Map.entry(Kind.SCREEN, "SCREEN"),
            Map.entry(Kind.KEYBOARD, "KEYBOARD"),
            Map.entry(Kind.MOUSE, "MOUSE"),
            Map.entry(Kind.HEADSET, "HEADSET"),
            Map.entry(Kind.WEBCAM, "WEBCAM"),
            Map.entry(Kind.LIGHTING, "LIGHTING"),
            Map.entry(Kind.CABLES, "CABLES"),
            Map.entry(Kind.OTHER, "OTHER")));
    private static final Map<UsualValue, String> USUAL = new EnumMap<>(Map.ofEntries(
            Map.entry(UsualValue.RADIATOR_THICKNESS, "radiator-thickness"),
            Map.entry(UsualValue.FAN_THICKNESS, "fan-thickness"),
            Map.entry(UsualValue.BEND_12V_2X6, "bend-12v-2x6"),
            Map.entry(UsualValue.BEND_8_PIN, "bend-8-pin"),
            Map.entry(UsualValue.ROOM_OVER_CARD, "room-over-card"),
            Map.entry(UsualValue.PLUG_ROOM, "plug-room"),
            Map.entry(UsualValue.TRIP_LEVEL, "trip-level"),
            Map.entry(UsualValue.CARD_SPIKE, "card-spike"),
            Map.entry(UsualValue.RATING_12V, "rating-12v"),
            Map.entry(UsualValue.HEADER_CURRENT, "header-current"),
            Map.entry(UsualValue.FAN_CURRENT, "fan-current"),
            Map.entry(UsualValue.BOARD_WATTS, "board-watts"),
            Map.entry(UsualValue.MODULE_WATTS, "module-watts"),
            Map.entry(UsualValue.SSD_WATTS, "ssd-watts"),
            Map.entry(UsualValue.HARD_DISK_WATTS, "hard-disk-watts"),
            Map.entry(UsualValue.FAN_WATTS, "fan-watts"),
            Map.entry(UsualValue.PUMP_WATTS, "pump-watts")));
    private static final Map<Object, String> FACTS = Map.ofEntries(
            Map.entry(Source.PART, "PART"),
            Map.entry(Source.UNLISTED, "UNLISTED"),
            Map.entry(Source.IN_THE_BOX, "IN_THE_BOX"),
            Map.entry(Source.ON_THE_BOARD, "ON_THE_BOARD"),
            Map.entry(Source.OWNED, "OWNED"),
            Map.entry(Source.NONE, "NONE"),
            Map.entry(Release.ANNOUNCED, "ANNOUNCED"),
            Map.entry(Release.ON_SALE, "ON_SALE"),
            Map.entry(Release.ENDING, "ENDING"),
            Map.entry(Release.GONE, "GONE"),
            Map.entry(Condition.NEW, "NEW"),
            Map.entry(Condition.OPENED, "OPENED"),
            Map.entry(Condition.REFURBISHED, "REFURBISHED"),
            Map.entry(Condition.USED, "USED"),
            Map.entry(Lit.EITHER, "EITHER"),
            Map.entry(Lit.WANTED, "WANTED"),
            Map.entry(Lit.UNWANTED, "UNWANTED"));

    private Tags() {}

    static String of(Slot slot) {
        return SLOTS.get(slot);
    }

    static String of(Kind kind) {
        return KINDS.get(kind);
    }

    static String of(UsualValue value) {
        return USUAL.get(value);
    }

    /** A fact of a line or a wish of the tier. */
    static String ofFact(Enum<?> fact) {
        var tag = fact instanceof Slot slot ? of(slot) : FACTS.get(fact);
        if (tag == null) {
            throw new IllegalStateException("No tag is declared for " + fact + "; findings cannot be told apart by it");
        }
        return tag;
    }
}
