package lowfield.server.triage;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import lowfield.server.bench.Sheets;
import lowfield.server.history.Histories;
import lowfield.server.prices.Acceptances;
import org.springframework.stereotype.Component;

/** Finds what of an edition in work wants a decision in this period, heaviest first. */
@Component
class Movers {
    static final Comparator<Mover> HEAVIEST_FIRST =
            Comparator.comparing(Mover::weight).reversed().thenComparing(Mover::key);

    private final Acceptances acceptances;
    private final Histories histories;
    private final Clock clock;

    Movers(Acceptances acceptances, Histories histories, Clock clock) {
        this.acceptances = acceptances;
        this.histories = histories;
        this.clock = clock;
    }

    List<Mover> of(Sheets sheets) {
        var choices = Choices.of(sheets);
        var chosen = new OfChoices(moves(sheets)).of(choices).stream();
        var inDoubt = InDoubt.of(acceptances.waiting(sheets.guide().id()), choices);
        return Stream.of(OutOfBand.of(sheets), chosen, inDoubt)
                .flatMap(movers -> movers)
                .sorted(HEAVIEST_FIRST)
                .toList();
    }

    /** Of several movers as one: another when one of them comes, goes or changes. */
    static String fingerprint(List<Mover> inside) {
        return Integer.toHexString(Objects.hash(new HashSet<>(
                inside.stream().map(m -> m.key() + m.fingerprint()).toList())));
    }

    /** By which factor each kind moved since the last edition. */
    private Map<String, Double> moves(Sheets sheets) {
        var zone = ZoneId.of(sheets.guide().zone());
        var today = LocalDate.ofInstant(clock.instant(), zone);
        return sheets.last()
                .map(last -> histories.moves(
                        last.publishedAt().atZone(zone).toLocalDate().minusDays(1), today))
                .orElse(Map.of());
    }
}
