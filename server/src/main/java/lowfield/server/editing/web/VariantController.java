package lowfield.server.editing.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.UUID;
import lowfield.server.accounts.Person;
import lowfield.server.editing.Answers;
import lowfield.server.editing.BuildExtras;
import lowfield.server.editing.BuildHistory;
import lowfield.server.editing.Carrying;
import lowfield.server.editing.TierCopies;
import lowfield.server.editing.Undoing;
import lowfield.server.editing.Variants;
import lowfield.server.guide.ChartChoice;
import lowfield.server.guide.ExtrasForm;
import lowfield.server.platform.Versions;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Whole builds: variants, names, notes, answers to cautions; undo, redo and history. */
@RestController
@RequestMapping("/api/editions/{edition}")
class VariantController {
    record NewVariant(UUID of, String name) {}

    record AddedBuild(UUID build) {}

    record EditionNote(String note) {}

    /** {@code everywhere}: also to what the same check says in the same way of any build of the edition. */
    record Answer(String answer, @Nullable Boolean everywhere) {}

    record Undone(String label) {}

    private final Variants variants;
    private final TierCopies copies;
    private final Carrying carrying;
    private final Undoing undoing;
    private final Answers answers;
    private final BuildExtras extras;

    VariantController(
            Variants variants,
            TierCopies copies,
            Carrying carrying,
            Undoing undoing,
            Answers answers,
            BuildExtras extras) {
        this.variants = variants;
        this.copies = copies;
        this.carrying = carrying;
        this.undoing = undoing;
        this.answers = answers;
        this.extras = extras;
    }

    /** A variant of a build: it follows that build in every line until it differs. */
    @Operation(operationId = "addVariant", summary = "Add a variant beside a tier's main build")
    @PostMapping("/builds")
    @ResponseStatus(HttpStatus.CREATED)
    AddedBuild add(
            @PathVariable UUID edition, @RequestBody NewVariant variant, @AuthenticationPrincipal Person person) {
        return new AddedBuild(variants.add(edition, variant.of(), variant.name(), person));
    }

    @Operation(operationId = "spreadVariant", summary = "Make the same variant in every other tier")
    @PostMapping("/builds/{build}/spread")
    TierCopies.Spread spread(
            @PathVariable UUID edition, @PathVariable UUID build, @AuthenticationPrincipal Person person) {
        return copies.spread(edition, build, person);
    }

    /** The build that a choice is carried to, and the version of the line there that it replaces, if there is one. */
    record Destination(UUID build, @Nullable Integer version) {}

    @Operation(operationId = "carryChoice", summary = "Carry a choice over to another build")
    @PostMapping("/lines/{line}/carried")
    Carrying.Carried carry(
            @PathVariable UUID edition,
            @PathVariable UUID line,
            @RequestBody Destination to,
            @AuthenticationPrincipal Person person) {
        return carrying.carry(edition, line, to.build(), to.version(), person);
    }

    /** Takes a variant out; If-Match is the build's stamp, which changes with anything in it. */
    @Operation(operationId = "removeVariant", summary = "Remove a variant")
    @DeleteMapping("/builds/{build}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(
            @PathVariable UUID edition,
            @PathVariable UUID build,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        variants.remove(edition, build, Versions.expected(ifMatch), person);
    }

    /** Names a build, moves it, or notes something on it; If-Match is its card's version. */
    @Operation(operationId = "editBuild", summary = "Name a build, move it, note something on it")
    @PatchMapping("/builds/{build}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void edit(
            @PathVariable UUID edition,
            @PathVariable UUID build,
            @RequestBody Variants.BuildPatch patch,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        variants.edit(edition, build, patch, Versions.expected(ifMatch), person);
    }

    /** Puts discounts, surcharges, services and package prices beside the lines; If-Match is the card's version. */
    @Operation(operationId = "setExtras", summary = "Set discounts, surcharges, services and package prices of a build")
    @PutMapping("/builds/{build}/extras")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void extras(
            @PathVariable UUID edition,
            @PathVariable UUID build,
            @RequestBody ExtrasForm form,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        extras.set(edition, build, form, Versions.expected(ifMatch), person);
    }

    @Operation(operationId = "noteEdition", summary = "Note something on an edition")
    @PutMapping("/note")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void note(
            @PathVariable UUID edition,
            @RequestBody EditionNote note,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        variants.note(edition, note.note(), Versions.expected(ifMatch), person);
    }

    @Operation(operationId = "chooseCharts", summary = "Choose the charts of the readers' page")
    @PutMapping("/charts")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void charts(
            @PathVariable UUID edition,
            @RequestBody List<ChartChoice> charts,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        variants.charts(edition, charts, Versions.expected(ifMatch), person);
    }

    /** Answers a caution; the fingerprint names what was read, figures and all. */
    @Operation(operationId = "answerFinding", summary = "Answer a finding of a build")
    @PutMapping("/builds/{build}/answers/{fingerprint}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void answer(
            @PathVariable UUID edition,
            @PathVariable UUID build,
            @PathVariable String fingerprint,
            @RequestBody Answer answer,
            @AuthenticationPrincipal Person person) {
        if (Boolean.TRUE.equals(answer.everywhere())) {
            answers.answerAll(edition, build, fingerprint, answer.answer(), person);
        } else {
            answers.answer(edition, build, fingerprint, answer.answer(), person);
        }
    }

    @Operation(operationId = "withdrawAnswer", summary = "Take back the answer to a finding")
    @DeleteMapping("/builds/{build}/answers/{fingerprint}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdraw(
            @PathVariable UUID edition,
            @PathVariable UUID build,
            @PathVariable String fingerprint,
            @AuthenticationPrincipal Person person) {
        answers.withdraw(edition, build, fingerprint, person);
    }

    @Operation(operationId = "listEdits", summary = "List the edits of a build")
    @GetMapping("/builds/{build}/history")
    List<BuildHistory.Step> history(@PathVariable UUID edition, @PathVariable UUID build) {
        return undoing.history(edition, build);
    }

    /** Brings back what stood before this step; If-Match is the newest step of the history that was read. */
    @Operation(operationId = "restoreState", summary = "Bring back the state before an edit")
    @PostMapping("/history/{step}/back")
    Undone bringBack(
            @PathVariable UUID edition,
            @PathVariable long step,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        return new Undone(undoing.bringBack(edition, step, Versions.expected(ifMatch), person));
    }

    @Operation(operationId = "undoEdit", summary = "Undo one's latest edit")
    @PostMapping("/undo")
    Undone undo(@PathVariable UUID edition, @AuthenticationPrincipal Person person) {
        return new Undone(undoing.undo(edition, person));
    }

    @Operation(operationId = "redoEdit", summary = "Redo one's latest undone edit")
    @PostMapping("/redo")
    Undone redo(@PathVariable UUID edition, @AuthenticationPrincipal Person person) {
        return new Undone(undoing.redo(edition, person));
    }
}
