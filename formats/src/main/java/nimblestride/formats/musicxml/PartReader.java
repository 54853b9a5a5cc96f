package nimblestride.formats.musicxml;

import jakarta.xml.bind.JAXBElement;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.CancellationException;
import java.util.stream.Stream;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.transcription.source.ImportedSound;
import nimblestride.files.UnreadableFileException;
import nimblestride.formats.musicxml.ScoreDocument.MeasureOfScore;
import nimblestride.formats.musicxml.ScoreDocument.PartOfScore;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.ClefSign;
import org.audiveris.proxymusic.MeasureRepeat;
import org.audiveris.proxymusic.MeasureStyle;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.StartStop;
import org.audiveris.proxymusic.Time;

/** Reads the measures of one part, one after the other. */
final class PartReader {
    private static final int MAX_MEASURES = 10_000;
    private static final int MAX_REPEATED = 16;

    private final PartOfScore part;
    private final String name;
    private final PartSounds sounds;
    private final boolean own;
    private final boolean percussion;
    private final Map<String, Integer> leftOut = new TreeMap<>();
    private BigDecimal subdivisions = BigDecimal.ONE;
    private Optional<Meter> meter = Optional.empty();
    private int repeating;
    private Set<Integer> openEnding = Set.of();

    /** @param own whether this program wrote the score */
    PartReader(PartOfScore part, boolean own) {
        this.part = part;
        this.own = own;
        this.name = part.header().getPartName() == null
                        || Objects.toString(part.header().getPartName().getValue(), "")
                                .isBlank()
                ? "Part " + part.header().getId()
                : part.header().getPartName().getValue().strip();
        this.sounds = new PartSounds(part.header());
        this.percussion = sounds.isOnPercussionChannel() || hasUnpitched() || hasPercussionClef();
    }

    private boolean hasUnpitched() {
        return content(Note.class).anyMatch(note -> note.getUnpitched() != null);
    }

    private boolean hasPercussionClef() {
        return content(Attributes.class)
                .flatMap(attributes -> attributes.getClef().stream())
                .anyMatch(clef -> clef.getSign() == ClefSign.PERCUSSION);
    }

    private <T> Stream<T> content(Class<T> kind) {
        return part.measures().stream()
                .flatMap(measure -> measure.content().stream())
                .filter(kind::isInstance)
                .map(kind::cast);
    }

    String name() {
        return name;
    }

    boolean isPercussion() {
        return percussion;
    }

    /** Returns what did not come across, and how often it is there. */
    Map<String, Integer> leftOut() {
        return leftOut;
    }

    void leaveOut(String what) {
        leftOut.merge(what, 1, Integer::sum);
    }

    boolean isOwn() {
        return own;
    }

    BigDecimal subdivisions() {
        return subdivisions;
    }

    ImportedSound sound(Note note) {
        return percussion ? sounds.of(note) : ImportedSound.RHYTHM;
    }

    List<ReadMeasure> read() {
        if (part.measures().size() > MAX_MEASURES) {
            throw new UnreadableFileException(
                    String.format(Locale.ROOT, "this score has more than %,d bars; try a shorter one", MAX_MEASURES));
        }
        List<ReadMeasure> read = new ArrayList<>();
        for (MeasureOfScore measure : part.measures()) {
            if (Thread.interrupted()) {
                throw new CancellationException();
            }
            try {
                ReadMeasure own = new MeasureReader(this, measure).read();
                boolean silent = own.strokes().isEmpty();
                boolean again = repeating > 0 && repeating <= read.size() && silent;
                read.add(again ? own.playing(read.get(read.size() - repeating)) : own);
            } catch (UnreadableFileException e) {
                throw e;
            } catch (StrideException e) {
                throw new UnreadableFileException(
                        "measure " + measure.number() + " of \"" + name + "\": " + e.getMessage());
            }
        }
        return read;
    }

    /** Returns the numbers of an ending that started in a measure before this one. */
    Set<Integer> openEnding() {
        return openEnding;
    }

    /** Starts or ends an ending. */
    void ending(boolean begins, Set<Integer> numbers) {
        openEnding = begins ? Set.copyOf(numbers) : Set.of();
    }

    Optional<Meter> meter() {
        return meter;
    }

    void take(Attributes attributes) {
        BigDecimal header = attributes.getDivisions();
        if (header != null) {
            if (header.signum() < 1) {
                throw new InvalidValueException("the divisions of a quarter must be more than 0, not " + header);
            }
            subdivisions = header;
        }
        attributes.getTime().stream().findFirst().ifPresent(this::take);
        attributes.getMeasureStyle().forEach(this::take);
    }

    private void take(Time time) {
        if (time.getSenzaMisura() != null) {
            meter = Optional.empty();
            leaveOut("a bar without a meter (as long as its notes)");
            return;
        }
        List<Meter.Term> terms = new ArrayList<>();
        String beats = "";
        for (JAXBElement<String> sign : time.getTimeSignature()) {
            String text = Objects.toString(sign.getValue(), "").strip();
            if (sign.getName().getLocalPart().equals("beats")) {
                beats = text;
            } else {
                terms.add(term(beats, text));
            }
        }
        if (!terms.isEmpty()) {
            meter = Optional.of(new Meter(terms));
        }
        if (time.getInterchangeable() != null) {
            leaveOut("a second time signature");
        }
    }

    private static Meter.Term term(String beats, String under) {
        try {
            List<Integer> over = new ArrayList<>();
            for (String one : beats.split("\\+", -1)) {
                over.add(Integer.valueOf(one.strip()));
            }
            return new Meter.Term(over, Integer.parseInt(under));
        } catch (NumberFormatException e) {
            throw new InvalidValueException(
                    "the signature " + beats + "/" + under + " makes no sense; expected numbers, such as 7/8", e);
        }
    }

    private void take(MeasureStyle style) {
        MeasureRepeat repeat = style.getMeasureRepeat();
        if (repeat != null) {
            repeating = repeat.getType() == StartStop.START ? bars(repeat) : 0;
        }
        if (style.getSlash() != null && style.getSlash().getType() == StartStop.START) {
            leaveOut("slashes (the player chooses the notes)");
        }
    }

    private static int bars(MeasureRepeat repeat) {
        String text = Objects.toString(repeat.getValue(), "").strip();
        return text.matches("\\d{1,2}") ? Math.min(MAX_REPEATED, Math.max(1, Integer.parseInt(text))) : 1;
    }
}
