package nimblestride.formats.midi;

import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.then;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.proposal.Arrangement;
import nimblestride.core.transcription.proposal.ImportChoice;
import nimblestride.core.transcription.source.MeterSource;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.files.UnreadableFileException;
import nimblestride.formats.source.FileImporter;
import org.junit.jupiter.api.Test;

class MidiImportTest {
    /** Which voice strikes when, in the first bars. */
    private static Set<String> sounding(Exercise exercise, long bars) {
        return Analysis.of(exercise).hands(bars).notes().stream()
                .map(note -> note.at() + " " + note.voice().name())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** Every stroke of all sections, and how it is played. */
    private static Set<String> strokes(Exercise exercise) {
        Set<String> strokes = new TreeSet<>();
        for (Playthrough.Passage passage : Playthrough.of(exercise).passages()) {
            for (Layer layer : passage.content().layers()) {
                for (Hit hit : LayerTimeline.of(layer, passage.content().phrase())
                        .between(NoteValue.ZERO, passage.length(), 10_000)) {
                    strokes.add(passage.starts().plus(hit.at()) + " " + hit.voices() + " "
                            + hit.stroke().level() + " " + hit.stroke().ornament());
                }
            }
        }
        return strokes;
    }

    @Provide
    static Arbitrary<Exercise> exercises() {
        Arbitrary<String> layers = Arbitraries.of(
                "kick every 5/16",
                "snare 4 over bar",
                "hi-hat every 1/8",
                "snare cell X.g of 1/16",
                "cowbell 5 over phrase",
                "kick every 3/16 from 1/16",
                "high tom 3 over 2 bars");
        Arbitrary<String> bars = Arbitraries.of("7/8", "5/8, 9/16", "4/4", "11/8(3+3+3+2) x2, 9/16", "6/4");
        return Combinators.combine(bars, layers.set().ofMinSize(1).ofMaxSize(3))
                .as((typed, played) -> exercise(typed, played.toArray(new String[0])));
    }

    /** What the program has written comes back sounding the same, over the same bars. */
    @Property(tries = 120)
    void whatIsWrittenComesBackSoundingTheSame(@ForAll("exercises") Exercise exercise) throws UnreadableFileException {
        Transcription brought = MidiImport.read(ExerciseMidi.write(exercise), "Again");
        Exercise imported = FileImporter.exercise(brought);
        long bars = Playthrough.untilRealigned(exercise).passages().get(0).bars();
        assertThat(brought.bars().get(0)).isEqualTo(exercise.phrase().bar(0));
        assertThat(sounding(imported, bars)).isEqualTo(sounding(exercise, bars));
        assertThat(imported.tempo()).isEqualTo(exercise.tempo());
        assertThat(brought.leftOut()).isEmpty();
    }

    @Test
    void aCellThatRunsAcrossTheBarsComesBackAsOne() throws UnreadableFileException {
        Exercise written = exercise("10/8, 10/8, 9/16", "kick every 5/16").withTempo(TempoText.read("105"));
        Exercise imported = FileImporter.exercise(MidiImport.read(ExerciseMidi.write(written), "Weir Steps"));
        assertThat(imported.layers()).containsExactly(LayerText.read("kick every 5/16"));
        assertThat(imported.phrase().bars()).isEqualTo(written.phrase().bars());
        assertThat(imported.name()).isEqualTo("Weir Steps");
    }

    /** Sections with their modulations, flams and ghost notes come back as well. */
    @Test
    void sectionsAndOrnamentsComeBack() throws UnreadableFileException {
        Exercise first = exercise("7/8(2+2+3)", "snare cell Xgx of 1/8", "kick every 7/8")
                .withTempo(TempoText.read("84"));
        Exercise written = then(first, "dotted quarter = half", 2, "4/4", "snare at lR1:0 R1:1/4 1:1/2 rL1:3/4");
        Exercise imported = FileImporter.exercise(MidiImport.read(ExerciseMidi.write(written), "Gears"));
        assertThat(imported.chain().tempos()).isEqualTo(written.chain().tempos());
        assertThat(imported.sections().get(1).pivot().ratio())
                .isEqualTo(written.sections().get(1).pivot().ratio());
        assertThat(strokes(imported)).isEqualTo(strokes(written));
    }

    private static byte[] played(int spread, int seed) throws Exception {
        Random random = new Random(seed);
        Sequence sequence = new Sequence(Sequence.PPQ, 960);
        Track track = sequence.createTrack();
        for (int beat = 0; beat < 16; beat++) {
            int parts = beat % 4 == 3 ? 3 : 4;
            for (int part = 0; part < parts; part++) {
                long tick = Math.max(0, Math.round(beat * 960 + part * 960.0 / parts + random.nextGaussian() * spread));
                track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, 9, 38, 90), tick));
            }
        }
        track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, 2, 60, 90), 10));
        track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, 9, 27, 90), 20));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        MidiSystem.write(sequence, 1, out);
        return out.toByteArray();
    }

    /** Sixteenths with a triplet in every fourth beat, played with a spread of 5 ms (10 ticks at 120 a minute). */
    @Test
    void whatWasPlayedIsPutOnTheSimplestGridBeatByBeat() throws Exception {
        int right = 0;
        for (int seed = 0; seed < 50; seed++) {
            Transcription brought = MidiImport.read(played(10, seed), "Played");
            Set<String> expected = sounding(
                    exercise(
                            "4/4 x4",
                            "snare at 1:0 1:1/16 1:1/8 1:3/16 1:1/4 1:5/16 1:3/8 1:7/16 1:1/2 1:9/16 1:5/8 1:11/16 1:3/4 1:5/6 1:11/12"),
                    1);
            Arrangement arrangement = Arrangement.of(brought, ImportChoice.of(0));
            right += sounding(arrangement.exercise(List.of()), 1).equals(expected) ? 1 : 0;
            assertThat(brought.meters()).isEqualTo(MeterSource.NONE);
            assertThat(brought.parts().get(1).name()).isEqualTo("Channel 3");
            assertThat(arrangement.leftOut())
                    .anyMatch(told -> told.contains("imports as 4/4"))
                    .anyMatch(told -> told.contains("key 27 (1 hit)"))
                    .anyMatch(told -> told.contains("simplest grid that fits"));
        }
        assertThat(right).isGreaterThanOrEqualTo(48);
    }

    /**
     * Files written by two general-purpose libraries: midi-writer-js 3.2.1, eight bars of 7/8 at 126 in eighths (bass drum on 1 and 5,
     * snare on 3), and @tonejs/midi 2.0.28, six bars of 11/8 at 132 with strokes on 0, 3, 6 and 9. Both are MIT-licensed; they round
     * times to ticks, each in its own way.
     */
    @Test
    void filesOfOtherLibrariesAreReadAsTheyWereMeant() throws Exception {
        Exercise seven = FileImporter.exercise(MidiImport.read(resource("midi-writer-js.mid"), "Seven"));
        assertThat(seven.tempo()).isEqualTo(TempoText.read("126"));
        assertThat(sounding(seven, 8))
                .isEqualTo(sounding(
                        exercise("7/8", "kick at 1:0 1:1/2", "snare at 1:1/4", "hi-hat at 1:1/8 1:3/8 1:5/8 1:3/4"),
                        8));
        Exercise eleven = FileImporter.exercise(MidiImport.read(resource("tonejs-midi.mid"), "Eleven"));
        assertThat(eleven.tempo()).isEqualTo(TempoText.read("132"));
        assertThat(sounding(eleven, 6))
                .isEqualTo(sounding(exercise("11/8", "kick at 1:0 1:3/4", "snare at 1:3/8 1:9/8"), 6));
    }

    private static byte[] resource(String name) throws IOException {
        try (InputStream in = MidiImportTest.class.getResourceAsStream(name)) {
            return in.readAllBytes();
        }
    }

    @Test
    void whatIsNoMidiFileIsRefusedInWords() {
        assertThatThrownBy(() -> MidiImport.read("not MIDI".getBytes(StandardCharsets.UTF_8), "x"))
                .isInstanceOf(UnreadableFileException.class)
                .hasMessageContaining("this is not a Standard MIDI File of format 0 or 1");
        assertThatThrownBy(() -> MidiImport.read(new byte[0], "x")).isInstanceOf(UnreadableFileException.class);
        assertThatThrownBy(() -> {
                    ByteArrayOutputStream out = new ByteArrayOutputStream();
                    Sequence empty = new Sequence(Sequence.PPQ, 480);
                    empty.createTrack().add(new MidiEvent(new ShortMessage(ShortMessage.PROGRAM_CHANGE, 0, 60, 0), 0));
                    MidiSystem.write(empty, 1, out);
                    MidiImport.read(out.toByteArray(), "x");
                })
                .hasMessageContaining("this MIDI file has no notes");
    }

    /** A text of 256 MiB that is not there: nothing is set aside for it. */
    @Test
    void lengthsThatReachBeyondTheFileAreNotBelieved() {
        byte[] good = ExerciseMidi.write(exercise("7/8", "kick every 3/16"));
        byte[] bytes = new byte[good.length + 6];
        int event = 14 + 8;
        System.arraycopy(good, 0, bytes, 0, event);
        byte[] text = {0, (byte) 0xFF, 1, (byte) 0xFF, (byte) 0xFF, (byte) 0xFF};
        System.arraycopy(text, 0, bytes, event, text.length);
        System.arraycopy(good, event, bytes, event + text.length, good.length - event);
        bytes[event + text.length] = 127;
        assertThatThrownBy(() -> MidiImport.read(bytes, "x")).hasMessageContaining("promises 268,435,455 more");
    }

    /** Any byte changed, or cut anywhere: an exercise, or words. */
    @Test
    void aFileOfAnyBytesGivesAnExerciseOrWords() {
        byte[] good = ExerciseMidi.write(exercise("7/8, 5/8", "kick every 3/16", "snare 4 over bar"));
        Random random = new Random(2);
        for (int i = 0; i < 800; i++) {
            byte[] bytes = good.clone();
            for (int change = 0; change <= random.nextInt(3); change++) {
                bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
            }
            int length = random.nextInt(4) == 0 ? random.nextInt(bytes.length) : bytes.length;
            try {
                byte[] cut = new ByteArrayInputStream(bytes, 0, length).readAllBytes();
                assertThat(FileImporter.exercise(MidiImport.read(cut, "x"))).isNotNull();
            } catch (UnreadableFileException e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }
}
