package lowfield.server.shops;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What may be tried before a shop is set up. */
class TrialTest {
    private final World world = new World();

    private Caller.Answer attempt(String host, String path) {
        var asked = new HashMap<String, Object>(
                Map.of("name", "New shop", "host", host, "currency", "EUR", "path", path, "list", true));
        return world.ines.post("/api/shops/trial", asked);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "127.0.0.1 | /list.csv",
                "localhost | /list.csv",
                "ferrowby.example:8443 | /list.csv",
                "ines:secret@ferrowby.example | /list.csv",
                "https://ferrowby.example | /list.csv",
                "ferrowby.example/x | /list.csv",
                "ferrowby.example | list.csv",
                "ferrowby.example | /my list.csv",
                "ferrowby.example | file:///etc/passwd",
                "ferrowby.example | /list.csv#part"
            })
    void anythingButAPathOnAShopsHostIsRefused(String host, String path) {
        var answer = attempt(host, path);
        assertThat(answer.status()).as(answer.text()).isEqualTo(422);
        assertThat(answer.detail()).doesNotContain("secret");
    }

    @Test
    void aPrivateHostIsNotAskedEvenByName() {
        var answer = attempt("localhost.localdomain", "/list.csv");
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.json().path("sentences").get(0).asString()).containsAnyOf("private address", "is not known");
    }

    /** A shop that nobody has set up is asked once a second; who asks more is told to wait. */
    @Test
    void aNewShopIsAskedAtItsPace() {
        var last = attempt("nobody.example", "/x");
        for (int i = 0; i < 40 && last.status() == 200; i++) {
            var thread = new Thread(() -> attempt("nobody.example", "/x"));
            thread.setDaemon(true);
            thread.start();
            last = i > 8 ? attempt("nobody.example", "/x") : last;
        }
        assertThat(last.status()).isEqualTo(429);
    }
}
