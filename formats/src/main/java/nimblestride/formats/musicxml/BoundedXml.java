package nimblestride.formats.musicxml;

import java.io.Reader;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.util.StreamReaderDelegate;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.files.UnreadableFileException;

/**
 * Reads XML within limits, and stops at the first place beyond them: no document type, no entity, no reference to
 * another file, no number or text longer than any score needs, no more parts, measures, or notes than a score that
 * people play.
 */
final class BoundedXml extends StreamReaderDelegate {
    /** Numbers of a score have fewer digits; longer ones take a machine minutes to read. */
    private static final int MAX_DIGITS = 30;

    private static final int MAX_TEXT = 20_000;
    private static final int MAX_NOTES_IN_MEASURE = 40_000;
    private static final int MAX_ALL_ELEMENTS = 3_000_000;
    private static final Set<String> NUMBERS = Set.of("divisions", "duration", "beats", "beat-type", "per-minute");
    /** How many of each element a document may have. */
    private static final Map<String, Integer> MAX_ELEMENTS =
            Map.of("part", 200_000, "score-part", 500, "measure", 200_000, "note", 4 * Transcription.MAX_STROKES);

    private final Map<String, int[]> counts;
    private String element = "";
    private int elements;
    private int textLength;
    private int notesInMeasure;

    private BoundedXml(XMLStreamReader reader) {
        super(reader);
        counts = MAX_ELEMENTS.keySet().stream().collect(Collectors.toMap(name -> name, name -> new int[1]));
    }

    /**
     * Starts to read.
     *
     * @throws XMLStreamException if it does not start as XML
     */
    static BoundedXml of(Reader document) throws XMLStreamException {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, false);
        factory.setXMLResolver((publicId, systemId, base, namespace) -> {
            throw new XMLStreamException("the file refers to another file, which is never opened: " + systemId);
        });
        return new BoundedXml(factory.createXMLStreamReader(document));
    }

    /** Returns the element being read. */
    String element() {
        return element;
    }

    @Override
    public int next() throws XMLStreamException {
        int event = super.next();
        switch (event) {
            case XMLStreamConstants.START_ELEMENT -> begin();
            case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA -> read(getTextLength());
            case XMLStreamConstants.END_ELEMENT -> textLength = 0;
            default -> {
                // Comments, and what else may stand between elements.
            }
        }
        return event;
    }

    private void begin() {
        element = getLocalName();
        textLength = 0;
        if (++elements > MAX_ALL_ELEMENTS) {
            throw tooMuch("more than " + Counted.number(MAX_ALL_ELEMENTS) + " elements");
        }
        int[] count = counts.get(element);
        if (count != null && ++count[0] > MAX_ELEMENTS.get(element)) {
            throw tooMuch("more than " + Counted.number(MAX_ELEMENTS.get(element)) + " <" + element + "> elements");
        }
        if (element.equals("measure")) {
            notesInMeasure = 0;
            if (Thread.interrupted()) {
                throw new CancellationException();
            }
        }
        if (element.equals("note") && ++notesInMeasure > MAX_NOTES_IN_MEASURE) {
            throw tooMuch("more than " + Counted.number(MAX_NOTES_IN_MEASURE) + " notes in one measure");
        }
        for (int i = 0; i < getAttributeCount(); i++) {
            if (getAttributeValue(i).length() > MAX_TEXT
                    || (getAttributeLocalName(i).equals("times")
                            && getAttributeValue(i).length() > MAX_DIGITS)) {
                throw tooMuch("an attribute " + getAttributeLocalName(i) + " that is too long");
            }
        }
    }

    private void read(int length) {
        textLength += length;
        if (textLength > (NUMBERS.contains(element) ? MAX_DIGITS : MAX_TEXT)) {
            throw tooMuch("a <" + element + "> that is too long");
        }
    }

    private UnreadableFileException tooMuch(String what) {
        return new UnreadableFileException(
                "line " + getLocation().getLineNumber() + ": " + what + "; no playable score has that");
    }
}
