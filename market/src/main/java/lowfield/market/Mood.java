package lowfield.market;

/** How a shop behaves, switched over HTTP; {@code NORMAL} unless told otherwise. */
enum Mood {
    NORMAL,
    LATE,
    DOWN,
    EMPTY,
    NOT_HTML,
    HUGE,
    BROKEN_JSON,
    NO_PRICE,
    ZERO,
    TIMES_100,
    COMMA,
    OTHER_CURRENCY,
    SEVERAL,
    REDIRECT_HOST,
    REDIRECT_PRIVATE,
    REDIRECT_LOOP,
    SCRIPT,
    OUT_OF_STOCK
}
