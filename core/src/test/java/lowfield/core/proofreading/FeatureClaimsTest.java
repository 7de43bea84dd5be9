package lowfield.core.proofreading;

import static lowfield.core.proofreading.ProofCase.EURO;
import static lowfield.core.proofreading.ProofCase.part;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.proofreading.guard.FigureGuard;
import lowfield.core.proofreading.names.NameIndex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a text says that a part has, and names that leave out which part is meant. */
class FeatureClaimsTest {
    private static final Part BOARD =
            part(Kind.MOTHERBOARD, "Ostrand Shoal Micro", Map.of("radio", false, "frontUsbC", true, "corrects", false));
    private static final Part OTHER = part(Kind.MOTHERBOARD, "Ostrand Marl Five", Map.of("radio", true));
    private static final Part MARL = part(Kind.MOTHERBOARD, "Ostrand Marl Seven", Map.of("radio", true));
    private static final Part SUPPLY = part(Kind.POWER_SUPPLY, "Kelder Mast Middle", Map.of("cables", "fixed"));
    private static final Part BOX = part(Kind.CASE, "Hollow Byre Mesh", Map.of("frontUsbC", false));

    private static List<String> told(String text) {
        var parts = new ProofContext.Parts()
                .add(Subject.Role.CHOICE, BOARD, Optional.empty())
                .add(Subject.Role.OPTION, OTHER, Optional.empty())
                .add(Subject.Role.NEIGHBOUR, MARL, Optional.empty())
                .add(Subject.Role.ELSEWHERE, SUPPLY, Optional.empty())
                .add(Subject.Role.ELSEWHERE, BOX, Optional.empty());
        var context = new ProofContext(
                Locale.ENGLISH,
                EURO,
                parts.all(),
                List.of(),
                List.of(),
                new NameIndex(List.of(BOARD, OTHER, MARL, SUPPLY, BOX)));
        return new FigureGuard(context).slips(text).stream().map(Slip::sentence).toList();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "It has Wi-Fi built in.",
                "Four slots, Wi-Fi and a quiet VRM.",
                "The Shoal Micro brings WiFi.",
                "This board supports ECC."
            })
    void whatTheChoiceDoesNotHaveIsTold(String text) {
        assertThat(told(text)).singleElement().asString().endsWith("Ostrand Shoal Micro has none.");
    }

    @Test
    void ofAPartThatTheSentenceNames() {
        assertThat(told("The Mast Middle is modular.")).containsExactly("modular cables: Kelder Mast Middle has none.");
        assertThat(told("The Byre Mesh has USB-C in front."))
                .containsExactly("front USB-C: Hollow Byre Mesh has none.");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "It has no Wi-Fi.",
                "It comes without Wi-Fi.",
                "It doesn't have Wi-Fi.",
                "If you want Wi-Fi, take another.",
                "Add a Wi-Fi card later.",
                "The Marl Five has Wi-Fi.",
                "It has a USB-C header.",
                "Would you miss Wi-Fi?",
                "Unlike the Marl Five with its Wi-Fi it is cheap.",
                "Its modularity is nice."
            })
    void whatIsSaidOfSomethingElseOrDeniedIsLeft(String text) {
        assertThat(told(text)).isEmpty();
    }

    @Test
    void aNameThatCouldBeTwoProductsIsTold() {
        assertThat(told("The Marl costs more. The Marl lasts."))
                .containsExactly("Marl could be Ostrand Marl Five, Ostrand Marl Seven.");
        assertThat(told("The Marl Seven costs more. The Marl lasts.")).isEmpty();
        assertThat(told("The Shoal is fine.")).isEmpty();
    }

    @Test
    void everyFeatureIsAFigureOfItsKind() {
        for (var kind : Kind.values()) {
            var nothing = part(kind, "Maker Name Plain", Map.of());
            var context = new ProofContext(
                    Locale.ENGLISH,
                    EURO,
                    new ProofContext.Parts()
                            .add(Subject.Role.CHOICE, nothing, Optional.empty())
                            .all(),
                    List.of(),
                    List.of(),
                    new NameIndex(List.of(nothing)));
            var all =
                    "It has Wi-Fi, ECC, rear USB-C, RGB, a DRAM cache, a heatsink, Bluetooth; it is modular, wireless.";
            assertThat(Stream.of(all).flatMap(t -> new FigureGuard(context).slips(t).stream()))
                    .isEmpty();
        }
    }
}
