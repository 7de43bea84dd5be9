package lowfield.server.reasons;

import static lowfield.db.Tables.EDITION;
import static lowfield.db.Tables.EDITION_BUILD;
import static lowfield.db.Tables.EDITION_TIER;
import static lowfield.db.Tables.LINE;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.fact.FactValue;
import lowfield.core.find.PricedShelves;
import lowfield.core.find.Shelf;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import lowfield.core.reason.ReasonQuestions;
import lowfield.server.catalogue.Parts;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.edition.PricedCatalogue;
import lowfield.server.platform.NotFound;
import lowfield.server.readers.FactWording;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What helps to write a reason: the questions that a reader would ask, and what was written of the part before. */
@Service
public class ReasonHelp {
    private static final int MOST = 12;
    private static final String PART = "{0} ->> 'part'";

    private final DSLContext db;
    private final EditionLoader editions;
    private final PricedCatalogue catalogue;
    private final Parts parts;

    ReasonHelp(DSLContext db, EditionLoader editions, PricedCatalogue catalogue, Parts parts) {
        this.db = db;
        this.editions = editions;
        this.catalogue = catalogue;
        this.parts = parts;
    }

    /**
     * A reason that was written before.
     *
     * @param where edition, tier and build, in words
     * @param of the part that it was written for
     * @param isSamePart whether that is the part that stands here
     */
    public record Earlier(String where, String of, boolean isSamePart, String markdown) {}

    public record Help(List<String> questions, List<Earlier> earlier) {}

    @Transactional(readOnly = true)
    public Help help(UUID edition, UUID line) {
        var loaded = editions.load(edition);
        var at = loaded.evaluated()
                .place(line)
                .orElseThrow(() -> new NotFound("There is no such line in this edition."));
        var part = at.line().choice().part();
        return new Help(
                questions(loaded, at), part.map(p -> earlier(loaded, line, p)).orElse(List.of()));
    }

    private List<String> questions(LoadedEdition loaded, EvaluatedEdition.Place at) {
        var asked = new ArrayList<String>();
        var promise = Optional.ofNullable(loaded.tierInfo().get(at.tier().id()))
                .map(t -> t.form().promise())
                .filter(p -> !p.isBlank());
        asked.add(promise.map(p -> "What is it for: " + p + "?").orElse("What is it for?"));
        var words = ReasonPreviews.wording(loaded.guide());
        at.line()
                .choice()
                .part()
                .ifPresent(part -> at.line()
                        .price()
                        .goods()
                        .known()
                        .filter(p -> at.line().line().quantity() == 1)
                        .ifPresent(price -> neighbours(part, price, at, words).forEach(asked::add)));
        asked.add("Who should take another?");
        return List.copyOf(asked);
    }

    private Stream<String> neighbours(Part part, Money price, EvaluatedEdition.Place at, FactWording words) {
        var priced = catalogue.at(at.build().lists().of(at.line().id()).counted());
        var questions = ReasonQuestions.of(part, price, forSale(priced, part, price));
        return Stream.concat(
                questions.cheaper().stream()
                        .map(n -> "Why not the %s for %s less?%s"
                                .formatted(
                                        n.part().fullName(), sum(words, n.by()), list(" It gives up ", n.givesUp()))),
                questions.dearer().stream()
                        .map(n -> "Why not the %s for %s more?%s"
                                .formatted(
                                        n.part().fullName(),
                                        sum(words, n.by()),
                                        list(" The choice gives up ", n.choiceGivesUp()))));
    }

    private static String sum(FactWording words, Money sum) {
        return words.of(new FactValue.Sum(sum));
    }

    private static String list(String before, List<String> what) {
        return what.isEmpty() ? "" : before + String.join(", ", what) + ".";
    }

    private static List<ReasonQuestions.Priced> forSale(PricedShelves priced, Part part, Money like) {
        var shelf = priced.shelf(part.kind());
        var minor = priced.prices(part.kind()).minor();
        return IntStream.range(0, minor.length)
                .filter(row -> minor[row] != Shelf.Prices.NONE)
                .mapToObj(row ->
                        new ReasonQuestions.Priced(shelf.parts().get(row), new Money(minor[row], like.currency())))
                .toList();
    }

    /** Of the same part, its siblings and what has the same chip; each text once, the newest first. */
    private List<Earlier> earlier(LoadedEdition loaded, UUID line, Part part) {
        var family = family(part);
        var partOf = DSL.field(PART, String.class, LINE.CHOICE);
        var texts = new LinkedHashMap<String, Earlier>();
        db.select(
                        LINE.REASON,
                        partOf.as("part"),
                        EDITION.NUMBER,
                        EDITION_TIER.NAME.as("tier"),
                        EDITION_BUILD.NAME.as("build"),
                        EDITION_BUILD.POSITION)
                .from(LINE)
                .join(EDITION)
                .on(EDITION.ID.eq(LINE.EDITION_ID))
                .join(EDITION_BUILD)
                .on(EDITION_BUILD.EDITION_ID.eq(LINE.EDITION_ID), EDITION_BUILD.BUILD_ID.eq(LINE.BUILD_ID))
                .join(EDITION_TIER)
                .on(EDITION_TIER.EDITION_ID.eq(LINE.EDITION_ID), EDITION_TIER.TIER_ID.eq(EDITION_BUILD.TIER_ID))
                .where(
                        EDITION.GUIDE_ID.eq(loaded.guide().id()),
                        partOf.in(family.stream().map(UUID::toString).toList()),
                        LINE.REASON.ne(""),
                        DSL.not(LINE.EDITION_ID.eq(loaded.edition().id()).and(LINE.ID.eq(line))))
                .orderBy(EDITION.NUMBER.desc(), EDITION_TIER.NAME)
                .limit(20 * MOST)
                .forEach(r -> texts.putIfAbsent(r.get(LINE.REASON), earlier(r, part)));
        return texts.values().stream().limit(MOST).toList();
    }

    private Earlier earlier(Record row, Part part) {
        var of = UUID.fromString(row.get("part", String.class));
        var build = row.get(EDITION_BUILD.POSITION) == 0 ? "" : ", " + row.get("build", String.class);
        return new Earlier(
                "Edition %d, %s%s".formatted(row.get(EDITION.NUMBER), row.get("tier", String.class), build),
                parts.catalogue().find(of).map(Part::fullName).orElse("a part that is gone"),
                of.equals(part.id()),
                row.get(LINE.REASON));
    }

    private Set<UUID> family(Part part) {
        var schema = part.kind().schema();
        var chip = schema.field("chip")
                .flatMap(f -> schema.figureOf(part.spec(), f).value());
        return parts.catalogue().shelf(part.kind()).parts().stream()
                .filter(p -> p.product().equals(part.product())
                        || chip.isPresent()
                                && schema.field("chip")
                                        .flatMap(f ->
                                                schema.figureOf(p.spec(), f).value())
                                        .equals(chip))
                .map(Part::id)
                .collect(Collectors.toSet());
    }
}
