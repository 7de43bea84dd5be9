package lowfield.server.readers;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.stream.Stream;
import lowfield.core.press.Publication;
import lowfield.core.press.PublishedShare;

/**
 * Where a build's money goes: a bar for each slot, and what the platform costs.
 *
 * @param platform a sentence; empty where that may not be told
 */
record Shares(List<Bar> bars, String platform) {
    /** A slot: its share in words, and how long its bar is, of a hundred. */
    record Bar(String slot, String share, double length) {}

    static Shares of(Publication.Build build, Wording words) {
        var most =
                build.shares().stream().mapToInt(PublishedShare::permille).max().orElse(1);
        return new Shares(
                build.shares().stream()
                        .map(s -> new Bar(
                                s.slot(), Wording.share(s.permille()), Math.round(1000.0 * s.permille() / most) / 10.0))
                        .toList(),
                build.platform()
                        .map(p -> "CPU, CPU cooler and motherboard come to %s%s."
                                .formatted(words.money(p), memory(build, words)))
                        .orElse(""));
    }

    private static String memory(Publication.Build build, Wording words) {
        return build.lines().stream()
                .filter(l -> l.slot().equals("Memory") && l.isCounted())
                .flatMap(l -> l.price().known().stream())
                .findFirst()
                .map(p -> ", the memory to " + words.money(p))
                .orElse("");
    }

    /** The shares of every tier's main build side by side; empty while fewer than two are told. */
    static List<Table> across(Publication publication) {
        var told = publication.tiers().stream()
                .filter(t -> !t.main().shares().isEmpty())
                .toList();
        if (told.size() < 2) {
            return List.of();
        }
        var slots = new LinkedHashSet<String>();
        told.forEach(t -> t.main().shares().forEach(s -> slots.add(s.slot())));
        var rows = new ArrayList<Table.Row>();
        for (var slot : slots) {
            rows.add(new Table.Row(
                    slot,
                    told.stream()
                            .map(t -> new Table.Cell(share(t, slot), false, false))
                            .toList()));
        }
        return List.of(new Table(told.stream().map(Publication.Tier::name).toList(), rows));
    }

    private static String share(Publication.Tier tier, String slot) {
        var all = tier.main().shares().stream()
                .filter(s -> s.slot().equals(slot))
                .mapToInt(PublishedShare::permille)
                .sum();
        return all == 0 ? "–" : Wording.share(all);
    }

    /** Whether anything is told. */
    public boolean isTold() {
        return Stream.of(bars.isEmpty(), platform.isEmpty()).anyMatch(e -> !e);
    }
}
