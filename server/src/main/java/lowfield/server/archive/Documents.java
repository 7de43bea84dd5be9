package lowfield.server.archive;

import lowfield.core.press.Publication;
import lowfield.server.platform.Json;
import tools.jackson.databind.JsonNode;

/** Published documents as texts: written in the newest format, read in every format that ever was. */
public final class Documents {
    private Documents() {}

    static String write(Publication publication) {
        return FormatSix.write(publication);
    }

    /** The document in a text that was published once; a format that never was is an error. */
    public static Publication read(String text) {
        var tree = Json.read(text, JsonNode.class);
        var format = tree.path("format").asString();
        return switch (format) {
            case FormatOne.FORMAT -> FormatOneReader.read(Json.read(text, FormatOne.class));
            case FormatTwo.FORMAT -> FormatTwo.read(tree);
            case FormatThree.FORMAT -> FormatThree.read(tree);
            case Publication.FOURTH_FORMAT, Publication.FIFTH_FORMAT, FormatSix.FORMAT -> FormatSix.read(tree);
            default ->
                throw new IllegalStateException("No published document has the format \"%s\".".formatted(format));
        };
    }
}
