package lowfield.server.demo;

import java.util.Optional;
import java.util.UUID;
import lowfield.core.evidence.SoftFact;
import lowfield.server.bench.Viewing;
import lowfield.server.editing.Editing;
import lowfield.server.editing.Texts;
import lowfield.server.edition.LinePatch;
import lowfield.server.edition.TextState;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.Editions;
import lowfield.server.guide.Guides;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** What the demo's author writes over and under editions, tiers and builds, and reasons that they read once more. */
@Component
@ConditionalOnProperty(name = "lowfield.demo", havingValue = "true")
class DemoWords {
    private final Texts texts;
    private final Guides guides;
    private final Editions editions;
    private final DemoBench bench;
    private final Viewing viewing;
    private final Editing editing;

    DemoWords(Texts texts, Guides guides, Editions editions, DemoBench bench, Viewing viewing, Editing editing) {
        this.texts = texts;
        this.guides = guides;
        this.editions = editions;
        this.bench = bench;
        this.viewing = viewing;
        this.editing = editing;
    }

    /** Of the guide's edition that is in work. */
    void write(EditionInfo edition, DemoWorld world) {
        write(
                edition,
                edition.guide(),
                TextState.Place.EDITION,
                "Memory has gone up all summer: the kit of the {{mate.name}} alone is {{mate.memory.price}} today. We kept sixteen "
                        + "gigabytes where games run well with them, and say where they do not.",
                "Of the five we would take the **{{bosun.name}}** at {{bosun.total}} and keep what is left for games. Who plays at "
                        + "1440p wants the {{mate.name}}.",
                null,
                "",
                world);
        write(
                edition,
                bench.tier(edition, "Mate"),
                TextState.Place.TIER,
                "",
                "The {{mate.graphics-card}} is what this tier is about; save elsewhere first.",
                null,
                "",
                world);
        write(
                edition,
                bench.build(edition, "Bosun"),
                TextState.Place.BUILD,
                "",
                "",
                SoftFact.Form.BUILT_WITH,
                "The maker of the case lent us one for a month; it went back.",
                world);
    }

    private void write(
            EditionInfo edition,
            UUID id,
            TextState.Place place,
            String introduction,
            String verdict,
            SoftFact.@Nullable Form handled,
            String disclosure,
            DemoWorld world) {
        texts.write(
                edition.id(), id, new TextState(place, introduction, verdict, handled, disclosure), 0, world.author());
    }

    /** Reads every reason of another guide once more, at the prices that stand there now. */
    void readAgain(String slug, DemoWorld world) {
        editions.inWork(guides.bySlug(slug).id())
                .ifPresent(edition -> viewing.desk(guides.bySlug(slug))
                        .cards()
                        .forEach(card -> confirm(edition, card.build(), world)));
    }

    private void confirm(EditionInfo edition, UUID build, DemoWorld world) {
        viewing.bench(edition.id(), build, Optional.empty()).lines().stream()
                .filter(l -> !l.reason().isBlank() && !l.reasonStale())
                .forEach(l -> editing.edit(
                        edition.id(), l.id(), LinePatch.of(p -> p.confirmReason = true), l.version(), world.author()));
    }
}
