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
        REVIEW("review", false, ""),
        OWNED("have owned it", true, "We have one of our own."),
        BUILT_WITH("have built with it", true, "We have built with it."),
        TESTED("have tested it", true, "We have tested it."),
        CLIENTS("runs in a client's machine", true, "It runs in a machine that we built for a client."),
        NEVER_HANDLED("never handled it", true, "We have never had it in our hands."),
        GIFT("was given to us", true, "It was given to us."),
        SPONSOR("its maker or seller sponsors us", true, "Its maker or seller sponsors us."),
        COMMISSION("earns us a commission", true, "We earn a commission when it is bought through our link."),
        OTHER("said of it", false, "");

        private final String words;
        private final boolean own;
        private final String forReaders;

        Form(String words, boolean own, String forReaders) {
            this.words = words;
            this.own = own;
            this.forReaders = forReaders;
        }

        /** Whether it tells how far the author has handled the part. */
        public boolean isHandling() {
            return own && !isDisclosure();
        }

        /** Whether readers must be told of it wherever the part is named. */
        public boolean isDisclosure() {
            return this == GIFT || this == SPONSOR || this == COMMISSION;
        }

        /** As readers are told it; empty for what is not the author's own. */
        public String forReaders() {
            return forReaders;
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
