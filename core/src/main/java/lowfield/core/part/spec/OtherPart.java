package lowfield.core.part.spec;

import lowfield.core.part.Figure;
import lowfield.core.part.Shown;

/** Something of no kind of its own. */
public record OtherPart(
        @Shown(value = "note", group = "care") Figure<String> note,

        @Shown(value = "supports a heavy graphics card", brief = false, group = "size")
        Figure<Boolean> holdsCard,

        @Shown(value = "SATA plugs it needs", most = 10, brief = false, group = "connections")
        Figure<Integer> sataPlugs)
        implements Spec {}
