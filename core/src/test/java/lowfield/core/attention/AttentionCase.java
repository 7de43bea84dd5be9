package lowfield.core.attention;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import lowfield.core.check.TestBuild;
import lowfield.core.edition.TestEdition;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.part.Release;
import lowfield.core.proofreading.ReasonState;

/** Editions to hold against the attention list. */
abstract class AttentionCase {
    static final int OLD_AFTER = 3;

    static AttentionList of(TestEdition edition) {
        return of(edition, List.of(), Map.of());
    }

    static AttentionList of(TestEdition edition, List<Doubt> doubts, Map<String, Double> kinds) {
        return AttentionList.of(
                edition.edition(),
                new AttentionList.Measures(
                        TestEdition.NOW, OLD_AFTER, doubts, kinds, at -> ReasonState.fine(), List.of()));
    }

    static TestBuild sound() {
        return TestBuild.sound();
    }

    /** Sound but for one caution: a part that is ending. */
    static TestBuild cautioned() {
        var ending = TestBuild.part(
                Slot.OPERATING_SYSTEM, TestBuild.figuresOf(Slot.OPERATING_SYSTEM), Release.ENDING, Optional.empty());
        return sound().choosing(Slot.OPERATING_SYSTEM, new Choice.Chosen(ending));
    }
}
