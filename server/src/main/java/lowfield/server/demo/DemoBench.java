package lowfield.server.demo;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.core.edition.Option;
import lowfield.server.bench.Viewing;
import lowfield.server.bench.Views;
import lowfield.server.editing.Editing;
import lowfield.server.editing.Variants;
import lowfield.server.edition.ChoiceState;
import lowfield.server.edition.LinePatch;
import lowfield.server.edition.OptionState;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.Guides;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Edits the demo's builds as an author does at the bench. */
@Component
@ConditionalOnProperty(name = "lowfield.demo", havingValue = "true")
class DemoBench {
    private final Guides guides;
    private final Editing editing;
    private final Variants variants;
    private final Viewing viewing;

    DemoBench(Guides guides, Editing editing, Variants variants, Viewing viewing) {
        this.guides = guides;
        this.editing = editing;
        this.variants = variants;
        this.viewing = viewing;
    }

    /** Writes a line of the first edition: what is chosen, why, and what stands beside it. */
    void write(DemoData data, EditionInfo edition, UUID build, DemoData.Line line, DemoWorld world) {
        var view = line(edition, build, line.slot()).orElseGet(() -> {
            editing.addLine(edition.id(), build, line.slot(), world.author());
            return line(edition, build, line.slot()).orElseThrow();
        });
        var options = Optional.ofNullable(line.options()).orElse(List.of()).stream()
                .map(o -> new OptionState(Option.Purpose.valueOf(o.purpose()), world.part(o.part()), o.note()))
                .toList();
        var reason = line.reason() != null
                ? line.reason()
                : data.reasons().get(Optional.ofNullable(line.part()).orElse(""));
        editing.edit(
                edition.id(),
                view.id(),
                LinePatch.of(patch -> {
                    patch.choice = choice(line, world);
                    patch.quantity = line.quantity();
                    patch.counted = line.counted();
                    patch.reason = reason;
                    patch.options = options;
                }),
                view.version(),
                world.author());
    }

    private static ChoiceState choice(DemoData.Line line, DemoWorld world) {
        if (line.part() != null) {
            return ChoiceState.part(world.part(line.part()));
        }
        var type = ChoiceState.Type.valueOf(Optional.ofNullable(line.type()).orElse("NONE"));
        return new ChoiceState(type, null, line.what(), line.price(), null, line.what(), null, null, null);
    }

    /** Adds a build beside a tier's lead, with what is different in it. */
    void variant(EditionInfo edition, DemoData.Variant variant, DemoWorld world) {
        var build = variants.add(edition.id(), build(edition, variant.tier()), variant.name(), world.author());
        variant.lines().forEach(change -> change(edition, build, change, world));
    }

    /** Changes a line as an author does from one edition to the next. */
    void change(EditionInfo edition, UUID build, DemoData.Change change, DemoWorld world) {
        var view = line(edition, build, change.slot()).orElseThrow();
        var patch = LinePatch.of(draft -> {
            draft.choice = choice(change, world);
            draft.reason = change.reason();
            draft.options = options(change, view, world);
        });
        editing.edit(edition.id(), view.id(), patch, view.version(), world.author());
    }

    private static @Nullable ChoiceState choice(DemoData.Change change, DemoWorld world) {
        if (change.anyOf() != null) {
            var members = change.anyOf().stream().map(key -> world.part(key)).toList();
            return new ChoiceState(
                    ChoiceState.Type.SET, null, null, null, null, null, members, change.tolerance(), null);
        }
        return change.part() == null ? null : ChoiceState.part(world.part(change.part()));
    }

    /** Further options behind those that are there. */
    private static @Nullable List<OptionState> options(DemoData.Change change, Views.LineView view, DemoWorld world) {
        return change.more() == null
                ? null
                : Stream.concat(
                                view.options().stream(),
                                change.more().stream()
                                        .map(o -> new OptionState(
                                                Option.Purpose.valueOf(o.purpose()), world.part(o.part()), o.note())))
                        .toList();
    }

    UUID build(EditionInfo edition, String tier) {
        return card(edition, tier).build();
    }

    UUID tier(EditionInfo edition, String tier) {
        return card(edition, tier).tier();
    }

    private Views.BuildCard card(EditionInfo edition, String tier) {
        return viewing.desk(guides.byId(edition.guide())).cards().stream()
                .filter(c -> c.tierName().equals(tier))
                .findFirst()
                .orElseThrow();
    }

    private Optional<Views.LineView> line(EditionInfo edition, UUID build, lowfield.core.guide.Slot slot) {
        return viewing.bench(edition.id(), build, Optional.empty()).lines().stream()
                .filter(l -> l.slot() == slot)
                .findFirst();
    }
}
