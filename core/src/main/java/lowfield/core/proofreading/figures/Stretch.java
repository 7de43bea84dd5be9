package lowfield.core.proofreading.figures;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** A stretch of a text. */
public record Stretch(int start, int end) {
    private static final Pattern SENTENCE = Pattern.compile("(?<=[.!?])[)\"”*_]*\\s+|\\n+");
    private static final Pattern CLAUSE = Pattern.compile(
            ";|—| – |: |, (?=but|where|so |while|since|which|because|though|and (?:it|the|ours|this|you|we|i)\\b|(?:ours|it|the|this)\\b)"
                    + "| (?=but |and (?:it|ours|this) )",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern PARAGRAPH = Pattern.compile("\\n[ \\t\\r]*\\n");

    /** What blank lines part. */
    public static List<Stretch> paragraphs(String text) {
        return split(text, new Stretch(0, text.length()), PARAGRAPH);
    }

    public static List<Stretch> sentences(String text) {
        return split(text, new Stretch(0, text.length()), SENTENCE);
    }

    /** The clauses of a sentence, as far as words and stops tell them apart. */
    public List<Stretch> clauses(String text) {
        return split(text, this, CLAUSE);
    }

    private static List<Stretch> split(String text, Stretch whole, Pattern at) {
        var all = new ArrayList<Stretch>();
        var matcher = at.matcher(text).region(whole.start(), whole.end()).useTransparentBounds(true);
        var from = whole.start();
        while (matcher.find()) {
            all.add(new Stretch(from, matcher.start() == matcher.end() ? matcher.start() : matcher.end()));
            from = matcher.end();
        }
        all.add(new Stretch(from, whole.end()));
        return all;
    }

    /** What of it is no further from a place than so many letters. */
    public Stretch near(int at, int letters) {
        return new Stretch(Math.max(start, at - letters), Math.min(end, at + letters));
    }

    public boolean holds(int at) {
        return at >= start && at < end;
    }

    public String of(String text) {
        return text.substring(start, end);
    }
}
