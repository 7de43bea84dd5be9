package lowfield.core.fact;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.regex.Pattern;

/**
 * A text with facts in it, written {@code {{path}}} (Mustache's variable tag, and nothing else of it). What is no whole tag
 * (unclosed, nested, with other characters) stays the text that it is, and is told as {@link #broken()}.
 */
public final class FactTemplate {
    private static final Pattern TAG = Pattern.compile("\\{\\{ {0,3}([a-z0-9][a-z0-9.-]{0,119}) {0,3}}}");
    private static final int LONGEST_TOLD = 24;

    private sealed interface Piece {
        record Text(String text) implements Piece {}

        record Tag(String path) implements Piece {}
    }

    private final List<Piece> pieces;

    private FactTemplate(List<Piece> pieces) {
        this.pieces = List.copyOf(pieces);
    }

    public static FactTemplate of(String text) {
        var pieces = new ArrayList<Piece>();
        var tags = TAG.matcher(text);
        var at = 0;
        while (tags.find()) {
            pieces.add(new Piece.Text(text.substring(at, tags.start())));
            pieces.add(new Piece.Tag(tags.group(1)));
            at = tags.end();
        }
        pieces.add(new Piece.Text(text.substring(at)));
        return new FactTemplate(pieces);
    }

    /** The paths that it asks for, each once, in order. */
    public List<String> paths() {
        return pieces.stream()
                .filter(Piece.Tag.class::isInstance)
                .map(p -> ((Piece.Tag) p).path())
                .distinct()
                .toList();
    }

    /** What looks like a fact and is none, each as far as it can be shown. */
    public List<String> broken() {
        return pieces.stream()
                .filter(Piece.Text.class::isInstance)
                .map(p -> ((Piece.Text) p).text())
                .flatMap(FactTemplate::braces)
                .toList();
    }

    private static java.util.stream.Stream<String> braces(String text) {
        return Pattern.compile("\\{\\{|}}").matcher(text).results().map(m -> {
            var from = text.substring(m.start());
            return from.length() > LONGEST_TOLD ? from.substring(0, LONGEST_TOLD) + "…" : from.strip();
        });
    }

    /** The text with words in the place of its facts; the words are text, whatever stands in them, and no Markdown. */
    public String filled(Function<String, String> words) {
        var text = new StringBuilder();
        for (var piece : pieces) {
            if (piece instanceof Piece.Tag tag) {
                text.append(escaped(words.apply(tag.path())));
            } else {
                text.append(((Piece.Text) piece).text());
            }
        }
        return text.toString();
    }

    /** Markdown's own characters with a backslash before them (CommonMark 2.4), line ends as spaces. */
    private static String escaped(String words) {
        return words.replaceAll("\\R", " ").replaceAll("([\\\\`*_{}\\[\\]<>()#!|~&])", "\\\\$1");
    }
}
