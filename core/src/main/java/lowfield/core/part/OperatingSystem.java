package lowfield.core.part;

/** An operating system. */
public record OperatingSystem(
        @Shown(value = "licence", group = "care") Figure<String> licence,
        @Shown(value = "delivery", group = "care") Figure<String> delivery)
        implements Spec {}
