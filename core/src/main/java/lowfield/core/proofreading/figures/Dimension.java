package lowfield.core.proofreading.figures;

/** What a figure measures; figures of one dimension are compared in its base unit. */
public enum Dimension {
    /** In minor units of the guide's currency. */
    MONEY,
    /** In gigabytes. */
    CAPACITY,
    /** In watts. */
    POWER,
    /** In millimetres. */
    LENGTH,
    /** In MT/s. */
    MEMORY_SPEED,
    /** In megahertz. */
    CLOCK,
    /** In hertz. */
    REFRESH,
    /** In MB/s. */
    TRANSFER,
    /** In decibels. */
    NOISE,
    /** In litres. */
    VOLUME,
    /** In grams. */
    WEIGHT,
    YEARS,
    PERCENT,
    /** The number behind "CL". */
    LATENCY,
    /** The number behind "PCIe". */
    GENERATION,
    /** Of things that are named behind the number: cores, memory slots. */
    COUNT
}
