package lowfield.server.archive;

import java.util.List;
import lowfield.core.press.Publication;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Documents of format 2, as docs/formats/edition-2.schema.json describes them: those of format 3 before builds had packages,
 * adjustments and sales tax. What they do not say is filled in while they are read; the document stays as it is.
 */
final class FormatTwo {
    static final String FORMAT = Publication.SECOND_FORMAT;

    private FormatTwo() {}

    static Publication read(JsonNode document) {
        var filled = document.deepCopy();
        filled.path("tiers").forEach(tier -> tier.path("builds").forEach(build -> fill((ObjectNode) build)));
        return FormatThree.read(filled);
    }

    private static void fill(ObjectNode build) {
        build.putArray("adjustments");
        build.putArray("packages");
        build.putObject("withOptional").put("is", "not known");
        build.path("lines")
                .forEach(line -> List.of("alternatives", "upgrades")
                        .forEach(name -> line.path(name).forEach(o -> ((ObjectNode) o).put("adds", false))));
    }
}
