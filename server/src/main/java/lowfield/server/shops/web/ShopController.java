package lowfield.server.shops.web;

import java.util.List;
import java.util.UUID;
import lowfield.server.shops.Shops;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Shops, and which of their pages speak of which part. */
@RestController
@RequestMapping("/api")
class ShopController {
    record NewPage(UUID part, String address) {}

    private final Shops shops;

    ShopController(Shops shops) {
        this.shops = shops;
    }

    @GetMapping("/shops")
    List<Shops.Shop> all() {
        return shops.all();
    }

    @PostMapping("/shops")
    @ResponseStatus(HttpStatus.CREATED)
    Shops.Shop add(@RequestBody Shops.Shop shop) {
        return shops.add(shop);
    }

    @PostMapping("/product-pages")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void addPage(@RequestBody NewPage page) {
        shops.addPage(page.part(), page.address());
    }
}
