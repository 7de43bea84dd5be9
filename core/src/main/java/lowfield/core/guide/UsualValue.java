package lowfield.core.guide;

/**
 * What a figure mostly is that is rarely printed, with its spread (docs/checks.md lists them). A check that takes one says so.
 * What fits at the unfavourable end fits; what fails even at the favourable end is a caution and never a clash.
 */
public enum UsualValue {
    RADIATOR_THICKNESS("radiator thickness", "mm", 27, 27, 30),
    FAN_THICKNESS("fan thickness", "mm", 25, 25, 28),
    BEND_12V_2X6("bend room of a 12V-2x6 cable", "mm", 30, 35, 40),
    BEND_8_PIN("bend room of an 8-pin PCIe cable", "mm", 20, 25, 30),
    ROOM_OVER_CARD("room over the graphics card beyond the cooler limit", "mm", 0, 0, 8),
    PLUG_ROOM("plug room of a modular PSU", "mm", 30, 45, 60),
    TRIP_LEVEL("overcurrent limit of a PSU", "% of its rating", 110, 130, 150),
    CARD_SPIKE("spike of a graphics card", "% of its board power", 150, 180, 200),
    RATING_12V("12 V share of a PSU's rating", "%", 97, 100, 100),
    HEADER_CURRENT("current of a fan header", "mA", 1000, 1000, 2000),
    FAN_CURRENT("current of a fan", "mA", 100, 200, 350),
    BOARD_WATTS("motherboard beside a tenth of the CPU limit", "W", 15, 30, 45),
    MODULE_WATTS("memory module", "W", 2, 4, 6),
    SSD_WATTS("SSD", "W", 4, 7, 11),
    HARD_DISK_WATTS("hard disk", "W", 6, 9, 12),
    FAN_WATTS("fan", "W", 1, 3, 4),
    PUMP_WATTS("pump", "W", 4, 10, 20);

    private final String label;
    private final String unit;
    private final Span span;

    UsualValue(String label, String unit, int low, int usual, int high) {
        this.label = label;
        this.unit = unit;
        this.span = Span.between(low, usual, high);
    }

    public String label() {
        return label;
    }

    public String unit() {
        return unit;
    }

    public Span span() {
        return span;
    }
}
