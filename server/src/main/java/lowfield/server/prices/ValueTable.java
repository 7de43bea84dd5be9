package lowfield.server.prices;

import org.jooq.Record1;
import org.jooq.Select;
import org.jooq.impl.DSL;

/** Many values as a table, which is read once; as an array it would be read out of its text for every row it is held to. */
public final class ValueTable {
    private ValueTable() {}

    @SuppressWarnings("unchecked")
    public static <T> Select<Record1<T>> of(T[] values) {
        var type = (Class<T>) values.getClass().getComponentType();
        return DSL.select(DSL.field("unnest({0})", type, DSL.val(values)));
    }
}
