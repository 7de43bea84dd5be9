package lowfield.server.reasons;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.fact.Fact;
import lowfield.core.fact.FactProblem;
import lowfield.core.fact.FilledReason;
import lowfield.core.fact.TextFacts;
import lowfield.core.press.TextPictures;
import lowfield.core.proofreading.Slip;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.edition.TextRows;
import lowfield.server.edition.TextState;
import lowfield.server.picture.Pictures;
import lowfield.server.readers.ReasonHtml;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The author's texts beyond the line: their facts, how they read, and what they say otherwise than the data. */
@Service
public class TextViews {
    private final EditionLoader editions;
    private final TextRows rows;
    private final ReasonReadings readings;
    private final Pictures pictures;

    TextViews(EditionLoader editions, TextRows rows, ReasonReadings readings, Pictures pictures) {
        this.pictures = pictures;
        this.editions = editions;
        this.rows = rows;
        this.readings = readings;
    }

    /** A text as it is written, with what of it does not hold. */
    public record TextView(UUID id, TextState state, int version, TextReading introduction, TextReading verdict) {}

    /** How one text reads today, which of its facts fail, what it says otherwise than the data, and pictures that are gone. */
    public record TextReading(
            String html, List<FactProblem> problems, List<ReasonStates.SlipView> slips, List<String> gone) {}

    /** What a text can be about, in words. */
    public record PlaceView(TextState.Place place, UUID id, String name) {}

    /** Everything that a text can be about, in the edition's order, with what is written of it. */
    public record AllTexts(List<PlaceView> places, List<TextView> texts) {}

    @Transactional(readOnly = true)
    public AllTexts all(UUID edition) {
        var loaded = editions.load(edition);
        var texts = rows.of(edition);
        var there = picturesOf(texts);
        return new AllTexts(
                places(loaded), texts.stream().map(t -> view(loaded, t, there)).toList());
    }

    /** Everything that a text of an edition can be about, in its order. */
    static List<PlaceView> places(LoadedEdition loaded) {
        var whole = new PlaceView(TextState.Place.EDITION, loaded.guide().id(), "the edition");
        var tiers = loaded.tiers().stream()
                .flatMap(t -> Stream.concat(
                        Stream.of(new PlaceView(TextState.Place.TIER, t.id(), t.name())),
                        t.builds().stream()
                                .map(b -> new PlaceView(
                                        TextState.Place.BUILD,
                                        b.id(),
                                        b == t.lead() ? t.name() + ", main build" : t.nameOf(b.id())))));
        var compared = loaded.evaluated()
                .places()
                .filter(p -> p.line().plan().compared().size() > 1)
                .map(p -> new PlaceView(
                        TextState.Place.COMPARISON,
                        p.line().id(),
                        p.name() + ": " + p.line().slot().label() + " side by side"));
        return Stream.of(Stream.of(whole), tiers, compared).flatMap(s -> s).toList();
    }

    private TextView view(LoadedEdition loaded, TextRows.StoredText text, Set<UUID> there) {
        return new TextView(
                text.id(),
                text.state(),
                text.version(),
                proof(loaded, text, text.state().introduction(), there),
                proof(loaded, text, text.state().verdict(), there));
    }

    private TextReading proof(LoadedEdition loaded, TextRows.StoredText of, String markdown, Set<UUID> there) {
        var filled = filled(loaded, of, markdown);
        return new TextReading(
                markdown.isBlank() ? "" : ReasonHtml.of(filled.markdown()),
                filled.problems(),
                slips(loaded, of, markdown).stream()
                        .map(ReasonStates.SlipView::of)
                        .toList(),
                gone(markdown, there));
    }

    /** The pictures that are there, of all that texts show. */
    Set<UUID> picturesOf(List<TextRows.StoredText> texts) {
        return pictures.present(texts.stream()
                .map(TextRows.StoredText::state)
                .flatMap(t -> Stream.of(t.introduction(), t.verdict()))
                .flatMap(t -> TextPictures.of(t).stream())
                .distinct()
                .toList());
    }

    /** What there is to say of pictures that a text shows and that are gone. */
    static List<String> gone(String markdown, Set<UUID> there) {
        return TextPictures.of(markdown).stream()
                .filter(p -> !there.contains(p))
                .map(p -> "The picture %s is gone; take it out of the text, or put it back.".formatted(p))
                .toList();
    }

    /** The facts that a text of this place can hold. */
    @Transactional(readOnly = true)
    public List<ReasonPreviews.ReasonFact> facts(UUID edition, TextState.Place place, UUID id) {
        var loaded = editions.load(edition);
        var words = ReasonPreviews.wording(loaded.guide());
        return facts(loaded.evaluated(), place, id).values().stream()
                .map(f -> ReasonPreviews.view(f, words))
                .toList();
    }

    /** A text with its facts as they are now. */
    public FilledReason filled(LoadedEdition loaded, TextRows.StoredText of, String markdown) {
        return FilledReason.of(
                markdown,
                facts(loaded.evaluated(), of.state().place(), of.id()),
                ReasonPreviews.wording(loaded.guide())::of);
    }

    private static Map<String, Fact> facts(EvaluatedEdition edition, TextState.Place place, UUID id) {
        return TextFacts.of(
                edition, about(edition, place, id).stream().findFirst().map(EvaluatedBuild::id));
    }

    /** What a text says otherwise than the data of the parts that it names. */
    public List<Slip> slips(LoadedEdition loaded, TextRows.StoredText of, String markdown) {
        var builds = about(loaded.evaluated(), of.state().place(), of.id());
        return readings.slips(loaded, of.id(), builds, markdown);
    }

    /** The builds that a text is about, the nearest first; none for the edition. */
    static List<EvaluatedBuild> about(EvaluatedEdition edition, TextState.Place place, UUID id) {
        return switch (place) {
            case EDITION -> List.of();
            case TIER ->
                edition.tiers().stream()
                        .filter(t -> t.id().equals(id))
                        .flatMap(t -> t.builds().stream())
                        .toList();
            case BUILD -> Optional.of(id).flatMap(edition::build).stream().toList();
            case COMPARISON ->
                edition.place(id).map(EvaluatedEdition.Place::build).stream().toList();
        };
    }
}
