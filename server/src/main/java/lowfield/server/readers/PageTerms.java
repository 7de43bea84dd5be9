package lowfield.server.readers;

import lowfield.core.press.Publication;

/** What things are called on a page. A page keeps the words of the time when its edition was published. */
record PageTerms(
        String alternative,
        String upgrade,
        String caveats,
        String firstStart,
        String peak,
        String peakOfBuilds,
        boolean optionalInFull,
        boolean inSentences) {
    private static final PageTerms NOW = new PageTerms(
            "Alternative",
            "Upgrade",
            "Caveats",
            "First-start settings",
            "Sustained peak: %s.",
            "Sustained peak",
            true,
            true);

    /** Of what was published in format 3: alternatives and upgrades were told in figures. */
    private static final PageTerms THIRD = new PageTerms(
            NOW.alternative, NOW.upgrade, NOW.caveats, NOW.firstStart, NOW.peak, NOW.peakOfBuilds, true, false);

    /** Of what was published in format 2: what is optional was only named. */
    private static final PageTerms SECOND = new PageTerms(
            NOW.alternative, NOW.upgrade, NOW.caveats, NOW.firstStart, NOW.peak, NOW.peakOfBuilds, false, false);

    /** Of what was published in format 1. */
    private static final PageTerms FIRST = new PageTerms(
            "Or",
            "More",
            "Mind",
            "At first start",
            "Draws up to %s for longer than a moment.",
            "Draws up to",
            false,
            false);

    static PageTerms of(Publication publication) {
        return switch (publication.format()) {
            case Publication.FIRST_FORMAT -> FIRST;
            case Publication.SECOND_FORMAT -> SECOND;
            case Publication.THIRD_FORMAT -> THIRD;
            default -> NOW;
        };
    }

    /** The peak of a build in a sentence; empty where it is not known. */
    String peakOf(int watts) {
        return peak.formatted(watts + " W");
    }
}
