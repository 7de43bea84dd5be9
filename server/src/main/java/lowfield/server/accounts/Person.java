package lowfield.server.accounts;

import java.util.Locale;
import java.util.UUID;
import lowfield.db.tables.records.AccountRecord;

/** Someone who may work at this desk. */
public record Person(UUID id, String name, String email, Role role) {
    /** What someone may do: an owner also looks after people. */
    public enum Role {
        OWNER,
        EDITOR;

        String stored() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    static Person of(AccountRecord row) {
        return new Person(
                row.getId(),
                row.getName(),
                row.getEmail(),
                Role.valueOf(row.getRole().toUpperCase(Locale.ROOT)));
    }
}
