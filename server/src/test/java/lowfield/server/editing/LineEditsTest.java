package lowfield.server.editing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyBoolean;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Collections;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.guide.Following;
import lowfield.core.guide.Slot;
import lowfield.core.reason.ReasonBasis;
import lowfield.server.accounts.Person;
import lowfield.server.catalogue.Catalogue;
import lowfield.server.catalogue.Parts;
import lowfield.server.edition.ChoiceState;
import lowfield.server.edition.LinePatch;
import lowfield.server.edition.LineRows;
import lowfield.server.edition.LineState;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.Editions;
import lowfield.server.guide.GuideInfo;
import lowfield.server.guide.Guides;
import lowfield.server.guide.TierInfo;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Stale;
import lowfield.server.reasons.ReasonBases;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;

/** What an edit of a line is bound to, what it refuses, and what is written down of it. */
class LineEditsTest {
    private static final UUID EDITION = UUID.randomUUID();
    private static final UUID GUIDE = UUID.randomUUID();
    private static final UUID BUILD = UUID.randomUUID();
    private static final UUID LINE = UUID.randomUUID();
    private static final UUID OTHER = UUID.randomUUID();
    private static final Person INES =
            new Person(UUID.randomUUID(), "Ines", "ines@tidewater.example", Person.Role.OWNER);
    private static final int VERSION = 7;
    private static final Instant NOW = Instant.parse("2026-12-01T09:00:00Z");

    private final LineRows lines = mock(LineRows.class);
    private final Journal journal = mock(Journal.class);
    private final Editions editions = mock(Editions.class);
    private final Guides guides = mock(Guides.class);
    private final Parts parts = mock(Parts.class);
    private final ReasonBases bases = mock(ReasonBases.class);
    private final Editing editing =
            new Editing(lines, journal, editions, guides, parts, bases, Clock.fixed(NOW, ZoneOffset.UTC));

    @BeforeEach
    void anEditionInEuro() {
        when(bases.confirmed(any(), any(), any())).thenReturn(ReasonBasis.none());
        when(bases.edited(any(), any(), any(), any())).thenReturn(ReasonBasis.none());
        var info = mock(EditionInfo.class);
        when(info.guide()).thenReturn(GUIDE);
        when(editions.forEditing(eq(EDITION), anyLong())).thenReturn(info);
        var guide = mock(GuideInfo.class);
        when(guide.money()).thenReturn(Currency.getInstance("EUR"));
        when(guides.byId(GUIDE)).thenReturn(guide);
        when(parts.catalogue()).thenReturn(mock(Catalogue.class));
        when(lines.following(EDITION)).thenReturn(new Following(Map.of()));
        var tier = mock(TierInfo.class);
        var build = mock(TierInfo.BuildInfo.class);
        when(build.id()).thenReturn(BUILD);
        when(tier.builds()).thenReturn(List.of(build));
        when(editions.plan(EDITION)).thenReturn(new Editions.Plan(info, List.of(tier)));
    }

    private static LineState unlisted(Slot slot) {
        return LineState.empty(BUILD, slot, 0);
    }

    private static LineRows.StoredLine stored(UUID id, LineState state) {
        return new LineRows.StoredLine(id, state, VERSION, VERSION);
    }

    private void held(LineState state) {
        when(lines.heldForEdit(EDITION, LINE)).thenReturn(Optional.of(new LineRows.Held(1, stored(LINE, state))));
        when(lines.forUpdate(EDITION, LINE)).thenReturn(Optional.of(stored(LINE, state)));
    }

    private static ChoiceState freeHand(String name, Long minor) {
        return new ChoiceState(ChoiceState.Type.FREE_HAND, null, name, minor, "EUR", null, null, null, true);
    }

    private Journal.Entry recorded(boolean typing) {
        var entry = ArgumentCaptor.forClass(Journal.Entry.class);
        verify(journal).record(entry.capture(), eq(INES), eq(typing));
        return entry.getValue();
    }

    private void nothingIsWritten() {
        verify(lines, never()).write(any(), any(), any(), any());
        verify(journal, never()).record(any(), any(), anyBoolean());
    }

    @Test
    void anEditIsWrittenAndJournalledUnderItsName() {
        held(unlisted(Slot.CASE));
        var build = editing.edit(EDITION, LINE, LinePatch.choose(freeHand("Shelf case", 4900L)), VERSION, INES);
        assertThat(build).isEqualTo(BUILD);
        assertThat(recorded(false).label()).isEqualTo("Case: choice");
        verify(lines).write(eq(EDITION), eq(LINE), any(), any());
    }

