package lowfield.server.demo;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.server.accounts.Person;
import lowfield.server.shops.Shops;

/** What the demo's files name, as it was made: parts by their key, shops by their letter, and who works there. */
record DemoWorld(Map<String, UUID> parts, Map<String, Shops.Shop> shops, Person author) {
    DemoWorld {
        parts = Map.copyOf(parts);
        shops = Map.copyOf(shops);
    }

    UUID part(String key) {
        return Optional.ofNullable(parts.get(key))
                .orElseThrow(() -> new IllegalStateException("The demo has no part " + key));
    }

    Shops.Shop shop(String letter) {
        return Optional.ofNullable(shops.get(letter))
                .orElseThrow(() -> new IllegalStateException("The demo has no shop " + letter));
    }
}
