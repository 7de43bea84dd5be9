package lowfield.core.part;

/** Something of no kind of its own. */
public record OtherPart(
        @Shown(value = "note", group = "care") Figure<String> note) implements Spec {}
