package lowfield.core.part;

/** One expansion slot of a board; lanes are those that are really wired. */
public record CardSlot(
        @Shown("name") Figure<String> name,
        @Shown(value = "lanes", most = 16) Figure<Integer> lanes,

        @Shown(value = "PCIe generation", said = "PCIe %s", most = 9)
        Figure<Integer> generation,

        @Shown(value = "position from the top", said = "position %s", most = 20)
        Figure<Integer> position,

        @Shown(value = "headers under a wide card", said = "headers under it: %s")
        Figure<String> headersUnder) {}
