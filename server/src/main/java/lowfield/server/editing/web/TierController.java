package lowfield.server.editing.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.UUID;
import lowfield.server.accounts.Person;
import lowfield.server.editing.TierCopies;
import lowfield.server.editing.Tiers;
import lowfield.server.guide.Guides;
import lowfield.server.guide.TierForm;
import lowfield.server.platform.Versions;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Tiers of the edition in work. */
@RestController
@RequestMapping("/api")
class TierController {
    record NewTier(UUID tier) {}

    record Place(int position) {}

    private final Tiers tiers;
    private final TierCopies copies;
    private final Guides guides;

    TierController(Tiers tiers, TierCopies copies, Guides guides) {
        this.tiers = tiers;
        this.copies = copies;
        this.guides = guides;
    }

    @Operation(operationId = "addTier", summary = "Add a tier to an edition in work")
    @PostMapping("/guides/{slug}/editions/{edition}/tiers")
    @ResponseStatus(HttpStatus.CREATED)
    NewTier add(
            @PathVariable String slug,
            @PathVariable UUID edition,
            @RequestBody TierForm form,
            @AuthenticationPrincipal Person person) {
        return new NewTier(tiers.add(guides.bySlug(slug), edition, form, person));
    }

    /** A new tier from a build that is there; what is said of it, and where its lines come from. */
    record TierFrom(TierForm form, TierCopies.Source source) {}

    /** A tier of an older edition. */
    record OlderTier(UUID edition, UUID tier) {}

    @Operation(operationId = "addTierFrom", summary = "Add a tier that copies or follows a build")
    @PostMapping("/guides/{slug}/editions/{edition}/tiers/from-build")
    @ResponseStatus(HttpStatus.CREATED)
    NewTier addFrom(
            @PathVariable String slug,
            @PathVariable UUID edition,
            @RequestBody TierFrom from,
            @AuthenticationPrincipal Person person) {
        return new NewTier(copies.add(guides.bySlug(slug), edition, from.form(), from.source(), person));
    }

    @Operation(operationId = "reopenTier", summary = "Bring a tier of an older edition back")
    @PostMapping("/guides/{slug}/editions/{edition}/tiers/reopened")
    @ResponseStatus(HttpStatus.CREATED)
    NewTier reopen(
            @PathVariable String slug,
            @PathVariable UUID edition,
            @RequestBody OlderTier older,
            @AuthenticationPrincipal Person person) {
        return new NewTier(copies.reopen(guides.bySlug(slug), edition, older.edition(), older.tier(), person));
    }

    @Operation(operationId = "editTier", summary = "Edit a tier")
    @PutMapping("/editions/{edition}/tiers/{tier}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void edit(
            @PathVariable UUID edition,
            @PathVariable UUID tier,
            @RequestBody TierForm form,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        tiers.edit(edition, tier, form, Versions.expected(ifMatch), person);
    }

    /** Takes a tier out with its builds; If-Match is its stamp, which changes with anything in it. */
    @Operation(operationId = "removeTier", summary = "Remove a tier")
    @DeleteMapping("/editions/{edition}/tiers/{tier}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(
            @PathVariable UUID edition,
            @PathVariable UUID tier,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        tiers.remove(edition, tier, Versions.expected(ifMatch), person);
    }

    @Operation(operationId = "moveTier", summary = "Move a tier in the order")
    @PutMapping("/editions/{edition}/tiers/{tier}/place")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void move(
            @PathVariable UUID edition,
            @PathVariable UUID tier,
            @RequestBody Place place,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        tiers.move(edition, tier, place.position(), Versions.expected(ifMatch), person);
    }
}
