package lowfield.server.reasons;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.proofreading.Reading;
import lowfield.core.proofreading.ReasonState;
import lowfield.core.proofreading.Slip;
import lowfield.core.proofreading.guard.FigureGuard;
import lowfield.core.proofreading.names.NameIndex;
import lowfield.core.proofreading.sources.LineProof;
import lowfield.core.proofreading.sources.TextProof;
import lowfield.server.catalogue.Parts;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.platform.IdleCache;
import org.springframework.stereotype.Component;

/** Reasons and texts held against the data of their line; read again when the words, the builds around or the names on file change. */
@Component
public class ReasonReadings {
    private final Parts parts;
    private final Cache<ReadFrom, Reading> known = IdleCache.cache().build();
    private final Cache<TextReadFrom, List<Slip>> ofTexts = IdleCache.cache().build();

    ReasonReadings(Parts parts) {
        this.parts = parts;
    }

    /** Builds and names are their own identity. */
    private record ReadFrom(UUID line, String text, List<EvaluatedBuild> builds, NameIndex names) {}

    /** What a text says of a line, rightly and otherwise. */
    public Reading read(LoadedEdition edition, EvaluatedEdition.Place at, String text) {
        if (text.isBlank()) {
            return Reading.nothing();
        }
        var ground = ground(edition);
        var from = new ReadFrom(at.line().id(), text, around(edition.evaluated(), at), ground.names());
        return known.get(from, f -> new FigureGuard(LineProof.of(edition.evaluated(), at, text, ground)).read(text));
    }

    /** The text of an edition, a tier, a build or a comparison; what it is held against is the whole edition. */
    private record TextReadFrom(
            UUID place, String text, List<EvaluatedBuild> builds, List<Object> tiers, NameIndex names) {}

    /** What a text beyond the line says otherwise than the data, in its order. */
    List<Slip> slips(LoadedEdition edition, UUID place, List<EvaluatedBuild> about, String text) {
        if (text.isBlank()) {
            return List.of();
        }
        var ground = ground(edition);
        var evaluated = edition.evaluated();
        var tiers = evaluated.tiers().stream()
                .<Object>map(t -> List.of(t.name(), t.band(), t.builds().size()))
                .toList();
        var from = new TextReadFrom(place, text, evaluated.builds().toList(), tiers, ground.names());
        return ofTexts.get(from, f -> new FigureGuard(TextProof.of(evaluated, about, text, ground)).slips(text));
    }

    /** What every text of an edition is held against beside its builds. */
    LineProof.Ground ground(LoadedEdition edition) {
        var catalogue = parts.catalogue();
        var guide = edition.guide();
        return new LineProof.Ground(
                Locale.forLanguageTag(guide.locale()), guide.money(), catalogue.names(), catalogue::find);
    }

    /** How the reason of a line stands. */
    public ReasonState state(LoadedEdition edition, EvaluatedEdition.Place at) {
        var reason = at.line().reason();
        return reason.isWritten()
                ? ReasonState.of(reason.basis(), read(edition, at, reason.markdown()))
                : ReasonState.fine();
    }

    /** The builds that a reason speaks of: its own, and the main builds of its tier and the tiers beside. */
    private static List<EvaluatedBuild> around(EvaluatedEdition edition, EvaluatedEdition.Place at) {
        var tiers = edition.tiers();
        var own = tiers.indexOf(at.tier());
        return Stream.concat(
                        Stream.of(at.build()),
                        tiers.subList(Math.max(0, own - 1), Math.min(tiers.size(), own + 2)).stream()
                                .map(EvaluatedTier::lead))
                .toList();
    }
}
