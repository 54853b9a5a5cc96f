package nimblestride.formats.json;

import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.then;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.files.UnreadableFileException;
import nimblestride.formats.json.DraftJson.Draft;
import nimblestride.formats.json.DraftJson.InBook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The open exercise, kept as a draft and found again. */
class DraftJsonTest {
    private static final Exercise STEPS = then(
            exercise("10/8 x2, 9/16", "kick every 5/16").withName("Weir “Steps”"),
            "eighth = dotted eighth",
            2,
            "7/8",
            "snare every 1/8");

    @TempDir
    Path folder;

    private Draft again(Draft draft) throws IOException {
        Path path = folder.resolve("desk.json");
        DraftJson.write(draft, path);
        return DraftJson.read(path);
    }

    @Test
    void everythingComesBack() throws IOException {
        assertThat(again(Draft.of(STEPS))).isEqualTo(Draft.of(STEPS));
        Draft ofTheBook = new Draft(STEPS, Optional.of(new InBook(UUID.randomUUID(), 41)), false);
        assertThat(again(ofTheBook)).isEqualTo(ofTheBook);
        Draft untouched = new Draft(STEPS, Optional.empty(), true);
        assertThat(again(untouched)).isEqualTo(untouched);
    }

    /** Where, and what was expected: as of every file. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "nimble-stride-draft | something-else | format",
                "\"version\" : 1     | \"version\" : 2    | version",
                "\"revision\" : 41   | \"revision\" : \"x\" | revision",
                "\"saved\"           | \"safe\"         | saved",
                "5/16                | 5/0            | layers",
            })
    void whatIsNoDraftIsRefusedWithItsPlace(String there, String instead, String place) throws IOException {
        Path path = folder.resolve("desk.json");
        DraftJson.write(new Draft(STEPS, Optional.of(new InBook(UUID.randomUUID(), 41)), true), path);
        String text = Files.readString(path);
        assertThat(text).contains(there);
        Files.writeString(path, text.replace(there, instead));
        assertThatThrownBy(() -> DraftJson.read(path))
                .isInstanceOf(UnreadableFileException.class)
                .hasMessageContaining(place);
    }

    @Test
    void aFileThatIsNotThereOrEndsEarlyIsTold() throws IOException {
        Path path = folder.resolve("desk.json");
        assertThatThrownBy(() -> DraftJson.read(path)).isInstanceOf(StrideException.class);
        DraftJson.write(Draft.of(STEPS), path);
        String text = Files.readString(path);
        Files.writeString(path, text.substring(0, text.length() / 2));
        assertThatThrownBy(() -> DraftJson.read(path)).isInstanceOf(UnreadableFileException.class);
    }
}
