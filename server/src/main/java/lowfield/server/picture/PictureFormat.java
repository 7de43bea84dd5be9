package lowfield.server.picture;

import com.twelvemonkeys.imageio.plugins.webp.WebPImageReaderSpi;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;

/** The formats a picture may be sent in, told by the first bytes and by nothing else. */
enum PictureFormat {
    PNG {
        @Override
        boolean begins(byte[] sent) {
            return starts(sent, 0, (byte) 0x89, (byte) 'P', (byte) 'N', (byte) 'G', (byte) 13, (byte) 10);
        }

        @Override
        ImageReader reader() {
            return ImageIO.getImageReadersByFormatName("png").next();
        }
    },
    JPEG {
        @Override
        boolean begins(byte[] sent) {
            return starts(sent, 0, (byte) 0xFF, (byte) 0xD8, (byte) 0xFF);
        }

        @Override
        ImageReader reader() {
            return ImageIO.getImageReadersByFormatName("jpeg").next();
        }
    },
    WEBP {
        @Override
        boolean begins(byte[] sent) {
            return starts(sent, 0, "RIFF".getBytes(StandardCharsets.US_ASCII))
                    && starts(sent, 8, "WEBP".getBytes(StandardCharsets.US_ASCII));
        }

        @Override
        ImageReader reader() throws IOException {
            return new WebPImageReaderSpi().createReaderInstance(null);
        }
    };

    abstract boolean begins(byte[] sent);

    abstract ImageReader reader() throws IOException;

    static Optional<PictureFormat> of(byte[] sent) {
        return Arrays.stream(values()).filter(f -> f.begins(sent)).findFirst();
    }

    private static boolean starts(byte[] sent, int at, byte... with) {
        return sent.length >= at + with.length && Arrays.equals(sent, at, at + with.length, with, 0, with.length);
    }
}
