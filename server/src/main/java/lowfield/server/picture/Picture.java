package lowfield.server.picture;

import java.util.UUID;

/** A picture as it is listed; width and height are those of its medium size, in pixels. */
public record Picture(UUID id, String alternative, int width, int height) {}
