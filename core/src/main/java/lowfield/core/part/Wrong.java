package lowfield.core.part;

/** A value that a figure cannot hold: which figure, what was given (shortened), and the rule it breaks. */
public record Wrong(String field, String label, String value, String rule) {
    static Wrong of(Field field, Object raw, String rule) {
        var value = raw.toString();
        return new Wrong(field.name(), field.label(), value.length() > 40 ? value.substring(0, 40) + "…" : value, rule);
    }

    public String sentence() {
        return "%s is \"%s\"; it must be %s".formatted(label, value, rule);
    }
}
