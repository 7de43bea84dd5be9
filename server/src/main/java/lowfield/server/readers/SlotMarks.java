package lowfield.server.readers;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;

/**
 * Marks that a template writes where slots go, and that are cut out again as soon as the page is rendered. Each page has
 * marks of its own that nobody can guess, so that no text of an author is taken for one.
 */
final class SlotMarks {
    private final String token = "slot-" + UUID.randomUUID();
    private final Pattern pattern = Pattern.compile(Pattern.quote(token) + ":(SUPERSEDED|TODAY)(?::([0-9a-f-]{36}))?;");

    /** A page without its marks, and where they were. */
    record Cut(byte[] body, List<PageSlot> slots) {}

    String superseded() {
        return token + ":" + PageSlot.Kind.SUPERSEDED + ";";
    }

    String today(UUID build) {
        return token + ":" + PageSlot.Kind.TODAY + ":" + build + ";";
    }

    Cut cut(String html) {
        var slots = new ArrayList<PageSlot>();
        var text = new StringBuilder();
        var bytes = 0;
        var last = 0;
        for (var found = pattern.matcher(html); found.find(); last = found.end()) {
            var between = html.substring(last, found.start());
            bytes += between.getBytes(StandardCharsets.UTF_8).length;
            text.append(between);
            slots.add(new PageSlot(
                    bytes,
                    PageSlot.Kind.valueOf(found.group(1)),
                    found.group(2) == null ? null : UUID.fromString(found.group(2))));
        }
        text.append(html.substring(last));
        return new Cut(text.toString().getBytes(StandardCharsets.UTF_8), List.copyOf(slots));
    }
}
