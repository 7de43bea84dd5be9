package lowfield.core.evidence;

import java.time.LocalDate;
import java.util.Optional;
import lowfield.core.RuleBroken;

/**
 * Something that is known of a part and is no figure of its maker's: what reviewers give it, whether the author has had it in
 * hand, anything else that was said of it.
 *
 * @param score of a review, and of nothing else
 * @param words what was found, up to 500 letters; may be empty where the form says it all
 * @param source who says so, up to 200 letters; the author's own hands need none
 * @param on the day it was said or seen
 */
public record SoftFact(Form form, Optional<Score> score, String words, String source, LocalDate on) {
    private static final int LONGEST_WORDS = 500;
    private static final int LONGEST_SOURCE = 200;
    private static final LocalDate FIRST_DAY = LocalDate.of(2000, 1, 1);

    /** What kind of thing is known. */
    public enum Form {
        REVIEW("review", false),
        OWNED("have owned it", true),
        BUILT_WITH("have built with it", true),
        NEVER_HANDLED("never handled it", true),
        OTHER("said of it", false);

        private final String words;
        private final boolean own;

        Form(String words, boolean own) {
            this.words = words;
            this.own = own;
        }

        public String words() {
            return words;
        }
    }

    public SoftFact {
        RuleBroken.unless(words.length() <= LONGEST_WORDS, "What is said takes at most %d letters.", LONGEST_WORDS);
        RuleBroken.unless(source.length() <= LONGEST_SOURCE, "A source takes at most %d letters.", LONGEST_SOURCE);
        RuleBroken.unless(!on.isBefore(FIRST_DAY), "The day %s is too long ago.", on);
        RuleBroken.unless(
                score.isPresent() == (form == Form.REVIEW),
                form == Form.REVIEW ? "A review has a score." : "Only a review has a score.");
        RuleBroken.unless(form.own || !source.isBlank(), "Say who says so: a source is missing.");
        RuleBroken.unless(form != Form.OTHER || !words.isBlank(), "Say what is said of it.");
    }

    /** Refuses a day that has come nowhere yet; somewhere it is tomorrow already. */
    public void mustHaveCome(LocalDate today) {
        RuleBroken.unless(!on.isAfter(today.plusDays(1)), "The day %s has not come yet.", on);
    }
}
