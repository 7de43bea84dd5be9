package lowfield.market;

import com.sun.net.httpserver.HttpExchange;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;

/** Sending whole answers; pages carry an ETag, and who has the same already is told so. */
final class Answer {
    private Answer() {}

    static void send(HttpExchange exchange, int status, String type, String text) throws IOException {
        send(exchange, status, type, text.getBytes(StandardCharsets.UTF_8));
    }

    static void send(HttpExchange exchange, int status, String type, byte[] bytes) throws IOException {
        exchange.getResponseHeaders().set("Content-Type", type);
        exchange.sendResponseHeaders(status, bytes.length == 0 ? -1 : bytes.length);
        if (bytes.length > 0) {
            exchange.getResponseBody().write(bytes);
        }
    }

    /** With an ETag of the content; 304 when the asker named it. */
    static void tagged(HttpExchange exchange, String type, byte[] bytes) throws IOException {
        var crc = new CRC32();
        crc.update(bytes);
        var tag = "\"%08x\"".formatted(crc.getValue());
        exchange.getResponseHeaders().set("ETag", tag);
        if (tag.equals(exchange.getRequestHeaders().getFirst("If-None-Match"))) {
            exchange.sendResponseHeaders(304, -1);
        } else {
            send(exchange, 200, type, bytes);
        }
    }
}
