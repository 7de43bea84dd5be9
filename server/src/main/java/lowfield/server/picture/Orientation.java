package lowfield.server.picture;

import com.twelvemonkeys.imageio.metadata.jpeg.JPEG;
import com.twelvemonkeys.imageio.metadata.jpeg.JPEGSegmentUtil;
import com.twelvemonkeys.imageio.metadata.tiff.TIFF;
import com.twelvemonkeys.imageio.metadata.tiff.TIFFReader;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Optional;
import javax.imageio.ImageIO;

/**
 * How a camera was held, by the Exif tag of a JPEG (1 to 8): what is kept of a picture has no metadata and is turned upright
 * instead.
 */
record Orientation(int tag) {
    private static final int UPRIGHT = 1;
    private static final int FIRST_ON_ITS_SIDE = 5;

    /** Upright where nothing can be read of it. */
    static Orientation of(byte[] jpeg) {
        try (var in = ImageIO.createImageInputStream(new ByteArrayInputStream(jpeg))) {
            var segments = JPEGSegmentUtil.readSegments(in, JPEG.APP1, "Exif");
            if (segments.isEmpty()) {
                return new Orientation(UPRIGHT);
            }
            var exif = segments.get(0).data().readAllBytes();
            // One byte of padding comes before the tags.
            try (var tags = ImageIO.createImageInputStream(new ByteArrayInputStream(exif, 1, exif.length - 1))) {
                return Optional.ofNullable(new TIFFReader().read(tags).getEntryById(TIFF.TAG_ORIENTATION))
                        .map(e -> e.getValue() instanceof Number n ? n.intValue() : UPRIGHT)
                        .filter(t -> t >= 1 && t <= 8)
                        .map(Orientation::new)
                        .orElse(new Orientation(UPRIGHT));
            }
        } catch (IOException | RuntimeException unreadable) {
            return new Orientation(UPRIGHT);
        }
    }

    boolean isUpright() {
        return tag == UPRIGHT;
    }

    /** The picture turned and mirrored as it was seen. */
    BufferedImage upright(BufferedImage picture) {
        var isOnItsSide = tag >= FIRST_ON_ITS_SIDE;
        var w = picture.getWidth();
        var h = picture.getHeight();
        var turned = new BufferedImage(isOnItsSide ? h : w, isOnItsSide ? w : h, picture.getType());
        var drawing = turned.createGraphics();
        drawing.drawImage(picture, turn(w, h), null);
        drawing.dispose();
        return turned;
    }

    /** From a stored point to where it is seen (Exif 2.32, 4.6.4 A). */
    private AffineTransform turn(int w, int h) {
        return switch (tag) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
            default -> new AffineTransform();
        };
    }
}
