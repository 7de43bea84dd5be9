package lowfield.core.check;

import static lowfield.core.check.Figures.*;
import static lowfield.core.guide.Slot.CASE;
import static lowfield.core.guide.Slot.CASE_FANS;
import static lowfield.core.guide.Slot.COOLER;
import static lowfield.core.guide.Slot.GRAPHICS_CARD;
import static lowfield.core.guide.Slot.LIGHTING;
import static lowfield.core.guide.Slot.MEMORY;

import java.util.ArrayList;
import java.util.List;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;
import lowfield.core.part.Figure;

/** Which parts of a build are lit: those with a lighting plug, memory that says so, and lighting that is added. */
final class Lights {
    private final Telling tell;
    private final List<Line> lit = new ArrayList<>();
    private final List<Line> dark = new ArrayList<>();

    private Lights(Telling tell) {
        this.tell = tell;
    }

    static void tell(Scene scene, Telling tell) {
        var lights = new Lights(tell);
        lights.plugs(scene, CASE_FANS, FAN_LIGHTING_PLUG);
        lights.plugs(scene, COOLER, COOLER_LIGHTING_PLUG);
        lights.plugs(scene, GRAPHICS_CARD, CARD_LIGHTING_PLUG);
        lights.plugs(scene, CASE, CASE_LIGHTING_PLUG);
        for (var memory : scene.filled(MEMORY)) {
            lights.sort(memory, MEMORY_LIT, MEMORY_LIT.from(memory).map(is -> is ? "lit" : ""));
        }
        for (var light : scene.filled(LIGHTING)) {
            if (light.choice().part().isPresent()) {
                lights.lit.add(light);
            }
        }
        lights.judge(scene.wishes().lighting());
    }

    private void plugs(Scene scene, Slot slot, Reading<?, String> plug) {
        for (var line : scene.filled(slot)) {
            sort(line, plug, plug.from(line));
        }
    }

    private void sort(Line line, Reading<?, ?> reading, Figure<String> light) {
        if (line.choice().part().isEmpty()) {
            return;
        }
        if (light instanceof Figure.NotKnown) {
            tell.about(line).missing(reading.of(line));
        } else {
            (light.or("").isEmpty() ? dark : lit).add(line);
        }
    }

    private void judge(Wishes.Lit wish) {
        if (wish == Wishes.Lit.UNWANTED) {
            lit.forEach(line -> tell.about(line).caution("%s is lit, and no lighting is wanted", line.choice()));
        }
        if (wish == Wishes.Lit.WANTED && lit.isEmpty()) {
            tell.about(dark).caution("lighting is wanted, and nothing is lit");
        } else if (!dark.isEmpty() || !lit.isEmpty()) {
            if (wish != Wishes.Lit.UNWANTED || lit.isEmpty()) {
                tell.about(lit.isEmpty() ? dark : lit).fits("%s parts are lit, %s are not", lit.size(), dark.size());
            }
        }
    }
}
