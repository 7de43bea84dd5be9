package lowfield.server.picture;

/** A picture in one size, as it is kept and sent. */
@SuppressWarnings("ArrayRecordComponent")
public record DrawnPicture(PictureSize size, String contentType, int width, int height, byte[] body) {}
