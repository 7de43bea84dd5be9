package lowfield.core.fit;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import lowfield.core.check.BuildContext;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.check.card.CardLength;
import lowfield.core.check.cooling.RadiatorPosition;
import lowfield.core.guide.Build;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Span;
import lowfield.core.part.Figure;
import lowfield.core.part.Part;
import lowfield.core.part.spec.Case;
import lowfield.core.part.spec.Cooler;
import lowfield.core.part.spec.GraphicsCard;
import lowfield.core.part.spec.Memory;
import lowfield.core.part.spec.Motherboard;
import lowfield.core.part.spec.PowerSupply;
import lowfield.core.part.spec.Spec;

/** The parts of a build that the fit is about, with their sizes and what the checks say of them. */
final class FitParts {
    /** A part with its figures. */
    record Sized<S extends Spec>(Line line, Part part, S spec) {
        String name() {
            return part.fullName();
        }

        Optional<Integer> get(Function<S, Figure<Integer>> figure) {
            return figure.apply(spec).value();
        }
    }

    /** Outcomes in which a cooler is as high as its raised fan. */
    private static final Set<String> RAISED = Set.of("raised", "side-panel");

    private final Build build;
    private final List<Finding> findings;
    private final BuildContext context;
    private final FitDrives drives;

    FitParts(Build build, List<Finding> findings) {
        this.build = build;
        this.findings = findings;
        context = new BuildContext(build);
        drives = FitDrives.of(build, board().flatMap(b -> BoardSize.of(b.spec())));
    }

    Optional<Sized<Case>> box() {
        return of(Slot.CASE, Case.class);
    }

    Optional<Sized<GraphicsCard>> card() {
        return of(Slot.GRAPHICS_CARD, GraphicsCard.class);
    }

    Optional<Sized<Cooler>> cooler() {
        return of(Slot.COOLER, Cooler.class);
    }

    Optional<Sized<Memory>> memory() {
        return of(Slot.MEMORY, Memory.class);
    }

    Optional<Sized<Motherboard>> board() {
        return of(Slot.MOTHERBOARD, Motherboard.class);
    }

    Optional<Sized<PowerSupply>> supply() {
        return of(Slot.POWER_SUPPLY, PowerSupply.class);
    }

    /** The cooler, where it has a radiator. */
    Optional<Sized<Cooler>> liquid() {
        return cooler().filter(c -> c.get(Cooler::radiator).filter(r -> r > 0).isPresent());
    }

    /** The cooler, where it stands on the CPU. */
    Optional<Sized<Cooler>> tower() {
        return cooler().filter(c -> liquid().isEmpty());
    }

    FitDrives drives() {
        return drives;
    }

    /** Absent where it is more than the case has in that direction. */
    static Optional<Integer> within(Optional<Integer> room, Optional<Integer> outer) {
        return room.filter(r -> outer.filter(o -> r > o).isEmpty());
    }

    /** How far the drive cage reaches in from the front; absent where that is not on file or is no room in this case. */
    Optional<Integer> cageReach() {
        return within(cageTakes(), box().flatMap(b -> b.get(Case::depth)));
    }

    /** The length of the drive cage and what is before it, as the figures have it. */
    Optional<Integer> cageTakes() {
        return box().flatMap(b ->
                b.get(Case::cageLength).flatMap(length -> b.get(Case::cageFront).map(front -> length + front)));
    }

    /** Absent where it is not on file or is higher than this case. */
    Optional<Integer> cageHeight() {
        return within(box().flatMap(b -> b.get(Case::cageHeight)), box().flatMap(b -> b.get(Case::height)));
    }

    /** Where the checks put the radiator; absent where they find no place, or cannot tell. */
    RadiatorPosition radiator() {
        return context.derived(RadiatorPosition.OF_BUILD);
    }

    Optional<String> radiatorPlace() {
        return radiator().place().flatMap(p -> p.place().value());
    }

    /** What stands at the front beside a radiator, as the checks reckon; absent where that is not certain, or is nothing. */
    Optional<Span> frontFans() {
        return Optional.of(context.derived(CardLength.FRONT_FANS))
                .filter(fans -> fans.low() > 0 && !radiator().isInFront());
    }

    private <S extends Spec> Optional<Sized<S>> of(Slot slot, Class<S> kind) {
        return build.filled(slot).stream()
                .flatMap(l -> l.choice().figures().stream()
                        .filter(p -> kind.isInstance(p.spec()))
                        .map(p -> new Sized<>(l, p, kind.cast(p.spec()))))
                .findFirst();
    }

    Clearance cardLength() {
        return clearance("card-length").within(box().flatMap(b -> b.get(Case::depth)));
    }

    Clearance cardHeight() {
        return clearance("card-height").within(box().flatMap(b -> b.get(Case::width)));
    }

    Clearance cardThickness() {
        return clearance("card-thickness");
    }

    /** With its front fan raised over the memory, where it must be. */
    Clearance coolerHeight() {
        return raised().map(f -> Clearance.of(f, 1))
                .orElseGet(() -> clearance("cooler-height"))
                .within(box().flatMap(b -> b.get(Case::width)));
    }

    private Optional<Finding> raised() {
        return finding("cooler-memory").filter(f -> RAISED.contains(f.outcome().name()));
    }

    boolean isRaised() {
        return raised().isPresent();
    }

    /** The memory under the cooler: how high it is, and what the cooler leaves. */
    Clearance underCooler() {
        return isRaised() ? Clearance.SILENT : clearance("cooler-memory");
    }

    Clearance supplyLength() {
        return clearance("supply-length").within(box().flatMap(b -> b.get(Case::depth)));
    }

    private Optional<Finding> finding(String check) {
        return findings.stream().filter(f -> f.check().id().equals(check)).findFirst();
    }

    private Clearance clearance(String check) {
        return finding(check).map(f -> Clearance.of(f, 0)).orElse(Clearance.SILENT);
    }

    /** The worst that some checks say. */
    Verdict verdict(String... checks) {
        var ids = List.of(checks);
        return Verdict.worst(findings.stream()
                .filter(f -> ids.contains(f.check().id()))
                .map(Finding::verdict)
                .toList());
    }
}
