package lowfield.core.proofreading.guard;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.proofreading.Slip;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.mentions.Mention;

/**
 * Finds names that leave out what makes one product another: "the Vane" where a Vane Five and a Vane Seven could be meant. Once
 * a text has named one of them whole, the short name is that one's.
 */
final class NameOfSeveral {
    private NameOfSeveral() {}

    static List<Slip> slips(String text, List<Mention> named) {
        var all = new ArrayList<Slip>();
        var told = new HashSet<String>();
        var clear = new HashSet<UUID>();
        for (var mention : named) {
            if (mention.sort() != Mention.Sort.NAME) {
                continue;
            }
            var products =
                    mention.subjects().stream().map(s -> s.part().product()).collect(Collectors.toSet());
            if (products.size() == 1) {
                clear.addAll(products);
            } else if (isOpen(mention, clear) && told.add(text.substring(mention.start(), mention.end()))) {
                all.add(slip(text, mention));
            }
        }
        return all;
    }

    /** The choice is what its own reason means by a short name. */
    private static boolean isOpen(Mention mention, HashSet<UUID> clear) {
        return mention.subjects().stream().noneMatch(s -> s.role() == Subject.Role.CHOICE)
                && mention.subjects().stream()
                                .map(s -> s.part().product())
                                .distinct()
                                .filter(clear::contains)
                                .count()
                        != 1;
    }

    private static Slip slip(String text, Mention mention) {
        var written = text.substring(mention.start(), mention.end());
        var meant = mention.subjects().stream()
                .map(Subject::name)
                .distinct()
                .sorted()
                .limit(3)
                .collect(Collectors.joining(", "));
        return new Slip(
                mention.start(),
                mention.end(),
                written,
                "whole name",
                Optional.empty(),
                Optional.empty(),
                "%s could be %s.".formatted(written, meant),
                false);
    }
}
