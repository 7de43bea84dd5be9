package lowfield.core.check.figures;

import java.util.List;
import java.util.Set;
import java.util.function.Function;
import lowfield.core.check.FigureRef;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.RadiatorPlace;
import lowfield.core.part.spec.Case;

/** The figures of a case that checks read. */
public final class CaseFigures {
    public static final FigureRef<Case, Set<String>> CASE_FORMATS = ref("formats", Case::formats);
    public static final FigureRef<Case, Integer> CASE_CARD_LENGTH = ref("cardLength", Case::cardLength);
    public static final FigureRef<Case, String> CASE_CARD_LENGTH_BASIS = ref("cardLengthBasis", Case::cardLengthBasis);
    public static final FigureRef<Case, Integer> CASE_CARD_LENGTH_WITH_RADIATOR =
            ref("cardLengthWithRadiator", Case::cardLengthWithRadiator);
    public static final FigureRef<Case, Integer> CASE_CARD_THICKNESS = ref("cardThickness", Case::cardThickness);
    public static final FigureRef<Case, Integer> CASE_CARD_HEIGHT = ref("cardHeight", Case::cardHeight);
    public static final FigureRef<Case, Integer> CASE_COOLER_HEIGHT = ref("coolerHeight", Case::coolerHeight);
    public static final FigureRef<Case, Integer> CASE_SUPPLY_LENGTH = ref("supplyLength", Case::supplyLength);
    public static final FigureRef<Case, Set<String>> CASE_SUPPLY_FORMATS = ref("supplyFormats", Case::supplyFormats);
    public static final FigureRef<Case, List<RadiatorPlace>> CASE_RADIATORS = ref("radiators", Case::radiators);
    public static final FigureRef<Case, Integer> CASE_BAYS_35 = ref("bays35", Case::bays35);
    public static final FigureRef<Case, Integer> CASE_BAYS_25 = ref("bays25", Case::bays25);
    public static final FigureRef<Case, Integer> CASE_FANS = ref("fans", Case::fans);
    public static final FigureRef<Case, Integer> CASE_FANS_IN = ref("fansIn", Case::fansIn);
    public static final FigureRef<Case, Integer> CASE_FANS_OUT = ref("fansOut", Case::fansOut);
    public static final FigureRef<Case, Integer> CASE_FAN_PLACES = ref("fanPlaces", Case::fanPlaces);
    public static final FigureRef<Case, Set<String>> CASE_FAN_SIZES = ref("fanSizes", Case::fanSizes);
    public static final FigureRef<Case, Boolean> CASE_FRONT_USB_C = ref("frontUsbC", Case::frontUsbC);
    public static final FigureRef<Case, Boolean> CASE_WINDOW = ref("window", Case::window);
    public static final FigureRef<Case, String> CASE_COLOUR = ref("colour", Case::colour);
    public static final FigureRef<Case, String> CASE_LIGHTING_PLUG = ref("lightingPlug", Case::lightingPlug);
    public static final FigureRef<Case, Integer> CASE_INNER_HEIGHT = ref("innerHeight", Case::innerHeight);
    public static final FigureRef<Case, Boolean> CASE_SUPPLY_LENGTH_WITH_CABLES =
            ref("supplyLengthWithCables", Case::supplyLengthWithCables);
    public static final FigureRef<Case, Boolean> CASE_SUPPLY_BRACKET = ref("supplyBracket", Case::supplyBracket);
    public static final FigureRef<Case, String> CASE_DRIVE_CAGE = ref("driveCage", Case::driveCage);
    public static final FigureRef<Case, Integer> CASE_BAYS_COMBINED = ref("baysCombined", Case::baysCombined);
    public static final FigureRef<Case, Integer> CASE_EXPANSION_SLOTS = ref("expansionSlots", Case::expansionSlots);
    public static final FigureRef<Case, Boolean> CASE_VENTED = ref("vented", Case::vented);
    public static final FigureRef<Case, Integer> CASE_SIDE_FAN_DEPTH = ref("sideFanDepth", Case::sideFanDepth);
    public static final FigureRef<Case, Integer> CASE_FAN_HUB = ref("fanHub", Case::fanHub);
    public static final FigureRef<Case, Integer> CASE_FRONT_USB_A = ref("frontUsbA", Case::frontUsbA);
    public static final FigureRef<Case, Integer> CASE_FRONT_USB_C_SPEED = ref("frontUsbCSpeed", Case::frontUsbCSpeed);
    public static final FigureRef<Case, Integer> CASE_CABLE_ROOM = ref("cableRoom", Case::cableRoom);
    public static final FigureRef<Case, Integer> CASE_BOARD_WIDTH = ref("boardWidth", Case::boardWidth);
    public static final FigureRef<Case, Boolean> CASE_REAR_CONNECTORS = ref("rearConnectors", Case::rearConnectors);
    public static final FigureRef<Case, Integer> CASE_UPRIGHT_THICKNESS =
            ref("uprightThickness", Case::uprightThickness);
    public static final FigureRef<Case, Integer> CASE_UPRIGHT_ROOM = ref("uprightRoom", Case::uprightRoom);
    public static final FigureRef<Case, Integer> CASE_RISER_GENERATION = ref("riserGeneration", Case::riserGeneration);
    public static final FigureRef<Case, Boolean> CASE_LIGHTING_CONTROLLER =
            ref("lightingController", Case::lightingController);

    private CaseFigures() {}

    private static <T> FigureRef<Case, T> ref(String field, Function<Case, Figure<T>> figure) {
        return FigureRef.of(Kind.CASE, field, figure);
    }
}
