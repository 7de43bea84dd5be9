package lowfield.server.reasons;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.proofreading.BasisChange;
import lowfield.core.proofreading.ReasonState;
import lowfield.core.proofreading.Slip;
import lowfield.core.proofreading.TypedFact;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.platform.NotFound;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How the reasons of a build stand against the data. */
@Service
public class ReasonStates {
    private final EditionLoader editions;
    private final ReasonReadings readings;

    ReasonStates(EditionLoader editions, ReasonReadings readings) {
        this.editions = editions;
        this.readings = readings;
    }

    /**
     * What a reason says otherwise than the data.
     *
     * @param start its first character, counted as the browser counts
     * @param right what the data says; absent where it says nothing that would fit
     * @param fact the fact that says it, braces and all
     * @param isSure whether nothing else can be meant; what is not sure is only to be looked at
     * @param key names it where the author says that it is meant so
     */
    public record SlipView(
            int start,
            int end,
            String written,
            @Nullable String right,
            @Nullable String fact,
            String sentence,
            boolean isSure,
            String key) {
        static SlipView of(Slip slip) {
            return new SlipView(
                    slip.start(),
                    slip.end(),
                    slip.written(),
                    slip.right().orElse(null),
                    slip.fact().map(path -> "{{" + path + "}}").orElse(null),
                    slip.sentence(),
                    slip.isSure(),
                    slip.key());
        }
    }

    /**
     * The reason of a line that something is to be said of.
     *
     * @param changes what it relied on and is no longer so
     * @param move how far the price moved since it was confirmed, where that was much
     * @param facts typed figures that facts say just so
     * @param isReadWhole whether it was held against the data to its end; a very long one is not
     */
    public record ReasonStateView(
            UUID line,
            List<SlipView> slips,
            List<String> changes,
            @Nullable String move,
            boolean isReadWhole,
            List<TypedFactView> facts) {}

    /** A figure that was typed rightly, and the fact that says just the same, braces and all. */
    public record TypedFactView(int start, int end, String written, String fact) {
        static TypedFactView of(TypedFact typed) {
            return new TypedFactView(typed.start(), typed.end(), typed.written(), "{{" + typed.path() + "}}");
        }
    }

    /** Those of a build that something is to be said of. */
    @Transactional(readOnly = true)
    public List<ReasonStateView> of(UUID edition, UUID build) {
        var loaded = editions.load(edition);
        if (loaded.evaluated().build(build).isEmpty()) {
            throw new NotFound("There is no such build in this edition.");
        }
        return loaded.evaluated()
                .places()
                .filter(at -> at.build().id().equals(build))
                .flatMap(at -> view(loaded, at).stream())
                .toList();
    }

    private Optional<ReasonStateView> view(LoadedEdition loaded, EvaluatedEdition.Place at) {
        var state = readings.state(loaded, at);
        return state.equals(ReasonState.fine())
                ? Optional.empty()
                : Optional.of(new ReasonStateView(
                        at.line().id(),
                        state.slips().stream().map(SlipView::of).toList(),
                        state.changes().stream().map(BasisChange::sentence).toList(),
                        state.move().map(BasisChange::sentence).orElse(null),
                        state.isReadWhole(),
                        state.facts().stream().map(TypedFactView::of).toList()));
    }
}
