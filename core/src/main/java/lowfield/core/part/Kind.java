package lowfield.core.part;

/** The kinds of part, each with the record that holds its figures. */
public enum Kind {
    GRAPHICS_CARD("graphics card", "Cards", Spec.GraphicsCard.class),
    PROCESSOR("processor", "Processors", Spec.Processor.class),
    MOTHERBOARD("motherboard", "Boards", Spec.Motherboard.class),
    MEMORY("memory", "Memory kits", Spec.Memory.class),
    COOLER("cooler", "Coolers", Spec.Cooler.class),
    DRIVE("drive", "Drives", Spec.Drive.class),
    POWER_SUPPLY("power supply", "Supplies", Spec.PowerSupply.class),
    CASE("case", "Cases", Spec.Case.class),
    FAN("fan", "Fans", Spec.Fan.class),
    PASTE("thermal paste", "Pastes", Spec.Plain.class),
    NETWORK("network adapter", "Network adapters", Spec.Plain.class),
    OPERATING_SYSTEM("operating system", "Operating systems", Spec.Plain.class),
    SCREEN("screen", "Screens", Spec.Screen.class),
    KEYBOARD("keyboard", "Keyboards", Spec.Plain.class),
    MOUSE("mouse", "Mice", Spec.Plain.class),
    HEADSET("headset", "Headsets", Spec.Plain.class),
    WEBCAM("webcam", "Webcams", Spec.Plain.class),
    LIGHTING("lighting", "Lighting", Spec.Plain.class),
    CABLES("cables", "Cables", Spec.Plain.class),
    OTHER("other", "Other parts", Spec.Plain.class);

    private final String label;
    private final String plural;
    private final Schema schema;

    Kind(String label, String plural, Class<? extends Spec> spec) {
        this.label = label;
        this.plural = plural;
        this.schema = Schema.of(spec);
    }

    public String label() {
        return label;
    }

    /** As a query sentence begins: "Cards under 450 euro". */
    public String plural() {
        return plural;
    }

    public Schema schema() {
        return schema;
    }
}
