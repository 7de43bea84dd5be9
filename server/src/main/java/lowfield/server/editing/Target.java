package lowfield.server.editing;

/** What a command of the journal can change. */
enum Target {
    /** A line with its options. */
    LINE,
    /** What an edition says of a tier. */
    TIER,
    /** A build's name, place and note. */
    BUILD,
    /** A whole variant with its lines, which comes and goes as one. */
    VARIANT,
    /** The edition's note. */
    EDITION,
    /** A whole tier with its builds, which comes and goes as one. */
    WHOLE_TIER,
    /** The order of an edition's tiers. */
    TIER_ORDER,
    /** What was answered to a finding. */
    ANSWER,
    /** An introduction and a verdict. */
    TEXT
}
