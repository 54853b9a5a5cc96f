package nimblestride.formats.midi;

import static java.nio.charset.StandardCharsets.UTF_8;
import static nimblestride.core.language.text.Examples.again;
import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.then;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.edit.SectionEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.PivotText;
import nimblestride.core.language.text.SwingText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every file is read back by {@code javax.sound.midi}. */
class ExerciseMidiTest {
    private static Sequence readBack(Exercise exercise) throws Exception {
        return MidiSystem.getSequence(new ByteArrayInputStream(ExerciseMidi.write(exercise)));
    }

    private static List<MidiEvent> metas(Track track, int type) {
        List<MidiEvent> found = new ArrayList<>();
        for (int i = 0; i < track.size(); i++) {
            if (track.get(i).getMessage() instanceof MetaMessage meta && meta.getType() == type) {
                found.add(track.get(i));
            }
        }
        return found;
    }

    private static List<MidiEvent> notes(Track track) {
        List<MidiEvent> found = new ArrayList<>();
        for (int i = 0; i < track.size(); i++) {
            if (track.get(i).getMessage() instanceof ShortMessage note
                    && note.getCommand() == ShortMessage.NOTE_ON
                    && note.getData2() > 0) {
                found.add(track.get(i));
            }
        }
        return found;
    }

    @Test
    void swingIsExactInTicks() throws Exception {
        Exercise swung = Examples.exercise("4/4", "ride every 1/8").withSwing(SwingText.read("eighths 2:1"));
        Sequence sequence = readBack(swung);
        long third = sequence.getResolution() / 3;
        assertThat(sequence.getResolution() % 3).isZero();
        assertThat(notes(sequence.getTracks()[1]))
                .extracting(MidiEvent::getTick)
                .startsWith(0L, 2 * third, 3 * third, 5 * third, 6 * third);
    }

    @Test
    void holdsTheMetersTheTempoAndTheLayersUntilAllIsBack() throws Exception {
        Exercise story = exercise("10/8(3+3+2+2) x2, 9/16", "kick every 5/16", "snare cell xXg of 1/8");
        Sequence sequence = readBack(story.withTempo(TempoText.read("1/8=210")));
        assertThat(sequence.getDivisionType()).isEqualTo(Sequence.PPQ);
        assertThat(sequence.getTracks()).hasSize(3);
        long perSixteenth = sequence.getResolution() / 4;

        List<MidiEvent> signatures = metas(sequence.getTracks()[0], 0x58);
        byte[] first = ((MetaMessage) signatures.get(0).getMessage()).getData();
        byte[] second = ((MetaMessage) signatures.get(1).getMessage()).getData();
        assertThat(first).startsWith(10, 3);
        assertThat(second).startsWith(9, 4);
        assertThat(signatures).extracting(MidiEvent::getTick).startsWith(0L, 40 * perSixteenth, 49 * perSixteenth);

        byte[] tempo =
                ((MetaMessage) metas(sequence.getTracks()[0], 0x51).get(0).getMessage()).getData();
        int micros = ((tempo[0] & 255) << 16) | ((tempo[1] & 255) << 8) | (tempo[2] & 255);
        assertThat(micros).isEqualTo(571_429); // 60,000,000 / 105, to the nearest

        List<MidiEvent> kicks = notes(sequence.getTracks()[1]);
        assertThat(kicks).extracting(MidiEvent::getTick).startsWith(0L, 5 * perSixteenth, 10 * perSixteenth);
        assertThat(((ShortMessage) kicks.get(0).getMessage()).getData1()).isEqualTo(36);
        assertThat(((ShortMessage) kicks.get(0).getMessage()).getChannel()).isEqualTo(9);
        List<MidiEvent> snares = notes(sequence.getTracks()[2]);
        assertThat(snares.stream().limit(3).map(event -> ((ShortMessage) event.getMessage()).getData2()))
                .isEqualTo(List.of(90, 112, 40));
        assertThat(metas(sequence.getTracks()[0], 0x01).get(0).getMessage().getMessage())
                .asString(java.nio.charset.StandardCharsets.UTF_8)
                .contains("10/8 (3+3+2+2)");
    }

    /** Program 25 of General MIDI 1 is the nylon-string guitar (MIDI Manufacturers Association, quoted from memory). */
    @Test
    void aRiffIsPluckedOnItsPitchOutsideThePercussionChannel() throws Exception {
        Exercise exercise = exercise("4/4", "kick every 1/2", "\"bass line\" every 1/4");
        Exercise low = exercise.withVoices(exercise.voices().withRiff(Voice.riff("bass line", 33)));
        Track riff = readBack(low).getTracks()[2];
        assertThat(notes(riff)).hasSize(4).allSatisfy(event -> {
            ShortMessage note = (ShortMessage) event.getMessage();
            assertThat(note.getChannel()).isNotEqualTo(9);
            assertThat(note.getData1()).isEqualTo(33);
        });
        ShortMessage first = (ShortMessage) IntStream.range(0, riff.size())
                .mapToObj(riff::get)
                .map(MidiEvent::getMessage)
                .filter(ShortMessage.class::isInstance)
                .findFirst()
                .orElseThrow();
        assertThat(first.getCommand()).isEqualTo(ShortMessage.PROGRAM_CHANGE);
        assertThat(first.getData1() + 1).isEqualTo(25);
    }

