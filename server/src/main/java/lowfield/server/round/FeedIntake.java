package lowfield.server.round;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.offer.ListLength;
import lowfield.server.catalogue.PartCodes;
import lowfield.server.catalogue.PartNumbers;
import lowfield.server.prices.Listings;
import lowfield.server.prices.Observations;
import lowfield.server.reading.FeedLine;
import org.springframework.stereotype.Component;

/**
 * Takes a shop's whole list in: each line is matched to a part by its page, its GTIN or its maker's number. What the list
 * no longer holds is gone, unless the list is so much shorter than it was that it must be broken.
 */
@Component
class FeedIntake {
    private static final int MOST_MATCHED = 200_000;

    private final PartNumbers numbers;
    private final Listings listings;
    private final Observations observations;

    FeedIntake(PartNumbers numbers, Listings listings, Observations observations) {
        this.numbers = numbers;
        this.listings = listings;
        this.observations = observations;
    }

    /** How many lines speak of parts that are known here, and a sentence where something was left undone. */
    record Taken(int matched, String sentence) {}

    /**
     * The lines of a list that speak of parts known here, as they are read: a line that speaks of none is told apart at once,
     * so that what is held grows with the catalogue and not with the list.
     */
    final class Matching {
        private final Map<String, Listings.PageOf> pages;
        private final PartCodes codes;
        private final List<FeedLine> matched = new ArrayList<>();

        private Matching(UUID shop, PartCodes codes) {
            pages = listings.pages(shop);
            this.codes = codes;
        }

        void add(FeedLine line) {
            if (pages.containsKey(line.path())
                    || codes.part(line.identity().gtin(), line.identity().makerNumber())
                            .isPresent()) {
                RuleBroken.unless(
                        matched.size() < MOST_MATCHED,
                        "the list has more than %,d lines about parts known here; it was not taken in",
                        MOST_MATCHED);
                matched.add(line);
            }
        }
    }

    Matching matching(UUID shop) {
        return matching(shop, numbers.codes());
    }

    Matching matching(UUID shop, PartCodes codes) {
        return new Matching(shop, codes);
    }

    Taken take(UUID round, UUID shop, String currency, OffsetDateTime at, Matching matching) {
        var placed = placed(shop, matching);
        var known = listings.of(
                shop,
                placed.stream()
                        .map(p -> Listings.Key.of(p.page(), p.line().offer()))
                        .toList());
        var seen = new LinkedHashMap<UUID, Observations.Seen>();
        for (var p : placed) {
            var listing = known.get(Listings.Key.of(p.page(), p.line().offer()));
            seen.putIfAbsent(
                    listing,
                    Observations.Seen.of(listing, round, at, currency, p.line().offer()));
        }
        var all = new ArrayList<>(seen.values());
        var before = listings.standing(shop, null);
        var missing = before.stream().filter(l -> !seen.containsKey(l)).toList();
        var isShort = new ListLength(seen.size(), before.size()).isCutShort();
        if (!isShort) {
            missing.forEach(l -> all.add(Observations.Seen.gone(l, round, at, currency)));
        }
        observations.write(all);
        return new Taken(
                placed.size(),
                isShort
                        ? "the list has only %d of %d lines it had; nothing was taken to be gone"
                                .formatted(seen.size(), before.size())
                        : "");
    }

    private record Placed(UUID page, FeedLine line) {}

    private List<Placed> placed(UUID shop, Matching matching) {
        var missing = new HashMap<String, UUID>();
        for (var line : matching.matched) {
            if (!matching.pages.containsKey(line.path())) {
                matching.codes
                        .part(line.identity().gtin(), line.identity().makerNumber())
                        .ifPresent(part -> missing.putIfAbsent(line.path(), part));
            }
        }
        var now = missing.isEmpty() ? matching.pages : listings.addPages(shop, missing);
        return matching.matched.stream()
                .filter(l -> now.containsKey(l.path()) && !isOfAnother(l, now.get(l.path()), matching.codes))
                .map(l -> new Placed(now.get(l.path()).id(), l))
                .toList();
    }

    /** The page is known to speak of one part, and the line names the code of another. */
    private static boolean isOfAnother(FeedLine line, Listings.PageOf page, PartCodes codes) {
        return codes.part(line.identity().gtin(), line.identity().makerNumber())
                .filter(p -> !p.equals(page.part()))
                .isPresent();
    }
}
