package lowfield.server.bench;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.attention.AttentionList;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.guide.Slot;
import lowfield.core.press.Publication;
import lowfield.server.attention.Attention;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.Editions;
import lowfield.server.guide.GuideInfo;
import lowfield.server.platform.NotFound;
import lowfield.server.readers.Pages;
import lowfield.server.readers.ReaderSite;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows worked-out editions: the bench, the finder and the cards of the desk. */
@Service
public class Viewing {
    private final EditionLoader loader;
    private final Editions editions;
    private final Attention attention;
    private final Tills tills;
    private final BenchLines lines;
    private final ReaderSite site;

    Viewing(
            EditionLoader loader,
            Editions editions,
            Attention attention,
            Tills tills,
            BenchLines lines,
            ReaderSite site) {
        this.site = site;
        this.lines = lines;
        this.tills = tills;
        this.attention = attention;
        this.loader = loader;
        this.editions = editions;
    }

    /** A build with one of its lines open, or with none. */
    public Views.Bench bench(UUID edition, UUID buildId, Optional<UUID> open) {
        var loaded = loader.load(edition);
        var tier = loaded.tierOf(buildId);
        var build = loaded.build(buildId);
        return new Views.Bench(
                loaded.guide(),
                loaded.edition(),
                loaded.last().map(Publication::period).orElse(null),
                cards(loaded),
                ViewMaker.card(loaded, tier, build),
                loaded.stamp(build),
                lines.of(loaded, build),
                open.flatMap(loaded.evaluated()::place)
                        .filter(at -> at.build().id().equals(buildId))
                        .map(at -> OpenLines.of(loaded.evaluated(), at))
                        .orElse(null),
                addable(build),
                Tallies.tally(loaded, tills, tier, build));
    }

    public Views.OpenLine open(UUID edition, UUID line) {
        var evaluated = loader.load(edition).evaluated();
        return evaluated
                .place(line)
                .map(at -> OpenLines.of(evaluated, at))
                .orElseThrow(() -> new NotFound("This line is gone; somebody removed it meanwhile."));
    }

    private static List<Views.SlotView> addable(EvaluatedBuild build) {
        return List.of(Slot.values()).stream()
                .filter(s -> s.several()
                        || build.lines().stream().noneMatch(l -> l.line().slot() == s))
                .map(s -> new Views.SlotView(s, s.label(), s.kind()))
                .toList();
    }

    List<Views.BuildCard> cards(LoadedEdition edition) {
        return edition.tiers().stream()
                .flatMap(t -> t.builds().stream().map(b -> ViewMaker.card(edition, t, b)))
                .toList();
    }

    @Transactional(readOnly = true)
    public DeskViews.DeskView desk(GuideInfo guide) {
        var all = editions.of(guide.id());
        var tabs = all.stream()
                .map(e -> new DeskViews.EditionTab(e.id(), e.number(), e.period(), e.state(), address(guide, e)))
                .toList();
        var current = all.stream().reduce((a, b) -> b);
        if (current.isEmpty()) {
            return new DeskViews.DeskView(
                    guide, tabs, null, null, List.of(), List.of(), AttentionRows.reasons(List.of()), List.of());
        }
        var loaded = loader.load(current.get().id());
        var inWork = current.get().state() == EditionInfo.State.IN_WORK;
        var list = inWork ? attention.of(loaded) : new AttentionList(List.of());
        return new DeskViews.DeskView(
                guide,
                tabs,
                current.get(),
                loaded.last().map(p -> p.period().toString()).orElse(null),
                cards(loaded),
                AttentionRows.of(list.queue()),
                AttentionRows.reasons(list.reasons()),
                out(all));
    }

    /** The reasons of an edition that want the author, the worst first. */
    @Transactional(readOnly = true)
    public List<DeskViews.Wanted> reasons(UUID edition) {
        return AttentionRows.of(attention.of(loader.load(edition)).reasons());
    }

    /** Where readers find an edition; nowhere while it is in work. */
    private @Nullable String address(GuideInfo guide, EditionInfo edition) {
        return edition.state() == EditionInfo.State.IN_WORK
                ? null
                : site.address(Pages.path(guide.slug(), edition.number()));
    }

    /** What has become of the edition that is out. */
    private List<DeskViews.Wanted> out(List<EditionInfo> editions) {
        return editions.stream()
                .filter(e -> e.state() == EditionInfo.State.PUBLISHED)
                .flatMap(e ->
                        AttentionRows.of(
                                AttentionList.ofPublished(loader.load(e.id()).evaluated())
                                        .items())
                                .stream())
                .toList();
    }
}
