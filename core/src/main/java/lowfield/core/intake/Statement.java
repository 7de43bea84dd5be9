package lowfield.core.intake;

/**
 * Something that is said of a part under a label, as it stands on a page.
 *
 * @param label what it is about, such as "Max. GPU length"
 * @param text what is said, such as "34.5 cm"
 * @param where on the page it stands, in a few words
 */
public record Statement(String label, String text, String where) {
    /** The label and the text as a person reads them. */
    public String words() {
        return label.isEmpty() ? text : label + ": " + text;
    }
}
