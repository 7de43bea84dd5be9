package lowfield.server.accounts;

import java.io.Serializable;
import java.util.UUID;

/** Who is signed in. */
public record Person(UUID id, String name, String email, Role role) implements Serializable {
    private static final long serialVersionUID = 1L;

    /** What someone may do: an owner also adds people. */
    public enum Role {
        OWNER,
        EDITOR
    }

    /** The id: sessions are stored under it. */
    @Override
    public String toString() {
        return id.toString();
    }
}
