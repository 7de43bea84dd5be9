package lowfield.server.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.find.CandidateImpact;
import lowfield.core.find.Clause;
import lowfield.core.find.Facet;
import lowfield.core.find.Grouped;
import lowfield.core.find.ImpactSummaries;
import lowfield.core.find.Query;
import lowfield.core.find.UnitPrice;
import lowfield.core.part.Equivalence;
import lowfield.core.part.Part;
import lowfield.core.total.LinePrice;
import lowfield.server.catalogue.Parts;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.PricedCatalogue;
import lowfield.server.picture.Pictures;
import lowfield.server.platform.NotFound;
import lowfield.server.round.ShownParts;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Answers a query sentence for a line of a build: every candidate grouped by what it would do there. */
@Service
public class Finder {
    private static final int FIRST = 50;
    private static final int MORE = 400;

    private final EditionLoader editions;
    private final PricedCatalogue catalogue;
    private final Parts parts;
    private final ShownParts asked;
    private final Pictures pictures;

    Finder(EditionLoader editions, PricedCatalogue catalogue, Parts parts, ShownParts asked, Pictures pictures) {
        this.pictures = pictures;
        this.asked = asked;
        this.editions = editions;
        this.catalogue = catalogue;
        this.parts = parts;
    }

    /** The first {@value #FIRST} candidates over all groups; of the group that is to be shown in full, {@value #MORE}. */
    @Transactional(readOnly = true)
    public FinderViews.Found find(UUID edition, UUID lineId, String sentence, CandidateImpact.@Nullable Group full) {
        var at = editions.load(edition)
                .evaluated()
                .place(lineId)
                .orElseThrow(() -> new NotFound("There is no such line in this edition."));
        var kind = at.line().slot().kind();
        var priced = catalogue.at(at.build().lists().of(lineId).counted());
        var query = Query.read(kind, sentence);
        var answer = priced.shelf(kind).find(query, priced.prices(kind));
        var summaries = catalogue.summaries(at, priced);
        summaries.prepare(answer.rows());
        var grouped = Grouped.of(summaries, answer.rows(), query.order(), full == null ? FIRST : MORE);
        var facets = priced.shelf(kind).facets(query, priced.prices(kind)).stream()
                .map(Finder::word)
                .toList();
        var shown = groups(summaries, grouped, at.line(), full);
        asked.about(shown.stream()
                .flatMap(g -> g.rows().stream())
                .map(FinderViews.Candidate::part)
                .toList());
        return new FinderViews.Found(
                query.written(),
                Optional.ofNullable(query.clauses().get(Query.PRICE))
                        .map(Finder::clause)
                        .orElse(null),
                facets,
                shown,
                answer.rows().length,
                answer.leftOutNotKnown());
    }

    private List<FinderViews.GroupView> groups(
            ImpactSummaries summaries, Grouped grouped, EvaluatedLine line, CandidateImpact.@Nullable Group full) {
        var groups = new ArrayList<FinderViews.GroupView>();
        var left = FIRST;
        for (var group : CandidateImpact.Group.values()) {
            var rows = grouped.first(group, group == full ? MORE : left).stream()
                    .map(p -> candidate(summaries.whole(p), line))
                    .toList();
            left = Math.max(0, left - rows.size());
            groups.add(new FinderViews.GroupView(group, grouped.count(group), rows));
        }
        return groups;
    }

    private static Optional<UnitPrice> unit(Part part, LinePrice price) {
        return price.offer().flatMap(o -> UnitPrice.of(part, o.price()));
    }

    private FinderViews.Candidate candidate(CandidateImpact p, EvaluatedLine line) {
        var unit = unit(p.part(), p.price());
        return new FinderViews.Candidate(
                p.part().id(),
                p.part().fullName(),
                p.part().summary(),
                parts.catalogue().siblings(p.part()),
                p.group(),
                ViewMaker.sum(p.price().goods()),
                p.price().offer().map(ViewMaker::offer).orElse(null),
                unit.map(UnitPrice::hundredths).orElse(null),
                unit.map(UnitPrice::unit).orElse(null),
                p.premium().orElse(null),
                ViewMaker.minor(p.trueDifference()),
                ViewMaker.sum(p.total().total()),
                ViewMaker.standing(p.state()),
                ViewMaker.forced(p),
                p.alone().trouble().stream().map(ViewMaker::finding).toList(),
                ViewMaker.trouble(p),
                p.forcesTooMuch(),
                p.group() == CandidateImpact.Group.CANNOT_BE_TOLD
                        ? p.whyNotTold().orElse(null)
                        : null,
                p.part().avoid().orElse(null),
                givesUp(line, p.part()),
                line.line()
                        .choice()
                        .part()
                        .map(Part::id)
                        .filter(p.part().id()::equals)
                        .isPresent(),
                pictures.first(p.part().id()).orElse(null));
    }

    /** What a candidate lacks of what makes the present choice what it is. */
    private static List<String> givesUp(EvaluatedLine line, Part candidate) {
        return line.line()
                .choice()
                .part()
                .filter(p -> p.kind() == candidate.kind())
                .map(p -> Equivalence.of(p, candidate).losses().stream()
                        .map(Equivalence.Loss::said)
                        .toList())
                .orElse(List.of());
    }

    static FinderViews.WordView word(Facet facet) {
        return new FinderViews.WordView(
                facet.figure(),
                facet.label(),
                facet.unit(),
                facet.holds(),
                facet.clause().map(Finder::clause).orElse(null),
                facet.values(),
                facet.notKnown());
    }

    static FinderViews.ClauseView clause(Clause clause) {
        if (clause instanceof Clause.Range range) {
            return new FinderViews.ClauseView(
                    range.least().isPresent() ? range.least().getAsInt() : null,
                    range.most().isPresent() ? range.most().getAsInt() : null,
                    null,
                    null);
        }
        return clause instanceof Clause.AnyOf any
                ? new FinderViews.ClauseView(null, null, List.copyOf(any.words()), null)
                : new FinderViews.ClauseView(null, null, null, ((Clause.Is) clause).yes());
    }
}
