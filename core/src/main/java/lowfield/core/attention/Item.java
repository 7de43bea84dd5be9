package lowfield.core.attention;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.Fingerprint;
import lowfield.core.money.Money;
import lowfield.core.part.Kind;

/**
 * One thing that wants the author.
 *
 * @param key what it is about, as stored; the same thing has the same key in every round
 * @param state what is the matter with it now, as stored: canonical text that changes when it is another matter
 * @param what the state as a sentence: "Graphics card has no price"
 * @param detail why, or what it comes to; may be empty
 * @param weight what it costs to leave it; the heaviest comes first
 * @param places where; several when builds share it
 */
public record Item(
        Matter matter,
        String key,
        String state,
        String what,
        String detail,
        long weight,
        List<At> places,
        Prices prices,
        Optional<UUID> part,
        Optional<Kind> kind,
        Optional<Long> setAside,
        List<Item> inside) {
    /** What prices it is about, of one piece: before, now, and by how much they moved in thousandths. */
    public record Prices(Optional<Money> before, Optional<Money> now, Optional<Integer> permille) {
        static final Prices NONE = new Prices(Optional.empty(), Optional.empty(), Optional.empty());

        static Prices of(Money before, Money now, int permille) {
            return new Prices(Optional.of(before), Optional.of(now), Optional.of(permille));
        }
    }

    public Item {
        places = List.copyOf(places);
        inside = List.copyOf(inside);
    }

    static Item of(Matter matter, String key, String state, String what, String detail, long within, List<At> places) {
        return new Item(
                matter,
                key,
                state,
                what,
                detail,
                matter.weighing(within),
                places,
                Prices.NONE,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of());
    }

    Item with(Prices about) {
        return new Item(matter, key, state, what, detail, weight, places, about, part, kind, setAside, inside);
    }

    Item about(UUID ofPart, Optional<Kind> ofKind) {
        return new Item(
                matter,
                key,
                state,
                what,
                detail,
                weight,
                places,
                prices,
                Optional.of(ofPart),
                ofKind,
                setAside,
                inside);
    }

    Item about(Kind of) {
        return new Item(
                matter, key, state, what, detail, weight, places, prices, part, Optional.of(of), setAside, inside);
    }

    /** About a price that was set aside. */
    Item about(long price) {
        return new Item(
                matter, key, state, what, detail, weight, places, prices, part, kind, Optional.of(price), inside);
    }

    Item holding(List<Item> others) {
        return new Item(matter, key, state, what, detail, weight, places, prices, part, kind, setAside, others);
    }

    /** "Mate", "Mate and Scout", "Mate and 2 more"; empty where it is about no build. */
    public String where() {
        var names = places.stream().map(At::name).distinct().toList();
        return names.size() <= 2
                ? String.join(" and ", names)
                : "%s and %d more".formatted(names.get(0), names.size() - 1);
    }

    /** All builds that share it by name, and the state: "Mate, Scout: Graphics card has no price". */
    public String sentence() {
        var names = places.stream().map(At::name).distinct().collect(Collectors.joining(", "));
        return names.isEmpty() ? what : names + ": " + what;
    }

    /**
     * Tells it, as it is now and in the builds that share it, from any other: SHA-256 over canonical text, in hexadecimal.
     * Neither sentences nor the order of places enter.
     */
    public String fingerprint() {
        var builds = places.stream()
                .map(At::build)
                .distinct()
                .sorted()
                .map(Object::toString)
                .toList();
        return Fingerprint.of(List.of(matter.name(), key, String.join(" ", builds), state));
    }

    /** The introduction or verdict that it is about, by the id of what that is about; absent where it is about none. */
    public Optional<UUID> text() {
        return key.startsWith(OfTexts.KEY)
                ? Optional.of(UUID.fromString(key.substring(OfTexts.KEY.length(), OfTexts.KEY.length() + 36)))
                : Optional.empty();
    }

    /** Whether it is decided at one of its places. */
    boolean isOwn() {
        return places.isEmpty() || places.stream().anyMatch(At::isOwn);
    }
}
