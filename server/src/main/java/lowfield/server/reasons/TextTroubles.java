package lowfield.server.reasons;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.attention.Matter;
import lowfield.core.attention.TextTrouble;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.proofreading.Slip;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.edition.TextRows;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What stands against publishing the author's texts beyond the line. */
@Service
public class TextTroubles {
    private final TextRows rows;
    private final TextViews views;

    TextTroubles(TextRows rows, TextViews views) {
        this.rows = rows;
        this.views = views;
    }

    /** Of an edition, with the names of what its texts are about and the pictures that are there. */
    private record Reader(LoadedEdition loaded, Map<String, String> names, Set<UUID> pictures) {
        String name(TextRows.StoredText text) {
            return names.getOrDefault(key(text.state().place().name(), text.id()), "something that is gone");
        }

        Optional<UUID> build(TextRows.StoredText text) {
            return TextViews.about(loaded.evaluated(), text.state().place(), text.id()).stream()
                    .findFirst()
                    .map(EvaluatedBuild::id);
        }

        static String key(String place, UUID id) {
            return place + " " + id;
        }
    }

    @Transactional(readOnly = true)
    public List<TextTrouble> of(LoadedEdition loaded) {
        var names = TextViews.places(loaded).stream()
                .collect(Collectors.toMap(p -> Reader.key(p.place().name(), p.id()), TextViews.PlaceView::name));
        var texts = rows.of(loaded.edition().id());
        var reader = new Reader(loaded, names, views.picturesOf(texts));
        return texts.stream()
                .flatMap(t -> Stream.concat(
                        of(reader, t, "Introduction to", t.state().introduction()),
                        of(reader, t, "Verdict on", t.state().verdict())))
                .toList();
    }

    private Stream<TextTrouble> of(Reader reader, TextRows.StoredText text, String which, String markdown) {
        if (markdown.isBlank()) {
            return Stream.empty();
        }
        var of = which + " " + reader.name(text);
        var build = reader.build(text);
        var facts = views.filled(reader.loaded(), text, markdown).problems().stream()
                .map(p -> new TextTrouble(
                        text.id() + " " + p.written(),
                        Matter.FACT,
                        of + " has a fact that fails",
                        p.sentence(),
                        build));
        var slips = views.slips(reader.loaded(), text, markdown).stream()
                .map(s -> new TextTrouble(
                        text.id() + " " + s.key(), matter(s), of + " says " + s.said(), s.sentence(), build));
        var gone = TextViews.gone(markdown, reader.pictures()).stream()
                .map(g -> new TextTrouble(
                        text.id() + " " + g, Matter.FACT, of + " shows a picture that is gone", g, build));
        var unread = text.state().toRead().stream()
                .filter(markdown::contains)
                .map(sentence -> new TextTrouble(
                        text.id() + " unread " + sentence,
                        Matter.UNREAD_TEXT,
                        of + " speaks of the last edition's month",
                        "\u201c%s\u201d Confirm or rewrite it.".formatted(sentence),
                        build));
        return Stream.of(facts, slips, gone, unread).flatMap(t -> t);
    }

    private static Matter matter(Slip slip) {
        return slip.isSure() ? Matter.SLIP : Matter.MAYBE_SLIP;
    }
}
