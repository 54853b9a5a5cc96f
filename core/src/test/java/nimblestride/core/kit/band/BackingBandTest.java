package nimblestride.core.kit.band;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.band.BackingBand.Line;
import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.time.meter.Phrase;
import org.junit.jupiter.api.Test;

class BackingBandTest {
    private static final BandKey C = new BandKey(0, Mode.MAJOR);

    private static List<String> told(BackingBand band, String bars, int bar, Player player) {
        return band.in(bars(bars), bar, List.of()).stream()
                .filter(note -> note.player() == player)
                .map(note -> note.at() + " for " + note.length() + " " + note.midiKey())
                .toList();
    }

    /** Triads of C major by hand: C E G, A C E, F A C, G B D; the middle C is key 60 (General MIDI, from memory). */
    @Test
    void playsTheGroupsAndATriadForEachBar() {
        BackingBand band = new BackingBand(Line.BASS_AND_CHORDS, C, BandTime.BEATS);
        assertThat(told(band, "7/8(2+2+3)", 0, Player.BASS))
                .containsExactly("0 for 1/4 36", "1/4 for 1/4 31", "1/2 for 3/8 48");
        assertThat(told(band, "7/8(2+2+3)", 0, Player.CHORDS))
                .containsExactly("0 for 7/8 60", "0 for 7/8 64", "0 for 7/8 55");
        assertThat(told(band, "7/8(2+2+3)", 1, Player.CHORDS))
                .containsExactly("7/8 for 7/8 57", "7/8 for 7/8 60", "7/8 for 7/8 64");
        assertThat(told(band, "7/8(2+2+3)", 3, Player.CHORDS))
                .containsExactly("21/8 for 7/8 55", "21/8 for 7/8 59", "21/8 for 7/8 62");
        assertThat(told(band, "7/8(2+2+3)", 4, Player.CHORDS)).first().isEqualTo("7/2 for 7/8 60");
    }

    @Test
    void keepsAPulseOfItsOwnAcrossTheBarLines() {
        BackingBand band = new BackingBand(Line.BASS_AND_CHORDS, C, new BandTime.Pulse(value("3/16")));
        assertThat(told(band, "7/8", 0, Player.BASS))
                .extracting(note -> note.split(" ", -1)[0])
                .containsExactly("0", "3/16", "3/8", "9/16", "3/4");
        assertThat(told(band, "7/8", 1, Player.BASS))
                .extracting(note -> note.split(" ", -1)[0])
                .containsExactly("15/16", "9/8", "21/16", "3/2", "27/16");
        assertThat(told(band, "7/8", 0, Player.CHORDS))
                .hasSize(6)
                .last()
                .asString()
                .startsWith("3/4 for 3/4");
    }

    /** The bass has the riff's notes, each as long as until the next; in a bar without any it plays the beats. */
    @Test
    void playsTheNotesOfARiff() {
        BackingBand band = new BackingBand(Line.BASS, C, BandTime.RIFF);
        Phrase phrase = bars("7/8(2+2+3)");
        assertThat(band.in(phrase, 1, List.of(value("7/8"), value("10/8"), value("13/8"))))
                .extracting(note -> note.at() + " for " + note.length())
                .containsExactly("7/8 for 3/8", "5/4 for 3/8", "13/8 for 1/8");
        assertThat(told(band, "7/8(2+2+3)", 0, Player.BASS))
                .containsExactly("0 for 1/4 36", "1/4 for 1/4 31", "1/2 for 3/8 48");
    }

    /** Bar by bar nothing is left out and nothing is played twice, whatever pulse runs across the bars. */
    @Property(tries = 60)
    void aPulseIsPlayedOnce(
            @ForAll @IntRange(min = 1, max = 23) int over, @ForAll @IntRange(min = 1, max = 48) int under) {
        Phrase phrase = bars("11/8, 5/16, 2/4");
        BackingBand band = new BackingBand(Line.BASS, C, new BandTime.Pulse(value(over + "/" + under)));
        List<BandNote> notes = new ArrayList<>();
        for (int bar = 0; bar < 9; bar++) {
            notes.addAll(band.in(phrase, bar, List.of()));
        }
        long expected = phrase.startOf(9).wholePartsOf(value(over + "/" + under))
                + (phrase.startOf(9).isMultipleOf(value(over + "/" + under)) ? 0 : 1);
        assertThat(notes).hasSize((int) expected);
        for (int i = 0; i < notes.size(); i++) {
            assertThat(notes.get(i).at()).isEqualTo(value(over + "/" + under).times(i));
        }
    }

    /** In every key and mode, every note is one of its scale. */
    @Property(tries = 60)
    void staysInItsKey(@ForAll @IntRange(min = 0, max = 11) int tonic, @ForAll Mode mode, @ForAll Line line) {
        Set<Integer> scale = List.of(0, 1, 2, 3, 4, 5, 6).stream()
                .map(step -> (tonic + mode.semitones(step)) % 12)
                .collect(Collectors.toSet());
        BackingBand band = new BackingBand(line, new BandKey(tonic, mode), BandTime.BEATS);
        for (int bar = 0; bar < 5; bar++) {
            assertThat(band.in(bars("9/8(2+2+2+3)"), bar, List.of()))
                    .isNotEmpty()
                    .allMatch(note -> scale.contains(note.midiKey() % 12))
                    .allMatch(note -> note.midiKey() >= 28 && note.midiKey() < 67);
        }
        assertThat(new BandKey(tonic, mode).title()).endsWith(mode.title());
    }

    @Test
    void thereAreTwelveKeys() {
        assertThat(BandKey.tonics()).hasSize(12);
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new BandKey(12, Mode.MINOR));
        assertThat(new BandKey(3, Mode.DORIAN).title()).isEqualTo("E flat dorian");
    }
}
