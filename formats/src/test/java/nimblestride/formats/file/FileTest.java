package nimblestride.formats.file;

import static nimblestride.core.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIOException;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FileTest {
    @ParameterizedTest
    @CsvSource({
        "Lantern Bridge,lantern-bridge",
        "'  Über die Brücke!  ',uber-die-brucke",
        "../../etc/passwd,etc-passwd",
        "11/8 & 9/16,11-8-9-16",
        "✓✓✓,exercise"
    })
    void filesAreNamedAfterTheExercise(String name, String file) {
        assertThat(FileName.of(exercise("7/8").withName(name))).isEqualTo(file);
    }

    @Test
    void aLongNameIsCut() {
        assertThat(FileName.of(exercise("7/8").withName("a".repeat(200)))).hasSize(80);
    }

    @Test
    void aLinkStaysALinkAndItsTargetIsWritten(@TempDir Path folder) throws IOException {
        Path target = folder.resolve("target.json");
        Files.writeString(target, "old");
        Path link = Files.createSymbolicLink(folder.resolve("link.json"), target);
        AtomicFile.write(link, new byte[] {'n', 'e', 'w'});
        assertThat(Files.isSymbolicLink(link)).isTrue();
        assertThat(target).hasContent("new");
    }

    @Test
    void whatCannotBeWrittenLeavesTheOldFileAndNothingBesideIt(@TempDir Path folder) throws IOException {
        Path inTheWay = folder.resolve("file");
        Files.writeString(inTheWay, "old");
        assertThatIOException().isThrownBy(() -> AtomicFile.write(inTheWay.resolve("below.json"), new byte[1]));
        assertThat(inTheWay).hasContent("old");
        try (var files = Files.list(folder)) {
            assertThat(files).containsExactly(inTheWay);
        }
    }
}
