package nimblestride.formats.musicxml;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.core.transcription.source.ImportedHit;
import nimblestride.core.transcription.source.ImportedPart;
import nimblestride.core.transcription.source.MeterSource;
import nimblestride.core.transcription.source.TempoMark;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.files.UnreadableFileException;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Reads a MusicXML score of any program as a transcription, by parts or by measures, compressed or not: meters,
 * groupings from the beams, tuplets, grace notes, stickings, repeats and endings, modulations, and tempo marks. Lists
 * what does not come across.
 */
public final class MusicXmlImport {
    /** The tempo of a score that names none (the default of the standard). */
    private static final Tempo DEFAULT_TEMPO = Tempo.ofQuarters(120);

    private static final double SAME_TEMPO = 0.001;

    private final ScoreDocument document;
    private final Map<String, Integer> leftOut = new TreeMap<>();

    private MusicXmlImport(ScoreDocument document) {
        this.document = document;
    }

    /**
     * Reads a score.
     *
     * @param name for the transcription where the score has no title
     * @throws UnreadableFileException if these are not the bytes of a score with notes in it
     * @throws java.util.concurrent.CancellationException if the thread is interrupted
     */
    public static Transcription read(byte[] file, String name) {
        ScoreDocument document = ScoreDocument.read(file);
        try {
            return new MusicXmlImport(document).transcription(document.title().isBlank() ? name : document.title());
        } catch (UnreadableFileException e) {
            throw e;
        } catch (StrideException e) {
            throw new UnreadableFileException("I can't turn this score into an exercise: " + e.getMessage());
        }
    }

    private Transcription transcription(String title) {
        Map<PartReader, List<ReadMeasure>> parts = new LinkedHashMap<>();
        for (ScoreDocument.PartOfScore part : document.parts()) {
            PartReader reader = new PartReader(part, document.own());
            parts.put(reader, reader.read());
            reader.leftOut().forEach((what, count) -> leftOut.merge(what, count, Integer::sum));
        }
        int measures = parts.values().stream().mapToInt(List::size).max().orElse(0);
        if (measures == 0) {
            throw new UnreadableFileException("this score has no bars");
        }
        List<WrittenMeasure> written = new ArrayList<>();
        for (int i = 0; i < measures; i++) {
            int number = i;
            written.add(measure(
                    number,
                    parts.values().stream()
                            .filter(part -> number < part.size())
                            .map(part -> part.get(number))
                            .toList()));
        }
        List<Integer> order =
                PlayOrder.of(written.stream().map(WrittenMeasure::signs).toList());
        Set<Integer> come = new HashSet<>(order);
        for (int number = 0; number < written.size(); number++) {
            if (!come.contains(number)) {
                leftOut.merge("a bar that the written repeats never reach", 1, Integer::sum);
            }
        }
        List<Bar> bars = order.stream().map(number -> written.get(number).bar).toList();
        List<ImportedPart> imported = new ArrayList<>();
        int strokes = 0;
        for (Map.Entry<PartReader, List<ReadMeasure>> part : parts.entrySet()) {
            List<ImportedHit> struck = strokes(part.getValue(), order, bars);
            strokes += struck.size();
            if (strokes > Transcription.MAX_STROKES) {
                throw new UnreadableFileException(String.format(
                        Locale.ROOT,
                        "this score plays more than %,d notes; try a shorter one",
                        Transcription.MAX_STROKES));
            }
            if (!struck.isEmpty()) {
                imported.add(
                        new ImportedPart(part.getKey().name(), part.getKey().isPercussion(), struck, Optional.empty()));
            }
        }
        if (imported.isEmpty()) {
            throw new UnreadableFileException("this score has no notes");
        }
        return new Transcription(title, bars, source(written), tempos(written, order), imported, leftOut());
    }

    private static MeterSource source(List<WrittenMeasure> written) {
        return written.stream().anyMatch(WrittenMeasure::signed) ? MeterSource.WRITTEN : MeterSource.NONE;
    }

    private List<String> leftOut() {
        List<String> sentences = new ArrayList<>();
        leftOut.forEach((what, count) -> sentences.add(
                "Not imported: " + what + (count == 1 ? "." : " (" + Counted.number(count) + " times).")));
        return sentences;
    }

