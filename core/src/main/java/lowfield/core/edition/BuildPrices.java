package lowfield.core.edition;

import java.util.Comparator;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.core.offer.PriceList;

/** Which prices each line of a build goes by: the edition's, or its own where tier, build or line admit other offers. */
public record BuildPrices(LinePrices ofEdition, Map<UUID, LinePrices> own) {
    public BuildPrices {
        own = Map.copyOf(own);
    }

    public LinePrices of(UUID line) {
        return own.getOrDefault(line, ofEdition);
    }

    /** The lists that are not the edition's, in a fixed order. */
    public Stream<PriceList> ownLists() {
        return own.entrySet().stream()
                .sorted(Comparator.comparing(e -> e.getKey()))
                .flatMap(e -> Stream.of(e.getValue().counted(), e.getValue().available()));
    }
}
