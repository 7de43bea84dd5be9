package lowfield.core.edition;

import static lowfield.core.edition.TestEdition.eur;
import static lowfield.core.edition.TestEdition.part;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lowfield.core.change.LineChange;
import lowfield.core.check.Finding;
import lowfield.core.check.TestBuild;
import lowfield.core.check.Verdict;
import lowfield.core.guide.Band;
import lowfield.core.guide.Slot;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.PolicyOverride;
import lowfield.core.offer.PricePolicy;
import lowfield.core.offer.Stock;
import lowfield.core.part.Part;
import lowfield.core.total.BandState;
import org.junit.jupiter.api.Test;

class EvaluatedBuildTest {
    private static final int LINES = (int) TestBuild.sound().build().filled().count();

    private static EvaluatedBuild first(TestEdition edition) {
        return edition.edition().tiers().get(0).lead();
    }

    @Test
    void totalBandAndChangeFollowFromChoicesAndPrices() {
        var board = part(TestBuild.sound(), Slot.MOTHERBOARD);
        var build = first(new TestEdition()
                .published(TestBuild.sound().build(), 9_000)
                .costs(board, 12_000)
                .tier("Mate", new Band.FromTo(eur(1), eur(200_000)), TestBuild.sound()));
        assertThat(build.total().total().known()).contains(eur(10_000L * LINES + 2_000));
        assertThat(build.state()).isInstanceOf(BandState.Inside.class);
        assertThat(build.lines()).allSatisfy(l -> {
            assertThat(l.change().how()).isEqualTo(LineChange.How.KEPT);
            assertThat(l.change().difference().map(Money::minor))
                    .contains(l.slot() == Slot.MOTHERBOARD ? 3_000L : 1_000L);
        });
    }

    @Test
    void whatIsOnlyOnBackOrderCountsAndIsNotAvailable() {
        var board = part(TestBuild.sound(), Slot.MOTHERBOARD);
        var build = first(new TestEdition()
                .offered(board, 10_000, Stock.BACK_ORDER, TestEdition.NOW, Condition.NEW)
                .tier("Mate", TestBuild.sound()));
        assertThat(build.total().total().known()).isPresent();
        assertThat(build.available().total().known()).isEmpty();
        assertThat(build.available().total().blame()).anyMatch(b -> b.contains(board.fullName()));
    }

    @Test
    void theConditionOfTheOfferReachesTheChecks() {
        var board = part(TestBuild.sound(), Slot.MOTHERBOARD);
        var build = first(new TestEdition()
                .offered(board, 10_000, Stock.IN_STOCK, TestEdition.NOW, Condition.USED)
                .tier("Mate", TestBuild.sound()));
        assertThat(build.build().filled(Slot.MOTHERBOARD).get(0).condition()).contains(Condition.USED);
    }

    private static Part tooLong() {
        return TestBuild.like(Slot.GRAPHICS_CARD, "length", 900);
    }

    private static EvaluatedBuild withSet(TestEdition edition, Part... others) {
        var members = new Part[others.length + 1];
        members[0] = part(TestBuild.sound(), Slot.GRAPHICS_CARD);
        System.arraycopy(others, 0, members, 1, others.length);
        return first(edition.tier("Mate", TestBuild.sound().choosing(Slot.GRAPHICS_CARD, TestEdition.set(members))));
    }

    private static Optional<Finding> ofMembers(EvaluatedBuild build) {
        return build.findings().stream()
                .filter(f -> f.check().id().equals("set-members"))
                .findFirst();
    }

    @Test
    void troubleOfOtherMembersIsOneCautionThatNamesThem() {
        var one = tooLong();
        var other = TestBuild.like(Slot.GRAPHICS_CARD, "length", 901);
        var edition = new TestEdition().costs(one, 90_000).costs(other, 90_000);
        var build = withSet(edition, one, other);
        assertThat(ofMembers(build)).hasValueSatisfying(f -> {
            assertThat(f.verdict()).isEqualTo(Verdict.CAUTION);
            assertThat(f.evidence()).contains("900 mm", "901 mm", one.fullName());
            assertThat(f.forReaders()).isPresent();
        });
        assertThat(build.findings()).noneMatch(f -> f.verdict() == Verdict.CLASH);
    }

    @Test
    void aMemberThatNobodyCanBuyIsNoTrouble() {
        var build = withSet(new TestEdition().gone(tooLong()), tooLong());
        assertThat(ofMembers(build)).isEmpty();
    }

    @Test
    void aSetWhoseMembersAllFitSaysNothing() {
        var build = withSet(new TestEdition(), TestBuild.like(Slot.GRAPHICS_CARD, "length", 250));
        assertThat(ofMembers(build)).isEmpty();
    }

    @Test
    void anAnswerHoldsWhileTheTroubleIsTheSame() {
        var one = ofMembers(withSet(new TestEdition().costs(tooLong(), 90_000), tooLong()))
                .orElseThrow();
        var again = ofMembers(withSet(new TestEdition().costs(tooLong(), 80_000), tooLong()))
                .orElseThrow();
        var worse = TestBuild.like(Slot.GRAPHICS_CARD, "length", 901);
        var other = ofMembers(withSet(new TestEdition().costs(worse, 90_000), worse))
                .orElseThrow();
        assertThat(again.fingerprint()).isEqualTo(one.fingerprint());
        assertThat(other.fingerprint()).isNotEqualTo(one.fingerprint());
    }

    @Test
    void aLineGoesByItsOwnPolicyAndTheOthersByTheEditions() {
        var edition = PricePolicy.usual();
        var used = new PolicyOverride(
                Optional.of(Set.of(Condition.NEW, Condition.USED)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                "a used card is meant here");
        var own = new UUID(0, 1);
        var other = new UUID(0, 2);
        var ofLine = new PolicyLevels(edition, PolicyOverride.NONE, PolicyOverride.NONE)
                .differing(Map.of(own, used, other, PolicyOverride.NONE));
        assertThat(ofLine).containsOnlyKeys(own);
        assertThat(ofLine.get(own).conditions()).contains(Condition.USED);
        var ofBuild = new PolicyLevels(edition, PolicyOverride.NONE, used)
                .differing(Map.of(own, PolicyOverride.NONE, other, PolicyOverride.NONE));
        assertThat(ofBuild).containsOnlyKeys(own, other);
    }
}
