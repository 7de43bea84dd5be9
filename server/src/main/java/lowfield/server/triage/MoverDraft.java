package lowfield.server.triage;

import java.util.List;
import java.util.UUID;
import lowfield.core.money.Money;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import org.jspecify.annotations.Nullable;

/** A mover while it is put together: what is not said of it stays out. */
final class MoverDraft {
    private final Mover.Form form;
    private final String key;
    private final String fingerprint;
    private final String title;
    private final String detail;
    private @Nullable String kind;
    private @Nullable UUID part;
    private @Nullable Long before;
    private @Nullable Long now;
    private @Nullable Integer permille;
    private @Nullable Long acceptance;
    private List<Mover.ChosenAt> places = List.of();
    private List<Mover> inside = List.of();

    MoverDraft(Mover.Form form, String key, String fingerprint, String title, String detail) {
        this.form = form;
        this.key = key;
        this.fingerprint = fingerprint;
        this.title = title;
        this.detail = detail;
    }

    MoverDraft of(Kind of) {
        kind = of.name();
        return this;
    }

    MoverDraft of(Part of) {
        part = of.id();
        return of(of.kind());
    }

    /** The price of a part that was set aside. */
    MoverDraft of(long setAside, UUID of) {
        acceptance = setAside;
        part = of;
        return this;
    }

    MoverDraft before(@Nullable Long minor) {
        before = minor;
        return this;
    }

    MoverDraft now(@Nullable Long minor) {
        now = minor;
        return this;
    }

    MoverDraft from(Money was, Money is, int by) {
        permille = by;
        return before(was.minor()).now(is.minor());
    }

    MoverDraft by(int thousandths) {
        permille = thousandths;
        return this;
    }

    MoverDraft at(List<Mover.ChosenAt> where) {
        places = where;
        return this;
    }

    MoverDraft with(List<Mover> others) {
        inside = others;
        return this;
    }

    Mover weighing(long weight) {
        return new Mover(
                key,
                form,
                fingerprint,
                title,
                detail,
                kind,
                part,
                before,
                now,
                permille,
                weight,
                places,
                acceptance,
                inside,
                null);
    }
}
