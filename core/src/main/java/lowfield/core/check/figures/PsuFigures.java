package lowfield.core.check.figures;

import java.util.Set;
import java.util.function.Function;
import lowfield.core.check.FigureRef;
import lowfield.core.part.Figure;
import lowfield.core.part.Kind;
import lowfield.core.part.spec.PowerSupply;

/** The figures of a power supply that checks read. */
public final class PsuFigures {
    public static final FigureRef<PowerSupply, Integer> PSU_RATING = ref("rating", PowerSupply::rating);
    public static final FigureRef<PowerSupply, String> PSU_STANDARD = ref("standard", PowerSupply::standard);
    public static final FigureRef<PowerSupply, Integer> PSU_TRIP_LEVEL = ref("tripLevel", PowerSupply::tripLevel);
    public static final FigureRef<PowerSupply, String> PSU_QUALITY = ref("quality", PowerSupply::quality);
    public static final FigureRef<PowerSupply, String> PSU_FORMAT = ref("format", PowerSupply::format);
    public static final FigureRef<PowerSupply, Integer> PSU_LENGTH = ref("length", PowerSupply::length);
    public static final FigureRef<PowerSupply, Integer> PSU_PROCESSOR_PLUGS =
            ref("processorPlugs", PowerSupply::processorPlugs);
    public static final FigureRef<PowerSupply, Integer> PSU_EIGHT_PINS = ref("eightPins", PowerSupply::eightPins);
    public static final FigureRef<PowerSupply, Boolean> PSU_SIXTEEN_PIN = ref("sixteenPin", PowerSupply::sixteenPin);
    public static final FigureRef<PowerSupply, Integer> PSU_SATA_PLUGS = ref("sataPlugs", PowerSupply::sataPlugs);
    public static final FigureRef<PowerSupply, String> PSU_CABLES = ref("cables", PowerSupply::cables);
    public static final FigureRef<PowerSupply, Integer> PSU_NOISE = ref("noise", PowerSupply::noise);
    public static final FigureRef<PowerSupply, Integer> PSU_WARRANTY = ref("warranty", PowerSupply::warranty);
    public static final FigureRef<PowerSupply, Set<String>> PSU_WARRANTY_IN =
            ref("warrantyIn", PowerSupply::warrantyIn);
    public static final FigureRef<PowerSupply, Integer> PSU_PCIE_CABLES = ref("pcieCables", PowerSupply::pcieCables);
    public static final FigureRef<PowerSupply, Integer> PSU_SIXTEEN_PIN_WATTS =
            ref("sixteenPinWatts", PowerSupply::sixteenPinWatts);
    public static final FigureRef<PowerSupply, Integer> PSU_EPS_LENGTH = ref("epsLength", PowerSupply::epsLength);
    public static final FigureRef<PowerSupply, Integer> PSU_MAIN_LENGTH = ref("mainLength", PowerSupply::mainLength);
    public static final FigureRef<PowerSupply, String> PSU_CABLE_COLOUR = ref("cableColour", PowerSupply::cableColour);
    public static final FigureRef<PowerSupply, Integer> PSU_RATING_12V = ref("rating12V", PowerSupply::rating12V);
    public static final FigureRef<PowerSupply, Set<String>> PSU_CABLES_OF = ref("cablesOf", PowerSupply::cablesOf);

    private PsuFigures() {}

    private static <T> FigureRef<PowerSupply, T> ref(String field, Function<PowerSupply, Figure<T>> figure) {
        return FigureRef.of(Kind.POWER_SUPPLY, field, figure);
    }
}
