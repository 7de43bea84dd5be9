package lowfield.core.proofreading.clues;

import java.util.List;
import lowfield.core.proofreading.figures.WrittenFigure;

/**
 * A figure of a text with everything in the data that it may mean.
 *
 * @param aside the clues of its being about something that we hold no data of
 */
public record SeenFigure(WrittenFigure figure, List<Candidate> candidates, List<String> aside) {
    public SeenFigure {
        candidates = List.copyOf(candidates);
        aside = List.copyOf(aside);
    }
}
