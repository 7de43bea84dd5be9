package lowfield.core.part;

import lowfield.core.part.spec.Cables;
import lowfield.core.part.spec.Case;
import lowfield.core.part.spec.Cooler;
import lowfield.core.part.spec.Drive;
import lowfield.core.part.spec.Fan;
import lowfield.core.part.spec.GraphicsCard;
import lowfield.core.part.spec.Headset;
import lowfield.core.part.spec.Keyboard;
import lowfield.core.part.spec.Lighting;
import lowfield.core.part.spec.Memory;
import lowfield.core.part.spec.Motherboard;
import lowfield.core.part.spec.Mouse;
import lowfield.core.part.spec.NetworkAdapter;
import lowfield.core.part.spec.OperatingSystem;
import lowfield.core.part.spec.OtherPart;
import lowfield.core.part.spec.Paste;
import lowfield.core.part.spec.PowerSupply;
import lowfield.core.part.spec.Processor;
import lowfield.core.part.spec.Screen;
import lowfield.core.part.spec.Spec;
import lowfield.core.part.spec.Webcam;

/** The kinds of part, each with the record that holds its figures. */
public enum Kind {
    GRAPHICS_CARD("graphics card", "Graphics cards", GraphicsCard.class),
    PROCESSOR("CPU", "CPUs", Processor.class),
    MOTHERBOARD("motherboard", "Motherboards", Motherboard.class),
    MEMORY("memory", "Memory kits", Memory.class),
    COOLER("CPU cooler", "CPU coolers", Cooler.class),
    DRIVE("drive", "SSDs and hard disks", Drive.class),
    POWER_SUPPLY("power supply", "Power supplies", PowerSupply.class),
    CASE("case", "Cases", Case.class),
    FAN("case fan", "Case fans", Fan.class),
    PASTE("thermal paste", "Thermal paste", Paste.class),
    NETWORK("Wi-Fi adapter", "Wi-Fi adapters", NetworkAdapter.class),
    OPERATING_SYSTEM("operating system", "Operating systems", OperatingSystem.class),
    SCREEN("monitor", "Monitors", Screen.class),
    KEYBOARD("keyboard", "Keyboards", Keyboard.class),
    MOUSE("mouse", "Mice", Mouse.class),
    HEADSET("headset", "Headsets", Headset.class),
    WEBCAM("webcam", "Webcams", Webcam.class),
    LIGHTING("RGB lighting", "RGB lighting", Lighting.class),
    CABLES("cables", "Cables", Cables.class),
    OTHER("other", "Other parts", OtherPart.class);

    private final String label;
    private final String plural;
    private final Schema schema;
    private final Class<?> spec;

    <S extends Record & Spec> Kind(String label, String plural, Class<S> spec) {
        this.label = label;
        this.plural = plural;
        this.schema = Schema.of(spec);
        this.spec = spec;
    }

    public String label() {
        return label;
    }

    /** As a query sentence begins: "Cards under 450 euro". */
    public String plural() {
        return plural;
    }

    /** Whether figures are those of this kind. */
    boolean has(Spec figures) {
        return spec.isInstance(figures);
    }

    public Schema schema() {
        return schema;
    }
}
