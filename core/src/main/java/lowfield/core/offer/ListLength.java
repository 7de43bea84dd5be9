package lowfield.core.offer;

/** How long a shop's list is beside the one before. */
public record ListLength(int lines, int before) {
    /** A list with less than this share of the lines it had is thought to be broken, in thousandths. */
    public static final int LEAST_PERMILLE = 600;

    /** Whether so much is missing that the list must be broken: what is not on it is then not taken to be gone. */
    public boolean isCutShort() {
        return 1000L * lines < (long) LEAST_PERMILLE * before;
    }
}
