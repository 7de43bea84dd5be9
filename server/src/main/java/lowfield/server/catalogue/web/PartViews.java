package lowfield.server.catalogue.web;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.check.FigureRef;
import lowfield.core.check.rules.Checks;
import lowfield.core.part.Better;
import lowfield.core.part.Field;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.Release;
import lowfield.server.catalogue.Corrections;
import org.jspecify.annotations.Nullable;

/** Parts and kinds as the catalogue's HTTP face shows and takes them. */
final class PartViews {
    private PartViews() {}

    record FieldView(String name, String label, String unit, Field.Holds holds, String group, Better better) {}

    record KindView(Kind kind, String label, String plural, List<FieldView> fields) {}

    record PartView(
            UUID id,
            Kind kind,
            String name,
            String variant,
            String fullName,
            Release release,
            String summary,
            Map<String, Object> spec,
            List<String> missing) {}

    record NewPart(
            Kind kind,
            String maker,
            String family,
            String name,
            String variant,
            @Nullable String gtin,
            @Nullable String makerNumber,
            @Nullable Long suggestedMinor,
            @Nullable String suggestedCurrency,
            Map<String, Object> spec) {}

    /** Some of the parts that were found, how many there are in all, and from where to go on; absent at the end. */
    record PartsPage(
            List<PartView> parts, int all, @Nullable UUID next) {}

    /** One figure of the parts side by side; empty cells are not known, {@code better} are columns. */
    record ComparedView(
            String figure, String label, String unit, String group, List<String> cells, List<Integer> better) {}

    record PartSheet(
            PartView part,
            int version,
            @Nullable Long suggestedMinor,
            @Nullable String suggestedCurrency,
            @Nullable String avoid,
            String maker,
            Corrections.Identity identity,
            Map<String, Object> provenance,
            List<PartView> siblings,
            List<Corrections.Change> changes) {}

    record Merge(UUID into) {}

    /** With what is missing of the figures by which checks decide. */
    static PartView view(Part part) {
        var schema = part.kind().schema();
        var spec = schema.write(part.spec());
        var deciding =
                Checks.deciding(part.kind()).stream().map(FigureRef::field).collect(Collectors.toSet());
        var missing = schema.fields().stream()
                .filter(f -> !spec.containsKey(f.name()) && deciding.contains(f.name()))
                .map(Field::label)
                .toList();
        return new PartView(
                part.id(),
                part.kind(),
                part.name(),
                part.variant(),
                part.fullName(),
                part.release(),
                part.summary(),
                spec,
                missing);
    }
}
