package lowfield.server.reading;

import java.util.ArrayList;
import java.util.List;
import lowfield.core.intake.Statement;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;

/**
 * The labelled statements that stand in a page itself, however it lays them out: rows of two cells, terms with their
 * descriptions, items "label: text", a label in bold with its text behind it, and boxes of a label and a text.
 */
final class PageStatements {
    static final int MOST = 400;
    private static final int LONGEST_LABEL = 80;
    /** So many boxes of one form make a list of figures; fewer may be anything. */
    private static final int FEWEST_BOXES = 3;

    private static final String LIST = "the page's list";

    private final Document page;
    private final List<Statement> all = new ArrayList<>();

    PageStatements(Document page) {
        this.page = page;
    }

    List<Statement> all() {
        tables();
        terms();
        items();
        bold();
        boxes();
        return List.copyOf(all);
    }

    private void tables() {
        var tables = page.select("table");
        for (int i = 0; i < tables.size(); i++) {
            for (var row : tables.get(i).select("tr")) {
                var cells = row.select("> th, > td");
                if (cells.size() == 2) {
                    add(cells.get(0).text(), cells.get(1).text(), "table " + (i + 1));
                }
            }
        }
    }

    private void terms() {
        for (var term : page.select("dl dt")) {
            var said = term.nextElementSibling();
            if (said != null && said.normalName().equals("dd")) {
                add(term.text(), said.text(), LIST);
            }
        }
    }

    private void items() {
        for (var item : page.select("li")) {
            var parts = item.children().select("ul, ol").isEmpty() ? item.text().split(":", 2) : new String[0];
            if (parts.length == 2) {
                add(parts[0], parts[1], LIST);
            }
        }
    }

    private void bold() {
        for (var label : page.select(":not(li) > b, :not(li) > strong")) {
            if (label.text().strip().endsWith(":") && label.nextSibling() instanceof TextNode text) {
                add(label.text(), text.text(), "the page's text");
            }
        }
    }

    /** Boxes that hold a label and a text each, or one box in which labels and texts take turns. */
    private void boxes() {
        for (var box : page.select("div, section, article, ul, ol")) {
            var pairs = box.children().stream().filter(PageStatements::isPair).toList();
            if (pairs.size() >= FEWEST_BOXES) {
                pairs.forEach(p -> add(p.child(0).text(), p.child(1).text(), LIST));
            } else if (takesTurns(box)) {
                for (int i = 0; i + 1 < box.childrenSize(); i += 2) {
                    add(box.child(i).text(), box.child(i + 1).text(), LIST);
                }
            }
        }
    }

    private static boolean isPair(Element row) {
        return !row.normalName().equals("tr")
                && !row.normalName().equals("li")
                && row.childrenSize() == 2
                && row.ownText().isBlank()
                && row.children().stream().allMatch(PageStatements::isText);
    }

    /** An even number of texts, of which every second is marked in the same way and its neighbours in another. */
    private static boolean takesTurns(Element box) {
        var children = box.children();
        if (children.size() < 2 * FEWEST_BOXES
                || children.size() % 2 != 0
                || !box.ownText().isBlank()) {
            return false;
        }
        var label = form(children.get(0));
        var text = form(children.get(1));
        for (int i = 0; i < children.size(); i++) {
            if (!isText(children.get(i)) || !form(children.get(i)).equals(i % 2 == 0 ? label : text)) {
                return false;
            }
        }
        return !label.equals(text);
    }

    private static String form(Element element) {
        return element.normalName() + "." + element.className();
    }

    private static boolean isText(Element element) {
        return element.childrenSize() <= 1
                && element.select("a[href], img, input, button, select").isEmpty();
    }

    private void add(String label, String text, String where) {
        var bare = ProductPage.plain(label).replaceFirst(":$", "").strip();
        var said = ProductPage.plain(text);
        if (all.size() < MOST && !bare.isEmpty() && bare.length() <= LONGEST_LABEL && !said.isEmpty()) {
            all.add(new Statement(bare, said, where));
        }
    }
}
