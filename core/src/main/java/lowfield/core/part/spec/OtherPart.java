package lowfield.core.part.spec;

import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;

/** Something of no kind of its own. */
public record OtherPart(
        @FigureLabel(value = "note", group = "care") Figure<String> note,

        @FigureLabel(value = "supports a heavy graphics card", brief = false, group = "size", onlyWhereSo = true)
        Figure<Boolean> holdsCard,

        @FigureLabel(value = "SATA plugs it needs", most = 10, brief = false, group = "connections", onlyWhereSo = true)
        Figure<Integer> sataPlugs)
        implements Spec {}
