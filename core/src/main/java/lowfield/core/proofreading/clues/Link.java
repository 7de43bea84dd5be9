package lowfield.core.proofreading.clues;

/** How a text ties a figure to a part; the later, the closer. */
enum Link {
    /** The text does not speak of it. */
    NONE,
    /** It is what something else is held against. */
    COMPARED,
    /** It is spoken of near, but something else is meant. */
    FAINT,
    /** It is one of those that may be meant. */
    POSSIBLE,
    /** It is what is spoken of, though it is not named before the figure. */
    LIKELY,
    /** It is named for the figure. */
    NAMED;

    /** Whether the text speaks of it where the figure stands. */
    boolean isSpokenOf() {
        return compareTo(POSSIBLE) >= 0;
    }
}
