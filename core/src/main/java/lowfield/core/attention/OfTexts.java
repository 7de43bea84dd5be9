package lowfield.core.attention;

import java.util.List;
import java.util.stream.Stream;
import lowfield.core.edition.EvaluatedEdition;

/** What is the matter with the author's texts beyond the line. */
final class OfTexts {
    /** What keys of items about texts begin with; the id of what the text is about follows. */
    static final String KEY = "text:";

    private OfTexts() {}

    static Stream<Item> of(List<TextTrouble> troubles, EvaluatedEdition edition) {
        return troubles.stream()
                .map(t -> Item.of(
                        t.matter(),
                        KEY + t.key(),
                        t.key() + " " + t.detail(),
                        t.what(),
                        t.detail(),
                        0,
                        place(t, edition)));
    }

    /** The first line of the build that it is about; of the edition's first build where it is about no single one. */
    private static List<At> place(TextTrouble trouble, EvaluatedEdition edition) {
        return edition
                .places()
                .filter(p ->
                        trouble.build().filter(b -> !p.build().id().equals(b)).isEmpty())
                .findFirst()
                .map(At::line)
                .stream()
                .toList();
    }
}
