package lowfield.core.fact;

/** One fact about a choice: how it is written, what it is called, what it says now. */
public record Fact(String path, String label, FactValue value) {
    /** As it stands in a text. */
    public String written() {
        return "{{" + path + "}}";
    }
}
