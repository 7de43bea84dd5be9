package lowfield.core.offer;

import java.util.List;
import java.util.Optional;
import lowfield.core.money.Money;
import lowfield.core.money.Percent;

/**
 * The guard against wrong prices (rules 2). On the logarithms of what was accepted before, a price is set aside for a person
 * when it stands out: its modified z-score (Iglewicz and Hoaglin 1993: 0.6745 (x - median) / MAD, with MAD at least 0.02)
 * is beyond 3.5 and it is more than 12% off the median. With fewer than five values it is held against the last accepted
 * price instead, or, where there is none, against what others ask. How the whole kind has moved since is taken out first, so
 * that a market that moves does not freeze everything; and a price that a second, independent shop agrees with is let through,
 * as is one that stands where the very listing stood when it was last accepted: a sibling that always costs more is not asked
 * about again.
 */
public record Guard(int lowestPercent, int highestPercent) {
    public static final Guard USUAL = new Guard(65, 160);
    /** For how many days an accepted price tells something of the next. */
    public static final int REMEMBERED_DAYS = 90;

    private static final int FEWEST = 5;
    private static final double LEAST_SPREAD = 0.02;
    private static final double FARTHEST = 3.5;
    private static final double OFF = 0.12;
    private static final double AGREES = 0.05;

    /** Whether a seen price may count at once, and in a sentence why, or why not. */
    public record Judgement(boolean accepted, String why) {}

    /** A price that was accepted once, and where its kind's index stood then. */
    public record Past(Money price, double level) {
        /** The logarithm of what it would be where the kind stands now. */
        private double log(double levelNow) {
            return Math.log(price.minor() * levelNow / level);
        }
    }

    /**
     * What a seen price is held against.
     *
     * @param past accepted prices of the last 90 days, siblings of one product in one condition pooled, one a shop and day
     * @param own the last accepted price of the very listing
     * @param peers what others ask who offer the same, for a listing that is new
     * @param level where the kind's index stands now, with what this round says of it
     * @param elsewhere what other shops ask for the same in this round
     */
    public record Ground(
            List<Past> past, Optional<Past> own, Optional<Past> peers, double level, List<Money> elsewhere) {
        public static final Ground NOTHING = new Ground(List.of(), Optional.empty(), Optional.empty(), 1, List.of());

        public Ground {
            past = List.copyOf(past);
            elsewhere = List.copyOf(elsewhere);
        }

        /** When nothing is known but the last accepted price, or what others ask now. */
        public static Ground of(Optional<Money> own, Optional<Money> peers) {
            return new Ground(List.of(), own.map(m -> new Past(m, 1)), peers.map(m -> new Past(m, 1)), 1, List.of());
        }
    }

    public Judgement judge(Ground ground, Money seen) {
        var judged = ground.past().size() < FEWEST ? againstLast(ground, seen) : againstMany(ground, seen);
        if (judged.accepted()) {
            return judged;
        }
        return ground.elsewhere().stream()
                .filter(other -> Math.abs(other.minor() - seen.minor()) <= AGREES * seen.minor())
                .findFirst()
                .map(other -> new Judgement(
                        true, "%s, but a second shop asks %s, which agrees".formatted(judged.why(), other)))
                .orElse(judged);
    }

    private static Judgement againstMany(Ground ground, Money seen) {
        var logs = ground.past().stream().map(p -> p.log(ground.level())).toList();
        var median = Middle.of(logs);
        var spread = Math.max(
                LEAST_SPREAD,
                Middle.of(logs.stream().map(x -> Math.abs(x - median)).toList()));
        var away = Math.log(seen.minor()) - median;
        var off = Math.exp(away) - 1;
        var usual = Money.of(Math.round(Math.exp(median)), seen.currency().getCurrencyCode());
        if (Math.abs(0.6745 * away / spread) > FARTHEST && Math.abs(off) > OFF && !isWhereItStood(ground, seen)) {
            return new Judgement(
                    false,
                    "%s stands out: %s off %s, the middle of %d accepted prices"
                            .formatted(seen, Percent.signed(off * 100, 0), usual, logs.size()));
        }
        return new Judgement(true, "in line with %s, the middle of %d accepted prices".formatted(usual, logs.size()));
    }

    private static boolean isWhereItStood(Ground ground, Money seen) {
        return ground.own()
                .filter(p -> Math.abs(Math.exp(Math.log(seen.minor()) - p.log(ground.level())) - 1) <= OFF)
                .isPresent();
    }

    /** One price that another is held against, and what it is called. */
    private record Compared(Past price, String called) {
        static Optional<Compared> of(Ground ground) {
            return ground.own()
                    .map(p -> new Compared(p, "the last accepted " + p.price()))
                    .or(() -> ground.peers().map(p -> new Compared(p, p.price() + ", which others ask")));
        }
    }

    private Judgement againstLast(Ground ground, Money seen) {
        return Compared.of(ground)
                .map(compared -> against(compared, ground.level(), seen))
                .orElse(new Judgement(true, "first price seen"));
    }

    private Judgement against(Compared compared, double level, Money seen) {
        var percent = 100 * Math.exp(Math.log(seen.minor()) - compared.price().log(level));
        // To a millionth, so that a price right on the edge is not set aside by rounding.
        if (percent < lowestPercent - 1e-6) {
            return new Judgement(false, "%s is under %d%% of %s".formatted(seen, lowestPercent, compared.called()));
        }
        if (percent > highestPercent + 1e-6) {
            return new Judgement(false, "%s is over %d%% of %s".formatted(seen, highestPercent, compared.called()));
        }
        return new Judgement(
                true, "within %d to %d%% of %s".formatted(lowestPercent, highestPercent, compared.called()));
    }
}
