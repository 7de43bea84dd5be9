package lowfield.core.part.spec;

import lowfield.core.part.Figure;

/**
 * The figures of a part, one record a kind; the record is the only definition of the kind's specification. Every component
 * is a {@link Figure} with a {@link Shown} annotation.
 */
public sealed interface Spec
        permits GraphicsCard,
                Processor,
                Motherboard,
                Memory,
                Cooler,
                Drive,
                PowerSupply,
                Case,
                Fan,
                Paste,
                NetworkAdapter,
                OperatingSystem,
                Screen,
                Keyboard,
                Mouse,
                Headset,
                Webcam,
                Lighting,
                Cables,
                OtherPart {}