    @Test
    void graceNotesComeBeforeTheirNoteAndMovedNotesHaveTheirOwnKeys() throws Exception {
        Exercise exercise = exercise(
                        "2/4", "snare sticking R llR of 1/4 moving ghosts to ride; every 2nd note to crash and kick")
                .withTempo(TempoText.read("60"));
        Sequence sequence = readBack(exercise);
        List<MidiEvent> notes = notes(sequence.getTracks()[1]);
        assertThat(notes.stream().map(event -> ((ShortMessage) event.getMessage()).getData1()))
                .containsExactlyInAnyOrder(38, 49, 49, 49, 36, 36, 36);
        long quarter = sequence.getResolution();
        assertThat(notes.stream().filter(event -> event.getTick() == quarter)).hasSize(2);
        assertThat(notes.stream().filter(event -> event.getTick() < quarter && event.getTick() > quarter * 0.87))
                .hasSize(4);
    }

    /** Every onset lies on its exact tick where the file's resolution allows it, and within half a tick where not. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "kick every 5/16",
                "kick 5 over bar",
                "kick 7 over 3 bars from 1/12",
                "kick 11 over 13/7",
                "kick 997 over bar"
            })
    void onsetsFallOnTheirTicks(String layer) throws Exception {
        Exercise exercise = exercise("10/8, 9/16, 4/4+1/12", layer);
        Sequence sequence = readBack(exercise);
        List<Long> ticks =
                notes(sequence.getTracks()[1]).stream().map(MidiEvent::getTick).toList();
        LayerTimeline timeline = LayerTimeline.of(exercise.layers().get(0), exercise.phrase());
        List<NoteValue> exact = timeline.between(NoteValue.ZERO, NoteValue.of(1_000_000, 1), ticks.size()).stream()
                .map(hit -> hit.at())
                .toList();
        assertThat(ticks).hasSizeGreaterThan(5);
        for (int i = 0; i < ticks.size(); i++) {
            double expected = exact.get(i).toDouble() * 4 * sequence.getResolution();
            assertThat((double) ticks.get(i)).isBetween(expected - 0.5001, expected + 0.5001);
        }
    }

    @Test
    void aDenominatorMidiCannotSayStandsInWordsOnly() throws Exception {
        Sequence sequence = readBack(exercise("4/4+1/12", "kick every 1/4"));
        assertThat(metas(sequence.getTracks()[0], 0x58)).isEmpty();
        assertThat(metas(sequence.getTracks()[0], 0x01)).isNotEmpty();
    }

    @Test
    void saysWhatAMidiFileCannotHold() {
        Exercise slow = exercise("4/4", "kick every 1/4").withTempo(TempoText.read("1/64=1"));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> ExerciseMidi.write(slow))
                .withMessageContaining("a MIDI file needs a tempo of at least 3.58 BPM (quarters); this is 0.062");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> ExerciseMidi.write(exercise("4/4 x2000", "kick every 1/1024")))
                .withMessageContaining("more than 1,000,000 notes");
    }

    @Test
    void aLongReturnIsWrittenForOnePhrase() throws Exception {
        Sequence sequence = readBack(exercise("127/128", "kick every 1021/1024"));
        assertThat(notes(sequence.getTracks()[1])).hasSize(1);
    }

    /** When a tick of a file is heard, in seconds, by its tempo map alone. */
    private static double secondsAt(Sequence sequence, long tick) {
        double seconds = 0;
        long from = 0;
        int micros = 500_000;
        for (MidiEvent event : metas(sequence.getTracks()[0], 0x51)) {
            if (event.getTick() >= tick) {
                break;
            }
            seconds += (event.getTick() - from) * (micros / 1e6) / sequence.getResolution();
            from = event.getTick();
            byte[] data = ((MetaMessage) event.getMessage()).getData();
            micros = ((data[0] & 255) << 16) | ((data[1] & 255) << 8) | (data[2] & 255);
        }
        return seconds + (tick - from) * (micros / 1e6) / sequence.getResolution();
    }

    /** Each change of tempo falls within a microsecond of its time, after a hundred rounds of tempos no file can say. */
    @ParameterizedTest
    @ValueSource(strings = {"dotted quarter = half", "7 in groups of 5", "1/20 = 1/16", "9 in groups of 11"})
    void theTempoMapIsTrueAtBothSidesOfEveryChange(String pivot) throws Exception {
        Exercise a =
                SectionEdits.withRounds(exercise("7/8", "kick every 1/8").withTempo(TempoText.read("289/3")), 0, 101);
        Exercise there = then(a, pivot, 77, "5/16", "snare every 1/16");
        Exercise back = again(there, PivotText.read(pivot).back().toString(), 3, 0);
        Sequence sequence = readBack(back);
        List<MidiEvent> markers = metas(sequence.getTracks()[0], 0x06);
        List<Playthrough.Passage> passages = Playthrough.of(back).passages();
        assertThat(markers)
                .extracting(marker -> new String(((MetaMessage) marker.getMessage()).getData(), UTF_8))
                .containsExactly("A", "B", "A");
        for (int i = 0; i < passages.size(); i++) {
            double exact = passages.get(i).startsSeconds().doubleValue();
            assertThat(secondsAt(sequence, markers.get(i).getTick())).isCloseTo(exact, within(1e-6));
        }
        // The notes just before and just after the second change are a note of each section apart.
        long change = markers.get(2).getTick();
        List<Long> snares =
                notes(sequence.getTracks()[2]).stream().map(MidiEvent::getTick).toList();
        List<Long> kicks =
                notes(sequence.getTracks()[1]).stream().map(MidiEvent::getTick).toList();
        double before = secondsAt(sequence, change) - secondsAt(sequence, snares.get(snares.size() - 1));
        long afterOne = kicks.get(kicks.indexOf(change) + 1);
        double after = secondsAt(sequence, afterOne) - secondsAt(sequence, change);
        assertThat(before)
                .isCloseTo(passages.get(1).tempo().seconds(NoteValue.SIXTEENTH).doubleValue(), within(2e-6));
        assertThat(after)
                .isCloseTo(passages.get(2).tempo().seconds(NoteValue.EIGHTH).doubleValue(), within(2e-6));
    }
}
