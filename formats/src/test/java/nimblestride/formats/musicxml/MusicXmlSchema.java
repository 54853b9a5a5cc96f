package nimblestride.formats.musicxml;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.XMLConstants;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.parsers.SAXParserFactory;
import javax.xml.transform.sax.SAXSource;
import javax.xml.transform.stream.StreamSource;
import javax.xml.validation.Schema;
import javax.xml.validation.SchemaFactory;
import javax.xml.validation.Validator;
import org.w3c.dom.bootstrap.DOMImplementationRegistry;
import org.w3c.dom.ls.DOMImplementationLS;
import org.w3c.dom.ls.LSInput;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;

/** The MusicXML 4.0 schema (W3C Music Notation Community Group), as the library proxymusic carries it, read offline. */
final class MusicXmlSchema {
    private static final Schema SCHEMA = load();

    private MusicXmlSchema() {}

    private static Schema load() {
        try (InputStream schema = MusicXmlSchema.class.getResourceAsStream("/META-INF/jaxb/xsd/musicxml.xsd")) {
            SchemaFactory factory = SchemaFactory.newInstance(XMLConstants.W3C_XML_SCHEMA_NS_URI);
            DOMImplementationLS dom = (DOMImplementationLS)
                    DOMImplementationRegistry.newInstance().getDOMImplementation("LS");
            Map<String, String> files = Map.of("xml.xsd", "xml.xsd", "xlink.xsd", "xlink.xsd");
            factory.setResourceResolver((type, namespace, publicId, systemId, base) -> {
                LSInput input = dom.createLSInput();
                input.setSystemId(systemId);
                input.setByteStream(MusicXmlSchema.class.getResourceAsStream(files.get(systemId)));
                return input;
            });
            String text = asPublished(new String(schema.readAllBytes(), StandardCharsets.UTF_8));
            return factory.newSchema(new StreamSource(new StringReader(text)));
        } catch (IOException | SAXException | ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    /**
     * The library has loosened the schema in a few places for its own use and left the published text beside each, as a
     * comment. That text is put back.
     */
    static String asPublished(String text) {
        return Pattern.compile("<!-- ?HB-old(.*?)-->\\s*<!-- HB-new -->.*?<!-- HB-end -->", Pattern.DOTALL)
                .matcher(text)
                .replaceAll(found -> Matcher.quoteReplacement(found.group(1)))
                .replace("group ref=\"beat-unit\"", "group ref=\"beat-unit-group\"")
                .replace("group name=\"beat-unit\"", "group name=\"beat-unit-group\"");
    }

    /** @throws SAXException saying what is not as the schema wants it */
    static void validate(byte[] document) throws SAXException, IOException, ParserConfigurationException {
        Validator validator = SCHEMA.newValidator();
        SAXParserFactory parsers = SAXParserFactory.newInstance();
        parsers.setNamespaceAware(true);
        // The document names the DTD as well, which lies on the network.
        parsers.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
        validator.validate(new SAXSource(
                parsers.newSAXParser().getXMLReader(), new InputSource(new ByteArrayInputStream(document))));
    }
}
