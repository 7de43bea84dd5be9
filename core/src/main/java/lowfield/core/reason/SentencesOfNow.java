package lowfield.core.reason;

import java.text.BreakIterator;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The sentences of a text that speak of the period in which it was written: "this month", "at the moment", a month by its
 * name. Carried over into the next edition they may no longer be so.
 */
public final class SentencesOfNow {
    private static final List<String> PHRASES = List.of(
            "this month",
            "this week",
            "this year",
            "this time",
            "this edition",
            "this period",
            "last month",
            "last week",
            "last edition",
            "last time",
            "next month",
            "next week",
            "next edition",
            "today",
            "yesterday",
            "tomorrow",
            "right now",
            "for now",
            "just now",
            "currently",
            "at present",
            "at the moment",
            "as of",
            "recently",
            "lately",
            "these days",
            "so far",
            "not yet",
            "still on sale",
            "just launched",
            "just out");

    /** "May" and "March" are words as well: a day, a year or a preposition beside them makes them months. */
    private static final String BESIDE =
            "(?:\\b(?:in|of|since|until|by|from|for|early|mid|late|last|next|this) |\\d ?)";

    private final Pattern pattern;

    private SentencesOfNow(Pattern pattern) {
        this.pattern = pattern;
    }

    /** @param locale the guide's, whose names of months count beside the English ones */
    public static SentencesOfNow in(Locale locale) {
        var phrases = PHRASES.stream().map(Pattern::quote).collect(Collectors.joining("|"));
        var months = Stream.of(Locale.ENGLISH, locale)
                .flatMap(l -> Stream.of(Month.values()).map(m -> m.getDisplayName(TextStyle.FULL, l)))
                .distinct()
                .map(Pattern::quote)
                .collect(Collectors.joining("|"));
        return new SentencesOfNow(Pattern.compile(
                "(?i:\\b(?:%s)\\b)|%s(?:%s)\\b|\\b(?:%s) \\d".formatted(phrases, BESIDE, months, months),
                Pattern.UNICODE_CHARACTER_CLASS));
    }

    /** In their order, each once, without the spaces around them; none of an empty text. */
    public List<String> of(String text) {
        var found = new ArrayList<String>();
        for (var line : text.split("\\R")) {
            var ends = BreakIterator.getSentenceInstance(Locale.ENGLISH);
            ends.setText(line);
            var start = ends.first();
            for (var end = ends.next(); end != BreakIterator.DONE; start = end, end = ends.next()) {
                var sentence = line.substring(start, end).strip();
                if (!found.contains(sentence) && pattern.matcher(sentence).find()) {
                    found.add(sentence);
                }
            }
        }
        return List.copyOf(found);
    }
}
