package lowfield.core.check;

import java.util.List;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Spec;

/** Something cools the processor: a chosen cooler, or one that is really in its box. */
final class CoolerPresent implements Check {
    @Override
    public String id() {
        return "cooler-present";
    }

    @Override
    public String rule() {
        return "The processor has a cooler, chosen or in its box";
    }

    @Override
    public boolean decisive() {
        return true;
    }

    @Override
    public List<Finding> on(Build build) {
        return build.filled(Slot.PROCESSOR).stream().map(p -> of(p, build)).toList();
    }

    private Finding of(Line processor, Build build) {
        var inBox = processor
                .choice()
                .spec(Spec.Processor.class)
                .flatMap(p -> p.coolerInBox().value());
        var coolers = build.filled(Slot.COOLER);
        var chosen = coolers.stream()
                .filter(l -> l.choice() instanceof Choice.Chosen || l.choice() instanceof Choice.FreeHand)
                .findFirst();
        var owned = coolers.stream().anyMatch(l -> l.choice() instanceof Choice.Owned);
        var lines = coolers.isEmpty()
                ? List.of(processor.id())
                : List.of(processor.id(), coolers.get(0).id());
        if (chosen.isPresent()) {
            return inBox.orElse(false)
                    ? Finding.of(
                            this,
                            Verdict.CAUTION,
                            lines,
                            "%s is chosen and one is in the processor's box; say what the extra buys",
                            chosen.get().choice().label())
                    : Finding.of(
                            this,
                            Verdict.FITS,
                            lines,
                            "%s is chosen",
                            chosen.get().choice().label());
        }
        if (owned) {
            return Finding.of(this, Verdict.FITS, lines, "the reader has a cooler");
        }
        if (inBox.isEmpty()) {
            return Finding.of(
                    this,
                    Verdict.NOT_KNOWN,
                    lines,
                    "whether a cooler is in the box of %s is not known",
                    processor.choice().label());
        }
        return inBox.get()
                ? Finding.of(this, Verdict.FITS, lines, "a cooler is in the processor's box")
                : Finding.of(
                        this,
                        Verdict.CLASH,
                        lines,
                        "no cooler is in the box of %s and none is chosen",
                        processor.choice().label());
    }
}
