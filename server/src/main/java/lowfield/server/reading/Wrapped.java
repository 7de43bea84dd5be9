package lowfield.server.reading;

/**
 * The text of a script without the comment or CDATA section that it is wrapped in, as pages wrap it for readers of long ago.
 * Each mark is looked for at an end of the text and nowhere else: the work grows with the text and no faster.
 */
final class Wrapped {
    private Wrapped() {}

    static String bare(String script) {
        var text = script.strip();
        text = withoutCdata(text);
        if (text.startsWith("<!--")) {
            text = text.substring(4).stripLeading();
        }
        if (text.endsWith("-->")) {
            text = before(text, "-->", "//");
        }
        return text.strip();
    }

    private static String withoutCdata(String script) {
        var text = script;
        for (var comment : new String[] {"/*", "//", ""}) {
            var inner =
                    text.startsWith(comment) ? text.substring(comment.length()).stripLeading() : "";
            if (inner.startsWith("<![CDATA[")) {
                text = inner.substring("<![CDATA[".length()).stripLeading();
                text = text.startsWith("*/") ? text.substring(2) : text;
                break;
            }
        }
        var end = text.endsWith("*/") ? text.substring(0, text.length() - 2).stripTrailing() : text;
        return end.endsWith("]]>") ? before(before(end, "]]>", "//"), "", "/*") : text;
    }

    /** What stands before a mark at the end, and before the comment's mark that leads to it. */
    private static String before(String text, String mark, String comment) {
        var rest = text.substring(0, text.length() - mark.length()).stripTrailing();
        return rest.endsWith(comment) ? rest.substring(0, rest.length() - comment.length()) : rest;
    }
}
