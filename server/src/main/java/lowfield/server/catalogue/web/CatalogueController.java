package lowfield.server.catalogue.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import lowfield.core.find.Order;
import lowfield.core.find.Query;
import lowfield.core.find.Shelf;
import lowfield.core.money.Money;
import lowfield.core.part.Comparison;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.Release;
import lowfield.server.accounts.Person;
import lowfield.server.catalogue.Corrections;
import lowfield.server.catalogue.FigureSources;
import lowfield.server.catalogue.Merges;
import lowfield.server.catalogue.Parts;
import lowfield.server.catalogue.SoftFacts;
import lowfield.server.platform.Versions;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The catalogue: kinds with their figures, searching and adding parts. */
@RestController
@RequestMapping("/api")
class CatalogueController {
    private static final int PAGE = 200;

    private final Parts parts;
    private final Corrections corrections;
    private final FigureSources figures;
    private final Merges merges;
    private final SoftFacts facts;

    CatalogueController(Parts parts, Corrections corrections, FigureSources figures, Merges merges, SoftFacts facts) {
        this.facts = facts;
        this.parts = parts;
        this.corrections = corrections;
        this.figures = figures;
        this.merges = merges;
    }

    @Operation(operationId = "listKinds", summary = "List the kinds of part and their figures")
    @GetMapping("/kinds")
    List<PartViews.KindView> kinds() {
        return Arrays.stream(Kind.values())
                .map(k -> new PartViews.KindView(
                        k,
                        k.label(),
                        k.plural(),
                        k.schema().fields().stream()
                                .map(f -> new PartViews.FieldView(
                                        f.name(), f.label(), f.unit(), f.holds(), f.group(), f.better()))
                                .toList()))
                .toList();
    }

    /** The parts of a kind in the order of their names, from the cursor on. */
    @Operation(operationId = "searchParts", summary = "Search the catalogue")
    @GetMapping("/parts")
    PartViews.PartsPage search(
            @RequestParam Kind kind,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(required = false) @Nullable UUID from) {
        var shelf = parts.catalogue().shelf(kind);
        var query = new Query(kind, Map.of(), q.length() > 200 ? q.substring(0, 200) : q, Order.PRICE);
        var found = shelf.find(query, Shelf.Prices.none(shelf)).parts();
        var ids = found.stream().map(Part::id).toList();
        var start = from == null ? 0 : Math.max(0, ids.indexOf(from));
        var end = Math.min(found.size(), start + PAGE);
        return new PartViews.PartsPage(
                found.subList(start, end).stream().map(PartViews::view).toList(),
                found.size(),
                end < found.size() ? ids.get(end) : null);
    }

    /** Two to four parts of a kind, figure against figure; at last what is known of each beside its maker's figures. */
    @Operation(operationId = "compareParts", summary = "Compare parts figure by figure")
    @GetMapping("/parts/compared")
    List<PartViews.ComparedView> compared(@RequestParam List<UUID> ids) {
        var compared = ids.stream().map(parts.catalogue()::part).toList();
        var figures = Comparison.of(compared).rows().stream()
                .map(r -> new PartViews.ComparedView(
                        r.field().name(),
                        r.field().label(),
                        r.field().unit(),
                        r.field().group(),
                        r.cells(),
                        r.better()));
        return Stream.concat(figures, evidence(compared)).toList();
    }

    private Stream<PartViews.ComparedView> evidence(List<Part> compared) {
        var ids = compared.stream().map(Part::id).toList();
        var sources = figures.evidence(ids);
        var known = facts.of(ids);
        return Stream.of(
                evidence("reviews", "reviews", ids, known::reviews),
                evidence("known", "other things known of it", ids, id -> known.others(id) + ""),
                evidence("evidence", "figures with a source", ids, id -> sources.getOrDefault(id, 0) + ""));
    }

    private static PartViews.ComparedView evidence(
            String name, String label, List<UUID> ids, Function<UUID, String> cell) {
        return new PartViews.ComparedView(
                name, label, "", "evidence", ids.stream().map(cell).toList(), List.of());
    }

    @Operation(operationId = "createPart", summary = "Create a part")
    @PostMapping("/parts")
    @ResponseStatus(HttpStatus.CREATED)
    PartViews.PartView add(@RequestBody PartViews.NewPart part) {
        var suggested = Optional.ofNullable(part.suggestedMinor())
                .map(minor -> Money.price(
                        minor, Optional.ofNullable(part.suggestedCurrency()).orElse(Part.SUGGESTED_IN)));
        return PartViews.view(parts.add(new Parts.NewPart(
                part.kind(),
                part.maker(),
                part.family(),
                part.name(),
                part.variant(),
                part.gtin(),
                part.makerNumber(),
                Release.ON_SALE,
                suggested.orElse(null),
                null,
                part.spec())));
    }

    /** One part with everything that is known of it; the entity tag is its version. */
    @Operation(operationId = "getPart", summary = "Get a part with its figures")
    @GetMapping("/parts/{id}")
    ResponseEntity<PartViews.PartSheet> part(@PathVariable UUID id) {
        var stored = corrections.stored(id);
        var part = stored.part();
        var siblings =
                parts.catalogue().siblingsOf(part).stream().map(PartViews::view).toList();
        var sheet = new PartViews.PartSheet(
                PartViews.view(part),
                stored.version(),
                part.suggestedPrice().map(Money::minor).orElse(null),
                part.suggestedPrice().map(m -> m.currency().getCurrencyCode()).orElse(null),
                part.avoid().orElse(null),
                part.maker(),
                stored.identity(),
                stored.provenance(),
                siblings,
                stored.changes());
        return ResponseEntity.ok().eTag(Versions.tag(stored.version())).body(sheet);
    }

    @Operation(operationId = "correctPart", summary = "Correct a part")
    @PatchMapping("/parts/{id}")
    ResponseEntity<PartViews.PartSheet> correct(
            @PathVariable UUID id,
            @RequestBody Corrections.Correction correction,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        corrections.correct(id, correction, Versions.expected(ifMatch), person);
        return part(id);
    }

    /** Merges a part into another that is the same thing; its id leads there from now on. */
    @Operation(operationId = "mergeParts", summary = "PartViews.Merge a part into another")
    @PostMapping("/parts/{id}/merge")
    ResponseEntity<PartViews.PartSheet> merge(
            @PathVariable UUID id,
            @RequestBody PartViews.Merge merge,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        merges.merge(id, merge.into(), Versions.expected(ifMatch), person);
        return part(merge.into());
    }
}
