package lowfield.server.reading;

import java.io.Reader;
import java.util.HashSet;
import java.util.Set;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import lowfield.core.RuleBroken;

/**
 * XML, event by event, of which no part can grow without end: not what stands between two events (an attribute, a comment),
 * nor the depth, nor the names that the parser keeps.
 */
final class BoundedXml {
    private static final int LONGEST = 1_000_000;
    private static final int DEEPEST = 60;
    private static final int MOST_NAMES = 2_000;
    private static final int MOST_ATTRIBUTES = 100;

    private final BoundedReader bounded;
    private final XMLStreamReader xml;
    private final Set<String> names = new HashSet<>();
    private int depth;

    BoundedXml(XMLInputFactory factory, Reader text) throws XMLStreamException {
        bounded = new BoundedReader(text, LONGEST, "a part of the list");
        xml = factory.createXMLStreamReader(bounded);
    }

    boolean hasNext() throws XMLStreamException {
        return xml.hasNext();
    }

    int next() throws XMLStreamException {
        var event = xml.next();
        bounded.pieceRead();
        switch (event) {
            case XMLStreamConstants.START_ELEMENT -> begun();
            case XMLStreamConstants.END_ELEMENT -> depth--;
            case XMLStreamConstants.PROCESSING_INSTRUCTION -> name(xml.getPITarget());
            default -> {}
        }
        return event;
    }

    private void begun() {
        RuleBroken.unless(++depth <= DEEPEST, "the list is broken XML: it nests too deep");
        RuleBroken.unless(
                xml.getAttributeCount() <= MOST_ATTRIBUTES && xml.getNamespaceCount() <= MOST_ATTRIBUTES,
                "the list is broken XML: an element has too many attributes");
        name(xml.getLocalName());
        for (int i = 0; i < xml.getAttributeCount(); i++) {
            name(xml.getAttributeLocalName(i));
        }
        for (int i = 0; i < xml.getNamespaceCount(); i++) {
            name(String.valueOf(xml.getNamespacePrefix(i)));
        }
    }

    private void name(String name) {
        names.add(name);
        RuleBroken.unless(names.size() <= MOST_NAMES, "the list is broken XML: it holds too many different names");
    }

    String name() {
        return xml.getLocalName();
    }

    String text() {
        return xml.getText();
    }
}
