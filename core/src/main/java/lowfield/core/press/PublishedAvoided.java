package lowfield.core.press;

/** A part that the author advises against, and why. */
public record PublishedAvoided(String name, String why) {}
