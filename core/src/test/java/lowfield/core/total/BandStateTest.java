package lowfield.core.total;

import static org.assertj.core.api.Assertions.assertThat;

import lowfield.core.guide.Band;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import org.junit.jupiter.api.Test;

class BandStateTest {
    private static final Band BAND = new Band.FromTo(eur(54000), eur(58000));

    private static Money eur(long minor) {
        return Money.of(minor, "EUR");
    }

    private static BandState of(long low, long likely, long high) {
        return BandState.of(new Amount.Range(eur(low), eur(likely), eur(high)), BAND);
    }

    @Test
    void aRangeIsInsideOnlyWithBothEnds() {
        assertThat(of(55000, 56000, 57500)).isEqualTo(new BandState.Inside(eur(500)));
        assertThat(of(54000, 56000, 58000)).isEqualTo(new BandState.Inside(eur(0)));
    }

    @Test
    void aRangeSaysAtWhichEndItLeaves() {
        assertThat(((BandState.Ranging) of(55000, 57000, 60000)).said()).isEqualTo("at its high end over by 20.00 EUR");
        assertThat(((BandState.Ranging) of(53000, 55000, 56000)).said()).isEqualTo("at its low end under by 10.00 EUR");
        assertThat(((BandState.Ranging) of(50000, 56000, 60000)).said())
                .isEqualTo("at its low end under by 40.00 EUR, at its high end over by 20.00 EUR");
        assertThat(((BandState.Ranging) of(60000, 61000, 62000)).said())
                .isEqualTo("at its low end over by 20.00 EUR, at its high end over by 40.00 EUR");
    }

    @Test
    void withoutABandThereIsNothingToLeave() {
        assertThat(BandState.of(new Amount.Range(eur(1), eur(2), eur(3)), new Band.None()))
                .isEqualTo(new BandState.NoBand());
        assertThat(BandState.of(Amount.notKnown("card"), new Band.None())).isEqualTo(new BandState.NotKnown());
    }
}
