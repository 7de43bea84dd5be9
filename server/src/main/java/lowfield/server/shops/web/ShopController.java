package lowfield.server.shops.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.UUID;
import lowfield.server.platform.Versions;
import lowfield.server.shops.Shops;
import lowfield.server.shops.Trial;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Shops, and which of their pages speak of which part. */
@RestController
@RequestMapping("/api")
class ShopController {
    record NewPage(UUID part, String address) {}

    private final Shops shops;

    private final Trial trial;

    ShopController(Shops shops, Trial trial) {
        this.shops = shops;
        this.trial = trial;
    }

    @Operation(operationId = "listShops", summary = "List shops")
    @GetMapping("/shops")
    List<Shops.Shop> all() {
        return shops.all();
    }

    @Operation(operationId = "addShop", summary = "Add a shop")
    @PostMapping("/shops")
    @ResponseStatus(HttpStatus.CREATED)
    Shops.Shop add(@RequestBody Shops.Shop shop) {
        return shops.add(shop);
    }

    @Operation(operationId = "changeShop", summary = "Change a shop")
    @PutMapping("/shops/{id}")
    Shops.Shop change(
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @RequestBody Shops.Shop shop) {
        return shops.change(id, Versions.expected(ifMatch), shop);
    }

    /** What can be read at an address of a shop as it is typed on screen; nothing is kept. */
    @Operation(operationId = "tryAddress", summary = "Try to read an address of a shop")
    @PostMapping("/shops/trial")
    Trial.Outcome trial(@RequestBody Trial.Asked asked) {
        return trial.read(asked);
    }

    @Operation(operationId = "addPage", summary = "Add a product page of a shop")
    @PostMapping("/product-pages")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void addPage(@RequestBody NewPage page) {
        shops.addPage(page.part(), page.address());
    }
}
