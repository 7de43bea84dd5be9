package lowfield.core.power;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import lowfield.core.part.Figure;
import lowfield.core.part.spec.PowerSupply;

/**
 * How much of what a supply takes from the wall reaches the parts, as a share from 0 to 1: from the supply's own report,
 * else the certified minima of its class at 230 V (80 PLUS, 230 V internal). Straight lines between a fifth, half and full
 * load; below a fifth nothing is promised, so that there it is absent, and so it is above full load.
 */
public record Efficiency(List<Integer> percentAt20And50And100) {
    private static final Map<String, List<Integer>> CLASSES = Map.of(
            "80 PLUS", List.of(82, 85, 82),
            "80 PLUS Bronze", List.of(85, 88, 85),
            "80 PLUS Silver", List.of(87, 90, 87),
            "80 PLUS Gold", List.of(90, 92, 89),
            "80 PLUS Platinum", List.of(92, 94, 90),
            "80 PLUS Titanium", List.of(94, 96, 94));

    /** Of a supply; absent when neither a report nor a known class is there. */
    public static Optional<Efficiency> of(PowerSupply supply) {
        var report = List.of(supply.efficiency20(), supply.efficiency50(), supply.efficiency100());
        if (report.stream().allMatch(Figure::isKnown)) {
            return Optional.of(new Efficiency(report.stream().map(f -> f.or(0)).toList()));
        }
        return supply.efficiency()
                .value()
                .flatMap(c -> Optional.ofNullable(CLASSES.get(c)))
                .map(Efficiency::new);
    }

    /** At a load given in percent of the rating. */
    public OptionalDouble at(double load) {
        if (load < 20 || load > 100) {
            return OptionalDouble.empty();
        }
        var low = load < 50 ? 0 : 1;
        var from = low == 0 ? 20.0 : 50.0;
        var to = low == 0 ? 50.0 : 100.0;
        var a = percentAt20And50And100.get(low);
        var b = percentAt20And50And100.get(low + 1);
        return OptionalDouble.of((a + (b - a) * (load - from) / (to - from)) / 100);
    }
}
