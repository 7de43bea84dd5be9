package lowfield.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.UUID;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;

/** Files that arrive slowly hold no connection of the database, of which there are sixteen. */
class SlowUploadsTest {
    private static final int UPLOADS = 20;
    private final World world = new World();

    @Test
    void asManySlowUploadsAsThePoolHasConnectionsHoldNobodyUp() throws Exception {
        var open = new ArrayList<Socket>();
        try {
            for (int i = 0; i < UPLOADS; i++) {
                open.add(begun());
            }
            await().until(() -> received() >= UPLOADS);
            assertThat(world.ines.get("/api/guides").status()).isEqualTo(200);
        } finally {
            for (var socket : open) {
                socket.close();
            }
        }
    }

    private static long received() throws IOException {
        try (var files = Files.list(Path.of(System.getProperty("java.io.tmpdir")))) {
            return files.filter(f -> f.getFileName().toString().startsWith("lowfield-sent"))
                    .count();
        }
    }

    /** A file of which the first line has arrived, and no more for now. */
    private Socket begun() throws IOException {
        var desk = URI.create(world.stage.desk());
        var socket = new Socket(desk.getHost(), desk.getPort());
        var head = """
                POST /api/kinds/CASE/file?form=CSV&dry=false HTTP/1.1\r
                Host: %s:%d\r
                Content-Length: 100000\r
                Idempotency-Key: %s\r
                %s\r
                \r
                maker,product
                """.formatted(desk.getHost(), desk.getPort(), UUID.randomUUID(), world.ines.browserHeaders());
        socket.getOutputStream().write(head.getBytes(StandardCharsets.UTF_8));
        socket.getOutputStream().flush();
        return socket;
    }
}
