package lowfield.core.proofreading;

import java.util.Optional;

/**
 * What a text says otherwise than the data.
 *
 * @param start its first character in the text
 * @param end behind its last
 * @param right what the data says in its place; absent where it says nothing that would fit
 * @param fact the path of the fact that says it
 * @param sentence what is wrong, for the author
 */
public record Slip(int start, int end, String written, Optional<String> right, Optional<String> fact, String sentence) {
    /** With the words as the author wrote them, names and all. */
    Slip in(String text) {
        return new Slip(start, end, text.substring(start, end), right, fact, sentence);
    }
}
