package lowfield.market;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/** Pages of things that are new on the shelves, with their specifications; each shop has written its own by hand. */
final class Arrivals {
    private static final String FOLDER = "/new/";

    private Arrivals() {}

    /** The page at a path of a shop; absent where there is none. */
    static Optional<String> page(Shop shop, String path) {
        if (!path.matches(FOLDER + "[a-z0-9-]{1,60}")) {
            return Optional.empty();
        }
        try (var file = Arrivals.class.getResourceAsStream(
                "/market/new/%s/%s.html".formatted(shop.host(), path.substring(FOLDER.length())))) {
            return file == null
                    ? Optional.empty()
                    : Optional.of(new String(file.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
