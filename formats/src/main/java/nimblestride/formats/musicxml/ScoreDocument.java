package nimblestride.formats.musicxml;

import jakarta.xml.bind.JAXBException;
import jakarta.xml.bind.Unmarshaller;
import jakarta.xml.bind.ValidationEvent;
import java.io.StringReader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import nimblestride.files.UnreadableFileException;
import org.audiveris.proxymusic.Identification;
import org.audiveris.proxymusic.PartList;
import org.audiveris.proxymusic.ScorePart;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.ScoreTimewise;
import org.audiveris.proxymusic.Work;
import org.audiveris.proxymusic.YesNo;

/**
 * A MusicXML document as it stands, by parts or by measures, packed or not. No document type is read, no entity resolved and no
 * reference followed.
 *
 * @param title empty where it has none
 * @param own whether this program has written it
 */
record ScoreDocument(String title, boolean own, List<PartOfScore> parts) {
    /** Larger documents are refused unread. */
    static final int MAX_SIZE = CompressedScore.MAX_UNPACKED;

    private static final Set<String> LENGTHS = Set.of("divisions", "duration");
    private static final int DECLARATION = 200;
    private static final Pattern ENCODING =
            Pattern.compile("<\\?xml[^>]*encoding\\s*=\\s*[\"']([A-Za-z][A-Za-z0-9._-]*)[\"']");

    /** A part, and its measures in order. */
    record PartOfScore(ScorePart header, List<MeasureOfScore> measures) {}

    /** @param implicit whether it is a pickup, or another bar that is not counted */
    record MeasureOfScore(String number, boolean implicit, List<Object> content) {}

    static ScoreDocument read(byte[] file) {
        byte[] document = CompressedScore.is(file) ? CompressedScore.document(file) : file;
        if (document.length > MAX_SIZE) {
            throw new UnreadableFileException(
                    String.format(Locale.ROOT, "the score has %,d bytes; the most is %,d", document.length, MAX_SIZE));
        }
        try {
            BoundedXml reader = BoundedXml.of(new StringReader(decoded(document)));
            while (reader.next() != XMLStreamConstants.START_ELEMENT) {
                // What stands before the score, a document type above all, is passed over.
            }
            Unmarshaller unmarshaller = ScoreXml.context().createUnmarshaller();
            unmarshaller.setEventHandler(event -> isHarmless(event, reader));
            return switch (reader.getLocalName()) {
                case "score-partwise" ->
                    partwise(unmarshaller.unmarshal(reader, ScorePartwise.class).getValue());
                case "score-timewise" ->
                    timewise(unmarshaller.unmarshal(reader, ScoreTimewise.class).getValue());
                default ->
                    throw new UnreadableFileException("this XML begins with <" + reader.getLocalName()
                            + ">; expected <score-partwise> or <score-timewise>");
            };
        } catch (UnreadableFileException | CancellationException e) {
            throw e;
        } catch (XMLStreamException | JAXBException e) {
            throw new UnreadableFileException("I can't read this MusicXML: " + said(e));
        } catch (RuntimeException e) {
            // The reader of the library meets things that the schema forbids with whatever exception comes.
            throw new UnreadableFileException("this score breaks the rules of MusicXML ("
                    + Objects.toString(e.getMessage(), e.getClass().getSimpleName()) + ")");
        }
    }

    /**
     * Returns whether reading may go on. Many programs write elements the schema does not know, and the rest can be
     * read. But a length that is no number makes every later note wrong.
     */
    private static boolean isHarmless(ValidationEvent event, BoundedXml reader) {
        if (LENGTHS.contains(reader.element()) && event.getLinkedException() instanceof NumberFormatException) {
            throw new UnreadableFileException("line " + reader.getLocation().getLineNumber() + ": <" + reader.element()
                    + "> is not a number, such as 4");
        }
        return true;
    }

    /**
     * Decodes a document by its byte order mark, else by its XML declaration, else as UTF-8 (XML 1.0, appendix F).
     * Invalid bytes become replacement characters, so that the rest of the score can be read.
     */
    private static String decoded(byte[] document) {
        Charset charset = StandardCharsets.UTF_8;
        String start = new String(document, 0, Math.min(document.length, DECLARATION), StandardCharsets.ISO_8859_1);
        Matcher header = ENCODING.matcher(start);
        if (start.startsWith("\u00fe\u00ff") || start.startsWith("\u00ff\u00fe")) {
            charset = StandardCharsets.UTF_16;
        } else if (header.find() && Charset.isSupported(header.group(1))) {
            charset = Charset.forName(header.group(1));
        }
        String text = new String(document, charset);
        return text.startsWith("\ufeff") ? text.substring(1) : text;
    }

    private static String said(Exception e) {
        Throwable cause = e;
        while (cause.getCause() != null) {
            cause = cause.getCause();
        }
        String text = cause instanceof JAXBException jaxb && jaxb.getLinkedException() != null
                ? jaxb.getLinkedException().getMessage()
                : cause.getMessage();
        return Objects.toString(text, "it is cut off").replaceAll("\\s+", " ").strip();
    }

    private static ScoreDocument partwise(ScorePartwise score) {
        List<PartOfScore> parts = new ArrayList<>();
        for (ScorePartwise.Part part : score.getPart()) {
            if (part.getId() instanceof ScorePart header) {
                parts.add(new PartOfScore(
                        header,
                        part.getMeasure().stream()
                                .map(measure -> new MeasureOfScore(
                                        Objects.toString(measure.getNumber(), ""),
                                        measure.getImplicit() == YesNo.YES,
                                        measure.getNoteOrBackupOrForward()))
                                .toList()));
            }
        }
        return new ScoreDocument(
                title(score.getWork(), score.getMovementTitle()), isOwn(score.getIdentification()), parts);
    }

    private static ScoreDocument timewise(ScoreTimewise score) {
        Map<ScorePart, List<MeasureOfScore>> parts = new LinkedHashMap<>();
        header(score.getPartList()).forEach(part -> parts.put(part, new ArrayList<>()));
        for (ScoreTimewise.Measure measure : score.getMeasure()) {
            for (ScoreTimewise.Measure.Part part : measure.getPart()) {
                if (part.getId() instanceof ScorePart header && parts.containsKey(header)) {
                    parts.get(header)
                            .add(new MeasureOfScore(
                                    Objects.toString(measure.getNumber(), ""),
                                    measure.getImplicit() == YesNo.YES,
                                    part.getNoteOrBackupOrForward()));
                }
            }
        }
        List<PartOfScore> header = new ArrayList<>();
        parts.forEach((part, measures) -> header.add(new PartOfScore(part, measures)));
        return new ScoreDocument(
                title(score.getWork(), score.getMovementTitle()), isOwn(score.getIdentification()), header);
    }

    private static Stream<ScorePart> header(PartList list) {
        return list == null
                ? Stream.empty()
                : list.getPartGroupOrScorePart().stream()
                        .filter(ScorePart.class::isInstance)
                        .map(ScorePart.class::cast);
    }

    private static String title(Work work, String movement) {
        return Optional.ofNullable(work)
                .map(Work::getWorkTitle)
                .filter(text -> !text.isBlank())
                .or(() -> Optional.ofNullable(movement))
                .map(String::strip)
                .orElse("");
    }

    private static boolean isOwn(Identification identification) {
        return identification != null
                && identification.getEncoding() != null
                && identification.getEncoding().getEncodingDateOrEncoderOrSoftware().stream()
                        .anyMatch(header -> ScoreXml.SOFTWARE.equals(header.getValue()));
    }
}
