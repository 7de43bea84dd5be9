package lowfield.core.power;

import java.util.Optional;
import java.util.OptionalDouble;
import lowfield.core.guide.Build;
import lowfield.core.guide.Slot;
import lowfield.core.part.Figure;
import lowfield.core.part.spec.GraphicsCard;
import lowfield.core.part.spec.PowerSupply;
import lowfield.core.part.spec.Processor;

/**
 * What a build draws from its supply, in watts, idle, gaming and at the sustained peak, and where that stands on the
 * supply's curve. Gaming is a range, from whichever side limits: 0.95 of the graphics card and 0.45 of the CPU, or 0.65 of
 * both, until there is evidence. Idle is an allowance: nothing measures it.
 */
public record Draw(SustainedPeak peak, Optional<Watts> gaming, int idle, Optional<Supply> supply) {
    /** A range of watts, both ends included. */
    public record Watts(int low, int high) {
        public int middle() {
            return (low + high) / 2;
        }
    }

    /** The chosen supply's rating in watts, and its efficiency if that is known. */
    public record Supply(int rating, Optional<Efficiency> efficiency) {
        /** A load in percent of the rating. */
        public double load(int watts) {
            return 100.0 * watts / rating;
        }

        /** Share of the wall's energy that arrives at this load; absent where nothing is promised. */
        public OptionalDouble efficiency(int watts) {
            return efficiency.map(e -> e.at(load(watts))).orElse(OptionalDouble.empty());
        }
    }

    /** Energy of a year: kilowatt-hours from the wall, and whether every part of it is at a load with a promised efficiency. */
    public record Year(int kilowattHours, boolean promised) {}

    private static final double LIMITING = 0.95;
    private static final double OTHER = 0.45;
    private static final double CPU_LIMITED = 0.65;
    private static final int IDLE_CARD = 12;
    private static final int IDLE_PROCESSOR = 15;
    private static final int DAYS = 365;
    /** What a supply is taken to pass on where its class promises nothing: idle. */
    private static final double UNPROMISED = 0.75;

    /** Of a build whose sustained peak was worked out. */
    public static Draw of(Build build, SustainedPeak peak) {
        return new Draw(peak, gaming(build, peak), idle(build, peak), supply(build));
    }

    /** Watts of the rating that the sustained peak leaves; absent when either is not known. */
    public Optional<Integer> headroom() {
        return supply.flatMap(s -> peak.watts().value().map(w -> s.rating() - w));
    }

    /** For hours a day of gaming and idling; absent without a supply or a load. */
    public Optional<Year> year(double gamingHours, double idleHours) {
        if (gaming.isEmpty() || supply.isEmpty()) {
            return Optional.empty();
        }
        var play = gaming.get().middle();
        var from = supply.get();
        var wall = gamingHours * play / from.efficiency(play).orElse(UNPROMISED)
                + idleHours * idle / from.efficiency(idle).orElse(UNPROMISED);
        var promised = (gamingHours == 0 || from.efficiency(play).isPresent())
                && (idleHours == 0 || from.efficiency(idle).isPresent());
        return Optional.of(new Year((int) Math.round(wall * DAYS / 1000), promised));
    }

    private static Optional<Watts> gaming(Build build, SustainedPeak peak) {
        if (!peak.watts().isKnown()) {
            return Optional.empty();
        }
        var card = watts(build, Slot.GRAPHICS_CARD);
        var processor = watts(build, Slot.PROCESSOR);
        var rest = peak.watts().or(0) - card - processor;
        var cardLimits = (int) Math.round(card * LIMITING + processor * OTHER) + rest;
        var processorLimits = (int) Math.round((card + processor) * CPU_LIMITED) + rest;
        return Optional.of(new Watts(Math.min(cardLimits, processorLimits), Math.max(cardLimits, processorLimits)));
    }

    private static int watts(Build build, Slot slot) {
        return build.filled(slot).stream()
                .mapToInt(l -> l.quantity()
                        * l.choice()
                                .part()
                                .map(p -> p.spec() instanceof GraphicsCard card
                                        ? card.boardPower()
                                        : p.spec() instanceof Processor cpu ? cpu.limit() : Figure.<Integer>notKnown())
                                .map(f -> f.or(0))
                                .orElse(0))
                .sum();
    }

    private static int idle(Build build, SustainedPeak peak) {
        var main = watts(build, Slot.GRAPHICS_CARD) + watts(build, Slot.PROCESSOR);
        var allowances =
                peak.shares().stream().mapToInt(SustainedPeak.Share::watts).sum() - main;
        return allowances / 2
                + IDLE_CARD * build.filled(Slot.GRAPHICS_CARD).size()
                + IDLE_PROCESSOR * build.filled(Slot.PROCESSOR).size();
    }

    private static Optional<Supply> supply(Build build) {
        return build.filled(Slot.POWER_SUPPLY).stream()
                .flatMap(l -> l.choice().spec(PowerSupply.class).stream())
                .flatMap(s -> s.rating().value().filter(r -> r > 0).map(r -> new Supply(r, Efficiency.of(s))).stream())
                .findFirst();
    }
}
