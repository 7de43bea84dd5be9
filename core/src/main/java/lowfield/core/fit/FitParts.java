package lowfield.core.fit;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.guide.Build;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Figure;
import lowfield.core.part.Part;
import lowfield.core.part.RadiatorPlace;
import lowfield.core.part.spec.Case;
import lowfield.core.part.spec.Cooler;
import lowfield.core.part.spec.GraphicsCard;
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

    private final Build build;
    private final List<Finding> findings;
    private final FitDrives drives;

    FitParts(Build build, List<Finding> findings) {
        this.build = build;
        this.findings = findings;
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

    /** How far the drive cage reaches in from the front; absent where that is not on file or is no room in this case. */
    Optional<Integer> cageReach() {
        return Clearance.within(cageTakes(), box().flatMap(b -> b.get(Case::depth)));
    }

    /** The length of the drive cage and what is before it, as the figures have it. */
    Optional<Integer> cageTakes() {
        return box().flatMap(b ->
                b.get(Case::cageLength).flatMap(length -> b.get(Case::cageFront).map(front -> length + front)));
    }

    /** Absent where it is not on file or is higher than this case. */
    Optional<Integer> cageHeight() {
        return Clearance.within(box().flatMap(b -> b.get(Case::cageHeight)), box().flatMap(b -> b.get(Case::height)));
    }

    /** Where the radiator goes: where the author puts it, else the first place that takes its size. */
    Optional<String> radiatorPlace() {
        var size = liquid().flatMap(c -> c.get(Cooler::radiator)).map(String::valueOf);
        return liquid().flatMap(c -> c.line().place())
                .or(() -> box().flatMap(b -> b.spec().radiators().value()).stream()
                        .flatMap(List::stream)
                        .filter(p -> size.filter(s -> takes(p, s)).isPresent())
                        .flatMap(p -> p.place().value().stream())
                        .findFirst());
    }

    private static boolean takes(RadiatorPlace place, String size) {
        return place.sizes().value().filter(s -> s.contains(size)).isPresent();
    }

    private <S extends Spec> Optional<Sized<S>> of(Slot slot, Class<S> kind) {
        return build.filled(slot).stream()
                .flatMap(l -> l.choice().figures().stream()
                        .filter(p -> kind.isInstance(p.spec()))
                        .map(p -> new Sized<>(l, p, kind.cast(p.spec()))))
                .findFirst();
    }

    Clearance cardLength() {
        var room = Clearance.within(box().flatMap(this::lengthForCard), box().flatMap(b -> b.get(Case::depth)));
        return clearance(card().flatMap(c -> c.get(GraphicsCard::length)), room, "card-length");
    }

    /** Less behind a front radiator, where that is on file. */
    private Optional<Integer> lengthForCard(Sized<Case> box) {
        var isBehind = radiatorPlace().filter("front"::equals).isPresent();
        return (isBehind ? box.get(Case::cardLengthWithRadiator) : Optional.<Integer>empty())
                .or(() -> box.get(Case::cardLength));
    }

    Clearance cardHeight() {
        return clearance(
                card().flatMap(c -> c.get(GraphicsCard::height)),
                Clearance.within(box().flatMap(b -> b.get(Case::cardHeight)), box().flatMap(b -> b.get(Case::width))),
                "card-height");
    }

    Clearance cardThickness() {
        return clearance(
                card().flatMap(c -> c.get(GraphicsCard::thickness)),
                box().flatMap(b -> b.get(Case::cardThickness)),
                "card-thickness");
    }

    Clearance coolerHeight() {
        var room =
                Clearance.within(box().flatMap(b -> b.get(Case::coolerHeight)), box().flatMap(b -> b.get(Case::width)));
        return clearance(tower().flatMap(c -> c.get(Cooler::height)), room, "cooler-height");
    }

    Clearance supplyLength() {
        var room =
                Clearance.within(box().flatMap(b -> b.get(Case::supplyLength)), box().flatMap(b -> b.get(Case::depth)));
        return clearance(supply().flatMap(s -> s.get(PowerSupply::length)), room, "supply-length");
    }

    private Clearance clearance(Optional<Integer> taken, Optional<Integer> room, String check) {
        var left = room.flatMap(r -> taken.map(t -> r - t)).orElse(0);
        return new Clearance(taken.orElse(0), room, verdict(left, check));
    }

    /** The worst that some checks say; where none speaks, what is left of the clearance tells. */
    Verdict verdict(int left, String... checks) {
        var ids = List.of(checks);
        var said = findings.stream()
                .filter(f -> ids.contains(f.check().id()))
                .map(Finding::verdict)
                .toList();
        var told = Verdict.worst(said);
        return left < 0 ? Verdict.CLASH : told == Verdict.NOT_KNOWN ? Verdict.FITS : told;
    }
}
