package lowfield.server.edition;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.List;
import java.util.UUID;
import lowfield.core.edition.BuildPrices;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.find.ImpactSummaries;
import lowfield.core.find.PricedShelves;
import lowfield.core.find.Shelf;
import lowfield.core.guide.Band;
import lowfield.core.guide.Build;
import lowfield.core.offer.PriceList;
import lowfield.core.part.Kind;
import lowfield.core.total.Counting;
import lowfield.core.total.LinePrice;
import lowfield.core.total.PackagePrices;
import lowfield.server.catalogue.Parts;
import lowfield.server.platform.IdleCache;
import org.springframework.stereotype.Component;

/** The catalogue at the prices of a list, and what each of its parts would do on a line: kept while what they come from stands. */
@Component
public class PricedCatalogue {
    private final Parts parts;

    /** Worked out as far as somebody asked. */
    private final Cache<SummarisedFrom, ImpactSummaries> summaries =
            IdleCache.cache().softValues().build();

    private final Cache<PriceList, PricedShelves> shelves =
            IdleCache.cache().weakKeys().build();

    PricedCatalogue(Parts parts) {
        this.parts = parts;
    }

    /** Everything that summaries are worked out from; the shelf and the list of prices are their own identity. */
    private record SummarisedFrom(
            UUID line,
            Build build,
            List<LinePrice> prices,
            Counting counting,
            PackagePrices packages,
            Band band,
            Shelf shelf,
            PriceList list,
            BuildPrices lists) {}

    /** The catalogue at the prices of a list. */
    public PricedShelves at(PriceList prices) {
        var catalogue = parts.catalogue();
        var known = shelves.getIfPresent(prices);
        if (known != null && known.shelf(Kind.OTHER) == catalogue.shelf(Kind.OTHER)) {
            return known;
        }
        var fresh = new PricedShelves(catalogue::shelf, prices);
        shelves.put(prices, fresh);
        return fresh;
    }

    /** What each part of the line's kind would do there. */
    public ImpactSummaries summaries(EvaluatedEdition.Place at, PricedShelves priced) {
        var build = at.build();
        var line = at.line().id();
        var shelf = priced.shelf(at.line().slot().kind());
        var from = new SummarisedFrom(
                line,
                build.build(),
                build.prices(),
                build.plan().counting(),
                build.plan().packages(),
                at.tier().band(),
                shelf,
                priced.list(),
                build.lists());
        return summaries.get(from, f -> new ImpactSummaries(build.impacts(line), shelf));
    }
}
