package lowfield.server.picture;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;

/** Pictures and what only says that it is one, made when a test asks for them. */
final class SamplePictures {
    private static final byte[] PNG_SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10};
    /** Six by four: red on the left, blue on the right. */
    static final byte[] WEBP = Base64.getDecoder()
            .decode(
                    "UklGRlAAAABXRUJQVlA4IEQAAADwAgCdASoGAAQAAUAmJagCdLoBQAPwArQD9AAPpALCOAD+/HUKjeRf/nvHhD+f/Ehf4278NL/GVP2jMf9s1K1p3qAAAA==");

    private SamplePictures() {}

    /** Red on the left, blue on the right. */
    static BufferedImage flag(int width, int height, int type) {
        var picture = new BufferedImage(width, height, type);
        var drawing = picture.createGraphics();
        drawing.setColor(Color.RED);
        drawing.fillRect(0, 0, width / 2, height);
        drawing.setColor(Color.BLUE);
        drawing.fillRect(width / 2, 0, width - width / 2, height);
        drawing.dispose();
        return picture;
    }

    static byte[] png(int width, int height) {
        return written(flag(width, height, BufferedImage.TYPE_INT_RGB), "png");
    }

    static byte[] jpeg(int width, int height) {
        return written(flag(width, height, BufferedImage.TYPE_INT_RGB), "jpeg");
    }

    static byte[] written(BufferedImage picture, String format) {
        var out = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, format, out);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }

    /** A JPEG of a camera that was held on its side, with where it stood. */
    static byte[] jpegWithPlace(int width, int height, int orientation) {
        var plain = jpeg(width, height);
        var exif = exif(orientation);
        var out = new ByteArrayOutputStream();
        out.write(plain, 0, 2);
        out.write(0xFF);
        out.write(0xE1);
        out.write((exif.length + 2) >> 8);
        out.write((exif.length + 2) & 0xFF);
        out.writeBytes(exif);
        out.write(plain, 2, plain.length - 2);
        return out.toByteArray();
    }

    /** One directory with the orientation and a latitude in words, as the Exif standard lays them out. */
    private static byte[] exif(int orientation) {
        var place = "54 north at the pier".getBytes(StandardCharsets.US_ASCII);
        var tags = ByteBuffer.allocate(8 + 2 + 2 * 12 + 4 + place.length);
        tags.put("MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
        tags.putShort((short) 2);
        tags.putShort((short) 0x010E).putShort((short) 2).putInt(place.length).putInt(38);
        tags.putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) orientation)
                .putShort((short) 0);
        tags.putInt(0).put(place);
        var exif = ByteBuffer.allocate(6 + tags.capacity());
        exif.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII)).put(tags.array());
        return exif.array();
    }

    /** A PNG whose header says so many pixels and whose data are zeros, however many. */
    static byte[] pngOfZeros(int width, int height, long zeros) {
        var header = ByteBuffer.allocate(13).putInt(width).putInt(height);
        header.put(new byte[] {8, 2, 0, 0, 0});
        var out = new ByteArrayOutputStream();
        out.writeBytes(PNG_SIGNATURE);
        chunk(out, "IHDR", header.array());
        chunk(out, "IDAT", packed(zeros));
        chunk(out, "IEND", new byte[0]);
        return out.toByteArray();
    }

    private static byte[] packed(long zeros) {
        var out = new ByteArrayOutputStream();
        try (var packing = new DeflaterOutputStream(out, new Deflater(Deflater.BEST_COMPRESSION), 1 << 16)) {
            var block = new byte[1 << 16];
            for (var left = zeros; left > 0; left -= block.length) {
                packing.write(block, 0, (int) Math.min(left, block.length));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }

    private static void chunk(ByteArrayOutputStream out, String type, byte[] data) {
        var named = ByteBuffer.allocate(4 + data.length)
                .put(type.getBytes(StandardCharsets.US_ASCII))
                .put(data)
                .array();
        var sum = new CRC32();
        sum.update(named);
        out.writeBytes(ByteBuffer.allocate(4).putInt(data.length).array());
        out.writeBytes(named);
        out.writeBytes(ByteBuffer.allocate(4).putInt((int) sum.getValue()).array());
    }

    static byte[] cut(byte[] picture) {
        return Arrays.copyOf(picture, picture.length / 3);
    }
}
