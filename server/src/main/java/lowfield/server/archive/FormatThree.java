package lowfield.server.archive;

import java.util.List;
import lowfield.core.press.Publication;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Documents of format 3, as docs/formats/edition-3.schema.json describes them: those of format 5 before the author's texts, the
 * fit, shares of the total and what an option is worth. What they do not say is filled in while they are read.
 */
final class FormatThree {
    static final String FORMAT = Publication.THIRD_FORMAT;

    private FormatThree() {}

    static Publication read(JsonNode document) {
        var filled = (ObjectNode) document.deepCopy();
        texts(filled);
        filled.putArray("avoid");
        filled.path("tiers").forEach(tier -> tier((ObjectNode) tier));
        return FormatSix.read(filled);
    }

    private static void tier(ObjectNode tier) {
        texts(tier);
        tier.put("step", "");
        tier.putArray("advice");
        tier.path("builds").forEach(build -> build((ObjectNode) build));
    }

    private static void build(ObjectNode build) {
        texts(build);
        own(build);
        build.put("yearly", "");
        build.putArray("shares");
        var fit = build.putObject("fit");
        List.of("panels", "words", "sizes").forEach(fit::putArray);
        build.path("lines").forEach(line -> line((ObjectNode) line));
    }

    private static void line(ObjectNode line) {
        own(line);
        line.put("reviews", "");
        if (line.path("compared").isObject()) {
            texts((ObjectNode) line.path("compared"));
        }
        List.of("alternatives", "upgrades").forEach(name -> line.path(name).forEach(o -> worth((ObjectNode) o)));
    }

    private static void worth(ObjectNode option) {
        var worth = option.putObject("worth").put("motive", "").put("nextTier", "");
        worth.putObject("total").put("is", "not known");
        List.of("gains", "losses").forEach(worth::putArray);
    }

    private static void texts(ObjectNode of) {
        of.putObject("texts").put("introduction", "").put("verdict", "");
    }

    private static void own(ObjectNode of) {
        of.putObject("own").put("handled", "").putArray("disclosures");
    }
}
