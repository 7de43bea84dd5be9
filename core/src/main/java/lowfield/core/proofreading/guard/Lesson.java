package lowfield.core.proofreading.guard;

import java.util.List;

/**
 * A figure of a text with everything that it may mean, to learn weights from.
 *
 * @param start where it begins in the text
 * @param end where it ends
 * @param aside the clues of its being about something that we hold no data of
 */
public record Lesson(int start, int end, List<Sense> senses, List<String> aside) {
    public Lesson {
        senses = List.copyOf(senses);
        aside = List.copyOf(aside);
    }

    /**
     * One thing in the data that it may mean.
     *
     * @param isSo whether that is what is written
     */
    public record Sense(boolean isSo, List<String> clues) {}
}
