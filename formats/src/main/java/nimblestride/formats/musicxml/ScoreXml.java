package nimblestride.formats.musicxml;

import jakarta.xml.bind.JAXBContext;
import jakarta.xml.bind.JAXBException;
import jakarta.xml.bind.Marshaller;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.PlainText;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.WrittenBar;
import org.audiveris.proxymusic.Encoding;
import org.audiveris.proxymusic.Identification;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.PartList;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.ScoreTimewise;
import org.audiveris.proxymusic.Work;

/** A score as a MusicXML 4.0 document: the kit on a percussion staff, and each riff as a part of pitched notes. */
public final class ScoreXml {
    private static final String VERSION = "4.0";
    private static final String PROLOGUE =
            """
            <?xml version="1.0" encoding="UTF-8"?>
            <!DOCTYPE score-partwise PUBLIC "-//Recordare//DTD MusicXML 4.0 Partwise//EN" \
            "http://www.musicxml.org/dtds/partwise.dtd">
            """;
    /** What has written it. */
    static final String SOFTWARE = "Nimble Stride";

    private static final ObjectFactory FACTORY = new ObjectFactory();
    private static final String MIMETYPE = "application/vnd.recordare.musicxml";
    private static final String ROOT_FILE = "score.musicxml";
    private static final String CONTAINER =
            "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<container><rootfiles>" + "<rootfile full-path=\"" + ROOT_FILE
                    + "\" media-type=\"" + MIMETYPE + "+xml\"/></rootfiles></container>\n";

    /** Made once: it takes a while. */
    private static final class Holder {
        static final JAXBContext CONTEXT = make();

        private static JAXBContext make() {
            try {
                return JAXBContext.newInstance(ScorePartwise.class, ScoreTimewise.class);
            } catch (JAXBException e) {
                throw new IllegalStateException("MusicXML can't be written", e);
            }
        }
    }

    private ScoreXml() {}

    /** Returns the JAXB context of the standard. */
    static JAXBContext context() {
        return Holder.CONTEXT;
    }

    /**
     * Returns the score as a MusicXML document.
     *
     * @throws InvalidValueException if a bar of the score can't be written, or a layer is missing from it
     */
    public static byte[] write(Score score) {
        return write(score, ScoreLayout.PLAIN);
    }

    /**
     * Returns the score as a MusicXML document in a layout.
     *
     * @throws InvalidValueException if a bar of the score can't be written, or a layer is missing from it
     */
    public static byte[] write(Score score, ScoreLayout layout) {
        Optional<String> problem = score.bars().stream()
                .map(WrittenBar::problem)
                .filter(text -> !text.isEmpty())
                .findFirst()
                .or(() -> score.leftOut().stream().findFirst());
        if (problem.isPresent()) {
            throw new InvalidValueException(problem.get());
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            Marshaller marshaller = Holder.CONTEXT.createMarshaller();
            marshaller.setProperty(Marshaller.JAXB_FORMATTED_OUTPUT, true);
            marshaller.setProperty(Marshaller.JAXB_FRAGMENT, true);
            out.writeBytes(PROLOGUE.getBytes(StandardCharsets.UTF_8));
            if (score.bars().stream().anyMatch(bar -> bar.change().isPresent())) {
                MetronomeOrder.write(marshaller, document(score, layout), out);
            } else {
                marshaller.marshal(document(score, layout), out);
            }
        } catch (JAXBException e) {
            throw new IllegalStateException("writing to memory failed", e);
        }
        return out.toByteArray();
    }

    /**
     * Returns the score as a compressed document, packed as the standard asks: first the uncompressed media type, then
     * the container file, then the score.
     */
    public static byte[] writeCompressed(Score score, ScoreLayout layout) {
        byte[] document = write(score, layout);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            byte[] type = MIMETYPE.getBytes(StandardCharsets.US_ASCII);
            ZipEntry first = new ZipEntry("mimetype");
            CRC32 sum = new CRC32();
            sum.update(type);
            first.setMethod(ZipEntry.STORED);
            first.setSize(type.length);
            first.setCrc(sum.getValue());
            first.setTime(0);
            zip.putNextEntry(first);
            zip.write(type);
            add(zip, "META-INF/container.xml", CONTAINER.getBytes(StandardCharsets.UTF_8));
            add(zip, ROOT_FILE, document);
        } catch (IOException e) {
            throw new UncheckedIOException("writing to memory failed", e);
        }
        return bytes.toByteArray();
    }

    private static void add(ZipOutputStream zip, String name, byte[] content) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTime(0);
        zip.putNextEntry(entry);
        zip.write(content);
    }

    private static ScorePartwise document(Score score, ScoreLayout layout) {
        ScorePartwise document = new ScorePartwise();
        document.setVersion(VERSION);
        Work work = new Work();
        work.setWorkTitle(PlainText.of(score.title()));
        document.setWork(work);
        Encoding encoding = new Encoding();
        encoding.getEncodingDateOrEncoderOrSoftware().add(FACTORY.createEncodingSoftware(SOFTWARE));
        Identification identification = new Identification();
        identification.setEncoding(encoding);
        document.setIdentification(identification);
        PartList list = new PartList();
        document.setPartList(list);
        PartXml kit = PartXml.kit(score.ofKit());
        list.getPartGroupOrScorePart().add(kit.listed());
        document.getPart().add(kit.build(layout));
        int number = 2;
        for (Voice riff : score.riffs()) {
            PartXml part = PartXml.riff(score.ofRiff(riff), riff, number++);
            list.getPartGroupOrScorePart().add(part.listed());
            document.getPart().add(part.build(layout));
        }
        return document;
    }
}
