package lowfield.server.reading;

import java.io.IOException;
import java.io.Reader;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.IntFunction;
import lowfield.core.RuleBroken;

/**
 * Reads lists that are made to be unreadable, as a program of its own with a heap of its own: prints a line each, the name and
 * what was said of it.
 */
final class HostileLists {
    private static final int MEGABYTE = 1 << 20;
    private static final FeedForm JSON = form(FeedForm.Format.JSON);
    private static final FeedForm XML = new FeedForm(
            "/list", FeedForm.Format.XML, "item", Map.of(FeedForm.Field.PRICE, "price", FeedForm.Field.LINK, "link"));
    private static final FeedForm TABLE = form(FeedForm.Format.SEMICOLON);

    private HostileLists() {}

    private static FeedForm form(FeedForm.Format format) {
        return new FeedForm("/list", format, null, Map.of(FeedForm.Field.PRICE, "price", FeedForm.Field.LINK, "link"));
    }

    public static void main(String[] arguments) {
        var lists = new LinkedHashMap<String, Runnable>();
        lists.put("empty arrays", () -> read(JSON, 64, "[", n -> "[],"));
        lists.put("empty objects", () -> read(JSON, 64, "[", n -> "{},"));
        lists.put("long number", () -> read(JSON, 1, "[{\"price\":", n -> "8"));
        lists.put("long text", () -> read(JSON, 60, "[{\"price\":\"", n -> "eight "));
        lists.put("long name", () -> read(JSON, 60, "[{\"", n -> "price"));
        lists.put("many names", () -> read(JSON, 60, "[{", n -> "\"n" + n + "\":1,"));
        lists.put("deep", () -> read(JSON, 60, "", n -> "[{\"a\":"));
        lists.put("no array", () -> read(JSON, 60, "{", n -> "\"n" + n + "\":[],"));
        lists.put("one line", () -> read(TABLE, 60, "price;link\n", n -> "nine;"));
        lists.put("one header", () -> read(TABLE, 60, "", n -> "price" + n + ";"));
        lists.put("never closed", () -> read(TABLE, 60, "price;link\n\"", n -> "nine\n"));
        lists.put("many lines", () -> read(TABLE, 64, "price;link\n", n -> "9;/p/" + n + "\n"));
        lists.put("blank lines", () -> read(TABLE, 60, "price;link\n", n -> "\n"));
        lists.put("xml attribute", () -> read(XML, 60, "<list><item a=\"", n -> "nine "));
        lists.put("xml comment", () -> read(XML, 60, "<list><!--", n -> "nine "));
        lists.put("xml instruction", () -> read(XML, 60, "<list><?nine ", n -> "nine "));
        lists.put("xml cdata", () -> read(XML, 60, "<list><item><price><![CDATA[", n -> "nine "));
        lists.put("xml names", () -> read(XML, 60, "<list>", n -> "<a" + n + "/>"));
        lists.put("xml attribute names", () -> read(XML, 60, "<list>", n -> "<a b" + n + "=\"\"/>"));
        lists.put("xml attributes", () -> read(XML, 60, "<list><item ", n -> "a" + n + "=\"\" "));
        lists.put("xml depth", () -> read(XML, 60, "<list>", n -> "<a>"));
        lists.put("xml items", () -> read(XML, 60, "<list>", n -> "<item/>"));
        lists.forEach((name, list) -> {
            try {
                list.run();
                System.out.println(name + ": read");
            } catch (RuleBroken said) {
                System.out.println(name + ": " + said.getMessage());
            }
        });
    }

    private static void read(FeedForm form, int megabytes, String start, IntFunction<String> more) {
        var outcome = new FeedReader("Ferrowby", "ferrowby.example", Currency.getInstance("EUR"), form)
                .read(new Endless(start, more, megabytes * (long) MEGABYTE), line -> {});
        throw new RuleBroken(outcome.lines() + " lines; " + outcome.sentence());
    }

    /** Some text, made while it is read. */
    private static final class Endless extends Reader {
        private final IntFunction<String> more;
        private long left;
        private String now;
        private int at;
        private int next;

        Endless(String start, IntFunction<String> more, long length) {
            now = start;
            this.more = more;
            left = length;
        }

        @Override
        public int read(char[] buffer, int from, int length) {
            if (left <= 0) {
                return -1;
            }
            for (int i = 0; i < length; i++) {
                while (at == now.length()) {
                    now = more.apply(next++);
                    at = 0;
                }
                buffer[from + i] = now.charAt(at++);
            }
            left -= length;
            return length;
        }

        @Override
        public void close() throws IOException {
            left = 0;
        }
    }
}
