package lowfield.server.readers;

import lowfield.core.press.Publication;

/** What things are called on a page. A page keeps the words of the time when its edition was published. */
record PageTerms(
        String alternative, String upgrade, String caveats, String firstStart, String peak, String peakOfBuilds) {
    private static final PageTerms NOW = new PageTerms(
            "Alternative", "Upgrade", "Caveats", "First-start settings", "Sustained peak: %s.", "Sustained peak");

    /** Of what was published in format 1. */
    private static final PageTerms FIRST = new PageTerms(
            "Or", "More", "Mind", "At first start", "Draws up to %s for longer than a moment.", "Draws up to");

    static PageTerms of(Publication publication) {
        return publication.format().equals(Publication.FORMAT) ? NOW : FIRST;
    }

    /** The peak of a build in a sentence; empty where it is not known. */
    String peakOf(int watts) {
        return peak.formatted(watts + " W");
    }
}
