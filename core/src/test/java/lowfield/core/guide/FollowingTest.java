package lowfield.core.guide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import lowfield.core.RuleBroken;
import org.junit.jupiter.api.Test;

class FollowingTest {
    private static final UUID LEAD = new UUID(0, 1);
    private static final UUID VARIANT = new UUID(0, 2);
    private static final UUID DEARER = new UUID(0, 3);

    private final Following chain = new Following(Map.of(VARIANT, LEAD, DEARER, VARIANT));

    @Test
    void aChainEndsAtTheLineThatHoldsItsOwnChoice() {
        assertThat(chain.source(DEARER)).isEqualTo(LEAD);
        assertThat(chain.source(LEAD)).isEqualTo(LEAD);
    }

    @Test
    void whoLeadsToALineNearOrFar() {
        assertThat(chain.leadsTo(DEARER, LEAD)).isTrue();
        assertThat(chain.leadsTo(DEARER, VARIANT)).isTrue();
        assertThat(chain.leadsTo(LEAD, DEARER)).isFalse();
        assertThat(chain.leadsTo(LEAD, LEAD)).isFalse();
        assertThat(chain.of(LEAD)).containsExactly(VARIANT);
    }

    @Test
    void circlesAreRefused() {
        assertThatThrownBy(() -> chain.with(LEAD, DEARER))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("cannot follow itself");
        assertThatThrownBy(() -> chain.with(LEAD, LEAD)).isInstanceOf(RuleBroken.class);
    }

    @Test
    void everyLineOfARandomForestLeadsToItsSource() {
        var random = new Random(7);
        for (int round = 0; round < 200; round++) {
            var lines = IntStream.range(0, 30).mapToObj(i -> new UUID(1, i)).toList();
            var followed = new HashMap<UUID, UUID>();
            for (int i = 1; i < lines.size(); i++) {
                if (random.nextInt(4) > 0) {
                    followed.put(lines.get(i), lines.get(random.nextInt(i)));
                }
            }
            var following = new Following(followed);
            for (var line : lines) {
                var source = following.source(line);
                assertThat(followed).doesNotContainKey(source);
                assertThat(following.leadsTo(line, source)).isEqualTo(!line.equals(source));
            }
        }
    }
}
