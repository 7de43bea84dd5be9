package lowfield.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.Release;
import org.junit.jupiter.api.Test;

/** Searching by what stands in rows. */
class RowsOnShelvesTest {
    /** What stands in rows is looked for by how many there are; a board whose slots nobody looked up is left out and counted. */
    @Test
    void boardsAreFoundByTheNumberOfTheirSlots() {
        var boards = new Shelf(
                Kind.MOTHERBOARD,
                List.of(
                        board("One", Map.of("driveSlots", slots(1))),
                        board("Three", Map.of("driveSlots", slots(3))),
                        board("Unknown", Map.of())));
        var query = Query.read(Kind.MOTHERBOARD, "driveSlots=2..");
        var answer = boards.find(query, Shelf.Prices.none(boards));
        assertThat(answer.parts()).extracting(Part::name).containsExactly("Ostrand Three");
        assertThat(answer.leftOutNotKnown()).isEqualTo(1);
        assertThat(boards.facets(query, Shelf.Prices.none(boards)))
                .filteredOn(f -> f.figure().equals("driveSlots"))
                .singleElement()
                .satisfies(f -> assertThat(f.label()).isEqualTo("number of M.2 slots"));
        assertThat(query.written()).isEqualTo("driveSlots=2..");
    }

    private static List<Map<String, Object>> slots(int many) {
        return java.util.stream.IntStream.rangeClosed(1, many)
                .mapToObj(n -> Map.<String, Object>of("name", "M2_" + n, "protocols", List.of("NVMe"), "generation", 4))
                .toList();
    }

    private static Part board(String name, Map<String, Object> spec) {
        return new Part(
                UUID.nameUUIDFromBytes(name.getBytes()),
                UUID.nameUUIDFromBytes(("p" + name).getBytes()),
                Kind.MOTHERBOARD,
                "Ostrand",
                "Ostrand " + name,
                "",
                Release.ON_SALE,
                Optional.empty(),
                Optional.empty(),
                java.time.Instant.EPOCH,
                Kind.MOTHERBOARD.schema().read(spec));
    }
}
