package lowfield.core.attention;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/** Groups single items as the desk shows them: several of one sort in one build are one row that leads to the first. */
final class DecisionQueue {
    /** How several of a sort are told. */
    private static final Map<Matter, String> TOGETHER = Map.of(
            Matter.EMPTY_SLOT, "%d parts not chosen",
            Matter.CAUTION, "%d cautions to answer",
            Matter.ADVISORY, "%d checks that only advise miss a figure");

    /** What no list of today's work shows: a gate is for it, or the round. */
    private static final Set<Matter> ELSEWHERE = Set.of(
            Matter.TOTAL_NOT_KNOWN,
            Matter.OLD_PRICE,
            Matter.OPTION_WITHOUT_PRICE,
            Matter.KIND_MOVED,
            Matter.MOVED,
            Matter.PREMIUM,
            Matter.SMALL_MOVES);

    private final List<Item> items;
    private final Set<UUID> unfinished;

    DecisionQueue(List<Item> items) {
        this.items = items;
        this.unfinished = items.stream()
                .filter(i -> i.matter() == Matter.EMPTY_SLOT)
                .map(i -> i.places().get(0).build())
                .collect(Collectors.toCollection(HashSet::new));
    }

    List<Item> grouped() {
        var groups = new LinkedHashMap<List<Object>, List<Item>>();
        for (var item : items) {
            if (isForQueue(item)) {
                groups.computeIfAbsent(group(item), g -> new ArrayList<>()).add(item);
            }
        }
        return groups.values().stream()
                .map(DecisionQueue::together)
                .sorted(AttentionList.HEAVIEST_FIRST)
                .toList();
    }

    private boolean isForQueue(Item item) {
        return !ELSEWHERE.contains(item.matter()) && item.isOwn() && !saysNothingYet(item);
    }

    /** While slots are empty, a total under the band says nothing. */
    private boolean saysNothingYet(Item item) {
        return item.matter() == Matter.UNDER_BAND
                && unfinished.contains(item.places().get(0).build());
    }

    /** What a build shares in one row; every other item is a row of its own. */
    private static List<Object> group(Item item) {
        return TOGETHER.containsKey(item.matter())
                ? List.of(item.matter(), item.places().get(0).build())
                : List.of(item.matter(), item.key(), item.state(), item.places());
    }

    private static Item together(List<Item> group) {
        var first = group.get(0);
        if (group.size() == 1) {
            return first;
        }
        var said = TOGETHER.getOrDefault(first.matter(), "%d");
        return Item.of(
                first.matter(),
                "build:" + first.places().get(0).build(),
                first.state(),
                said.formatted(group.size()),
                first.what(),
                group.size(),
                List.of(first.places().get(0)));
    }
}
