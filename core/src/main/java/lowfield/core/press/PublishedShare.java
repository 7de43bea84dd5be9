package lowfield.core.press;

/** The share of a build's total that a slot takes, in thousandths. */
public record PublishedShare(String slot, int permille) {}
