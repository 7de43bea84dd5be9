package lowfield.server.catalogue.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.UUID;
import lowfield.server.accounts.Person;
import lowfield.server.catalogue.Chips;
import lowfield.server.platform.Versions;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Chips of graphics cards and CPUs. */
@RestController
@RequestMapping("/api/chips")
class ChipController {
    record ChipName(String name, String maker) {}

    private final Chips chips;

    ChipController(Chips chips) {
        this.chips = chips;
    }

    @Operation(operationId = "listChips", summary = "List chips and the parts that carry them")
    @GetMapping
    List<Chips.Chip> all() {
        return chips.all();
    }

    /** Names a chip; the name of another one makes the two one. */
    @Operation(operationId = "renameChip", summary = "Rename a chip, or merge it with the one of that name")
    @PutMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void name(
            @PathVariable UUID id,
            @RequestBody ChipName chip,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        chips.name(id, chip.name(), chip.maker(), Versions.expected(ifMatch), person);
    }
}
