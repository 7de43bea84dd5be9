package lowfield.core.part;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which part of the catalogue a row of a file, or anything else from outside, speaks of. */
class RegisterTest {
    private static final UUID FIVE = UUID.fromString("00000000-0000-0000-0000-000000000005");
    private static final UUID SIX = UUID.fromString("00000000-0000-0000-0000-000000000006");

    private final Register register = new Register();

    RegisterTest() {
        register.enter(FIVE, part("4006381333931", "VF-5", "Vane Five", "black"));
        register.enter(SIX, part("", "VF-6", "Vane Six", ""));
    }

    private static Designation part(String gtin, String number, String product, String variant) {
        return new Designation(
                Optional.of(gtin).filter(g -> !g.isEmpty()).map(Gtin::new),
                "Corvane",
                Optional.of(number).filter(n -> !n.isEmpty()),
                product,
                variant);
    }

    @ParameterizedTest(name = "{5}")
    @CsvSource({
        "4006381333931, ZZ-1, Another,   '',    5, the GTIN before everything else",
        "4006381333931, VF-6, Vane Six,  '',    5, also before a number and names that are another's",
        "'',            VF-6, Vane Five, black, 6, the number before the names",
        "4006381333948, VF-6, Another,   '',    6, the number where nobody has the GTIN",
        "'',            '',   Vane Five, black, 5, the names",
        "'',            ZZ-1, Vane Six,  '',    6, the names where nobody has the number",
        "'',            '',   Vane Five, white, 0, another sibling is another part",
        "4006381333948, ZZ-1, Another,   '',    0, nothing of it is known",
    })
    void theSurestMarkDecides(String gtin, String number, String product, String variant, int expected, String said) {
        assertThat(register.find(part(gtin, number, product, variant)).map(UUID::getLeastSignificantBits))
                .as(said)
                .isEqualTo(expected == 0 ? Optional.empty() : Optional.of((long) expected));
    }

    @ParameterizedTest
    @CsvSource({"0614141000036", "00614141000036", "614141000036", "0614-1410 00036"})
    void aNumberIsTheSameInEachOfItsLengths(String written) {
        register.enter(SIX, part("614141000036", "", "Vane Six", "boxed"));
        assertThat(register.find(part(written, "", "Another", ""))).contains(SIX);
    }

    @Test
    void aNumberIsItsMakersOwn() {
        var other = new Designation(Optional.empty(), "Pellucid", Optional.of("VF-6"), "Another", "");
        assertThat(register.find(other)).isEmpty();
    }

    @Test
    void aPartIsKnownByTheNamesOfWhatWasMergedIntoIt() {
        register.enter(FIVE, part("", "", "Vane Five", "blackk"));
        assertThat(register.find(part("", "", "Vane Five", "blackk"))).contains(FIVE);
        assertThat(register.find(part("", "", "Vane Five", "black"))).contains(FIVE);
    }

    @Test
    void withAGtinTheNumberMayBeSharedAndWithoutItMayNot() {
        assertThat(part("4006381333931", "VF-5", "a", "").own())
                .doesNotContainAnyElementsOf(
                        part("4006381333948", "VF-5", "b", "").own());
        assertThat(part("", "VF-5", "a", "").own())
                .containsAnyElementsOf(part("", "VF-5", "b", "").own());
    }

    /** Whatever of a part is left out or misspelt but for one mark that is surer than all wrong ones, it is found. */
    @Test
    void oneOfManyIsFoundByAnyOfItsMarks() {
        var chance = new Random(20261126);
        for (int i = 0; i < 500; i++) {
            register.enter(new UUID(1, i), part("40000000" + (10000 + i), "N-" + i, "Part " + i, "v" + i % 3));
        }
        for (int i = 0; i < 500; i++) {
            var found = switch (chance.nextInt(3)) {
                case 0 -> part("40000000" + (10000 + i), "N-" + chance.nextInt(500), "Part " + chance.nextInt(500), "");
                case 1 -> part("", "N-" + i, "Part " + chance.nextInt(500), "v0");
                default -> part("", "", "Part " + i, "v" + i % 3);
            };
            assertThat(register.find(found)).contains(new UUID(1, i));
        }
    }
}
