package lowfield.server.press;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.evidence.OwnHands;
import lowfield.core.evidence.ShopCommission;
import lowfield.core.evidence.SoftFact;
import lowfield.core.press.PressMaterial;
import lowfield.core.press.PublishedOwn;
import lowfield.core.press.PublishedTexts;
import lowfield.server.catalogue.SoftFacts;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.edition.TextRows;
import lowfield.server.edition.TextState;
import lowfield.server.reasons.TextViews;
import lowfield.server.shops.Shops;
import org.springframework.stereotype.Component;

/** What the author writes and has to do with an edition, its tiers, builds and parts, as it is published. */
@Component
class OwnWords {
    private final TextRows rows;
    private final TextViews views;
    private final SoftFacts facts;
    private final Shops shops;

    OwnWords(TextRows rows, TextViews views, SoftFacts facts, Shops shops) {
        this.shops = shops;
        this.rows = rows;
        this.views = views;
        this.facts = facts;
    }

    PressMaterial.Texts texts(LoadedEdition edition) {
        var byId = byId(edition);
        Function<UUID, PublishedTexts> of = id ->
                Optional.ofNullable(byId.get(id)).map(t -> filled(edition, t)).orElse(PublishedTexts.NONE);
        return new PressMaterial.Texts(of.apply(edition.guide().id()), of, of, of);
    }

    private Map<UUID, TextRows.StoredText> byId(LoadedEdition edition) {
        return rows.of(edition.edition().id()).stream()
                .collect(Collectors.toMap(TextRows.StoredText::id, Function.identity()));
    }

    private PublishedTexts filled(LoadedEdition edition, TextRows.StoredText text) {
        return new PublishedTexts(
                views.filled(edition, text, text.state().introduction()).markdown(),
                views.filled(edition, text, text.state().verdict()).markdown());
    }

    PressMaterial.Own own(LoadedEdition edition) {
        var byId = byId(edition);
        var parts = edition.evaluated()
                .places()
                .flatMap(p -> p.line().choice().part().stream())
                .map(p -> p.id())
                .distinct()
                .toList();
        var known = facts.of(parts);
        return new PressMaterial.Own(
                part -> published(OwnHands.of(known.of(part).stream()
                        .map(SoftFacts.Kept::fact)
                        .filter(f ->
                                edition.guide().printsHandling() || !f.form().isHandling())
                        .toList())),
                build -> Optional.ofNullable(byId.get(build))
                        .map(t -> published(t.state()))
                        .orElse(PublishedOwn.NONE),
                ofShops());
    }

    private Function<List<String>, Optional<String>> ofShops() {
        var earning = shops.all().stream()
                .filter(s -> Boolean.TRUE.equals(s.earnsCommission()))
                .map(Shops.Shop::name)
                .collect(Collectors.toSet());
        return all ->
                ShopCommission.forReaders(all.stream().filter(earning::contains).toList());
    }

    private static PublishedOwn published(OwnHands hands) {
        return new PublishedOwn(hands.handled(), hands.disclosures());
    }

    private static PublishedOwn published(TextState text) {
        return new PublishedOwn(
                text.handledForm().map(SoftFact.Form::forReaders).orElse(""),
                Stream.of(text.disclosure().strip()).filter(d -> !d.isEmpty()).toList());
    }
}
