package nimblestride.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import nimblestride.core.foundation.failure.StrideException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Files are written whole or not at all, read within bounds, and named safely; every failure says what to do. */
class FileTest {
    private static final String ABANDONED = ".song.wav-00000000-0000-4000-8000-000000000000.part";

    @TempDir
    private Path folder;

    private List<Path> inFolder() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.sorted().toList();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "Lantern Bridge,lantern-bridge",
        "'  Über die Brücke!  ',uber-die-brucke",
        "../../etc/passwd,etc-passwd",
        "11/8 & 9/16,11-8-9-16",
        "✓✓✓,exercise",
        "🥁,exercise",
        "..,exercise",
        "CON,exercise-con",
        "aux.,exercise-aux",
        "LPT1,exercise-lpt1",
        "太鼓,tai-gu",
        "Барабан,baraban",
        "I'm IN TITLE,im-in-title"
    })
    void namesAreReadableAndSafeOnEverySystem(String name, String file) {
        assertThat(SafeFileName.of(name)).isEqualTo(file);
    }

    @Test
    void namesDoNotDependOnTheMachinesLanguage() {
        Locale before = Locale.getDefault();
        try {
            Locale.setDefault(Locale.forLanguageTag("tr"));
            assertThat(SafeFileName.of("IN TITLE")).isEqualTo("in-title");
        } finally {
            Locale.setDefault(before);
        }
    }

    @Test
    void aLongNameIsCut() {
        assertThat(SafeFileName.of("a".repeat(200))).hasSize(80);
    }

    @Test
    void filesWrittenTogetherHaveNamesOfTheirOwn() {
        UniqueFileNames names = new UniqueFileNames();
        assertThat(Stream.of("Weir Steps", "weir steps", "Weir-Steps 2", "Weir Steps")
                        .map(names::next))
                .containsExactly("weir-steps", "weir-steps-2", "weir-steps-2-2", "weir-steps-3");
    }

    @Test
    void aLinkStaysALinkAndItsTargetIsWritten() throws IOException {
        Path target = folder.resolve("target.json");
        Files.writeString(target, "old");
        Path link = Files.createSymbolicLink(folder.resolve("link.json"), target);
        AtomicFile.write(link, new byte[] {'n', 'e', 'w'});
        assertThat(Files.isSymbolicLink(link)).isTrue();
        assertThat(target).hasContent("new");
    }

    @Test
    void aLinkToNothingIsRefused() throws IOException {
        Path link = Files.createSymbolicLink(folder.resolve("link.json"), folder.resolve("nowhere.json"));
        assertThatExceptionOfType(FileException.class)
                .isThrownBy(() -> AtomicFile.write(link, new byte[1]))
                .withMessageContaining("is a link to a missing file");
        assertThat(Files.isSymbolicLink(link)).isTrue();
    }

    @Test
    void whatCannotBeWrittenLeavesTheOldFileAndNothingBesideIt() throws IOException {
        Path inTheWay = folder.resolve("file");
        Files.writeString(inTheWay, "old");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> AtomicFile.write(inTheWay.resolve("below.json"), new byte[1]));
        assertThatExceptionOfType(FileException.class)
                .isThrownBy(() -> AtomicFile.write(inTheWay, out -> {
                    out.write(1);
                    throw new UncheckedIOException(new IOException("No space left on device"));
                }))
                .withMessageStartingWith("the disk is full, so " + inTheWay + " was not written");
        assertThat(inTheWay).hasContent("old");
        assertThat(inFolder()).containsExactly(inTheWay);
    }

    @Test
    void whatAKilledProgramLeftIsSweptAndWhatIsBeingWrittenStays() throws IOException {
        Path abandoned = Files.writeString(folder.resolve(ABANDONED), "half");
        Path written = Files.writeString(folder.resolve(ABANDONED.replace("song", "other")), "half");
        Path own = Files.writeString(folder.resolve(".notes.part"), "somebody's");
        Path young = Files.writeString(folder.resolve(ABANDONED.replace("song", "young")), "half");
        for (Path old : List.of(abandoned, written, own)) {
            Files.setLastModifiedTime(old, FileTime.from(Instant.parse("2026-11-20T12:00:00Z")));
        }
        try (FileChannel channel = FileChannel.open(written, StandardOpenOption.WRITE)) {
            assertThat(channel.lock().isValid()).isTrue();
            Path file = folder.resolve("next.wav");
            AtomicFile.write(file, new byte[1]);
            assertThat(inFolder()).containsExactlyInAnyOrder(written, own, young, file);
        }
    }

    @Test
    void onlyOrdinaryFilesAreReadAndOnlyUpToALimit() throws IOException {
        Path large = Files.write(folder.resolve("large"), new byte[(1 << 20) + 1]);
        assertThatExceptionOfType(FileException.class)
                .isThrownBy(() -> SourceFile.bytes(large, 1 << 20, "an exercise file"))
                .withMessage(large + " is larger than 1 MB; an exercise file is smaller");
        assertThat(SourceFile.bytes(large, (1 << 20) + 1, "an exercise file")).hasSize((1 << 20) + 1);
        assertThatExceptionOfType(FileException.class)
                .isThrownBy(() -> SourceFile.bytes(folder, 10, "an exercise file"))
                .withMessage(folder + " is a folder; expected an exercise file");
        Path missing = folder.resolve("nope.mid");
        assertThatExceptionOfType(FileException.class)
                .isThrownBy(() -> SourceFile.bytes(missing, 10, "a score"))
                .withMessage("no file " + missing + "; check the name and folder");
    }

    @Test
    void aDeviceIsRefusedUnread() throws IOException {
        Path zeros = Path.of("/dev/zero");
        org.junit.jupiter.api.Assumptions.assumeTrue(Files.exists(zeros), "this system has no such device");
        Path link = Files.createSymbolicLink(folder.resolve("song.json"), zeros);
        for (Path device : List.of(zeros, link)) {
            assertThatExceptionOfType(FileException.class)
                    .isThrownBy(() -> SourceFile.bytes(device, 10, "a score"))
                    .withMessage(device + " is a device or a pipe; expected a score");
        }
    }

    @Test
    void whatIsMovedAsideNeverReplacesWhatWasMovedBefore() throws IOException {
        Path file = folder.resolve("settings.json");
        for (String content : List.of("first", "second")) {
            Quarantine.move(Files.writeString(file, content));
        }
        assertThat(folder.resolve("settings.json.unreadable-1")).hasContent("first");
        assertThat(folder.resolve("settings.json.unreadable-2")).hasContent("second");
        assertThat(file).doesNotExist();
    }
}
