package lowfield.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.jooq.DSLContext;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;

/** A desk with people in it. */
abstract class PeopleCase {
    static final String OLD = "ten letters at least";
    static int next;
    final World world = new World();
    final DSLContext db = world.stage.bean(DSLContext.class);
    final String name = "helper" + ++next;

    @BeforeEach
    @AfterEach
    void forgetWhatWasTried() {
        db.execute("delete from sign_in_throttle");
    }

    String email() {
        return name + "@tidewater.example";
    }

    Caller.Answer invited() {
        return world.ines.post("/api/people", Map.of("email", email(), "name", name, "role", "EDITOR"));
    }

    static String id(Caller person) {
        return person.get("/api/session").json().path("person").path("id").asString();
    }

    Caller nobody() {
        return new Caller(world.stage.desk());
    }

    void role(Caller of, String role) {
        assertThat(world.ines
                        .call("PUT", "/api/people/" + id(of) + "/role", Map.of("role", role), null)
                        .status())
                .isEqualTo(204);
    }
}
