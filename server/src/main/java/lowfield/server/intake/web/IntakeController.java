package lowfield.server.intake.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.UUID;
import lowfield.core.part.Kind;
import lowfield.server.accounts.Person;
import lowfield.server.intake.PageParts;
import lowfield.server.intake.PartIntake;
import lowfield.server.intake.ShopLists;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Reading product pages for the catalogue. */
@RestController
@RequestMapping("/api/intake")
class IntakeController {
    record PageToRead(String address, @Nullable Kind kind) {}

    record ListToRead(UUID shop) {}

    private final PartIntake intake;
    private final ShopLists lists;
    private final PageParts confirmed;

    IntakeController(PartIntake intake, ShopLists lists, PageParts confirmed) {
        this.confirmed = confirmed;
        this.lists = lists;
        this.intake = intake;
    }

    /** What a shop's list holds that is no part of the catalogue yet; nothing is kept. */
    @Operation(operationId = "lookThroughList", summary = "List what a shop's list holds that is no part yet")
    @PostMapping("/lists")
    ShopLists.Looked look(@RequestBody ListToRead list) {
        return lists.look(list.shop());
    }

    /** The part, where its figures were read, its page and its price, all or nothing. */
    @Operation(operationId = "keepProductPage", summary = "Keep what was confirmed of a product page")
    @PostMapping("/parts")
    @ResponseStatus(HttpStatus.CREATED)
    PageParts.KeptPart keep(@RequestBody PageParts.ConfirmedPart page, @AuthenticationPrincipal Person person) {
        return confirmed.keep(page, person);
    }

    /** What can be read of the parts on a page of a shop; nothing is kept. */
    @Operation(operationId = "readProductPage", summary = "Read the parts on a product page of a shop")
    @PostMapping("/pages")
    PartIntake.PageRead read(@RequestBody PageToRead page) {
        return intake.read(page.address(), page.kind());
    }
}
