package lowfield.server.outbound;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import java.util.zip.GZIPOutputStream;
import lowfield.server.platform.Settings;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Lists that a shop keeps packed by gzip, whole, broken and without end. */
class PackedListsTest {
    private static final String LINES = "gtin,price,link\n4006381333931,309.00,/p/1\n";

    private HttpServer shop;
    private byte[] sent = new byte[0];

    @BeforeEach
    void openTheShop() throws IOException {
        shop = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 8);
        shop.createContext("/", exchange -> {
            exchange.getResponseHeaders().set("Content-Type", "text/csv");
            exchange.sendResponseHeaders(200, sent.length);
            exchange.getResponseBody().write(sent);
            exchange.close();
        });
        shop.start();
    }

    @AfterEach
    void closeTheShop() {
        shop.stop(0);
    }

    private Fetched fetch(byte[] list) {
        sent = list;
        var outbound = new Outbound(new Settings(
                0,
                "",
                "shop.example@127.0.0.1:" + shop.getAddress().getPort(),
                Duration.ofSeconds(20),
                Duration.ofMillis(10),
                Duration.ofSeconds(1),
                Duration.ofSeconds(1),
                "",
                false,
                false,
                "",
                Duration.ofDays(1),
                new Settings.Limits(0, 0, 10),
                ""));
        return outbound.fetch(new Wanted("shop.example", "/list.csv.gz", Optional.empty(), Wanted.Form.LIST));
    }

    private static byte[] packed(byte[] text, int times) {
        var out = new ByteArrayOutputStream();
        try (var zip = new GZIPOutputStream(out)) {
            for (int n = 0; n < times; n++) {
                zip.write(text);
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }

    private static String text(Fetched fetched) throws IOException {
        try (var body = ((Fetched.Listed) fetched).body();
                var reader = new java.io.BufferedReader(body.reader())) {
            return reader.lines().map(l -> l + "\n").collect(java.util.stream.Collectors.joining());
        }
    }

    @Test
    void aPackedListIsReadAsWhatIsInIt() throws IOException {
        assertThat(text(fetch(packed(LINES.getBytes(StandardCharsets.UTF_8), 1))))
                .isEqualTo(LINES);
    }

    @Test
    void aListThatIsNotPackedIsReadAsItIs() throws IOException {
        assertThat(text(fetch(LINES.getBytes(StandardCharsets.UTF_8)))).isEqualTo(LINES);
    }

    @Test
    void aPackedListThatIsCutIsToldToBeBroken() {
        var whole = packed(LINES.getBytes(StandardCharsets.UTF_8), 1);
        assertThat(fetch(Arrays.copyOf(whole, whole.length - 12)))
                .isInstanceOfSatisfying(
                        Fetched.Failed.class, f -> assertThat(f.sentence()).contains("packed, and broken"));
    }

    /** A hundred kilobytes that are a hundred megabytes inside. */
    @Test
    void whatIsTooLongInsideIsNotUnpackedToItsEnd() {
        assertThat(fetch(packed(new byte[1024 * 1024], 100)))
                .isInstanceOfSatisfying(
                        Fetched.Failed.class, f -> assertThat(f.sentence()).contains("64 MB"));
    }
}
