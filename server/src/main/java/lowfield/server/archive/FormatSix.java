package lowfield.server.archive;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.Nulls;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Currency;
import java.util.List;
import lowfield.core.guide.Band;
import lowfield.core.money.Money;
import lowfield.core.press.Cell;
import lowfield.core.press.Publication;
import lowfield.core.press.PublishedAdvice;
import org.erdtman.jcs.JsonCanonicalizer;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/**
 * Documents of format 6, as docs/formats/edition-6.schema.json describes them: the document of core, field for field, as
 * canonical JSON (RFC 8785). Sums are minor units of the guide's currency. Those of format 5 lack only front fans
 * and memory in the drawing of the fit, those of format 4 also what may be absent: the base price of a package, and how far a
 * price is from the MSRP.
 */
final class FormatSix {
    static final String FORMAT = Publication.FORMAT;

    /** Under which attribute the currency of a document's sums is found while it is read. */
    private static final String CURRENCY = "currency";

    private static final JsonMapper MAPPER = JsonMapper.builder()
            .changeDefaultPropertyInclusion(v -> v.withValueInclusion(JsonInclude.Include.NON_ABSENT))
            .changeDefaultVisibility(v -> v.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
            .addMixIn(PublishedAdvice.class, FirstAdvice.class)
            .addMixIn(Cell.class, CellTags.class)
            .addMixIn(Band.class, BandTags.class)
            .addModule(new SimpleModule()
                    .addSerializer(Money.class, new MinorUnits())
                    .addDeserializer(Money.class, new InTheGuidesCurrency()))
            .build();

    private FormatSix() {}

    static String write(Publication publication) {
        var tree = MAPPER.valueToTree(publication);
        try {
            return new JsonCanonicalizer(MAPPER.writeValueAsString(tree)).getEncodedString();
        } catch (IOException notJson) {
            throw new UncheckedIOException(notJson);
        }
    }

    static Publication read(JsonNode document) {
        var currency = Money.currencyOf(document.path("guide").path("currency").asString());
        return MAPPER.readerFor(Publication.class)
                .withAttribute(CURRENCY, currency)
                .readValue(document);
    }

    /** The first documents of this format do not have what is given up as a list of its own. */
    private interface FirstAdvice {
        @JsonSetter(nulls = Nulls.AS_EMPTY)
        List<String> losses();
    }

    /** What each form of a cell is called in a document. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Cell.Exact.class, name = "exact"),
        @JsonSubTypes.Type(value = Cell.Rounded.class, name = "rounded"),
        @JsonSubTypes.Type(value = Cell.Estimated.class, name = "estimated"),
        @JsonSubTypes.Type(value = Cell.Withheld.class, name = "withheld"),
        @JsonSubTypes.Type(value = Cell.Included.class, name = "included"),
        @JsonSubTypes.Type(value = Cell.NotKnown.class, name = "not known")
    })
    private interface CellTags {}

    /** What each form of a band is called in a document. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Band.FromTo.class, name = "from-to"),
        @JsonSubTypes.Type(value = Band.Point.class, name = "point"),
        @JsonSubTypes.Type(value = Band.None.class, name = "none")
    })
    private interface BandTags {}

    private static final class MinorUnits extends ValueSerializer<Money> {
        @Override
        public void serialize(Money money, JsonGenerator out, SerializationContext context) {
            out.writeNumber(money.minor());
        }
    }

    private static final class InTheGuidesCurrency extends ValueDeserializer<Money> {
        @Override
        public Money deserialize(JsonParser in, DeserializationContext context) {
            return new Money(in.getLongValue(), (Currency) context.getAttribute(CURRENCY));
        }
    }
}