    /** A measure of all parts. */
    private record WrittenMeasure(
            Bar bar, boolean signed, Optional<Tempo> tempo, Optional<Pivot> pivot, PlayOrder.Signs signs) {}

    private WrittenMeasure measure(int number, List<ReadMeasure> parts) {
        NoteValue content = parts.stream()
                .map(ReadMeasure::content)
                .max(NoteValue::compareTo)
                .orElseThrow();
        Optional<Meter> signed =
                parts.stream().flatMap(part -> part.meter().stream()).findFirst();
        Meter meter = signed.filter(one -> fits(one, content, number, parts))
                .or(() -> content.isZero() ? signed : Meter.lasting(content))
                .orElseGet(() -> Meter.of(4, 4));
        PlayOrder.Signs signs = parts.stream()
                .map(ReadMeasure::signs)
                .filter(one -> !one.equals(PlayOrder.Signs.NONE))
                .findFirst()
                .orElse(PlayOrder.Signs.NONE);
        List<ReadMeasure.Beamed> beamed =
                parts.stream().flatMap(part -> part.beamed().stream()).toList();
        return new WrittenMeasure(
                new Bar(meter, BeamedGroups.grouping(meter, beamed)),
                signed.isPresent(),
                parts.stream().flatMap(part -> part.tempo().stream()).findFirst(),
                parts.stream().flatMap(part -> part.pivot().stream()).findFirst(),
                signs);
    }

    /** A bar is as long as it is signed, except pickups and those with more in them than they should have. */
    private boolean fits(Meter signed, NoteValue content, int number, List<ReadMeasure> parts) {
        int compared = content.compareTo(signed.length());
        if (compared > 0) {
            leftOut.merge("the signature of an overfull bar", 1, Integer::sum);
            return false;
        }
        boolean pickup = number == 0 || parts.stream().anyMatch(ReadMeasure::implicit);
        return compared == 0 || content.isZero() || !pickup;
    }

    private static List<ImportedHit> strokes(List<ReadMeasure> part, List<Integer> order, List<Bar> bars) {
        List<ImportedHit> struck = new ArrayList<>();
        NoteValue start = NoteValue.ZERO;
        for (int i = 0; i < order.size(); i++) {
            NoteValue from = start;
            if (order.get(i) < part.size()) {
                part.get(order.get(i)).strokes().stream()
                        .sorted(Comparator.comparing(ImportedHit::at))
                        .forEach(one -> struck.add(new ImportedHit(from.plus(one.at()), one.sound(), one.stroke())));
            }
            start = start.plus(bars.get(i).length());
        }
        return struck;
    }

    private static List<TempoMark> tempos(List<WrittenMeasure> written, List<Integer> order) {
        List<TempoMark> marks = new ArrayList<>();
        for (int bar = 0; bar < order.size(); bar++) {
            WrittenMeasure measure = written.get(order.get(bar));
            if (bar == 0) {
                marks.add(new TempoMark(0, measure.tempo.orElse(DEFAULT_TEMPO), Optional.empty()));
                continue;
            }
            Tempo before = marks.get(marks.size() - 1).tempo();
            Optional<Tempo> next = next(before, measure);
            if (next.isPresent() && next.get().quartersPerMinute().compareTo(before.quartersPerMinute()) != 0) {
                marks.add(new TempoMark(bar, next.get(), measure.pivot));
            }
        }
        return marks;
    }

    /** What a modulation leads to is exact; a mark that differs holds, and one that says the same is only rounded. */
    private static Optional<Tempo> next(Tempo before, WrittenMeasure measure) {
        Optional<Tempo> led = measure.pivot.flatMap(pivot -> led(before, pivot));
        if (led.isEmpty() || measure.tempo.isEmpty()) {
            return led.or(measure::tempo);
        }
        double ratio = led.get().quartersPerMinute().doubleValue()
                / measure.tempo.get().quartersPerMinute().doubleValue();
        return Math.abs(ratio - 1) < SAME_TEMPO ? led : measure.tempo;
    }

    private static Optional<Tempo> led(Tempo before, Pivot pivot) {
        BigFraction perMinute = before.perMinute().multiply(pivot.ratio());
        double value = perMinute.doubleValue();
        return value >= Tempo.MIN && value <= Tempo.MAX
                ? Optional.of(new Tempo(before.beat(), perMinute))
                : Optional.empty();
    }
}
