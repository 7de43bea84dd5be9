package lowfield.core.check;

import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import lowfield.core.guide.Build;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;
import lowfield.core.offer.Condition;

/** One thing that a tier asks of its builds, or that its edition fixes; a check names those it goes by. */
public record Requirement<T>(String key, Function<Build, T> value) {
    public static final Requirement<Set<String>> THEME = wish("theme", Wishes::colours);
    public static final Requirement<Wishes.Lit> LIGHTING = wish("lighting", Wishes::lighting);
    public static final Requirement<Boolean> WIFI = wish("wifi", Wishes::radio);
    public static final Requirement<Boolean> ECC = wish("ecc", Wishes::errorCorrection);
    public static final Requirement<Boolean> SECURE_BOOT = wish("secure-boot", Wishes::secureBoot);
    public static final Requirement<Optional<Integer>> MOST_NOISE = wish("most-noise", Wishes::mostNoise);
    public static final Requirement<Set<String>> REAR_PORTS = wish("rear-ports", Wishes::rearPorts);
    public static final Requirement<Optional<String>> PSU_FLOOR = wish("psu-floor", Wishes::supplyFloor);
    public static final Requirement<Optional<Set<Slot>>> NOT_IN_TOTAL = wish("not-in-total", Wishes::beside);
    public static final Requirement<Optional<String>> REGION = wish("region", Wishes::region);
    public static final Requirement<Optional<Integer>> LEAST_CARD_MEMORY =
            wish("least-card-memory", w -> w.least().cardMemory());
    public static final Requirement<Optional<Integer>> LEAST_STORAGE =
            wish("least-storage", w -> w.least().storage());
    public static final Requirement<Optional<Integer>> LEAST_ENDURANCE =
            wish("least-endurance", w -> w.least().endurance());
    public static final Requirement<Boolean> OVERCLOCKING =
            wish("overclocking", w -> w.plans().overclocking());
    public static final Requirement<Boolean> CPU_UPGRADE =
            wish("cpu-upgrade", w -> w.plans().cpuUpgrade());
    /** Absent where no price policy is known. */
    public static final Requirement<Optional<Set<Condition>>> CONDITIONS = wish("conditions", Wishes::conditions);
    /** The year of the edition; absent outside one. */
    public static final Requirement<Optional<Integer>> YEAR = new Requirement<>("year", Build::year);

    private static <T> Requirement<T> wish(String key, Function<Wishes, T> value) {
        return new Requirement<>(key, build -> value.apply(build.wishes()));
    }
}
