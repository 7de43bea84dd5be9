package lowfield.database;

/** Why something was not done, as a sentence for the person at the console; nothing was changed. */
public final class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1L;

    Refusal(String sentence, Object... values) {
        super(sentence.formatted(values));
    }
}
