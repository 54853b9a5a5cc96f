package nimblestride.formats.musicxml;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import nimblestride.core.transcription.source.ImportedSound;
import nimblestride.files.UnreadableFileException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which sound a note strikes, by its instrument or by its place and head. */
class PartSoundsTest {
    private static List<ImportedSound> read(String instruments, String notes) throws UnreadableFileException {
        String score = "<score-partwise version=\"4.0\"><part-list><score-part id=\"P1\"><part-name>Drums</part-name>"
                + instruments + "</score-part></part-list><part id=\"P1\"><measure number=\"1\"><attributes>"
                + "<divisions>1</divisions><time><beats>4</beats><beat-type>4</beat-type></time>"
                + "<clef><sign>percussion</sign></clef></attributes>" + notes + "</measure></part></score-partwise>";
        return MusicXmlImport.read(score.getBytes(StandardCharsets.UTF_8), "x").parts().get(0).strokes().stream()
                .map(struck -> struck.sound())
                .toList();
    }

    private static String note(String place, String more) {
        return "<note><unpitched><display-step>" + place.charAt(0) + "</display-step><display-octave>" + place.charAt(1)
                + "</display-octave></unpitched><duration>1</duration>" + more + "</note>";
    }

    private static String instrument(String id, String name, int key) {
        return "<score-instrument id=\"" + id + "\"><instrument-name>" + name + "</instrument-name></score-instrument>"
                + (key == 0
                        ? ""
                        : "<midi-instrument id=\"" + id + "\"><midi-channel>10</midi-channel><midi-unpitched>" + key
                                + "</midi-unpitched></midi-instrument>");
    }

    /**
     * Where percussion stands on the five lines: common practice (the bass drum in the lowest space, the snare in the third, cymbals
     * on crosses from the top line up), in pitches as if under a treble clef.
     */
    @ParameterizedTest
    @CsvSource({
        "C5, normal, C5, snare",
        "F4, normal, F4, kick",
        "G5, x, G5 cross, hi-hat",
        "F5, x, F5 cross, ride",
        "A5, x, A5 cross, crash",
        "D4, x, D4 cross, foot hi-hat",
        "E5, normal, E5, high tom",
        "A4, normal, A4, floor tom",
    })
    void withoutAnInstrumentTheyAreToldByPlaceAndHead(String place, String head, String name, String voice)
            throws UnreadableFileException {
        ImportedSound sound =
                read("", note(place, "<notehead>" + head + "</notehead>")).get(0);
        assertThat(sound.name()).isEqualTo(name);
        assertThat(sound.usual().orElseThrow().name()).isEqualTo(voice);
    }

    @ParameterizedTest
    @CsvSource({
        "x, cross",
        "cross, cross",
        "circle-x, circled cross",
        "diamond, diamond",
        "triangle, triangle",
        "inverted triangle, triangle",
        "slashed, slashed",
        "back slashed, slashed",
    })
    void headsAreNamed(String head, String name) throws UnreadableFileException {
        assertThat(read("", note("B5", "<notehead>" + head + "</notehead>"))
                        .get(0)
                        .name())
                .isEqualTo("B5 " + name);
    }

    @Test
    void aHeadWithoutANameOfItsOwnIsANormalOne() throws UnreadableFileException {
        assertThat(read("", note("C5", "<notehead>square</notehead>")).get(0).name())
                .isEqualTo("C5");
        assertThat(read("", note("C5", "")).get(0).usual().orElseThrow().name()).isEqualTo("snare");
    }

    /** MusicXML counts the keys of unpitched instruments from 1, MIDI from 0 (MusicXML 4.0, midi-unpitched). */
    @Test
    void anInstrumentIsToldByItsNameAndThenByItsKey() throws UnreadableFileException {
        String named = instrument("A", "Cowbell", 37) + instrument("B", "Something struck", 39);
        List<ImportedSound> sounds = read(
                named, note("C5", "<instrument id=\"A\"/>") + note("C5", "<instrument id=\"B\"/>") + note("F4", ""));
        assertThat(sounds).extracting(ImportedSound::name).containsExactly("Cowbell", "Something struck", "F4");
        assertThat(sounds)
                .extracting(sound -> sound.usual().orElseThrow().name())
                .containsExactly("cowbell", "snare", "kick");
    }

    @Test
    void aLoneInstrumentThatSaysNothingIsToldByThePlace() throws UnreadableFileException {
        List<ImportedSound> sounds = read(instrument("A", "Drumset", 0), note("C5", "<instrument id=\"A\"/>"));
        assertThat(sounds).extracting(ImportedSound::name).containsExactly("C5");
        List<ImportedSound> nameless = read(
                instrument("A", "", 39) + instrument("B", "", 0),
                note("C5", "<instrument id=\"A\"/>") + note("C5", "<instrument id=\"B\"/>"));
        assertThat(nameless).extracting(ImportedSound::name).containsExactly("instrument A", "instrument B");
        assertThat(nameless.get(0).usual().orElseThrow().name()).isEqualTo("snare");
        assertThat(nameless.get(1).usual()).isEmpty();
    }
}
