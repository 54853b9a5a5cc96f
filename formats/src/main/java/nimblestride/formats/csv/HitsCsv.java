package nimblestride.formats.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.analysis.Playthrough.Passage;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.limbs.LimbAssignment;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * Writes every note of an exercise as comma-separated values (RFC 4180): its sections once, or without sections its
 * phrase until every layer realigns.
 */
public final class HitsCsv {
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader("section", "bar", "count", "at", "seconds", "layer", "voice", "limb", "level", "ornament")
            .get();

    /** A row: a note, and the name of the limb that plays it, blank for a riff. */
    private record HeardNote(NoteValue at, int layer, Voice voice, Stroke stroke, String limb) {}

    private HitsCsv() {}

    /**
     * Writes an exercise.
     *
     * @throws InvalidValueException if it has more notes than can be listed
     */
    public static String write(Exercise exercise) {
        StringBuilder out = new StringBuilder();
        try {
            CSVPrinter printer = new CSVPrinter(out, FORMAT);
            int section = 1;
            for (Passage passage : Playthrough.untilRealigned(exercise).passages()) {
                write(printer, section++, passage);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static void write(CSVPrinter printer, int section, Passage passage) throws IOException {
        Exercise content = passage.content();
        Phrase phrase = content.phrase();
        LimbAssignment hands = Analysis.of(content).hands(passage.bars());
        if (!hands.isComplete()) {
            throw new InvalidValueException("section " + section + " has too many notes for a table");
        }
        List<HeardNote> notes = new ArrayList<>();
        hands.notes()
                .forEach(note -> notes.add(new HeardNote(
                        note.at(),
                        note.layer(),
                        note.voice(),
                        note.stroke(),
                        note.limb().title())));
        hands.riffs()
                .forEach(note -> notes.add(new HeardNote(note.at(), note.layer(), note.voice(), note.stroke(), "")));
        notes.sort(Comparator.comparing(HeardNote::at));
        for (HeardNote note : notes) {
            long number = phrase.barAt(note.at());
            Bar bar = phrase.bar(number);
            NoteValue within = note.at().minus(phrase.startOf(number));
            printer.printRecord(
                    section,
                    number + 1,
                    new CountPosition(bar.meter(), within),
                    within,
                    Tempo.decimal(passage.startsSeconds()
                            .add(passage.tempo().seconds(content.swing().sounding(phrase, note.at())))),
                    LogCsv.safe(content.layerNames().get(note.layer())),
                    LogCsv.safe(note.voice().name()),
                    note.limb(),
                    note.stroke().level().title(),
                    note.stroke().ornament().title());
        }
    }
}
