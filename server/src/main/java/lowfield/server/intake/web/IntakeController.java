package lowfield.server.intake.web;

import io.swagger.v3.oas.annotations.Operation;
import lowfield.core.part.Kind;
import lowfield.server.intake.PartIntake;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Reading product pages for the catalogue. */
@RestController
@RequestMapping("/api/intake")
class IntakeController {
    record PageToRead(String address, @Nullable Kind kind) {}

    private final PartIntake intake;

    IntakeController(PartIntake intake) {
        this.intake = intake;
    }

    /** What can be read of the parts on a page of a shop; nothing is kept. */
    @Operation(operationId = "readProductPage", summary = "Read the parts on a product page of a shop")
    @PostMapping("/pages")
    PartIntake.PageRead read(@RequestBody PageToRead page) {
        return intake.read(page.address(), page.kind());
    }
}
