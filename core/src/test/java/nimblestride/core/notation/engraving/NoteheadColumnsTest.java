package nimblestride.core.notation.engraving;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.NoteheadShape;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.notation.score.WrittenHead;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Heads of one note by their places on the staff, from the lowest up, and in which file each stands. */
class NoteheadColumnsTest {
    @ParameterizedTest
    @CsvSource({
        // Apart, a third or more: one above the other.
        "1, 0, 1",
        "-3 1 5, 0 0 0, 1",
        // A second, and one place for two.
        "4 5, 0 1, 2",
        "5 5, 0 1, 2",
        // Three on neighboring places: the third is a third from the first.
        "4 5 6, 0 1 0, 2",
        // Three on one place, or two and their neighbor, have no room in two files.
        "5 5 5, 0 1 2, 3",
        "5 5 6, 0 1 2, 3",
        // And back to the first as soon as there is room.
        "1 2 5 6 9, 0 1 0 1 0, 2"
    })
    void headsASecondApartStandSideBySide(String places, String files, int count) {
        List<WrittenHead> heads = Arrays.stream(places.split(" "))
                .map(Integer::valueOf)
                .map(place -> new Voice("place " + place, 38, Limb.RIGHT_HAND, place, NoteheadShape.NORMAL))
                .map(voice -> new WrittenHead(voice, Stroke.NORMAL, Optional.of(Limb.RIGHT_HAND), 0))
                .toList();
        NoteheadColumns abreast = NoteheadColumns.of(heads);
        assertThat(abreast.files().stream().map(String::valueOf).collect(Collectors.joining(" ")))
                .isEqualTo(files);
        assertThat(abreast.count()).isEqualTo(count);
    }
}
