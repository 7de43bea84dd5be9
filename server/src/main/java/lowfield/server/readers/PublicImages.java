package lowfield.server.readers;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import lowfield.server.picture.DrawnPicture;
import lowfield.server.picture.PictureImages;
import lowfield.server.picture.PictureSize;
import lowfield.server.platform.Notices;
import lowfield.server.platform.Snapshot;
import org.springframework.stereotype.Component;

/**
 * The pictures that published editions show. They never change, so that they are kept on the heap for as long as there is
 * room, and by browsers for a year.
 */
@Component
class PublicImages {
    private static final Pattern PATH = Pattern.compile("/pictures/([0-9a-f-]{36})/([a-z]+)");
    private static final long HEAP_BYTES = 64L * 1024 * 1024;

    private final PictureImages pictures;
    private final Turns turns;
    /** Which there are, so that nothing is asked of the others. */
    private final Snapshot<Set<UUID>> shown;

    private final Cache<String, DrawnPicture> kept = Caffeine.newBuilder()
            .maximumWeight(HEAP_BYTES)
            .weigher((String path, DrawnPicture image) -> image.body().length)
            .build();

    PublicImages(PictureImages pictures, Turns turns, Notices notices) {
        this.pictures = pictures;
        this.turns = turns;
        this.shown = new Snapshot<>(pictures::published);
        notices.whenChanged(change -> {
            if (change.topic() == Notices.Topic.PAGES || change.topic() == Notices.Topic.PICTURES) {
                shown.invalidate();
            }
        });
    }

    /** Sends the picture of a path; false, with nothing sent, where there is none. */
    boolean sent(String path, HttpServletRequest request, HttpServletResponse response) throws IOException {
        var image = Optional.ofNullable(kept.getIfPresent(path)).or(() -> found(path));
        if (image.isEmpty()) {
            return false;
        }
        var body = image.get().body();
        response.setHeader("Cache-Control", "public, max-age=31536000, immutable");
        response.setContentType(image.get().contentType());
        response.setContentLength(body.length);
        if (!request.getMethod().equals("HEAD")) {
            Sending.body(body, response.getOutputStream(), System::nanoTime);
        }
        return true;
    }

    private Optional<DrawnPicture> found(String path) {
        var parts = PATH.matcher(path);
        if (!parts.matches()) {
            return Optional.empty();
        }
        var image = PictureSize.inAddress(parts.group(2))
                .flatMap(size -> id(parts.group(1))
                        .filter(id -> shown.get().contains(id))
                        .flatMap(id -> turns.ask(() -> pictures.publicImage(id, size))));
        image.ifPresent(i -> kept.put(path, i));
        return image;
    }

    private static Optional<UUID> id(String text) {
        try {
            return Optional.of(UUID.fromString(text));
        } catch (IllegalArgumentException malformed) {
            return Optional.empty();
        }
    }
}
