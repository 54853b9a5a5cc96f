package nimblestride.formats.musicxml;

import jakarta.xml.bind.JAXBException;
import jakarta.xml.bind.Marshaller;
import java.io.OutputStream;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.transform.OutputKeys;
import javax.xml.transform.Transformer;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.audiveris.proxymusic.ScorePartwise;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** Moves the second note of a modulation where the standard has it: the library can only put both notes first. */
final class MetronomeOrder {
    private MetronomeOrder() {}

    static void write(Marshaller marshaller, ScorePartwise score, OutputStream out) throws JAXBException {
        try {
            Document document =
                    DocumentBuilderFactory.newInstance().newDocumentBuilder().newDocument();
            marshaller.marshal(score, document);
            NodeList metronomes = document.getElementsByTagName("metronome");
            for (int i = 0; i < metronomes.getLength(); i++) {
                Element metronome = (Element) metronomes.item(i);
                NodeList notes = metronome.getElementsByTagName("metronome-note");
                if (notes.getLength() == 2) {
                    metronome.appendChild(notes.item(1));
                }
            }
            Transformer transformer = TransformerFactory.newInstance().newTransformer();
            transformer.setOutputProperty(OutputKeys.OMIT_XML_DECLARATION, "yes");
            transformer.setOutputProperty(OutputKeys.INDENT, "yes");
            transformer.transform(new DOMSource(document), new StreamResult(out));
        } catch (ParserConfigurationException | TransformerException e) {
            throw new IllegalStateException("writing to memory failed", e);
        }
    }
}
