package lowfield.server.bench;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.guide.Slot;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.Editions;
import lowfield.server.guide.GuideInfo;
import lowfield.server.platform.NotFound;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows worked-out editions: the bench, the finder and the cards of the desk. */
@Service
public class Viewing {
    private final Workbench workbench;
    private final Editions editions;
    private final WantsYou wants;
    private final Tills tills;
    private final BenchLines lines;
    private final OpenLines openLines;

    Viewing(
            Workbench workbench,
            Editions editions,
            WantsYou wants,
            Tills tills,
            BenchLines lines,
            OpenLines openLines) {
        this.lines = lines;
        this.openLines = openLines;
        this.tills = tills;
        this.wants = wants;
        this.workbench = workbench;
        this.editions = editions;
    }

    /** A build with one of its lines open, or with none. */
    public Views.Bench bench(UUID edition, UUID buildId, Optional<UUID> open) {
        var sheets = workbench.sheets(edition);
        var tier = sheets.tierOf(buildId).orElseThrow(() -> new NotFound("There is no such build in this edition."));
        var build = sheets.build(buildId).orElseThrow();
        return new Views.Bench(
                sheets.guide(),
                sheets.edition(),
                cards(sheets),
                Shown.card(tier, build),
                build.stamp(),
                lines.of(sheets, build),
                open.flatMap(sheets::place)
                        .filter(at -> at.build().id().equals(buildId))
                        .map(at -> openLines.of(sheets, at))
                        .orElse(null),
                addable(build),
                Tallies.tally(sheets, tills, tier, build));
    }

    public Views.OpenLine open(UUID edition, UUID line) {
        var sheets = workbench.sheets(edition);
        return sheets.place(line)
                .map(at -> openLines.of(sheets, at))
                .orElseThrow(() -> new NotFound("This line is gone; somebody removed it meanwhile."));
    }

    private static List<Views.SlotView> addable(Sheets.OfBuild build) {
        return List.of(Slot.values()).stream()
                .filter(s -> s.several()
                        || build.lines().stream().noneMatch(l -> l.line().slot() == s))
                .map(s -> new Views.SlotView(s, s.label(), s.kind()))
                .toList();
    }

    List<Views.BuildCard> cards(Sheets sheets) {
        return sheets.tiers().stream()
                .flatMap(t -> t.builds().stream().map(b -> Shown.card(t, b)))
                .toList();
    }

    @Transactional(readOnly = true)
    public Views.DeskView desk(GuideInfo guide) {
        var all = editions.of(guide.id());
        var tabs = all.stream()
                .map(e -> new Views.EditionTab(e.id(), e.number(), e.period(), e.state()))
                .toList();
        var current = all.stream().reduce((a, b) -> b);
        if (current.isEmpty()) {
            return new Views.DeskView(guide, tabs, null, null, List.of(), List.of(), List.of());
        }
        var sheets = workbench.sheets(current.get().id());
        var inWork = current.get().state() == EditionInfo.State.IN_WORK;
        return new Views.DeskView(
                guide,
                tabs,
                current.get(),
                sheets.last().map(p -> p.period().toString()).orElse(null),
                cards(sheets),
                inWork ? wants.queue(sheets) : List.of(),
                out(all));
    }

    /** What has become of the edition that is out. */
    private List<Views.Wanted> out(List<EditionInfo> editions) {
        return editions.stream()
                .filter(e -> e.state() == EditionInfo.State.PUBLISHED)
                .flatMap(e -> wants.sinceItCameOut(workbench.sheets(e.id())).stream())
                .toList();
    }
}
