package lowfield.server.reading;

import java.io.Reader;
import java.util.ArrayDeque;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import lowfield.core.RuleBroken;

/**
 * The items of a list in XML, one at a time: an element that is repeated, whose children, in any namespace, are the columns.
 * Nothing outside the file is fetched, and no entity but XML's own five is known.
 */
final class XmlLines {
    private static final XMLInputFactory XML = factory();
    private static final int LONGEST = 100_000;

    private final String item;
    private final Set<String> columns;

    /**
     * @param item the local name of the repeated element
     * @param columns paths of local names within an item, parted by dots
     */
    XmlLines(String item, Set<String> columns) {
        RuleBroken.unless(!item.isBlank(), "say which element of the list is repeated, such as item");
        this.item = item;
        this.columns = columns;
    }

    private static XMLInputFactory factory() {
        var factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_COALESCING, false);
        factory.setXMLResolver((publicId, systemId, base, namespace) -> {
            throw new XMLStreamException("nothing outside the list is read");
        });
        return factory;
    }

    /** Gives each item as a function from a column to its value. */
    void read(Reader text, Consumer<Function<String, Optional<String>>> sink) {
        try {
            var xml = new BoundedXml(XML, text);
            while (xml.hasNext()) {
                if (xml.next() == XMLStreamConstants.START_ELEMENT && xml.name().equals(item)) {
                    var values = values(xml);
                    sink.accept(column -> Optional.ofNullable(values.get(column)));
                }
            }
        } catch (XMLStreamException broken) {
            throw new RuleBroken("the list is broken XML");
        }
    }

    private Map<String, String> values(BoundedXml xml) throws XMLStreamException {
        var values = new HashMap<String, String>();
        var path = new ArrayDeque<String>();
        var text = new StringBuilder();
        while (true) {
            switch (xml.next()) {
                case XMLStreamConstants.START_ELEMENT -> {
                    path.addLast(xml.name());
                    text.setLength(0);
                }
                case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA -> {
                    text.append(xml.text());
                    RuleBroken.unless(
                            text.length() <= LONGEST, "the list is broken XML: it holds a text that is too long");
                }
                case XMLStreamConstants.END_ELEMENT -> {
                    if (path.isEmpty()) {
                        return values;
                    }
                    keep(
                            path.stream().collect(Collectors.joining(".")),
                            text.toString().strip(),
                            values);
                    text.setLength(0);
                    path.removeLast();
                }
                default -> {
                    // Comments and instructions say nothing.
                }
            }
        }
    }

    /** The first of several children of one name counts. */
    private void keep(String path, String value, Map<String, String> values) {
        if (!value.isEmpty() && columns.contains(path)) {
            values.putIfAbsent(path, value);
        }
    }
}
