package lowfield.server.readers;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class MarksTest {
    private static final UUID BUILD = new UUID(0, 7);

    @Test
    void marksAreCutOutAndTheirPlacesAreInBytes() {
        var marks = new Marks();
        var cut = marks.cut("<p>Ä€" + marks.superseded() + "</p><b>" + marks.today(BUILD) + "</b>");
        assertThat(new String(cut.body(), StandardCharsets.UTF_8)).isEqualTo("<p>Ä€</p><b></b>");
        assertThat(cut.slots())
                .containsExactly(new Slot(8, Slot.Kind.SUPERSEDED, null), new Slot(15, Slot.Kind.TODAY, BUILD));
    }

    @Test
    void whatAnAuthorWritesIsNoMark() {
        var others = new Marks();
        var text = "slot-:TODAY; " + others.today(BUILD) + " <!--today:1:" + BUILD + "-->";
        var cut = new Marks().cut(text);
        assertThat(cut.slots()).isEmpty();
        assertThat(new String(cut.body(), StandardCharsets.UTF_8)).isEqualTo(text);
    }
}
