package lowfield.server.readers;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class SlotMarksTest {
    private static final UUID BUILD = new UUID(0, 7);

    @Test
    void marksAreCutOutAndTheirPlacesAreInBytes() {
        var marks = new SlotMarks();
        var cut = marks.cut("<p>Ä€" + marks.superseded() + "</p><b>" + marks.today(BUILD) + "</b>");
        assertThat(new String(cut.body(), StandardCharsets.UTF_8)).isEqualTo("<p>Ä€</p><b></b>");
        assertThat(cut.slots())
                .containsExactly(
                        new PageSlot(8, PageSlot.Kind.SUPERSEDED, null), new PageSlot(15, PageSlot.Kind.TODAY, BUILD));
    }

    @Test
    void whatAnAuthorWritesIsNoMark() {
        var others = new SlotMarks();
        var text = "slot-:TODAY; " + others.today(BUILD) + " <!--today:1:" + BUILD + "-->";
        var cut = new SlotMarks().cut(text);
        assertThat(cut.slots()).isEmpty();
        assertThat(new String(cut.body(), StandardCharsets.UTF_8)).isEqualTo(text);
    }
}
