package lowfield.server.bench.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.find.CandidateImpact;
import lowfield.core.guide.Slot;
import lowfield.server.accounts.Person;
import lowfield.server.bench.DeskViews;
import lowfield.server.bench.Finder;
import lowfield.server.bench.FinderViews;
import lowfield.server.bench.LadderViews;
import lowfield.server.bench.Ladders;
import lowfield.server.bench.Tallies;
import lowfield.server.bench.Viewing;
import lowfield.server.bench.Views;
import lowfield.server.editing.Editing;
import lowfield.server.editing.Taking;
import lowfield.server.edition.LinePatch;
import lowfield.server.guide.Guides;
import lowfield.server.platform.Versions;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The desk, the bench and every edit of an edition in work. Each edit answers with the build as it is then. */
@RestController
@RequestMapping("/api")
class BenchController {
    /** @param needed other parts that go onto the list with it; none when absent */
    record NewLine(
            Slot slot, @Nullable LinePatch with, @Nullable List<Taking.Needed> needed) {}

    /** A part for a line, and the other parts that it needs. */
    record TakenPart(UUID part, @Nullable List<Taking.Needed> needed) {}

    record Added(UUID line, Views.Bench bench) {}

    private final Viewing viewing;
    private final Editing editing;
    private final Taking taking;
    private final Finder finder;
    private final Ladders ladders;
    private final Tallies tallies;
    private final Guides guides;

    BenchController(
            Viewing viewing,
            Editing editing,
            Taking taking,
            Finder finder,
            Ladders ladders,
            Tallies tallies,
            Guides guides) {
        this.taking = taking;
        this.ladders = ladders;
        this.tallies = tallies;
        this.finder = finder;
        this.viewing = viewing;
        this.editing = editing;
        this.guides = guides;
    }

    @Operation(operationId = "getDesk", summary = "Get the desk of a guide")
    @GetMapping("/guides/{slug}/desk")
    DeskViews.DeskView desk(@PathVariable String slug) {
        return viewing.desk(guides.bySlug(slug));
    }

    @Operation(operationId = "listReasonsWanted", summary = "List the reasons of an edition that want the author")
    @GetMapping("/editions/{edition}/reasons")
    List<DeskViews.Wanted> reasons(@PathVariable UUID edition) {
        return viewing.reasons(edition);
    }

    @Operation(operationId = "getBench", summary = "Get a build as the bench shows it")
    @GetMapping("/editions/{edition}/builds/{build}/bench")
    Views.Bench bench(
            @PathVariable UUID edition, @PathVariable UUID build, @RequestParam(required = false) @Nullable UUID open) {
        return viewing.bench(edition, build, Optional.ofNullable(open));
    }

    /** What the parts beside a line's choice would do, for the line that is gone to. */
    @Operation(operationId = "getLine", summary = "Get what the parts beside a line's choice would do")
    @GetMapping("/editions/{edition}/lines/{line}")
    Views.OpenLine open(@PathVariable UUID edition, @PathVariable UUID line) {
        return viewing.open(edition, line);
    }

    @Operation(operationId = "editLine", summary = "Edit a line")
    @PatchMapping("/editions/{edition}/lines/{line}")
    Views.Bench edit(
            @PathVariable UUID edition,
            @PathVariable UUID line,
            @RequestBody LinePatch patch,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        var build = editing.edit(edition, line, patch, Versions.expected(ifMatch), person);
        return viewing.bench(edition, build, Optional.of(line));
    }

    /** Takes a part with what it needs, as one edit that is undone as one. */
    @Operation(operationId = "takePart", summary = "Take a part on a line, with what it needs")
    @PostMapping("/editions/{edition}/lines/{line}/part")
    Views.Bench take(
            @PathVariable UUID edition,
            @PathVariable UUID line,
            @RequestBody TakenPart taken,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        var build =
                taking.take(edition, line, taken.part(), orNone(taken.needed()), Versions.expected(ifMatch), person);
        return viewing.bench(edition, build, Optional.of(line));
    }

    private static List<Taking.Needed> orNone(@Nullable List<Taking.Needed> needed) {
        return Optional.ofNullable(needed).orElse(List.of());
    }

    /** Adds a line; {@code with} is what stands on it at once. */
    @Operation(operationId = "addLine", summary = "Add a line to a build")
    @PostMapping("/editions/{edition}/builds/{build}/lines")
    @ResponseStatus(HttpStatus.CREATED)
    Added add(
            @PathVariable UUID edition,
            @PathVariable UUID build,
            @RequestBody NewLine line,
            @AuthenticationPrincipal Person person) {
        var id = line.with() == null
                ? editing.addLine(edition, build, line.slot(), person)
                : taking.add(edition, build, line.slot(), line.with(), orNone(line.needed()), person);
        return new Added(id, viewing.bench(edition, build, Optional.of(id)));
    }

    @Operation(operationId = "removeLine", summary = "Remove a line")
    @DeleteMapping("/editions/{edition}/lines/{line}")
    Views.Bench remove(
            @PathVariable UUID edition,
            @PathVariable UUID line,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        var build = editing.removeLine(edition, line, Versions.expected(ifMatch), person);
        return viewing.bench(edition, build, Optional.empty());
    }

    @Operation(operationId = "getLadder", summary = "Get all builds of an edition side by side")
    @GetMapping("/editions/{edition}/ladder")
    LadderViews.LadderView ladder(@PathVariable UUID edition) {
        return ladders.ladder(edition);
    }

    /** What a part on this line would do in each build that follows it. */
    @Operation(operationId = "getReach", summary = "Get what a part would do in each build that follows a line")
    @GetMapping("/editions/{edition}/lines/{line}/reach")
    List<Views.ReachView> reach(@PathVariable UUID edition, @PathVariable UUID line, @RequestParam UUID part) {
        return ladders.reach(edition, line, part);
    }

    /** The parts that answer a query sentence, by what each would do to this build; one group can be asked for in full. */
    @Operation(operationId = "findCandidates", summary = "Find candidates for a line")
    @GetMapping("/editions/{edition}/lines/{line}/candidates")
    FinderViews.Found candidates(
            @PathVariable UUID edition,
            @PathVariable UUID line,
            @RequestParam(defaultValue = "") String sentence,
            @RequestParam(required = false) CandidateImpact.@Nullable Group full) {
        return finder.find(edition, line, sentence, full);
    }

    /** What the checks of a build found to fit, with its evidence. */
    @Operation(operationId = "listFitting", summary = "List what fits in a build, with its evidence")
    @GetMapping("/editions/{edition}/builds/{build}/fitting")
    List<Views.FindingView> fitting(@PathVariable UUID edition, @PathVariable UUID build) {
        return tallies.fitting(edition, build);
    }

    record Year(int kilowattHours, boolean promised) {}

    /** Energy of a year for hours a day; nothing when the draw or the supply is not known. */
    @Operation(operationId = "getYearlyEnergy", summary = "Get what a build takes from the wall in a year")
    @GetMapping("/editions/{edition}/builds/{build}/year")
    ResponseEntity<Year> year(
            @PathVariable UUID edition,
            @PathVariable UUID build,
            @RequestParam double gaming,
            @RequestParam double idle) {
        return tallies.year(edition, build, gaming, idle)
                .map(y -> ResponseEntity.ok(new Year(y.kilowattHours(), y.promised())))
                .orElseGet(() -> ResponseEntity.noContent().build());
    }
}
