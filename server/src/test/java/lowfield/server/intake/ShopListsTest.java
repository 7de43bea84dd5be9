package lowfield.server.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.io.StringReader;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lowfield.core.RuleBroken;
import lowfield.core.part.Gtin;
import lowfield.core.part.Kind;
import lowfield.server.catalogue.PartCodes;
import lowfield.server.catalogue.PartNumbers;
import lowfield.server.outbound.Fetched;
import lowfield.server.outbound.StoredBody;
import lowfield.server.prices.Listings;
import lowfield.server.reading.FeedForm;
import lowfield.server.shops.ShopPages;
import lowfield.server.shops.Shops;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What a shop's list holds that no part is. */
class ShopListsTest {
    private static final UUID SHOP = UUID.randomUUID();
    private static final FeedForm LIST = new FeedForm(
            "/list.csv",
            FeedForm.Format.COMMA,
            null,
            Map.of(
                    FeedForm.Field.PRICE, "price",
                    FeedForm.Field.LINK, "link",
                    FeedForm.Field.GTIN, "gtin",
                    FeedForm.Field.NAME, "name"));

    private final Shops shops = mock(Shops.class);
    private final ShopPages pages = mock(ShopPages.class);
    private final PartNumbers numbers = mock(PartNumbers.class);
    private final Listings listings = mock(Listings.class);
    private final StoredBody body = mock(StoredBody.class);
    private final ShopLists lists = new ShopLists(shops, pages, numbers, listings);

    @BeforeEach
    void aCatalogueOfOnePart() {
        when(numbers.codes())
                .thenReturn(new PartCodes(List.of(new PartCodes.Coded(
                        UUID.randomUUID(), Optional.of(new Gtin("4006381333931")), Optional.empty()))));
        when(listings.pages(SHOP))
                .thenReturn(Map.of("/p/known", new Listings.PageOf(UUID.randomUUID(), UUID.randomUUID())));
    }

    private ShopLists.Looked look(@Nullable FeedForm form, String text) {
        var shop = shop(form);
        when(shops.find(SHOP)).thenReturn(shop);
        when(body.reader()).thenAnswer(asked -> new StringReader(text));
        when(pages.list(shop, "/list.csv")).thenReturn(new Fetched.Listed(body));
        return lists.look(SHOP);
    }

    private static Shops.Shop shop(@Nullable FeedForm form) {
        return new Shops.Shop(
                SHOP,
                "Ferrowby",
                "ferrowby.example",
                "EUR",
                "",
                "CET",
                200,
                null,
                null,
                true,
                true,
                null,
                null,
                0,
                1,
                form,
                true,
                false,
                1,
                0);
    }

    @Test
    void whatIsKnownByPageOrNumberIsLeftOut() {
        var looked = look(LIST, """
                gtin,name,price,link
                4006381333931,Vane Five Graphics Card,309.00,/p/vane
                4006381333948,Kelder 650 W power supply,89.00,/p/known
                4006381333955,Drumlin Beck 1 TB SSD,79.00,/p/beck
                """);
        assertThat(looked.lines()).isEqualTo(3);
        assertThat(looked.unknown())
                .containsExactly(new ShopLists.Unknown(
                        Kind.DRIVE,
                        "Drumlin Beck 1 TB SSD",
                        "4006381333955",
                        7900L,
                        "https://ferrowby.example/p/beck"));
        verify(body).close();
    }

    @Test
    void severalOffersOfOneThingAreOneAtTheLeastPrice() {
        var looked = look(LIST, """
                gtin,name,price,link
                4006381333955,Drumlin Beck 1 TB SSD,79.00,/p/beck
                4006381333955,Drumlin Beck 1 TB SSD,69.00,/p/beck-opened
                ,Something,5.00,/p/thing
                ,,5.00,/p/nameless
                """);
        assertThat(looked.unknown()).extracting(ShopLists.Unknown::priceMinor).containsExactly(6900L, 500L);
        assertThat(looked.unknown().get(1).kind()).isNull();
    }

    @Test
    void ofALongListTheFirstAreShownAndTheRestCounted() {
        var text = IntStream.range(0, 2_050)
                .mapToObj(n -> ",Thing %d,5.00,/p/%d".formatted(n, n))
                .collect(Collectors.joining("\n", "gtin,name,price,link\n", "\n"));
        var looked = look(LIST, text);
        assertThat(looked.unknown()).hasSize(2_000);
        assertThat(looked.more()).isEqualTo(50);
    }

    @Test
    void markupInANameIsNoMarkupAndALinkElsewhereIsToldNotShown() {
        var looked = look(LIST, """
                gtin,name,price,link
                ,<b>Beck</b><script>alert(1)</script>,5.00,/p/1
                ,Elsewhere,5.00,https://evil.example/p/2
                """);
        assertThat(looked.unknown()).hasSize(1);
        assertThat(looked.unknown().get(0).name()).doesNotContain("<");
        assertThat(looked.sentence()).contains("another host");
    }

    @Test
    void withoutAColumnOfNamesItSaysWhatToDo() {
        var columns = Map.of(FeedForm.Field.PRICE, "price", FeedForm.Field.LINK, "link");
        var looked = look(new FeedForm("/list.csv", FeedForm.Format.COMMA, null, columns), "price,link\n5.00,/p/1\n");
        assertThat(looked.unknown()).isEmpty();
        assertThat(looked.sentence()).contains("which column of the list is the name");
    }

    @Test
    void aShopWithoutAListAndAListThatCannotBeHadAreTold() {
        when(shops.find(SHOP)).thenReturn(shop(null));
        assertThatThrownBy(() -> lists.look(SHOP))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("has no list");
        var shop = shop(LIST);
        when(shops.find(SHOP)).thenReturn(shop);
        when(pages.list(shop, "/list.csv")).thenReturn(new Fetched.Failed("it answered 500", false));
        assertThatThrownBy(() -> lists.look(SHOP))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("it answered 500");
    }
}
