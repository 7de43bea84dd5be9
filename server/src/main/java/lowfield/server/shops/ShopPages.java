package lowfield.server.shops;

import java.util.Optional;
import lowfield.core.RuleBroken;
import lowfield.server.outbound.Fetched;
import lowfield.server.outbound.Outbound;
import lowfield.server.outbound.Wanted;
import org.springframework.stereotype.Service;

/** Asks for one page or list of a configured shop at its pace, for somebody who waits for it; no other host is ever asked. */
@Service
public class ShopPages {
    private final Shops shops;
    private final Outbound outbound;
    private final TrialPace pace;

    ShopPages(Shops shops, Outbound outbound, TrialPace pace) {
        this.shops = shops;
        this.outbound = outbound;
        this.pace = pace;
    }

    /** A page as it was fetched, and whose it is. */
    public record Page(Shops.Shop shop, PageAddress address, Fetched fetched) {}

    /** A list of a shop, from its path. */
    public Fetched list(Shops.Shop shop, String path) {
        pace.await(shop.host());
        return outbound.fetch(new Wanted(shop.host(), path, Optional.empty(), Wanted.Form.LIST));
    }

    public Page fetch(String address) {
        var page = PageAddress.of(address);
        var shop = shops.all().stream()
                .filter(s -> s.host().equals(page.host()))
                .findFirst()
                .orElseThrow(() -> new RuleBroken(
                        "%s is not the host of a shop here; add it under Shops first.".formatted(page.host())));
        pace.await(page.host());
        return new Page(
                shop, page, outbound.fetch(new Wanted(page.host(), page.path(), Optional.empty(), Wanted.Form.PAGE)));
    }
}
