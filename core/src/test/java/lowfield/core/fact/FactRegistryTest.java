package lowfield.core.fact;

import static lowfield.core.edition.TestEdition.eur;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.check.TestBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.TestEdition;
import lowfield.core.guide.Slot;
import lowfield.core.offer.Seller;
import lowfield.core.offer.Terms;
import lowfield.core.part.Part;
import org.junit.jupiter.api.Test;

/** What the facts about a line say, and which of them may not be printed. */
class FactRegistryTest {
    private static final TestBuild BUILD = TestBuild.sound();
    private static final TestBuild DEARER = TestBuild.sound();
    private static final Part CARD = TestEdition.part(BUILD, Slot.GRAPHICS_CARD);
    private static final Seller HIDDEN = new Seller(
            UUID.nameUUIDFromBytes("hidden".getBytes()),
            "Quillmarket",
            "Quillmarket",
            Optional.empty(),
            new Terms("", Optional.empty(), false, Optional.empty()));

    private final TestEdition edition = new TestEdition();

    private Map<String, Fact> card(EvaluatedEdition evaluated, int tier) {
        var at = evaluated
                .places()
                .filter(p -> p.tier() == evaluated.tiers().get(tier) && p.line().slot() == Slot.GRAPHICS_CARD)
                .findFirst()
                .orElseThrow();
        return FactRegistry.of(evaluated, at);
    }

    private static FactValue sum(long minor) {
        return new FactValue.Sum(eur(minor));
    }

    @Test
    void theChoiceAndItsPrice() {
        var facts = card(edition.costs(CARD, 31_210).tier("Mate", BUILD).edition(), 0);
        assertThat(facts.get("part").value()).isEqualTo(new FactValue.Words(CARD.fullName()));
        assertThat(facts.get("price").value()).isEqualTo(sum(31_210));
        assertThat(facts.get("shop").value()).isEqualTo(new FactValue.Words("Shop"));
        assertThat(facts.get("seen").value()).isEqualTo(new FactValue.Day(TestEdition.NOW));
        assertThat(facts.get("msrp").value()).isInstanceOf(FactValue.NotKnown.class);
        var total = ((FactValue.Sum) facts.get("total").value()).sum().minor();
        assertThat(facts.get("share").value())
                .isEqualTo(new FactValue.Share((int) Math.round(31_210 * 1000.0 / total)));
    }

    @Test
    void figuresOfThePartWithTheirUnits() {
        var facts = card(edition.tier("Mate", BUILD).edition(), 0);
        var schema = CARD.kind().schema();
        for (var field : schema.fields()) {
            var fact = facts.get("spec." + field.name().toLowerCase(java.util.Locale.ROOT));
            var known = schema.figureOf(CARD.spec(), field).value();
            assertThat(fact.value().isTold()).as(field.name()).isEqualTo(known.isPresent());
            known.ifPresent(v -> assertThat(fact.value()).isEqualTo(new FactValue.Words(field.worded(v))));
        }
    }

    @Test
    void againstTheLastEditionAndTheNeighbours() {
        var evaluated = edition.costs(CARD, 31_210)
                .published(BUILD.build(), 29_000)
                .tier("Mate", BUILD)
                .tier("Bosun", DEARER)
                .edition();
        var mate = card(evaluated, 0);
        var bosun = card(evaluated, 1);
        assertThat(mate.get("change.more").value()).isEqualTo(sum(2_210));
        assertThat(mate.get("change.less").value()).isInstanceOf(FactValue.NotKnown.class);
        assertThat(mate).doesNotContainKey("below.total").containsKey("above.total");
        assertThat(bosun.get("below.name").value()).isEqualTo(new FactValue.Words("Mate"));
        assertThat(bosun.get("below.price").value()).isInstanceOf(FactValue.Sum.class);
        assertThat(bosun.get("below.total.more").value()).isInstanceOf(FactValue.NotKnown.class);
        assertThat(bosun.get("below.total.less").value()).isInstanceOf(FactValue.NotKnown.class);
    }

