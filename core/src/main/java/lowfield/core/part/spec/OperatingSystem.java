package lowfield.core.part.spec;

import lowfield.core.part.Figure;
import lowfield.core.part.Shown;

/** An operating system. */
public record OperatingSystem(
        @Shown(value = "licence", group = "care") Figure<String> licence,
        @Shown(value = "delivery", group = "care") Figure<String> delivery,

        @Shown(value = "needs TPM 2.0", brief = false, group = "care")
        Figure<Boolean> needsTpm)
        implements Spec {}
