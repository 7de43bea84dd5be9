package lowfield.core.press;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.check.TestBuild;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.money.Money;
import lowfield.core.reason.Reason;
import lowfield.core.total.BandState;
import org.junit.jupiter.api.Test;

class PreflightTest {
    private static final Instant NOW = Instant.parse("2026-12-03T06:00:00Z");
    private static final UUID BUILD = UUID.randomUUID();

    private static Sheet sheet(
            Build build, BandState state, Reason reason, int daysOld, String why, List<String> dead) {
        var entries = build.filled()
                .map(l -> new Sheet.Entry(
                        l,
                        reason.writtenFor().equals("this")
                                ? new Reason(reason.markdown(), l.choice().key())
                                : reason,
                        Optional.of(NOW.minus(Duration.ofDays(daysOld))),
                        why,
                        dead))
                .toList();
        return new Sheet(BUILD, "Bosun", Checks.on(build), state, List.of("board gone"), entries);
    }

    private static Sheet good() {
        return sheet(TestBuild.sound().build(), inside(), new Reason("Because.", "this"), 0, "", List.of());
    }

    private static BandState inside() {
        return new BandState.Inside(Money.of(100, "EUR"));
    }

    private static List<Gate> shut(Sheet... sheets) {
        return Preflight.of(List.of(sheets), NOW, 3).results().stream()
                .filter(r -> !r.holds())
                .map(Preflight.Result::gate)
                .toList();
    }

    @Test
    void aGoodEditionPassesEveryGate() {
        assertThat(shut(good())).isEmpty();
    }

    @Test
    void eachGateStopsWhatItIsFor() {
        var build = TestBuild.sound().build();
        var because = new Reason("Because.", "this");
        assertThat(shut(sheet(
                        TestBuild.sound()
                                .choosing(Slot.CASE, new Choice.Empty())
                                .build(),
                        inside(),
                        because,
                        0,
                        "",
                        List.of())))
                .containsExactly(Gate.SLOTS);
        assertThat(shut(sheet(
                        TestBuild.sound()
                                .with(Slot.PROCESSOR, "socket", "Heath")
                                .build(),
                        inside(),
                        because,
                        0,
                        "",
                        List.of())))
                .containsExactly(Gate.CLASHES);
        assertThat(shut(sheet(
                        TestBuild.sound().without(Slot.GRAPHICS_CARD, "length").build(),
                        inside(),
                        because,
                        0,
                        "",
                        List.of())))
                .containsExactly(Gate.FIGURES);
        assertThat(shut(sheet(build, new BandState.Over(Money.of(1, "EUR")), because, 0, "", List.of())))
                .containsExactly(Gate.BAND);
        assertThat(shut(sheet(build, new BandState.Under(Money.of(1, "EUR")), because, 0, "", List.of())))
                .containsExactly(Gate.BAND);
        assertThat(shut(sheet(build, new BandState.NotKnown(), because, 0, "", List.of())))
                .containsExactly(Gate.BAND);
        assertThat(shut(sheet(build, inside(), Reason.none(), 0, "", List.of())))
                .containsExactly(Gate.REASONS);
        assertThat(shut(sheet(build, inside(), new Reason("Because.", "part:other"), 0, "", List.of())))
                .containsExactly(Gate.REASONS);
        assertThat(shut(sheet(build, inside(), because, 4, "", List.of()))).containsExactly(Gate.PRICES);
        assertThat(shut(sheet(build, inside(), because, 0, "sold out", List.of())))
                .containsExactly(Gate.PRICES);
        assertThat(shut(sheet(build, inside(), because, 0, "", List.of("Hartle Mica Six"))))
                .containsExactly(Gate.OPTIONS);
    }

    @Test
    void aWaiverDoesNotCoverOtherProblems() {
        var over = Preflight.of(
                List.of(sheet(
                        TestBuild.sound().build(),
                        new BandState.Over(Money.of(1, "EUR")),
                        Reason.none(),
                        0,
                        "",
                        List.of())),
                NOW,
                3);
        var further = Preflight.of(
                List.of(sheet(
                        TestBuild.sound().build(),
                        new BandState.Over(Money.of(2, "EUR")),
                        Reason.none(),
                        0,
                        "",
                        List.of())),
                NOW,
                3);
        assertThat(of(over, Gate.BAND).fingerprint())
                .isNotEqualTo(of(further, Gate.BAND).fingerprint());
        assertThat(of(over, Gate.REASONS).fingerprint())
                .isEqualTo(of(further, Gate.REASONS).fingerprint());
    }

    private static Preflight.Result of(Preflight preflight, Gate gate) {
        return preflight.results().stream()
                .filter(r -> r.gate() == gate)
                .findFirst()
                .orElseThrow();
    }
}
