package lowfield.server.picture;

import java.awt.Color;
import java.awt.Image;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Semaphore;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import lowfield.core.RuleBroken;
import lowfield.server.platform.Body;
import org.springframework.stereotype.Component;

/**
 * Draws a picture anew, in each size, from what somebody sent. Nothing of the file is kept but its pixels: no place, no
 * camera, no thumbnail, nothing appended. Its dimensions are looked at before a pixel is read, and one picture is read at a
 * time, so that a small file cannot fill the memory.
 */
@Component
class PictureDrawing {
    static final int MOST_BYTES = Body.PICTURE.most();
    private static final long MOST_PIXELS = 40_000_000;
    private static final int LONGEST_SIDE = 16_000;
    private static final float QUALITY = 0.86f;

    private final Semaphore one = new Semaphore(1);

    /** The picture in every size; what is no picture, or too large, is an error. */
    List<DrawnPicture> draw(byte[] sent) {
        RuleBroken.unless(sent.length > 0, "The file is empty.");
        RuleBroken.unless(sent.length <= MOST_BYTES, "A picture has at most 10 MB.");
        var format = PictureFormat.of(sent)
                .orElseThrow(() -> new RuleBroken("This file is no picture in PNG, JPEG or WebP."));
        one.acquireUninterruptibly();
        try {
            var picture = read(sent, format);
            return Arrays.stream(PictureSize.values())
                    .map(size -> drawn(picture, size))
                    .toList();
        } finally {
            one.release();
        }
    }

    private static BufferedImage read(byte[] sent, PictureFormat format) {
        try (var in = ImageIO.createImageInputStream(new ByteArrayInputStream(sent))) {
            var reader = format.reader();
            try {
                reader.setInput(in, true, true);
                var picture = plain(pixels(reader));
                var held = format == PictureFormat.JPEG ? Orientation.of(sent) : new Orientation(1);
                return held.isUpright() ? picture : held.upright(picture);
            } finally {
                reader.dispose();
            }
        } catch (RuleBroken told) {
            throw told;
        } catch (IOException | RuntimeException unreadable) {
            throw new RuleBroken(
                    "This picture cannot be read: its file is damaged, or written in a way that is not understood.");
        }
    }

    /** The first picture of a file; of a large one no more pixels than the largest size needs. */
    private static BufferedImage pixels(ImageReader reader) throws IOException {
        var width = reader.getWidth(0);
        var height = reader.getHeight(0);
        RuleBroken.unless(
                (long) width * height <= MOST_PIXELS && Math.max(width, height) <= LONGEST_SIDE,
                "A picture has at most 40 million pixels and 16,000 a side; this one has %,d x %,d.",
                width,
                height);
        var param = reader.getDefaultReadParam();
        var every = Math.max(1, Math.max(width, height) / (2 * PictureSize.LARGE.longest()));
        param.setSourceSubsampling(every, every, 0, 0);
        return reader.read(0, param);
    }

    /** In plain red, green and blue, with transparency where there is any. */
    private static BufferedImage plain(BufferedImage picture) {
        return redrawn(
                picture,
                picture.getWidth(),
                picture.getHeight(),
                picture.getColorModel().hasAlpha());
    }

    private static BufferedImage redrawn(Image picture, int width, int height, boolean isTransparent) {
        var anew = new BufferedImage(
                width, height, isTransparent ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
        var drawing = anew.createGraphics();
        if (!isTransparent) {
            drawing.setColor(Color.WHITE);
            drawing.fillRect(0, 0, width, height);
        }
        drawing.drawImage(picture, 0, 0, null);
        drawing.dispose();
        return anew;
    }

    private static DrawnPicture drawn(BufferedImage picture, PictureSize size) {
        var isTransparent = picture.getColorModel().hasAlpha();
        var scaled = scaled(picture, size, isTransparent);
        return new DrawnPicture(
                size,
                isTransparent ? "image/png" : "image/jpeg",
                scaled.getWidth(),
                scaled.getHeight(),
                written(scaled, isTransparent));
    }

    private static BufferedImage scaled(BufferedImage picture, PictureSize size, boolean isTransparent) {
        var longest = Math.max(picture.getWidth(), picture.getHeight());
        if (longest <= size.longest()) {
            return picture;
        }
        var width = Math.max(1, Math.round(picture.getWidth() * (float) size.longest() / longest));
        var height = Math.max(1, Math.round(picture.getHeight() * (float) size.longest() / longest));
        return redrawn(
                picture.getScaledInstance(width, height, Image.SCALE_AREA_AVERAGING), width, height, isTransparent);
    }

    private static byte[] written(BufferedImage picture, boolean isTransparent) {
        var writer = ImageIO.getImageWritersByFormatName(isTransparent ? "png" : "jpeg")
                .next();
        var bytes = new ByteArrayOutputStream();
        try (var out = ImageIO.createImageOutputStream(bytes)) {
            var param = writer.getDefaultWriteParam();
            if (!isTransparent) {
                param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
                param.setCompressionQuality(QUALITY);
            }
            writer.setOutput(out);
            writer.write(null, new IIOImage(picture, null, null), param);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
