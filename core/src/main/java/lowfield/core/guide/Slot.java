package lowfield.core.guide;

import lowfield.core.part.Kind;

/** The role a part plays in a build, in the usual order of a guide: the card first. */
public enum Slot {
    GRAPHICS_CARD("Graphics card", Kind.GRAPHICS_CARD, true, false),
    PROCESSOR("Processor", Kind.PROCESSOR, true, false),
    MOTHERBOARD("Motherboard", Kind.MOTHERBOARD, true, false),
    MEMORY("Memory", Kind.MEMORY, true, false),
    COOLER("Cooler", Kind.COOLER, true, false),
    SYSTEM_DRIVE("System drive", Kind.DRIVE, true, false),
    SECOND_DRIVE("Second drive", Kind.DRIVE, false, true),
    POWER_SUPPLY("Power supply", Kind.POWER_SUPPLY, true, false),
    CASE("Case", Kind.CASE, true, false),
    CASE_FANS("Case fans", Kind.FAN, false, true),
    PASTE("Thermal paste", Kind.PASTE, false, false),
    WIFI("Wi-Fi", Kind.NETWORK, false, false),
    OPERATING_SYSTEM("Operating system", Kind.OPERATING_SYSTEM, false, false),
    SCREEN("Screen", Kind.SCREEN, false, true),
    KEYBOARD("Keyboard", Kind.KEYBOARD, false, false),
    MOUSE("Mouse", Kind.MOUSE, false, false),
    HEADSET("Headset", Kind.HEADSET, false, false),
    WEBCAM("Webcam", Kind.WEBCAM, false, false),
    LIGHTING("Lighting", Kind.LIGHTING, false, true),
    CABLES("Cables", Kind.CABLES, false, true),
    OTHER("Other", Kind.OTHER, false, true);

    private final String label;
    private final Kind kind;
    private final boolean needed;
    private final boolean several;

    Slot(String label, Kind kind, boolean needed, boolean several) {
        this.label = label;
        this.kind = kind;
        this.needed = needed;
        this.several = several;
    }

    public String label() {
        return label;
    }

    public Kind kind() {
        return kind;
    }

    /** Whether a build without it is not complete. */
    public boolean needed() {
        return needed;
    }

    /** Whether it can hold several lines. */
    public boolean several() {
        return several;
    }
}
