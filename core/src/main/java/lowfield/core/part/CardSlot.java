package lowfield.core.part;

/** One expansion slot of a board; lanes are those that are really wired. */
public record CardSlot(
        @FigureLabel("name") Figure<String> name,
        @FigureLabel(value = "lanes", most = 16) Figure<Integer> lanes,

        @FigureLabel(value = "PCIe generation", said = "PCIe %s", most = 9)
        Figure<Integer> generation,

        @FigureLabel(value = "position from the top", said = "position %s", most = 20)
        Figure<Integer> position,

        @FigureLabel(value = "headers under a wide card", said = "headers under it: %s")
        Figure<String> headersUnder) {}
