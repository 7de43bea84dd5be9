package lowfield.core.check;

import lowfield.core.guide.Span;
import lowfield.core.part.CardSlot;
import lowfield.core.part.DriveSlot;
import lowfield.core.part.FanPlace;
import lowfield.core.part.RadiatorPlace;
import lowfield.core.part.VideoPort;

/** Rows of figures as canonical text: each column by its stored name, in a fixed order. */
final class CanonicalRows {
    private CanonicalRows() {}

    static String of(Record row) {
        if (row instanceof CardSlot it) {
            return text(
                    "name",
                    it.name(),
                    "lanes",
                    it.lanes(),
                    "generation",
                    it.generation(),
                    "position",
                    it.position(),
                    "headersUnder",
                    it.headersUnder());
        }
        if (row instanceof DriveSlot it) {
            return text(
                    "name",
                    it.name(),
                    "protocols",
                    it.protocols(),
                    "generation",
                    it.generation(),
                    "longest",
                    it.longest(),
                    "covered",
                    it.covered(),
                    "singleSided",
                    it.singleSided(),
                    "radioOnly",
                    it.radioOnly(),
                    "takesSata",
                    it.takesSata(),
                    "takesLanes",
                    it.takesLanes(),
                    "top",
                    it.top(),
                    "rear",
                    it.rear());
        }
        if (row instanceof FanPlace it) {
            return text("side", it.side(), "sizes", it.sizes(), "count", it.count());
        }
        if (row instanceof RadiatorPlace it) {
            return text(
                    "place",
                    it.place(),
                    "sizes",
                    it.sizes(),
                    "thickness",
                    it.thickness(),
                    "memoryHeight",
                    it.memoryHeight(),
                    "heatsinkHeight",
                    it.heatsinkHeight(),
                    "takesCage",
                    it.takesCage(),
                    "overEps",
                    it.overEps(),
                    "tube",
                    it.tube());
        }
        if (row instanceof VideoPort it) {
            return text(
                    "connector",
                    it.connector(),
                    "payload",
                    it.payload(),
                    "compression",
                    it.compression(),
                    "adaptive",
                    it.adaptive());
        }
        if (row instanceof Span it) {
            return text("low", it.low(), "usual", it.usual(), "high", it.high(), "onUsualValue", it.onUsualValue());
        }
        throw new IllegalStateException("No canonical text is declared for " + row);
    }

    private static String text(Object... namesAndValues) {
        var text = new StringBuilder("(");
        for (int i = 0; i < namesAndValues.length; i += 2) {
            text.append(namesAndValues[i])
                    .append('=')
                    .append(Canonical.text(namesAndValues[i + 1]))
                    .append(';');
        }
        return text.append(')').toString();
    }
}
