package lowfield.server.press;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import lowfield.core.Text;
import lowfield.core.guide.Choice;
import lowfield.core.part.Kind;
import lowfield.core.press.Publication;
import lowfield.core.press.PublishedCurve;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.guide.ChartChoice;
import lowfield.server.history.Histories;
import lowfield.server.history.KindHistories;
import lowfield.server.history.TierHistories;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Freezes the charts that an edition shows its readers; one that has nothing to show is left out. */
@Component
class Charting {
    private final Histories histories;
    private final KindHistories kinds;
    private final TierHistories tiers;

    Charting(Histories histories, KindHistories kinds, TierHistories tiers) {
        this.histories = histories;
        this.kinds = kinds;
        this.tiers = tiers;
    }

    /** The charts as of a moment. */
    List<Publication.Chart> of(LoadedEdition edition, Instant now) {
        var today = LocalDate.ofInstant(now, ZoneId.of(edition.guide().zone()));
        return edition.edition().charts().stream()
                .flatMap(c -> chart(edition, c, today).stream())
                .filter(c -> !c.curves().isEmpty())
                .toList();
    }

    private Optional<Publication.Chart> chart(LoadedEdition edition, ChartChoice choice, LocalDate today) {
        return switch (choice.of()) {
            case KIND -> Optional.of(kind(Kind.valueOf(choice.id()), today));
            case TIER -> tier(edition, UUID.fromString(choice.id()), today);
            case PART -> Optional.of(part(edition, winner(edition, UUID.fromString(choice.id())), today));
        };
    }

    private Publication.Chart kind(Kind kind, LocalDate today) {
        var dots = kinds.of(kind, today).months().stream()
                .filter(m -> m.index() != null)
                .map(m -> new PublishedCurve.Dot(m.month(), Math.round(m.index() * 10)))
                .toList();
        return new Publication.Chart(
                "What %s cost, the first month 100".formatted(Text.inSentence(kind.plural())),
                true,
                curve("index", dots));
    }

    private Optional<Publication.Chart> tier(LoadedEdition edition, UUID id, LocalDate today) {
        return tiers.of(edition.guide().slug(), today).tiers().stream()
                .filter(t -> t.tier().equals(id))
                .findFirst()
                .map(t -> new Publication.Chart(
                        t.name() + ": what its list cost",
                        false,
                        java.util.stream.Stream.of(
                                        curve("as published", dots(t, TierHistories.Point::goods)),
                                        curve("the first list all along", dots(t, TierHistories.Point::sameGoods)))
                                .flatMap(List::stream)
                                .toList()));
    }

    /** As they may stand, so that no price that may not can be worked out from a curve. */
    private static List<PublishedCurve.Dot> dots(
            TierHistories.TierHistory tier, Function<TierHistories.Point, TierHistories.@Nullable TierSum> value) {
        return tier.points().stream()
                .filter(p -> value.apply(p) != null)
                .map(p -> new PublishedCurve.Dot(p.period(), value.apply(p).toldMinor()))
                .toList();
    }

    /** Where the part is vetted with others and not chosen by itself, the one of them that wins today. */
    private static UUID winner(LoadedEdition edition, UUID part) {
        var lines = edition.evaluated().places().map(p -> p.line().choice()).toList();
        var isChosen = lines.stream()
                .anyMatch(c -> c.part().filter(p -> p.id().equals(part)).isPresent());
        return isChosen
                ? part
                : lines.stream()
                        .filter(Choice.VettedSet.class::isInstance)
                        .map(Choice.VettedSet.class::cast)
                        .filter(s -> s.members().stream().anyMatch(m -> m.id().equals(part)))
                        .findFirst()
                        .map(s -> s.winner().id())
                        .orElse(part);
    }

    /** Only of shops that let their prices stand. */
    private Publication.Chart part(LoadedEdition edition, UUID id, LocalDate today) {
        var history = histories.part(id, Optional.of(edition.guide().id()), today);
        var dots = history.accepted().stream()
                .filter(Histories.Day::mayStand)
                .map(d -> new PublishedCurve.Dot(d.day(), d.minor()))
                .toList();
        return new Publication.Chart(history.name(), false, curve("to be had for", dots));
    }

    /** A curve takes two dots. */
    private static List<PublishedCurve> curve(String name, List<PublishedCurve.Dot> dots) {
        return dots.size() < 2 ? List.of() : List.of(new PublishedCurve(name, dots));
    }
}
