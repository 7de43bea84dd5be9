package lowfield.market;

import com.sun.net.httpserver.HttpExchange;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import java.util.zip.GZIPOutputStream;

/** How a shop in a bad mood answers; in a good one it sends what it was asked for. */
final class Faults {
    private static final int HUGE_MEGABYTES = 50;
    private static final int BOMB_MEGABYTES = 64;
    private static final byte[] BOMB = packed("", new byte[1 << 20], BOMB_MEGABYTES, "");
    private static final byte[] LONG_LINE =
            packed("gtin\t", "a".repeat(1_000_000).getBytes(StandardCharsets.US_ASCII), 60, "");
    private static final byte[] EMPTY_ARRAYS =
            packed("[", "[],".repeat(333_333).getBytes(StandardCharsets.US_ASCII), 60, "[]]");

    private final CountDownLatch closing;
    private final AtomicInteger asked = new AtomicInteger();
    private final Set<String> told = ConcurrentHashMap.newKeySet();

    Faults(CountDownLatch closing) {
        this.closing = closing;
    }

    void forget() {
        told.clear();
    }

    void send(HttpExchange exchange, Mood mood, String type, Supplier<String> text)
            throws IOException, InterruptedException {
        var path = exchange.getRequestURI().getPath();
        switch (mood) {
            case LATE -> {
                closing.await(30, TimeUnit.SECONDS);
                Answer.send(exchange, 200, "text/html", "late");
            }
            case DRIPPING -> dripping(exchange, type, text.get());
            case DOWN -> Answer.send(exchange, 500, "text/html", "<h1>Down</h1>");
            case FLAKY -> {
                if (asked.incrementAndGet() % 2 == 1) {
                    Answer.send(exchange, 503, "text/html", "<h1>Busy</h1>");
                } else {
                    normal(exchange, type, text.get());
                }
            }
            case TOO_MANY -> {
                if (told.add(exchange.getRequestHeaders().getFirst("Host") + path)) {
                    exchange.getResponseHeaders().set("Retry-After", "1");
                    Answer.send(exchange, 429, "text/html", "<h1>Too many requests</h1>");
                } else {
                    normal(exchange, type, text.get());
                }
            }
            case EMPTY -> Answer.send(exchange, 200, "text/html", "");
            case NOT_HTML -> Answer.send(exchange, 200, "application/octet-stream", "\u0000\u0001\u0002 not a page");
            case HUGE -> huge(exchange);
            case GZIP_BOMB -> packed(exchange, type, BOMB);
            case LONG_LINE -> packed(exchange, type, LONG_LINE);
            case EMPTY_ARRAYS -> packed(exchange, type, EMPTY_ARRAYS);
            case LONG_NUMBER -> Answer.send(exchange, 200, type, "[{\"price\": " + "7".repeat(800_000) + "}]");
            case TRUNCATED -> truncated(exchange, type, text.get());
            case WRONG_CHARSET -> Answer.send(exchange, 200, type, text.get().getBytes("ISO-8859-15"));
            case SKEWED_CLOCK -> {
                exchange.getResponseHeaders().set("Date", "Fri, 03 Dec 2027 06:00:00 GMT");
                exchange.getResponseHeaders().set("Last-Modified", "Fri, 03 Dec 2027 06:00:00 GMT");
                normal(exchange, type, text.get());
            }
            case REDIRECT_HOST -> redirect(exchange, "http://elsewhere.example" + path);
            case REDIRECT_PRIVATE -> redirect(exchange, "http://10.0.0.1" + path);
            case REDIRECT_LOOP -> redirect(exchange, path);
            default -> normal(exchange, type, text.get());
        }
    }

    private static void normal(HttpExchange exchange, String type, String text) throws IOException {
        Answer.tagged(exchange, type, text.getBytes(StandardCharsets.UTF_8));
    }

    private void dripping(HttpExchange exchange, String type, String text) throws IOException, InterruptedException {
        exchange.getResponseHeaders().set("Content-Type", type);
        exchange.sendResponseHeaders(200, 0);
        try (var body = exchange.getResponseBody()) {
            for (var one : text.getBytes(StandardCharsets.UTF_8)) {
                body.write(one);
                body.flush();
                if (closing.await(200, TimeUnit.MILLISECONDS)) {
                    return;
                }
            }
        }
    }

    private static void redirect(HttpExchange exchange, String to) throws IOException {
        exchange.getResponseHeaders().set("Location", to);
        exchange.sendResponseHeaders(302, -1);
    }

    private static void huge(HttpExchange exchange) throws IOException {
        exchange.getResponseHeaders().set("Content-Type", "text/html");
        exchange.sendResponseHeaders(200, 0);
        var megabyte = " ".repeat(1 << 20).getBytes(StandardCharsets.US_ASCII);
        try (var body = exchange.getResponseBody()) {
            for (int i = 0; i < HUGE_MEGABYTES; i++) {
                body.write(megabyte);
            }
        } catch (IOException readerHungUp) {
            throw new UncheckedIOException(readerHungUp);
        }
    }

    private static void packed(HttpExchange exchange, String type, byte[] body) throws IOException {
        exchange.getResponseHeaders().set("Content-Encoding", "gzip");
        Answer.send(exchange, 200, type, body);
    }

    private static byte[] packed(String start, byte[] again, int times, String end) {
        var packed = new ByteArrayOutputStream();
        try (var gzip = new GZIPOutputStream(packed)) {
            gzip.write(start.getBytes(StandardCharsets.US_ASCII));
            for (int i = 0; i < times; i++) {
                gzip.write(again);
            }
            gzip.write(end.getBytes(StandardCharsets.US_ASCII));
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return packed.toByteArray();
    }

    /** Promises the whole page and hangs up in its middle. */
    private static void truncated(HttpExchange exchange, String type, String text) throws IOException {
        var bytes = text.getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().set("Content-Type", type);
        exchange.sendResponseHeaders(200, bytes.length);
        exchange.getResponseBody().write(bytes, 0, bytes.length / 2);
        exchange.getResponseBody().flush();
        throw new UncheckedIOException(new IOException("hung up on purpose"));
    }
}
