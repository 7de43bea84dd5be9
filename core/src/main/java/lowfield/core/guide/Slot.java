package lowfield.core.guide;

import java.util.Optional;
import lowfield.core.part.Kind;

/** The role a part plays in a build, in the usual order of a guide: the card first. */
public enum Slot {
    GRAPHICS_CARD(0, "Graphics card", Kind.GRAPHICS_CARD, true, false),
    PROCESSOR(10, "CPU", Kind.PROCESSOR, true, false),
    MOTHERBOARD(20, "Motherboard", Kind.MOTHERBOARD, true, false),
    MEMORY(30, "Memory", Kind.MEMORY, true, true),
    COOLER(40, "CPU cooler", Kind.COOLER, true, false),
    SYSTEM_DRIVE(50, "System drive", Kind.DRIVE, true, false),
    SECOND_DRIVE(60, "Second drive", Kind.DRIVE, false, true),
    POWER_SUPPLY(70, "Power supply", Kind.POWER_SUPPLY, true, false),
    CASE(80, "Case", Kind.CASE, true, false),
    CASE_FANS(90, "Case fans", Kind.FAN, false, true),
    PASTE(100, "Thermal paste", Kind.PASTE, false, false),
    WIFI(110, "Wi-Fi adapter", Kind.NETWORK, false, false),
    OPERATING_SYSTEM(120, "Operating system", Kind.OPERATING_SYSTEM, false, false),
    SCREEN(130, "Monitor", Kind.SCREEN, false, true),
    KEYBOARD(140, "Keyboard", Kind.KEYBOARD, false, false),
    MOUSE(150, "Mouse", Kind.MOUSE, false, false),
    HEADSET(160, "Headset", Kind.HEADSET, false, false),
    WEBCAM(170, "Webcam", Kind.WEBCAM, false, false),
    LIGHTING(180, "RGB lighting", Kind.LIGHTING, false, true),
    CABLES(190, "Cables", Kind.CABLES, false, true),
    OTHER(200, "Other", Kind.OTHER, false, true);

    private final int position;
    private final String label;
    private final Kind kind;
    private final boolean needed;
    private final boolean several;

    Slot(int position, String label, Kind kind, boolean needed, boolean several) {
        this.position = position;
        this.label = label;
        this.kind = kind;
        this.needed = needed;
        this.several = several;
    }

    /** Where its first line stands in a build, as it is stored; ten apart, so that further lines fit between. */
    public int position() {
        return position;
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

    /** Where one more part of its kind goes: a second drive beside the system drive; absent where there is room for one alone. */
    public Optional<Slot> further() {
        if (this == SYSTEM_DRIVE) {
            return Optional.of(SECOND_DRIVE);
        }
        return several ? Optional.of(this) : Optional.empty();
    }

    /** Whether it can hold several lines. */
    public boolean several() {
        return several;
    }
}
