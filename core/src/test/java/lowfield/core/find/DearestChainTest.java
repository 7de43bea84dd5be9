package lowfield.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lowfield.core.check.TestBuild;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Slot;
import lowfield.core.part.Kind;
import org.junit.jupiter.api.Test;

/** Where the cheapest chain of swaps is not the first one found. */
class DearestChainTest extends SwapGeneratorCase {
    /** The cheaper motherboard needs other memory; whether it is the cheaper way is decided two steps on. */
    @Test
    void aGreedyChainLosesAgainstACheaperOne() {
        assertThat(boardFor(90)).isEqualTo(120);
        assertThat(boardFor(30)).isEqualTo(80);
    }

    private int boardFor(int memory) {
        forSale.clear();
        forSale.put(
                Kind.MOTHERBOARD,
                List.of(
                        priced(80, TestBuild.like(Slot.MOTHERBOARD, "socket", "Fen", "memoryGeneration", "DDR4")),
                        priced(120, TestBuild.like(Slot.MOTHERBOARD, "socket", "Fen"))));
        forSale.put(Kind.MEMORY, List.of(priced(memory, TestBuild.like(Slot.MEMORY, "generation", "DDR4"))));
        forSale.put(Kind.COOLER, List.of());
        forSale.put(Kind.POWER_SUPPLY, List.of());
        forSale.put(Kind.CASE, List.of());
        var kit = TestBuild.sound();
        var build = kit.build();
        prices.put(
                build.filled(Slot.MEMORY).get(0).choice().part().orElseThrow().id(), 0);
        var impact = impacts(build, Checks.on(build), kit.line(Slot.PROCESSOR))
                .of(TestBuild.like(Slot.PROCESSOR, "socket", "Fen"));
        return impact.forced().stream()
                .filter(f -> f.slot() == Slot.MOTHERBOARD)
                .map(f -> prices.get(f.part().id()))
                .findFirst()
                .orElseThrow();
    }
}
