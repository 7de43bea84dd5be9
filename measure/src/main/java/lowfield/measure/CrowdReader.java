package lowfield.measure;

import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.regex.Pattern;

/** One reader of the crowd, with a loopback address and a connection of its own, kept for as long as the server keeps it. */
final class CrowdReader implements AutoCloseable {
    private static final int PATIENCE_MS = 10_000;
    private static final Pattern LENGTH = Pattern.compile("content-length: (\\d+)");

    private final InetSocketAddress site;
    private final InetAddress own;
    private Socket socket = new Socket();
    private InputStream in = InputStream.nullInputStream();

    /** The number is from 0 to 65,000; it makes the address. */
    CrowdReader(URI site, int number) throws IOException {
        this.site = new InetSocketAddress(site.getHost(), site.getPort());
        this.own = InetAddress.getByAddress(new byte[] {127, 1, (byte) (number / 250), (byte) (2 + number % 250)});
    }

    /** Asks for an address and reads all that comes; the status. */
    int ask(String path) throws IOException {
        for (var isNew = socket.isClosed() || !socket.isConnected(); ; isNew = true) {
            if (isNew) {
                connect();
            }
            try {
                request(path);
                return answer();
            } catch (IOException ended) {
                socket.close();
                // A kept connection may have been ended meanwhile; a new one that fails is an error.
                if (isNew) {
                    throw ended;
                }
            }
        }
    }

    /** Asks, and takes what comes letter by letter for as long as the server gives it. */
    void askSlowly(String path, long pauseMs) throws IOException, InterruptedException {
        connect();
        socket.setSoTimeout(60_000);
        request(path);
        while (in.read() >= 0) {
            Thread.sleep(pauseMs);
        }
    }

    private void connect() throws IOException {
        socket.close();
        socket = new Socket();
        socket.setReceiveBufferSize(4096);
        socket.bind(new InetSocketAddress(own, 0));
        socket.connect(site, PATIENCE_MS);
        socket.setSoTimeout(PATIENCE_MS);
        in = new BufferedInputStream(socket.getInputStream(), 4096);
    }

    private void request(String path) throws IOException {
        var head = "GET %s HTTP/1.1\r\nHost: %s:%d\r\nAccept-Encoding: gzip\r\n\r\n"
                .formatted(path, site.getHostString(), site.getPort());
        socket.getOutputStream().write(head.getBytes(StandardCharsets.US_ASCII));
        socket.getOutputStream().flush();
    }

    private int answer() throws IOException {
        var head = head();
        var length = LENGTH.matcher(head);
        if (length.find()) {
            in.skipNBytes(Long.parseLong(length.group(1)));
        } else {
            // Of unknown length: to its end, and no further on this connection.
            socket.close();
        }
        return Integer.parseInt(head.split(" ", 3)[1]);
    }

    private String head() throws IOException {
        var bytes = new ByteArrayOutputStream();
        while (!bytes.toString(StandardCharsets.ISO_8859_1).endsWith("\r\n\r\n")) {
            var next = in.read();
            if (next < 0) {
                throw new IOException("the connection ended");
            }
            bytes.write(next);
        }
        return bytes.toString(StandardCharsets.ISO_8859_1).toLowerCase(Locale.ROOT);
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
