package lowfield.server.press;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.press.PressMaterial;
import lowfield.core.press.Publication;
import lowfield.core.press.PublicationMaker;
import lowfield.core.press.PublishedAvoided;
import lowfield.server.bench.Tills;
import lowfield.server.catalogue.Parts;
import lowfield.server.catalogue.SoftFacts;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.guide.GuideInfo;
import lowfield.server.picture.Picture;
import lowfield.server.picture.Pictures;
import lowfield.server.rates.Rates;
import lowfield.server.reasons.ReasonPreviews;
import org.springframework.stereotype.Component;

/** Brings together what an edition's publication is made of, and has it made. */
@Component
class Publications {
    private final OwnWords own;
    private final Parts parts;
    private final Rates rates;
    private final Tills tills;
    private final Charting charting;
    private final SoftFacts facts;
    private final Pictures pictures;
    private final Clock clock;

    Publications(
            Parts parts,
            Rates rates,
            Tills tills,
            Charting charting,
            SoftFacts facts,
            Pictures pictures,
            Clock clock,
            OwnWords own) {
        this.own = own;
        this.parts = parts;
        this.rates = rates;
        this.tills = tills;
        this.charting = charting;
        this.facts = facts;
        this.pictures = pictures;
        this.clock = clock;
    }

    /** As it would be published now. */
    Publication of(LoadedEdition edition, List<PublishChecks.CheckView> checks) {
        return new PublicationMaker(material(edition, checks, clock.instant().truncatedTo(ChronoUnit.SECONDS)))
                .make(edition.evaluated());
    }

    private PressMaterial material(LoadedEdition edition, List<PublishChecks.CheckView> checks, Instant now) {
        return new PressMaterial(
                guide(edition.guide()),
                edition.edition().number(),
                edition.edition().period(),
                now,
                texts(edition),
                charting.of(edition, now),
                exceptions(checks),
                regions(edition.guide(), now),
                edition.last(),
                parts.catalogue()::part,
                ReasonPreviews.wording(edition.guide())::of,
                pictures(edition),
                this::reviews,
                own.texts(edition),
                own.own(edition),
                parts.catalogue().avoided().stream()
                        .map(p -> new PublishedAvoided(p.fullName(), p.avoid().orElseThrow()))
                        .toList(),
                build -> YearlyEnergy.of(edition.guide(), build));
    }

    private static Publication.Guide guide(GuideInfo guide) {
        return new Publication.Guide(
                guide.slug(),
                guide.name(),
                guide.region(),
                ZoneId.of(guide.zone()),
                guide.money(),
                guide.locale(),
                guide.disclosure());
    }

    private PressMaterial.Pictures pictures(LoadedEdition edition) {
        var builds = pictures.firstOfBuilds(edition.tiers().stream()
                .flatMap(t -> t.builds().stream())
                .map(b -> b.id())
                .toList());
        return new PressMaterial.Pictures(
                part -> pictures.first(part).map(Publications::shown),
                build -> Optional.ofNullable(builds.get(build)).map(Publications::shown));
    }

    private static Publication.Picture shown(Picture picture) {
        return new Publication.Picture(picture.id(), picture.alternative(), picture.width(), picture.height());
    }

    private static Map<UUID, PressMaterial.TierText> texts(LoadedEdition edition) {
        return edition.tierInfo().values().stream()
                .collect(Collectors.toMap(
                        t -> t.id(),
                        t -> new PressMaterial.TierText(
                                t.form().audience(),
                                t.form().promise(),
                                Boolean.TRUE.equals(t.form().showsBuilds()))));
    }

    /** Those whose reason readers see; one reason for several problems is told once a build. */
    private static List<PressMaterial.PublishException> exceptions(List<PublishChecks.CheckView> checks) {
        var builds = new LinkedHashMap<String, Set<UUID>>();
        checks.stream()
                .flatMap(c -> c.problems().stream())
                .filter(p -> p.exception() != null && p.exception().shown())
                .forEach(p -> builds.computeIfAbsent(p.exception().reason(), r -> new HashSet<>())
                        .addAll(p.builds()));
        return builds.entrySet().stream()
                .map(e -> new PressMaterial.PublishException(e.getKey(), e.getValue()))
                .toList();
    }

    private PressMaterial.Regions regions(GuideInfo guide, Instant now) {
        var day = LocalDate.ofInstant(now, ZoneId.of(guide.zone()));
        return new PressMaterial.Regions(guide.readerRegions(), to -> rates.of(guide.money(), to, day), tills.taxes());
    }

    private List<String> reviews(List<UUID> ids) {
        var known = facts.of(ids);
        return ids.stream().map(known::reviews).toList();
    }
}
