package lowfield.server.readers;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import lowfield.core.press.Publication;
import lowfield.server.platform.Json;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Renders the page of an edition from what was published, and from nothing else. */
record EditionPage(ITemplateEngine templates) {
    /** The page as bytes, with what stands in its slots cut out; the hash is empty where nothing is published yet. */
    SlotMarks.Cut of(Publication published, String path, String hash) {
        var marks = new SlotMarks();
        var model = new PageModel(published, marks);
        var context = new Context(Locale.forLanguageTag(published.guide().locale()));
        context.setVariable("guide", published.guide());
        context.setVariable("number", published.number());
        context.setVariable("month", model.words().month(published.period()));
        context.setVariable("prices", model.prices());
        context.setVariable("published", model.words().date(published.publishedAt()));
        context.setVariable("tabs", model.tabs());
        context.setVariable("tiers", model.tiers());
        context.setVariable("charts", model.charts());
        context.setVariable("texts", model.texts());
        context.setVariable("shares", model.shares());
        context.setVariable("avoid", model.avoid());
        context.setVariable("terms", model.terms());
        context.setVariable("path", path);
        context.setVariable("hash", hash);
        context.setVariable("home", "/" + published.guide().slug());
        context.setVariable("superseded", marks.superseded());
        context.setVariable("data", data(published, model));
        return marks.cut(templates.process("edition", context));
    }

    /** schema.org data for machines; "<" is escaped so that nothing can end the script element early. */
    private static String data(Publication published, PageModel model) {
        var items = new ArrayList<Map<String, Object>>();
        for (var tier : published.tiers()) {
            var item = new LinkedHashMap<String, Object>();
            item.put("@type", "ListItem");
            item.put("position", items.size() + 1);
            item.put(
                    "name",
                    tier.name() + ", "
                            + model.words().about(tier.main().total()) + " "
                            + published.guide().currency().getCurrencyCode());
            items.add(item);
        }
        var article = new LinkedHashMap<String, Object>();
        article.put("@context", "https://schema.org");
        article.put("@type", "Article");
        article.put("headline", published.guide().name() + ", edition " + published.number());
        article.put("datePublished", published.publishedAt().toString());
        article.put("inLanguage", published.guide().locale());
        article.put("mainEntity", Map.of("@type", "ItemList", "itemListElement", items));
        return Json.write(article).replace("<", "\\u003c");
    }
}
