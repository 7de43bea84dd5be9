package lowfield.core.reason;

import static lowfield.core.edition.TestEdition.eur;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.Release;
import org.junit.jupiter.api.Test;

/** Which parts a reader would ask about, beside the one that was chosen. */
class ReasonQuestionsTest {
    private static final Part CHOSEN = card("Vane Five", 8, Optional.empty());

    private static Part card(String name, int memory, Optional<String> avoid) {
        return new Part(
                UUID.nameUUIDFromBytes(name.getBytes()),
                UUID.nameUUIDFromBytes(("product " + name).getBytes()),
                Kind.GRAPHICS_CARD,
                "Merrowby",
                "Merrowby " + name,
                "",
                Release.ON_SALE,
                Optional.empty(),
                avoid,
                Instant.EPOCH,
                Kind.GRAPHICS_CARD.schema().read(Map.of("memory", memory)));
    }

    private static ReasonQuestions.Priced at(Part part, long minor) {
        return new ReasonQuestions.Priced(part, eur(minor));
    }

    private static ReasonQuestions ask(ReasonQuestions.Priced... others) {
        return ReasonQuestions.of(CHOSEN, eur(31_000), List.of(others));
    }

    @Test
    void theNextCheaperAndTheNextDearerAreAskedAbout() {
        var asked = ask(
                at(card("A", 8, Optional.empty()), 20_000),
                at(card("B", 6, Optional.empty()), 30_000),
                at(card("C", 12, Optional.empty()), 36_000),
                at(card("D", 16, Optional.empty()), 50_000));
        assertThat(asked.cheaper().orElseThrow().part().name()).isEqualTo("Merrowby B");
        assertThat(asked.cheaper().orElseThrow().by()).isEqualTo(eur(1_000));
        assertThat(asked.cheaper().orElseThrow().givesUp()).containsExactly("6 GB instead of 8 GB");
        assertThat(asked.dearer().orElseThrow().part().name()).isEqualTo("Merrowby C");
        assertThat(asked.dearer().orElseThrow().by()).isEqualTo(eur(5_000));
        assertThat(asked.dearer().orElseThrow().choiceGivesUp()).containsExactly("8 GB instead of 12 GB");
    }

    @Test
    void itselfItsSiblingsAndWhatIsAdvisedAgainstAreNot() {
        var sibling = new Part(
                UUID.randomUUID(),
                CHOSEN.product(),
                CHOSEN.kind(),
                CHOSEN.maker(),
                CHOSEN.name(),
                "white",
                CHOSEN.release(),
                Optional.empty(),
                Optional.empty(),
                Instant.EPOCH,
                CHOSEN.spec());
        var asked = ask(
                at(CHOSEN, 31_000),
                at(sibling, 30_900),
                at(card("Loud", 8, Optional.of("far too loud")), 30_500),
                at(card("Same price", 8, Optional.empty()), 31_000));
        assertThat(asked.cheaper()).isEmpty();
        assertThat(asked.dearer()).isEmpty();
    }
}
