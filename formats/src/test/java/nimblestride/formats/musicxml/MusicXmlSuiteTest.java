package nimblestride.formats.musicxml;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.TreeSet;
import java.util.stream.Stream;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.source.ImportedHit;
import nimblestride.core.transcription.source.ImportedPart;
import nimblestride.core.transcription.source.Transcription;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Scores that nobody here wrote, against a library that nobody here wrote: files of the MusicXML test suite of the LilyPond project, and
 * for each the moments at which something is struck in each measure, as music21 10.5 reads them once repeats are played out ({@code
 * onsets.csv}, made by it). Grace notes and notes tied to the one before are struck at no moment of their own.
 */
public class MusicXmlSuiteTest {
    private static InputStream open(String file) {
        return MusicXmlSuiteTest.class.getResourceAsStream("suite/" + file);
    }

    private static Transcription read(String score) throws IOException {
        try (InputStream in = open(score)) {
            return MusicXmlImport.read(in.readAllBytes(), score);
        }
    }

    /** A score, and for each part with notes the moments in each of its measures. */
    record Expected(String score, List<List<NavigableSet<NoteValue>>> parts) {
        @Override
        public String toString() {
            return score;
        }
    }

    static Stream<Expected> scores() {
        Map<String, Expected> expected = new LinkedHashMap<>();
        CSVFormat withHeader = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (InputStreamReader in = new InputStreamReader(open("onsets.csv"), StandardCharsets.UTF_8)) {
            for (CSVRecord row : withHeader.parse(in)) {
                expected.computeIfAbsent(row.get("score"), score -> new Expected(score, new ArrayList<>()))
                        .parts()
                        .add(measures(row.get("measures")));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return expected.values().stream();
    }

    private static List<NavigableSet<NoteValue>> measures(String written) {
        List<NavigableSet<NoteValue>> measures = new ArrayList<>();
        for (String measure : written.split(";", -1)) {
            NavigableSet<NoteValue> moments = new TreeSet<>();
            Arrays.stream(measure.split(" ", -1))
                    .filter(moment -> !moment.isEmpty())
                    .map(moment -> moment.equals("0") ? NoteValue.ZERO : NoteValue.parse(moment))
                    .forEach(moments::add);
            measures.add(moments);
        }
        return withoutSilentEnd(measures);
    }

    private static List<NavigableSet<NoteValue>> measures(Transcription brought, ImportedPart part) {
        List<NavigableSet<NoteValue>> measures = new ArrayList<>();
        NoteValue start = NoteValue.ZERO;
        for (Bar bar : brought.bars()) {
            NoteValue from = start;
            NoteValue end = from.plus(bar.length());
            NavigableSet<NoteValue> moments = new TreeSet<>();
            part.strokes().stream()
                    .map(ImportedHit::at)
                    .filter(at -> at.compareTo(from) >= 0 && at.compareTo(end) < 0)
                    .forEach(at -> moments.add(at.minus(from)));
            measures.add(moments);
            start = end;
        }
        return withoutSilentEnd(measures);
    }

    private static List<NavigableSet<NoteValue>> withoutSilentEnd(List<NavigableSet<NoteValue>> measures) {
        int end = measures.size();
        while (end > 0 && measures.get(end - 1).isEmpty()) {
            end--;
        }
        return measures.subList(0, end);
    }

    @ParameterizedTest
    @MethodSource("scores")
    void aScoreIsReadAsTheLibraryReadsIt(Expected expected) throws IOException {
        Transcription brought = read(expected.score());
        assertThat(brought.parts().stream().map(part -> measures(brought, part)))
                .containsExactlyElementsOf(expected.parts());
    }

    /** What the suite says of it: a chord stays one, whatever stands between its notes. The library takes it apart. */
    @Test
    void aChordIsOneStrokeWhateverStandsBetweenItsNotes() throws IOException {
        Transcription brought = read("21f-Chord-ElementInBetween.xml");
        assertThat(brought.parts().get(0).strokes()).extracting(ImportedHit::at).containsOnly(NoteValue.ZERO);
        assertThat(brought.parts().get(0).strokes()).hasSize(3);
    }

    /** What the suite says of them: 2/2, 4/4, 2/2, 3/2, 2/4, 3/4, 4/4, 5/4, 3/8, 6/8, 12/8; and sums as they are written. */
    @Test
    void signaturesAreReadAsTheyAreWritten() throws IOException {
        assertThat(meters("11a-TimeSignatures.xml"))
                .containsExactly("2/2", "4/4", "2/2", "3/2", "2/4", "3/4", "4/4", "5/4", "3/8", "6/8", "12/8");
        assertThat(meters("11c-TimeSignatures-CompoundSimple.xml")).containsExactly("3+2/8", "5+3+1/4");
        assertThat(meters("11e-TimeSignatures-CompoundMixed.xml")).containsExactly("3+2/8+3/4");
    }

    private static List<String> meters(String score) throws IOException {
        return read(score).bars().stream().map(bar -> bar.meter().toString()).toList();
    }
}
