package lowfield.core.press;

import static lowfield.core.edition.TestEdition.eur;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import lowfield.core.edition.TestEdition;
import org.junit.jupiter.api.Test;

/** What a document tells, and what it must not: prices that their shop does not let stand. */
class PublicationMakerTest extends PublicationCase {
    @Test
    void aPriceThatMayStandIsToldExactlyAndSoAreTheSums() {
        edition.soldBy(OPEN, CARD, eur(30_490), eur(490));
        var build = published();
        assertThat(card(build).price()).isEqualTo(new Cell.Exact(eur(30_490)));
        assertThat(build.goods()).isEqualTo(new Cell.Exact(others().plus(eur(30_490))));
        assertThat(build.total()).isEqualTo(new Cell.Exact(others().plus(eur(30_980))));
        assertThat(build.charges()).contains(new Publication.Charge("Pier Nine", new Cell.Exact(eur(490))));
    }

    @Test
    void theChangeOfATotalIsOfTotalsAsTheyWereTold() {
        edition.soldBy(HIDDEN, CARD, eur(30_490), eur(0));
        var first = publish(edition.tier("Mate", BUILD).edition(), Optional.empty());
        var later = new TestEdition().soldBy(OPEN, CARD, eur(31_250), eur(0)).tier("Mate", BUILD);
        var second = publish(later.edition(), Optional.of(first));
        assertThat(second.number()).isEqualTo(2);
        assertThat(second.tiers().get(0).main().change()).isEqualTo(new Cell.Rounded(eur(1_250)));
        assertThat(first.tiers().get(0).main().change()).isEqualTo(new Cell.NotKnown());
    }

    @Test
    void withoutAPriceSumsAreNotKnown() {
        edition.gone(CARD);
        var build = published();
        assertThat(card(build).price()).isEqualTo(new Cell.NotKnown());
        assertThat(card(build).source()).isEmpty();
        assertThat(build.total()).isEqualTo(new Cell.NotKnown());
        assertThat(build.regions()).isEmpty();
    }
}