    @Test
    void typedWordsAreOneStepWithTheNext() {
        held(unlisted(Slot.CASE));
        editing.edit(EDITION, LINE, reason("Quiet."), VERSION, INES);
        assertThat(recorded(true).label()).isEqualTo("Case: reason");
    }

    private static LinePatch reason(String words) {
        return LinePatch.of(patch -> patch.reason = words);
    }

    private static LinePatch follow(UUID line) {
        return new LinePatch(
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                new LinePatch.Following(line),
                null,
                null,
                null,
                null,
                null,
                null);
    }

    @Test
    void anEditOfAnOlderVersionShowsBothAndWritesNothing() {
        held(unlisted(Slot.CASE));
        assertThatThrownBy(() -> editing.edit(EDITION, LINE, reason("Quiet."), VERSION - 1, INES))
                .isInstanceOfSatisfying(Stale.class, stale -> {
                    assertThat(stale.version()).isEqualTo(VERSION);
                    assertThat(stale.yours()).isEqualTo(reason("Quiet."));
                    assertThat(stale.theirs()).isEqualTo(unlisted(Slot.CASE));
                });
        nothingIsWritten();
    }

    @Test
    void aLineThatWasRemovedMeanwhileIsToldToBeGone() {
        when(lines.heldForEdit(EDITION, LINE)).thenReturn(Optional.empty());
        assertThatThrownBy(() -> editing.edit(EDITION, LINE, reason("Quiet."), VERSION, INES))
                .isInstanceOf(NotFound.class)
                .hasMessage("This line is gone; somebody removed it meanwhile.");
    }

    @Test
    void anUnlistedChoiceWithoutAPriceIsRefused() {
        held(unlisted(Slot.CASE));
        assertThatThrownBy(() ->
                        editing.edit(EDITION, LINE, LinePatch.choose(freeHand("Shelf case", null)), VERSION, INES))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("needs a price");
        nothingIsWritten();
    }

    @Test
    void aLineFollowsOnlyOneOfItsKind() {
        held(unlisted(Slot.CASE));
        when(lines.forUpdate(EDITION, OTHER)).thenReturn(Optional.of(stored(OTHER, unlisted(Slot.COOLER))));
        assertThatThrownBy(() -> editing.edit(EDITION, LINE, follow(OTHER), VERSION, INES))
                .hasMessageContaining("they take different kinds of part");
        nothingIsWritten();
    }

    @Test
    void aLineCannotFollowWhatIsNotThere() {
        held(unlisted(Slot.CASE));
        when(lines.forUpdate(EDITION, OTHER)).thenReturn(Optional.empty());
        assertThatThrownBy(() -> editing.edit(EDITION, LINE, follow(OTHER), VERSION, INES))
                .isInstanceOf(NotFound.class);
        nothingIsWritten();
    }

    @Test
    void aLineThatOthersFollowIsNotRemoved() {
        held(unlisted(Slot.CASE));
        when(lines.following(EDITION)).thenReturn(new Following(Map.of(OTHER, LINE)));
        assertThatThrownBy(() -> editing.removeLine(EDITION, LINE, VERSION, INES))
                .hasMessage("1 other lines follow this one; let them go before it is removed.");
        verify(lines, never()).write(any(), any(), any());
    }

    @Test
    void aRemovedLineIsJournalledWhole() {
        held(unlisted(Slot.CASE));
        editing.removeLine(EDITION, LINE, VERSION, INES);
        var entry = recorded(false);
        assertThat(entry.before()).isEqualTo(unlisted(Slot.CASE));
        assertThat(entry.after()).isNull();
    }

    @Test
    void aSlotThatHoldsOneGetsNoSecondLine() {
        when(lines.of(EDITION)).thenReturn(Map.of(BUILD, List.of(stored(LINE, unlisted(Slot.CASE)))));
        assertThatThrownBy(() -> editing.addLine(EDITION, BUILD, Slot.CASE, INES))
                .hasMessage("Case is on the list already; choose there.");
    }

    @Test
    void aBuildHasAtMostSixtyLines() {
        when(lines.of(EDITION))
                .thenReturn(Map.of(BUILD, Collections.nCopies(60, stored(LINE, unlisted(Slot.SECOND_DRIVE)))));
        assertThatThrownBy(() -> editing.addLine(EDITION, BUILD, Slot.SECOND_DRIVE, INES))
                .hasMessage("A build has at most 60 lines.");
    }

    @Test
    void aLineIsAddedOnlyToABuildOfTheEdition() {
        assertThatThrownBy(() -> editing.addLine(EDITION, UUID.randomUUID(), Slot.CASE, INES))
                .hasMessage("This build is not in the edition.");
    }
}
