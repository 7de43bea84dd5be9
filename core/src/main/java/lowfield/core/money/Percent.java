package lowfield.core.money;

import java.util.Locale;

/** Changes in per cent, as they are said. */
public final class Percent {
    private Percent() {}

    /** With its sign and so many decimals: "+7.5%", "−20%", "+0%". */
    public static String signed(double percent, int decimals) {
        return String.format(Locale.ROOT, "%+." + decimals + "f%%", percent).replace('-', '−');
    }
}
