package lowfield.core;

/** A value or an edit that a rule of the job forbids; the message names the value, the rule and the next step. */
public final class RuleBroken extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public RuleBroken(String sentence) {
        super(sentence);
    }

    /** Throws with the sentence unless the rule holds. */
    public static void unless(boolean holds, String sentence, Object... values) {
        if (!holds) {
            throw new RuleBroken(values.length == 0 ? sentence : sentence.formatted(values));
        }
    }
}
