package lowfield.server.edition;

import static lowfield.db.Tables.LINE;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import lowfield.core.edition.Motive;
import lowfield.core.edition.Option;
import lowfield.core.guide.Slot;
import lowfield.core.reason.ReasonBasis;
import lowfield.db.tables.records.LineOptionRecord;
import lowfield.db.tables.records.LineRecord;
import lowfield.server.guide.TierRows;
import lowfield.server.platform.Json;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jspecify.annotations.Nullable;

/** Which part of a line's state is kept in which column, both ways. */
final class LineColumns {
    private static final List<Column<?, ?>> ALL = List.of(
            Column.of(LINE.BUILD_ID, LineState::build),
            Column.of(LINE.POSITION, LineState::position),
            Column.of(LINE.QUANTITY, LineState::quantity),
            Column.of(LINE.COUNTED, LineState::counted),
            Column.of(LINE.HELD_LISTING, LineState::heldListing),
            Column.of(LINE.HELD_WHY, LineState::heldWhy),
            Column.of(LINE.REASON, LineState::reason),
            Column.of(LINE.REASON_FOR, LineState::reasonFor),
            Column.of(LINE.FOLLOWS, LineState::follows),
            Column.of(LINE.NOTE, LineState::note),
            Column.of(LINE.PLACE, LineState::place),
            Column.of(LINE.MEANT, LineState::meant),
            new Column<>(LINE.REASON_BASIS, LineState::basis, LineColumns::stored),
            new Column<>(LINE.POLICY, LineState::policy, TierRows::stored),
            new Column<>(LINE.SLOT, LineState::slot, Slot::name),
            new Column<>(LINE.CHOICE, LineState::choice, Json::jsonb),
            new Column<>(LINE.COMPARED, LineState::comparedOf, parts -> parts.toArray(UUID[]::new)));

    /** What of a state is written where, and in which form. */
    private record Column<S, T>(Field<T> field, Function<LineState, S> part, Function<S, T> form) {
        static <T> Column<T, T> of(Field<T> field, Function<LineState, T> part) {
            return new Column<>(field, part, Function.identity());
        }

        boolean isSame(LineState one, LineState other) {
            return Objects.equals(part.apply(one), part.apply(other));
        }

        @Nullable
        T value(LineState state) {
            return form.apply(part.apply(state));
        }
    }

    private LineColumns() {}

    /** What is different in another state, by column. */
    static Map<Field<?>, Object> changes(LineState before, LineState after) {
        return values(ALL.stream().filter(c -> !c.isSame(before, after)).toList(), after);
    }

    static Map<Field<?>, Object> values(LineState state) {
        return values(ALL, state);
    }

    private static Map<Field<?>, Object> values(List<Column<?, ?>> columns, LineState state) {
        var values = new LinkedHashMap<Field<?>, Object>();
        columns.forEach(c -> values.put(c.field(), c.value(state)));
        return values;
    }

    static LineState state(LineRecord r, List<LineOptionRecord> options) {
        return new LineState(
                r.getBuildId(),
                Slot.valueOf(r.getSlot()),
                r.getPosition(),
                Json.read(r.getChoice().data(), ChoiceState.class),
                r.getQuantity(),
                r.getCounted(),
                r.getHeldListing(),
                r.getHeldWhy(),
                r.getReason(),
                r.getReasonFor(),
                options.stream().map(LineColumns::option).toList(),
                r.getFollows(),
                r.getNote(),
                List.of(r.getCompared()),
                r.getPlace(),
                r.getMeant(),
                TierRows.override(r.getPolicy()),
                r.getReasonBasis() == null ? null : Json.read(r.getReasonBasis().data(), ReasonBasis.class));
    }

    private static @Nullable JSONB stored(@Nullable ReasonBasis basis) {
        return basis == null ? null : Json.jsonb(basis);
    }

    private static OptionState option(LineOptionRecord r) {
        return new OptionState(
                Option.Purpose.valueOf(r.getPurpose()),
                r.getVariantId(),
                r.getNote(),
                r.getAdds(),
                r.getMotive() == null ? null : Motive.valueOf(r.getMotive()));
    }
}
