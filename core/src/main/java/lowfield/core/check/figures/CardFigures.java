package lowfield.core.check.figures;

import java.util.List;
import java.util.Set;
import java.util.function.Function;
import lowfield.core.check.FigureRef;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.VideoPort;
import lowfield.core.part.spec.GraphicsCard;

/** The figures of a graphics card that checks read. */
public final class CardFigures {
    public static final FigureRef<GraphicsCard, Integer> CARD_MEMORY = ref("memory", GraphicsCard::memory);
    public static final FigureRef<GraphicsCard, Integer> CARD_LANES = ref("lanes", GraphicsCard::lanes);
    public static final FigureRef<GraphicsCard, Integer> CARD_GENERATION = ref("generation", GraphicsCard::generation);
    public static final FigureRef<GraphicsCard, Integer> CARD_BOARD_POWER = ref("boardPower", GraphicsCard::boardPower);
    public static final FigureRef<GraphicsCard, Integer> CARD_SPIKE = ref("spike", GraphicsCard::spike);
    public static final FigureRef<GraphicsCard, Integer> CARD_EIGHT_PINS = ref("eightPins", GraphicsCard::eightPins);
    public static final FigureRef<GraphicsCard, Boolean> CARD_SIXTEEN_PIN = ref("sixteenPin", GraphicsCard::sixteenPin);
    public static final FigureRef<GraphicsCard, Integer> CARD_ADAPTER = ref("adapter", GraphicsCard::adapter);
    public static final FigureRef<GraphicsCard, Integer> CARD_RECOMMENDED_SUPPLY =
            ref("recommendedSupply", GraphicsCard::recommendedSupply);
    public static final FigureRef<GraphicsCard, Integer> CARD_LENGTH = ref("length", GraphicsCard::length);
    public static final FigureRef<GraphicsCard, Integer> CARD_HEIGHT = ref("height", GraphicsCard::height);
    public static final FigureRef<GraphicsCard, Integer> CARD_THICKNESS = ref("thickness", GraphicsCard::thickness);
    public static final FigureRef<GraphicsCard, Integer> CARD_WEIGHT = ref("weight", GraphicsCard::weight);
    public static final FigureRef<GraphicsCard, Boolean> CARD_BRACKET = ref("bracket", GraphicsCard::bracket);
    public static final FigureRef<GraphicsCard, Boolean> CARD_RESIZABLE_BAR =
            ref("resizableBar", GraphicsCard::resizableBar);
    public static final FigureRef<GraphicsCard, Set<String>> CARD_OUTPUTS = ref("outputs", GraphicsCard::outputs);
    public static final FigureRef<GraphicsCard, Set<String>> CARD_ADAPTIVE = ref("adaptive", GraphicsCard::adaptive);
    public static final FigureRef<GraphicsCard, Integer> CARD_NOISE = ref("noise", GraphicsCard::noise);
    public static final FigureRef<GraphicsCard, String> CARD_COLOUR = ref("colour", GraphicsCard::colour);
    public static final FigureRef<GraphicsCard, String> CARD_LIGHTING_PLUG =
            ref("lightingPlug", GraphicsCard::lightingPlug);
    public static final FigureRef<GraphicsCard, Integer> CARD_SLOTS_COVERED =
            ref("slotsCovered", GraphicsCard::slotsCovered);
    public static final FigureRef<GraphicsCard, String> CARD_PLUG_EDGE = ref("plugEdge", GraphicsCard::plugEdge);
    public static final FigureRef<GraphicsCard, Integer> CARD_SIXTEEN_PIN_WATTS =
            ref("sixteenPinWatts", GraphicsCard::sixteenPinWatts);
    public static final FigureRef<GraphicsCard, Boolean> CARD_BOARD_FED = ref("boardFed", GraphicsCard::boardFed);
    public static final FigureRef<GraphicsCard, List<VideoPort>> CARD_VIDEO_OUTPUTS =
            ref("videoOutputs", GraphicsCard::videoOutputs);

    private CardFigures() {}

    private static <T> FigureRef<GraphicsCard, T> ref(String field, Function<GraphicsCard, Figure<T>> figure) {
        return FigureRef.of(Kind.GRAPHICS_CARD, field, figure);
    }
}
