package lowfield.core.offer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import java.util.Set;
import lowfield.core.RuleBroken;
import org.junit.jupiter.api.Test;

class PolicyOverrideTest {
    private static PolicyOverride override(Optional<Set<Condition>> conditions, Optional<Integer> age, String why) {
        return new PolicyOverride(
                conditions,
                Optional.empty(),
                Optional.empty(),
                age,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                why);
    }

    @Test
    void onlyWhatDiffersDiffers() {
        var usual = PricePolicy.usual();
        var refurbished = override(Optional.of(Set.of(Condition.REFURBISHED)), Optional.empty(), "the cheap one");
        assertThat(refurbished.over(usual))
                .isEqualTo(new PricePolicy(Set.of(Condition.REFURBISHED), usual.stock(), false, 7));
        assertThat(PolicyOverride.NONE.over(usual)).isSameAs(usual);
    }

    /** Tier, build and line one over the other: the nearest to the line decides each field. */
    @Test
    void overridesLieOverEachOther() {
        var tier = override(Optional.of(Set.of(Condition.OPENED)), Optional.of(3), "fresh");
        var line = override(Optional.of(Set.of(Condition.USED)), Optional.empty(), "used is fine");
        assertThat(line.over(tier.over(PricePolicy.usual())))
                .isEqualTo(new PricePolicy(
                        Set.of(Condition.USED), PricePolicy.usual().stock(), false, 3));
    }

    @Test
    void itSaysWhyAndKeepsThePolicysRules() {
        assertThatThrownBy(() -> override(Optional.of(Set.of(Condition.USED)), Optional.empty(), " "))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("Say why");
        assertThatThrownBy(() -> override(Optional.of(Set.of()), Optional.empty(), "none")
                        .over(PricePolicy.usual()))
                .hasMessageContaining("at least one condition");
        assertThatThrownBy(
                        () -> override(Optional.empty(), Optional.of(91), "old").over(PricePolicy.usual()))
                .hasMessageContaining("1 to 90 days");
    }
}
