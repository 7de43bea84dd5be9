package lowfield.server.bench.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.UUID;
import lowfield.server.bench.Uses;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which choices, in work and published, a part's figures touch. */
@RestController
@RequestMapping("/api")
class UsesController {
    private final Uses uses;

    UsesController(Uses uses) {
        this.uses = uses;
    }

    @Operation(operationId = "listUses", summary = "List where a part is used")
    @GetMapping("/parts/{id}/uses")
    List<Uses.Use> of(@PathVariable UUID id) {
        return uses.of(id);
    }
}
