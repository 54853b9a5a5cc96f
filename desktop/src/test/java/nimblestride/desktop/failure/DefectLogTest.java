package nimblestride.desktop.failure;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DefectLogTest {
    @TempDir
    private Path folder;

    private static IllegalStateException defect() {
        return new IllegalStateException("Wren's left hand", new IOException("/home/wren/steps.json"));
    }

    @Test
    void aDefectIsToldAndLoggedWithItsPlaceAndWithoutNames() {
        List<String> told = new ArrayList<>();
        DefectLog log = new DefectLog(folder.resolve("100% log"));
        log.onDefect(told::add);
        assertThat(log.text()).isEqualTo("Nothing has gone wrong since this log began.");
        log.uncaughtException(Thread.currentThread(), defect());
        log.close();
        assertThat(told).singleElement().asString().startsWith("Something went wrong.");
        assertThat(log.text())
                .contains("java.lang.IllegalStateException", "caused by java.io.IOException", "DefectLogTest.defect(")
                .doesNotContain("Wren", "wren");
    }

    @Test
    void theLogStaysSmall() throws IOException {
        DefectLog log = new DefectLog(folder);
        log.onDefect(message -> {});
        for (int i = 0; i < 400; i++) {
            log.uncaughtException(Thread.currentThread(), defect());
        }
        log.close();
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files.toList()).hasSizeBetween(2, 3).allSatisfy(file -> assertThat(Files.size(file))
                    .isLessThan(300_000));
        }
    }

    @Test
    void whereNothingCanBeLoggedTheUserIsToldAllTheSame() throws IOException {
        List<String> told = new ArrayList<>();
        DefectLog log = new DefectLog(Files.writeString(folder.resolve("file"), "in the way"));
        log.onDefect(told::add);
        log.uncaughtException(Thread.currentThread(), defect());
        assertThat(told).hasSize(1);
    }
}
