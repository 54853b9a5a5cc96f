package nimblestride.desktop.playback;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Voice;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.document.sample.SampleBook;
import nimblestride.formats.midi.ExerciseMidi;
import nimblestride.sound.kit.ClickSound;
import nimblestride.sound.kit.Sample;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.render.Renderer;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseSummary;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Two ways from the same exercise to the ear: every piece of the sample Book is rendered, and written as a MIDI file that {@code
 * javax.sound.midi} reads back with its own tempo map. Whatever begins in one begins in the other, within a thousandth of a
 * second.
 */
class SampleBookSoundTest {
    private static final int RATE = 48_000;
    private static final double SECOND_APART = 0.001;

    @TempDir
    static Path folder;

    private static final SampleSet IMPULSES = new SampleSet() {
        @Override
        public Sample voice(Voice voice, Dynamic level, long turn) {
            return new Sample(1);
        }

        @Override
        public Sample click(ClickSound sound, int strength) {
            return new Sample(1);
        }

        @Override
        public Sample tone(Player player, int midiKey) {
            return new Sample(1);
        }
    };

    @BeforeAll
    static void makeTheBook() throws IOException {
        SampleBook.make(file(), LocalDate.of(2026, 11, 25));
    }

    private static Path file() {
        return folder.resolve("sample.book");
    }

    static List<String> pieces() throws IOException {
        try (Book book = Book.open(file(), OpenBook.AS_JSON)) {
            return book.exercises().all().stream()
                    .filter(kept -> !book.exercises().read(kept.id()).layers().isEmpty())
                    .map(ExerciseSummary::name)
                    .toList();
        }
    }

    @ParameterizedTest
    @MethodSource("pieces")
    void soundAndMidiBeginAlike(String piece) throws Exception {
        Exercise exercise;
        try (Book book = Book.open(file(), OpenBook.AS_JSON)) {
            exercise = book.exercises()
                    .read(book.exercises().named(piece).orElseThrow().id());
        }
        double seconds = Playthrough.untilRealigned(exercise).seconds().doubleValue();
        List<Double> rendered = rendered(exercise, seconds);
        List<Double> written = written(ExerciseMidi.write(exercise));
        assertThat(rendered).hasSameSizeAs(written).hasSizeGreaterThan(4);
        for (int i = 0; i < rendered.size(); i++) {
            assertThat(rendered.get(i)).isBetween(written.get(i) - SECOND_APART, written.get(i) + SECOND_APART);
        }
    }

    private static List<Double> rendered(Exercise exercise, double seconds) {
        Renderer renderer = new Renderer(new PlaybackRequest(exercise, ClickSettings.NONE), IMPULSES, RATE);
        float[] block = new float[(int) Math.ceil(seconds * RATE) - 1];
        renderer.render(block, block.length);
        TreeSet<Double> times = new TreeSet<>();
        for (int i = 0; i < block.length; i++) {
            if (block[i] != 0) {
                times.add((double) i / RATE);
            }
        }
        return apart(times);
    }

    private static List<Double> written(byte[] midi) throws InvalidMidiDataException, IOException {
        Sequence sequence = MidiSystem.getSequence(new ByteArrayInputStream(midi));
        TreeMap<Long, Integer> tempos = new TreeMap<>();
        TreeSet<Long> ticks = new TreeSet<>();
        for (Track track : sequence.getTracks()) {
            for (int i = 0; i < track.size(); i++) {
                MidiEvent event = track.get(i);
                if (event.getMessage() instanceof MetaMessage meta && meta.getType() == 0x51) {
                    byte[] data = meta.getData();
                    tempos.put(event.getTick(), ((data[0] & 255) << 16) | ((data[1] & 255) << 8) | (data[2] & 255));
                } else if (event.getMessage() instanceof ShortMessage note
                        && note.getCommand() == ShortMessage.NOTE_ON
                        && note.getData2() > 0) {
                    ticks.add(event.getTick());
                }
            }
        }
        TreeSet<Double> times = new TreeSet<>();
        for (long tick : ticks) {
            times.add(seconds(tick, tempos, sequence.getResolution()));
        }
        return apart(times);
    }

    private static double seconds(long tick, SortedMap<Long, Integer> tempos, int ticksPerQuarter) {
        double seconds = 0;
        long at = 0;
        int tempo = 500_000;
        for (var change : tempos.entrySet()) {
            if (change.getKey() > tick) {
                break;
            }
            seconds += (change.getKey() - at) * (double) tempo / ticksPerQuarter / 1e6;
            at = change.getKey();
            tempo = change.getValue();
        }
        return seconds + (tick - at) * (double) tempo / ticksPerQuarter / 1e6;
    }

    /** Those of several so close together that a file rounds them to one moment, the first. */
    private static List<Double> apart(SortedSet<Double> times) {
        List<Double> apart = new ArrayList<>();
        for (double time : times) {
            if (apart.isEmpty() || time - apart.get(apart.size() - 1) > 2 * SECOND_APART) {
                apart.add(time);
            }
        }
        return apart;
    }
}
