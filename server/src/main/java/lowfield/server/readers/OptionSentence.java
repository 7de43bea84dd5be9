package lowfield.server.readers;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lowfield.core.Text;
import lowfield.core.press.Cell;
import lowfield.core.press.Publication;

/**
 * An alternative or upgrade as readers are told it: "Cheaper: take the Basalt Five for 349.00 at Ferrowby, seen on 3 December
 * 2026. The build then costs 1,176.00, 63.90 less. You give up 12 GB."
 *
 * @param lead up to the shop, which may have a link
 * @param seller empty where there is no offer
 * @param link empty where there is no page
 * @param rest everything behind the shop
 */
record OptionSentence(String lead, String seller, String link, String rest) {
    static OptionSentence of(Publication.Option option, boolean isUpgrade, Wording words) {
        var source = option.worth().source();
        var said = source.map(Publication.Source::said).orElse("");
        return new OptionSentence(
                lead(option, isUpgrade) + option.label() + price(option, words) + at(source),
                said,
                source.filter(Publication.Source::hasPage)
                        .map(Publication.Source::link)
                        .orElse(""),
                source.map(s -> ", seen on " + words.date(s.seenAt())).orElse("") + ". "
                        + String.join(" ", rest(option, words)));
    }

    /** What joins the price and who asks it. */
    private static String at(Optional<Publication.Source> source) {
        return source.filter(s -> !s.said().isEmpty())
                .map(s -> s.where().isEmpty() ? ", " : " at ")
                .orElse("");
    }

    private static String lead(Publication.Option option, boolean isUpgrade) {
        var motive = option.worth().motive();
        var why = motive.isEmpty()
                ? ""
                : motive.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + motive.substring(1) + ": ";
        if (option.adds()) {
            return why.isEmpty() ? "Later, add the " : why + "later, add the ";
        }
        if (isUpgrade) {
            return why.isEmpty() ? "With more money, take the " : why + "take the ";
        }
        return why.isEmpty() ? "Another choice is the " : why + "take the ";
    }

    private static String price(Publication.Option option, Wording words) {
        return option.price() instanceof Cell.NotKnown ? "" : ", " + words.whole(option.price());
    }

    private static List<String> rest(Publication.Option option, Wording words) {
        var all = new ArrayList<String>();
        var worth = option.worth();
        var difference = words.byHowMuch(option.difference());
        if (worth.total().known().isPresent()) {
            all.add("The build then costs " + words.whole(worth.total())
                    + (difference.isEmpty() ? "." : ", " + difference + "."));
        } else if (!difference.isEmpty()) {
            all.add("That is " + difference + " in all.");
        }
        if (!worth.gains().isEmpty()) {
            all.add("You get " + Text.listed(worth.gains(), "and") + ".");
        }
        if (!worth.losses().isEmpty()) {
            all.add("You give up something: " + Text.listed(worth.losses(), "and") + ".");
        }
        option.consequences().forEach(c -> all.add(sentence(c)));
        if (!worth.nextTier().isEmpty()) {
            all.add(worth.nextTier());
        }
        if (!option.note().isBlank()) {
            all.add(sentence(option.note()));
        }
        return all;
    }

    private static String sentence(String words) {
        var said = words.strip();
        return said.substring(0, 1).toUpperCase(java.util.Locale.ROOT)
                + said.substring(1)
                + (said.matches("(?s).*[.!?]$") ? "" : ".");
    }
}
