package lowfield.core.guide;

/**
 * A length, a current or a power that is a figure, or lies between two ends with a usual value between them.
 *
 * @param low the least it can be
 * @param usual what it mostly is
 * @param high the most it can be
 * @param onUsualValue whether a usual value stands in it for a figure that is not known
 */
public record Span(int low, int usual, int high, boolean onUsualValue) {
    public static final Span ZERO = exactly(0);

    public static Span exactly(int value) {
        return new Span(value, value, value, false);
    }

    public static Span between(int low, int usual, int high) {
        return new Span(low, usual, high, true);
    }

    public Span plus(Span more) {
        return new Span(low + more.low, usual + more.usual, high + more.high, onUsualValue || more.onUsualValue);
    }

    public Span plus(int more) {
        return new Span(low + more, usual + more, high + more, onUsualValue);
    }

    public Span minus(Span less) {
        return new Span(low - less.high, usual - less.usual, high - less.low, onUsualValue || less.onUsualValue);
    }

    public Span times(int factor) {
        return new Span(low * factor, usual * factor, high * factor, onUsualValue);
    }

    /** Anything between the two. */
    public Span orLess() {
        return new Span(0, usual, high, onUsualValue);
    }

    /** Whether it goes into some room: surely, surely not, or one cannot tell. */
    public Fit in(Span room) {
        if (high <= room.low) {
            return Fit.FITS;
        }
        return low > room.high ? Fit.EXCEEDS : Fit.CANNOT_BE_TOLD;
    }

    public Fit in(int room) {
        return in(exactly(room));
    }

    /** How something goes into some room. */
    public enum Fit {
        FITS,
        EXCEEDS,
        /** It depends on where between the ends the figure lies. */
        CANNOT_BE_TOLD
    }

    @Override
    public String toString() {
        return low == high ? Integer.toString(low) : onUsualValue ? "about " + usual : low + " to " + high;
    }
}
