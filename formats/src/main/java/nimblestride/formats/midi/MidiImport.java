package nimblestride.formats.midi;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.source.ImportedPart;
import nimblestride.core.transcription.source.MeterSource;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.files.UnreadableFileException;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Reads a Standard MIDI File as a transcription: its meters and tempos, the percussion by the General MIDI map as one
 * part, and every other channel as the rhythm of its notes. Lists what does not come across.
 */
public final class MidiImport {
    private static final Bar DEFAULT = Bar.of(Meter.of(4, 4));

    private final MidiNotes notes;
    private final List<String> leftOut = new ArrayList<>();

    private MidiImport(MidiNotes notes) {
        this.notes = notes;
    }

    /**
     * Reads a file.
     *
     * @param name for the transcription where the file has none
     * @throws UnreadableFileException if these are not the bytes of a MIDI file with notes in it
     * @throws CancellationException if the thread is interrupted
     */
    public static Transcription read(byte[] file, String name) {
        try {
            return new MidiImport(MidiNotes.read(file)).transcription(name);
        } catch (UnreadableFileException e) {
            throw e;
        } catch (StrideException e) {
            throw new UnreadableFileException("I can't turn this MIDI file into an exercise: " + e.getMessage());
        }
    }

    private NoteValue value(long ticks) {
        return NoteValue.of(BigFraction.of(BigInteger.valueOf(ticks), BigInteger.valueOf(4L * notes.perQuarter())));
    }

    private Transcription transcription(String name) {
        if (notes.channels().isEmpty()) {
            throw new UnreadableFileException("this MIDI file has no notes");
        }
        int count = notes.channels().values().stream().mapToInt(List::size).sum();
        if (count > Transcription.MAX_STROKES) {
            throw new UnreadableFileException(String.format(
                    Locale.ROOT,
                    "this MIDI file has %,d notes; expected at most %,d",
                    count,
                    Transcription.MAX_STROKES));
        }
        List<Bar> bars = bars();
        MidiTempos tempos = MidiTempos.of(notes, bars);
        leftOut.addAll(tempos.leftOut());
        MidiStrokes strokes = new MidiStrokes(notes, bars, tempos);
        List<ImportedPart> parts = new ArrayList<>();
        NoteValue last = NoteValue.ZERO;
        for (Map.Entry<Integer, List<MidiNotes.Note>> channel : notes.channels().entrySet()) {
            if (Thread.interrupted()) {
                throw new CancellationException();
            }
            boolean percussion = channel.getKey() == MidiNotes.PERCUSSION_CHANNEL;
            ImportedPart part = strokes.part(name(channel.getKey()), percussion, channel.getValue());
            parts.add(percussion ? 0 : parts.size(), part);
            NoteValue own = part.strokes().get(part.strokes().size() - 1).at();
            last = own.compareTo(last) > 0 ? own : last;
        }
        return new Transcription(name, reaching(bars, last), source(), tempos.marks(), parts, leftOut);
    }

    private String name(int channel) {
        Optional<String> track = Optional.ofNullable(notes.names().get(channel));
        return channel == MidiNotes.PERCUSSION_CHANNEL
                ? "Drums (channel " + channel + ")"
                : track.map(one -> one + " (channel " + channel + ")").orElse("Channel " + channel);
    }

    private MeterSource source() {
        if (notes.signatures().isEmpty() && notes.groupings().isEmpty()) {
            leftOut.add("The file names no meter, so it imports as 4/4 until you choose other bars.");
            return MeterSource.NONE;
        }
        boolean usual = notes.groupings().isEmpty()
                && notes.signatures().values().stream().allMatch(DEFAULT::equals);
        return usual ? MeterSource.USUAL : MeterSource.WRITTEN;
    }

    /**
     * Returns bars up to the end of the last note; the end of a track may be on the line after the last bar. A meter
     * that changes within a bar holds from the next bar line.
     */
    private List<Bar> bars() {
        long lastNote = notes.channels().values().stream()
                .mapToLong(channel -> channel.get(channel.size() - 1).tick())
                .max()
                .orElseThrow();
        NoteValue last = value(lastNote);
        NoteValue end = value(notes.end());
        List<Bar> bars = new ArrayList<>();
        NoteValue at = NoteValue.ZERO;
        NoteValue tick = value(1);
        while (at.compareTo(last) <= 0 || at.compareTo(end) < 0) {
            if (bars.size() == Transcription.MAX_BARS) {
                if (at.compareTo(last) > 0) {
                    break;
                }
                throw new UnreadableFileException(String.format(
                        Locale.ROOT,
                        "this MIDI file is longer than %,d bars; try a shorter one",
                        Transcription.MAX_BARS));
            }
            Bar bar = notes.barAt(at.wholePartsOf(tick)).orElse(DEFAULT);
            bars.add(bar);
            at = at.plus(bar.length());
        }
        int sounding = sounding(bars, last);
        if (bars.size() > 2 * sounding) {
            // So much silence is only where the track was cut.
            leftOut.add(Counted.count(bars.size() - sounding, "silent bar") + " at the end dropped.");
            return bars.subList(0, sounding);
        }
        return bars;
    }

    /** Returns how many bars there are up to and including the one of a moment. */
    private static int sounding(List<Bar> bars, NoteValue moment) {
        NoteValue at = NoteValue.ZERO;
        int count = 0;
        for (Bar bar : bars) {
            if (at.compareTo(moment) > 0) {
                break;
            }
            at = at.plus(bar.length());
            count++;
        }
        return count;
    }

    /** A hit just before the last bar line may belong after it. */
    private static List<Bar> reaching(List<Bar> bars, NoteValue last) {
        NoteValue end = bars.stream().map(Bar::length).reduce(NoteValue.ZERO, NoteValue::plus);
        if (last.compareTo(end) < 0) {
            return bars;
        }
        List<Bar> longer = new ArrayList<>(bars);
        longer.add(bars.get(bars.size() - 1));
        return longer;
    }
}
