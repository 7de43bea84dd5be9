package lowfield.server.readers;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** A page as it was frozen: its bytes and the slots in them; for an edition's page, its number. */
record FrozenPage(
        UUID guide,
        Optional<Integer> edition,
        String type,
        byte[] body,
        byte[] zipped,
        String etag,
        List<PageSlot> slots) {}
