package nimblestride.formats.midi;

import static nimblestride.core.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
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
import nimblestride.core.exercise.Exercise;
import nimblestride.core.exercise.Playthrough;
import nimblestride.core.exercise.Reckoning;
import nimblestride.core.text.LayerText;
import nimblestride.core.text.TempoText;
import nimblestride.formats.file.UnreadableFileException;
import org.junit.jupiter.api.Test;

class MidiImportTest {
    /** Which voice strikes when, in the first bars. */
    private static Set<String> sounding(Exercise exercise, long bars) {
        return Reckoning.of(exercise).hands(bars).notes().stream()
                .map(note -> note.at() + " " + note.voice().name())
                .collect(Collectors.toCollection(TreeSet::new));
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
        MidiImport.Imported imported = MidiImport.read(ExerciseMidi.write(exercise), "Again");
        long bars = Playthrough.untilBack(exercise).passages().get(0).bars();
        assertThat(imported.exercise().phrase().bar(0).meter())
                .isEqualTo(exercise.phrase().bar(0).meter());
        assertThat(sounding(imported.exercise(), bars)).isEqualTo(sounding(exercise, bars));
        assertThat(imported.exercise().tempo()).isEqualTo(exercise.tempo());
        assertThat(imported.leftOut()).isEmpty();
    }

    @Test
    void aCellThatRunsAcrossTheBarsComesBackAsOne() throws UnreadableFileException {
        Exercise written = exercise("10/8, 10/8, 9/16", "kick every 5/16").withTempo(TempoText.read("105"));
        MidiImport.Imported imported = MidiImport.read(ExerciseMidi.write(written), "Weir Steps");
        assertThat(imported.exercise().layers()).containsExactly(LayerText.read("kick every 5/16"));
        assertThat(imported.exercise().phrase().bars()).hasSize(3);
        assertThat(imported.exercise().name()).isEqualTo("Weir Steps");
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

    /** Sixteenths with a triplet in every fourth beat, played with a spread of 5 ms (10 ticks at 120 a minute): tuplets beat by beat. */
    @Test
    void whatWasPlayedIsPutOnTheSimplestGridBeatByBeat() throws Exception {
        int right = 0;
        for (int seed = 0; seed < 50; seed++) {
            MidiImport.Imported imported = MidiImport.read(played(10, seed), "Played");
            Set<String> expected = sounding(
                    exercise(
                            "4/4 x4",
                            "snare at 1:0 1:1/16 1:1/8 1:3/16 1:1/4 1:5/16 1:3/8 1:7/16 1:1/2 1:9/16 1:5/8 1:11/16 1:3/4 1:5/6 1:11/12"),
                    1);
            right += sounding(imported.exercise(), 1).equals(expected) ? 1 : 0;
            assertThat(imported.leftOut())
                    .anyMatch(told -> told.contains("4/4 is assumed"))
                    .anyMatch(told -> told.contains("Other channels did not come across: 3 (1 note)"))
                    .anyMatch(told -> told.contains("27 (1 note)"))
                    .anyMatch(told -> told.contains("simplest grid near them"));
        }
        assertThat(right).isGreaterThanOrEqualTo(48);
    }

    @Test
    void whatIsNoMidiFileIsRefusedInWords() {
        assertThatThrownBy(() -> MidiImport.read("not MIDI".getBytes(StandardCharsets.UTF_8), "x"))
                .isInstanceOf(UnreadableFileException.class)
                .hasMessageContaining("no Standard MIDI File");
        assertThatThrownBy(() -> MidiImport.read(new byte[0], "x")).isInstanceOf(UnreadableFileException.class);
        assertThatThrownBy(() -> {
                    ByteArrayOutputStream out = new ByteArrayOutputStream();
                    Sequence empty = new Sequence(Sequence.PPQ, 480);
                    empty.createTrack().add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, 0, 60, 90), 0));
                    MidiSystem.write(empty, 1, out);
                    MidiImport.read(out.toByteArray(), "x");
                })
                .hasMessageContaining("nothing on the percussion channel");
    }

    /** Any byte changed, or cut anywhere: an exercise, or words. */
    @Test
    void aFileOfAnyBytesGivesAnExerciseOrWords() {
        byte[] good = ExerciseMidi.write(exercise("7/8, 5/8", "kick every 3/16", "snare 4 over bar"));
        Random random = new Random(2);
        for (int i = 0; i < 3_000; i++) {
            byte[] bytes = good.clone();
            for (int change = 0; change <= random.nextInt(3); change++) {
                bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
            }
            int length = random.nextInt(4) == 0 ? random.nextInt(bytes.length) : bytes.length;
            try {
                assertThat(MidiImport.read(new ByteArrayInputStream(bytes, 0, length).readAllBytes(), "x")
                                .exercise())
                        .isNotNull();
            } catch (UnreadableFileException e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }
}
