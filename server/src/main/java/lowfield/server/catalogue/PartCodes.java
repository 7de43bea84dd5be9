package lowfield.server.catalogue;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.part.Gtin;

/** The parts of the catalogue by GTIN and by maker's number; a maker's number that two parts have names neither. */
public final class PartCodes {
    private final Map<Gtin, UUID> byGtin = new HashMap<>();
    private final Map<String, UUID> byMakerNumber = new HashMap<>();

    /** A part and what it is known by. */
    public record Coded(UUID part, Optional<Gtin> gtin, Optional<String> makerNumber) {}

    public PartCodes(List<Coded> parts) {
        var twice = new HashSet<String>();
        for (var coded : parts) {
            coded.gtin().ifPresent(gtin -> byGtin.put(gtin, coded.part()));
            coded.makerNumber()
                    .filter(number -> byMakerNumber.put(number, coded.part()) != null)
                    .ifPresent(twice::add);
        }
        byMakerNumber.keySet().removeAll(twice);
    }

    /** The part that is meant, by its GTIN before its maker's number; absent when none is known by either. */
    public Optional<UUID> part(Optional<Gtin> gtin, Optional<String> makerNumber) {
        return gtin.map(byGtin::get).or(() -> makerNumber.map(byMakerNumber::get));
    }
}
