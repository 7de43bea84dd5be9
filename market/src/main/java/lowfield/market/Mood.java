package lowfield.market;

/** How a shop behaves, switched over HTTP; {@code NORMAL} unless told otherwise. */
enum Mood {
    NORMAL,
    LATE,
    /** A byte at a time, never finishing in reasonable time. */
    DRIPPING,
    DOWN,
    /** Every second request fails. */
    FLAKY,
    /** 429 with Retry-After, once for each page, then normal. */
    TOO_MANY,
    EMPTY,
    NOT_HTML,
    HUGE,
    /** A small compressed body that unpacks to a thousand times its size. */
    GZIP_BOMB,
    /** One line of sixty million letters, packed small. */
    LONG_LINE,
    /** Nothing but empty JSON arrays, twenty million of them, packed small. */
    EMPTY_ARRAYS,
    /** JSON with a number of 800,000 digits. */
    LONG_NUMBER,
    /** Hangs up in the middle of the body. */
    TRUNCATED,
    /** Says UTF-8 and sends Latin-1. */
    WRONG_CHARSET,
    /** Its own clock is a year ahead. */
    SKEWED_CLOCK,
    BROKEN_JSON,
    NO_PRICE,
    ZERO,
    NEGATIVE,
    TIMES_100,
    COMMA,
    /** Has the character NUL, which no database keeps, among the digits. */
    NUL,
    OTHER_CURRENCY,
    OTHER_PRODUCT,
    /** Shows the same offer twice. */
    TWICE,
    SEVERAL,
    REDIRECT_HOST,
    REDIRECT_PRIVATE,
    REDIRECT_LOOP,
    SCRIPT,
    OUT_OF_STOCK
}
