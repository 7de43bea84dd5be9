package lowfield.server.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lowfield.core.guide.Slot;
import lowfield.core.offer.Condition;
import lowfield.server.bench.Viewing;
import lowfield.server.bench.Views;
import lowfield.server.editing.BuildExtras;
import lowfield.server.editing.Editing;
import lowfield.server.editing.Variants;
import lowfield.server.edition.ChoiceState;
import lowfield.server.edition.LinePatch;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.ExtrasForm;
import lowfield.server.guide.OverrideForm;
import lowfield.server.platform.Clocks.MovableClock;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Edits the builds of the demo's second guide as its author does. */
@Component
@ConditionalOnProperty(name = "lowfield.demo", havingValue = "true")
class DemoHireBuilds {
    private static final Set<Slot> IN_THE_MACHINE = Set.of(Slot.MEMORY, Slot.COOLER, Slot.POWER_SUPPLY, Slot.CASE);

    private final MovableClock clock;
    private final Editing editing;
    private final Variants variants;
    private final BuildExtras extras;
    private final Viewing viewing;
    private final DemoHirePrices prices;
    private final DemoBench bench;

    DemoHireBuilds(
            MovableClock clock,
            Editing editing,
            Variants variants,
            BuildExtras extras,
            Viewing viewing,
            DemoHirePrices prices,
            DemoBench bench) {
        this.clock = clock;
        this.editing = editing;
        this.variants = variants;
        this.extras = extras;
        this.viewing = viewing;
        this.prices = prices;
        this.bench = bench;
    }

    /** What stands in a build of the first guide, with its reasons. */
    void copy(EditionInfo edition, String tier, UUID from, EditionInfo other, DemoWorld world) {
        var build = bench.build(edition, tier);
        for (var line : view(other.id(), from).lines()) {
            var at = line(edition, build, line.slot()).orElseGet(() -> {
                editing.addLine(edition.id(), build, line.slot(), world.author());
                return line(edition, build, line.slot()).orElseThrow();
            });
            edit(
                    edition,
                    at,
                    LinePatch.of(patch -> {
                        patch.choice = line.choice();
                        patch.quantity = line.quantity();
                        patch.counted = line.counted();
                        patch.reason = line.reason();
                    }),
                    world);
        }
    }

    /** One price for what is in the seller's machine, with a surcharge for one part; a discount and a service beside it. */
    void machine(
            EditionInfo edition, String tier, String name, long price, Slot swapped, long surcharge, DemoWorld world) {
        var build = bench.build(edition, tier);
        var members = new ArrayList<ExtrasForm.MemberForm>();
        for (var line : view(edition.id(), build).lines()) {
            if (IN_THE_MACHINE.contains(line.slot())) {
                members.add(new ExtrasForm.MemberForm(
                        line.id(), null, null, line.slot() == swapped ? (Long) surcharge : null));
            }
        }
        set(
                edition,
                build,
                new ExtrasForm(
                        List.of(
                                new ExtrasForm.AdjustmentForm(
                                        id(tier + " discount"), "Hire partners' discount", -3_500),
                                new ExtrasForm.AdjustmentForm(
                                        id(tier + " test"), "Assembly and a day of testing", 5_900)),
                        List.of(new ExtrasForm.PackageForm(
                                id(tier + " machine"),
                                name,
                                members,
                                null,
                                world.shop("M").id(),
                                price,
                                1_200L,
                                "https://millrace.example/machines",
                                clock.instant()))),
                world);
    }

    private static UUID id(String what) {
        return UUID.nameUUIDFromBytes(("harbour hire " + what).getBytes(java.nio.charset.StandardCharsets.UTF_8));
    }

    private void set(EditionInfo edition, UUID build, ExtrasForm form, DemoWorld world) {
        extras.set(edition.id(), build, form, view(edition.id(), build).card().version(), world.author());
    }

    void ownCard(EditionInfo edition, DemoWorld world) {
        var build =
                variants.add(edition.id(), bench.build(edition, "Quayside"), "with the card you have", world.author());
        var line = line(edition, build, Slot.GRAPHICS_CARD).orElseThrow();
        var owned = new ChoiceState(
                ChoiceState.Type.OWNED,
                world.part("merrowby-vane-five-8-gb-black"),
                null,
                null,
                null,
                "the card from your own machine",
                null,
                null,
                null);
        edit(edition, line, LinePatch.choose(owned), world);
    }

    /** It comes without the cooler that was in its box; the machine's cooler does. */
    void usedCpu(EditionInfo edition, DemoWorld world) {
        var part = world.part("aldane-fennel-six-boxed-with-cooler");
        var from = new DemoHirePrices.Private(
                "Liv Aspen", 600, "asked by telephone; without its cooler", "https://quayboard.example/posts/4711");
        prices.privately(part, 11_900, from, edition.guide(), world);
        var build = variants.add(edition.id(), bench.build(edition, "Slipway"), "a used CPU", world.author());
        var line = line(edition, build, Slot.PROCESSOR).orElseThrow();
        var admits = new OverrideForm(
                Set.of(Condition.NEW, Condition.USED),
                null,
                null,
                90,
                null,
                null,
                null,
                "used CPUs are tested here first");
        edit(
                edition,
                line,
                LinePatch.of(patch -> {
                    patch.choice = ChoiceState.part(part);
                    patch.reason =
                            "Used in one machine, and tested for a day. Its boxed cooler is gone; the tower that we use is better.";
                    patch.policy = admits;
                }),
                world);
        prices.hold(
                edition,
                line(edition, build, Slot.PROCESSOR).orElseThrow(),
                from.seller(),
                "tested at our counter",
                world);
    }

    void announced(EditionInfo edition, DemoWorld world) {
        var build = variants.add(edition.id(), bench.build(edition, "Breakwater"), "the card to come", world.author());
        edit(
                edition,
                line(edition, build, Slot.GRAPHICS_CARD).orElseThrow(),
                LinePatch.choose(ChoiceState.part(world.part("merrowby-vane-eleven-20-gb"))),
                world);
    }

    /** What a shop asks for CPU and motherboard together is the price of both lines. */
    void takeBundle(EditionInfo edition, DemoWorld world) {
        var build = bench.build(edition, "Breakwater");
        var tally = view(edition.id(), build).tally();
        var bundle = tally.bundles().get(0);
        var packages = new ArrayList<>(tally.extras().packages());
        packages.add(new ExtrasForm.PackageForm(
                id("bundle"),
                "CPU and motherboard at " + bundle.seller(),
                bundle.lines().stream()
                        .map(l -> new ExtrasForm.MemberForm(l, null, null, null))
                        .toList(),
                bundle.sellerId(),
                null,
                null,
                null,
                null,
                null));
        set(edition, build, new ExtrasForm(tally.extras().adjustments(), packages), world);
    }

    private void edit(EditionInfo edition, Views.LineView line, LinePatch patch, DemoWorld world) {
        editing.edit(edition.id(), line.id(), patch, line.version(), world.author());
    }

    private Views.Bench view(UUID edition, UUID build) {
        return viewing.bench(edition, build, Optional.empty());
    }

    private Optional<Views.LineView> line(EditionInfo edition, UUID build, Slot slot) {
        return view(edition.id(), build).lines().stream()
                .filter(l -> l.slot() == slot)
                .findFirst();
    }
}
