package lowfield.core.guide;

/**
 * What a tier promises that its readers can do later.
 *
 * @param overclocking whether the CPU is to be overclocked
 * @param cpuUpgrade whether a newer CPU is to go into the same motherboard
 */
public record Plans(boolean overclocking, boolean cpuUpgrade) {
    /** Nothing is promised. */
    public static final Plans NONE = new Plans(false, false);
}
