package lowfield.server.round;

import lowfield.server.kit.World;
import org.junit.jupiter.api.AfterEach;

/** A market whose moods are normal again after each test. */
abstract class RoundCase {
    static final String CARD = "/p/merrowby-vane-five-8-gb-black";
    final World world = new World();

    @AfterEach
    void normal() {
        world.market("reset");
    }

    void mood(String mood) {
        world.market("mood?host=ferrowby.example&path=" + CARD + "&mood=" + mood);
    }
}