    @Test
    void theTotalAgainstTheLastEdition() {
        var evaluated = edition.costs(CARD, 31_210)
                .published(BUILD.build(), 29_000)
                .tier("Mate", BUILD)
                .edition();
        var facts = card(evaluated, 0);
        var now = ((FactValue.Sum) facts.get("total").value()).sum();
        var before = eur(29_000 * BUILD.build().filled().count());
        var isMore = now.compareTo(before) > 0;
        assertThat(facts.get(isMore ? "total.change.more" : "total.change.less").value())
                .isEqualTo(new FactValue.Sum(isMore ? now.minus(before) : before.minus(now)));
        assertThat(facts.get(isMore ? "total.change.less" : "total.change.more").value())
                .isInstanceOf(FactValue.NotKnown.class);
    }

    @Test
    void cpuCoolerAndMotherboardTogether() {
        var cpu = TestEdition.part(BUILD, Slot.PROCESSOR);
        var cooler = TestEdition.part(BUILD, Slot.COOLER);
        var board = TestEdition.part(BUILD, Slot.MOTHERBOARD);
        edition.costs(cpu, 18_990).costs(cooler, 3_490).costs(board, 12_990);
        assertThat(card(edition.tier("Mate", BUILD).edition(), 0)
                        .get("platform")
                        .value())
                .isEqualTo(sum(35_470));
        assertThat(card(new TestEdition().gone(cpu).tier("Mate", BUILD).edition(), 0)
                        .get("platform")
                        .value())
                .isInstanceOf(FactValue.NotKnown.class);
    }

    /** "{{change.more}} more than last month" is found out when the price has fallen. */
    @Test
    void aSignThatTurnsMakesItsFactNotKnown() {
        var fallen = card(
                edition.costs(CARD, 28_000)
                        .published(BUILD.build(), 29_000)
                        .tier("Mate", BUILD)
                        .edition(),
                0);
        assertThat(fallen.get("change.less").value()).isEqualTo(sum(1_000));
        assertThat(FactProblem.of(FactTemplate.of("{{change.more}} more"), fallen))
                .singleElement()
                .satisfies(p -> assertThat(p.sentence()).contains("it is not more"));
    }

    @Test
    void withoutAPriceNothingIsGuessed() {
        var facts = card(edition.gone(CARD).tier("Mate", BUILD).edition(), 0);
        for (var path : List.of("price", "shop", "seen", "share", "total", "total.change.more", "left")) {
            assertThat(facts.get(path).value()).as(path).isInstanceOf(FactValue.NotKnown.class);
        }
    }

    /** No fact tells more of a hidden price than the page does: neither itself nor any sum that it is in. */
    @Test
    void aHiddenPriceIsInNoFact() {
        var evaluated = edition.soldBy(HIDDEN, CARD, eur(31_210), eur(0))
                .published(BUILD.build(), 29_000)
                .tier("Mate", BUILD)
                .tier("Bosun", DEARER)
                .edition();
        for (var tier = 0; tier < 2; tier++) {
            var told = card(evaluated, tier).values().stream()
                    .map(Fact::value)
                    .filter(v -> v instanceof FactValue.Sum || v instanceof FactValue.Share)
                    .toList();
            assertThat(told).as("tier " + tier).isEmpty();
        }
    }

    @Test
    void problemsAreToldInTheOrderOfTheText() {
        var facts = card(edition.gone(CARD).tier("Mate", BUILD).edition(), 0);
        var template = FactTemplate.of("{{pric}} {{price}} {{part}} {{shop");
        assertThat(FactProblem.of(template, facts))
                .extracting(FactProblem::sentence)
                .satisfiesExactly(
                        broken -> assertThat(broken).contains("{{shop").contains("no fact"),
                        unknown -> assertThat(unknown)
                                .contains("no fact {{pric}} here")
                                .contains("{{price}}"),
                        missing -> assertThat(missing).contains("{{price}} is not known"));
    }

    @Test
    void namesBecomePaths() {
        assertThat(FactRegistry.slug("Merrowby Vane Six 12 GB, black")).isEqualTo("merrowby-vane-six-12-gb-black");
        assertThat(FactRegistry.slug("Ünïcode!")).isEqualTo("n-code");
        assertThat(FactRegistry.slug("!!!")).isEqualTo("part");
    }
}
