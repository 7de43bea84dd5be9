package lowfield.server.rates;

import java.io.StringReader;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import lowfield.core.RuleBroken;

/** The daily file of reference rates, as docs/formats/rates.md describes it: one euro in other currencies on a day. */
record DailyRates(LocalDate day, Map<String, BigDecimal> ofOneEuro) {
    private static final XMLInputFactory XML = XMLInputFactory.newFactory();

    static {
        XML.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        XML.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    }

    /** Reads the file; one without a day or without rates is refused, a line that is none is left out. */
    static DailyRates read(String text) {
        try {
            var xml = XML.createXMLStreamReader(new StringReader(text));
            LocalDate day = null;
            var rates = new LinkedHashMap<String, BigDecimal>();
            while (xml.hasNext()) {
                if (xml.next() == XMLStreamReader.START_ELEMENT
                        && xml.getLocalName().equals("Cube")) {
                    var time = xml.getAttributeValue(null, "time");
                    day = time == null ? day : LocalDate.parse(time);
                    rate(xml, rates);
                }
            }
            RuleBroken.unless(day != null && !rates.isEmpty(), "the rates' file has no day or no rates");
            return new DailyRates(day, Map.copyOf(rates));
        } catch (XMLStreamException | DateTimeException broken) {
            throw new RuleBroken("the rates' file is broken");
        }
    }

    private static void rate(XMLStreamReader xml, Map<String, BigDecimal> rates) {
        var currency = xml.getAttributeValue(null, "currency");
        var rate = xml.getAttributeValue(null, "rate");
        if (currency != null
                && rate != null
                && currency.matches("[A-Z]{3}")
                && rate.matches("[0-9]{1,8}(\\.[0-9]{1,8})?")) {
            var figure = new BigDecimal(rate);
            if (figure.signum() > 0) {
                rates.put(currency, figure);
            }
        }
    }
}
