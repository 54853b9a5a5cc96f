package nimblestride.store.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;
import nimblestride.core.language.text.Examples;
import nimblestride.core.practice.students.Assignment;
import nimblestride.core.practice.students.Student;
import nimblestride.core.time.value.Tempo;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseSummary;
import nimblestride.store.book.SavedExercise;
import nimblestride.store.book.TypedText;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The file of a Book where things go wrong: every time a clear message, and the last good state kept. */
class BookFileTest {
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 11, 25, 18, 0);

    @TempDir
    Path folder;

    private Path file;

    @BeforeEach
    void name() {
        file = folder.resolve("my.book");
    }

    private Book open() throws BookException {
        return Book.open(file, new TypedText());
    }

    private void keep(String name) throws IOException {
        try (Book book = open()) {
            book.exercises().add(Examples.exercise("7/8").withName(name), NOW);
        }
    }

    private int size() throws IOException {
        try (Book book = open()) {
            return book.exercises().size();
        }
    }

    private void sql(String statement) throws SQLException {
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var made = connection.createStatement()) {
            made.execute(statement);
        }
    }

    @Test
    void aBookIsOneFileThatMovesAsItIs() throws IOException {
        keep("Weir Steps");
        try (var files = Files.list(folder)) {
            assertThat(files.filter(Files::isRegularFile))
                    .allMatch(one -> !one.toString().contains("-wal"));
        }
        Path elsewhere = Files.createDirectory(folder.resolve("other machine")).resolve("moved.book");
        Files.copy(file, elsewhere);
        try (Book moved = Book.open(elsewhere, new TypedText())) {
            assertThat(moved.exercises().size()).isEqualTo(1);
            assertThatCode(moved::checkWhole).doesNotThrowAnyException();
        }
    }

    @Test
    void aBookOfANewerVersionIsLeftAlone() throws IOException, SQLException {
        keep("Weir Steps");
        sql("PRAGMA user_version = 99");
        byte[] before = Files.readAllBytes(file);
        assertThatThrownBy(this::open)
                .isInstanceOf(BookException.class)
                .hasMessageContaining("newer version")
                .hasMessageContaining("99");
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, Integer.MIN_VALUE})
    void aBookMarkedWithANumberNoVersionHasIsLeftAlone(int version) throws IOException, SQLException {
        keep("Weir Steps");
        sql("PRAGMA user_version = " + version);
        byte[] before = Files.readAllBytes(file);
        assertThatThrownBy(this::open)
                .isInstanceOf(BookException.class)
                .hasMessageContaining("damaged: no version has the number " + version)
                .hasMessageEndingWith("Restore a backup.");
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
        sql("PRAGMA user_version = " + BookFile.VERSION);
        assertThat(size()).isOne();
    }

    @Test
    void whatIsNoBookIsLeftAlone() throws IOException, SQLException {
        Files.writeString(file, "a shopping list, longer than sixteen bytes");
        assertThatThrownBy(this::open).hasMessageContaining("not a Nimble Stride Book");
        assertThat(file).hasContent("a shopping list, longer than sixteen bytes");
        Files.delete(file);
        sql("CREATE TABLE others (name TEXT)");
        assertThatThrownBy(this::open).hasMessageContaining("another program");
    }

    /** Bytes changed anywhere: the Book is opened and read, or refused as damaged; never anything else, never made worse. */
    @Test
    void aDamagedBookIsToldAndKept() throws IOException {
        for (int i = 0; i < 30; i++) {
            keep("Weir Steps " + i);
        }
        byte[] good = Files.readAllBytes(file);
        Random random = new Random(5);
        int refused = 0;
        for (int round = 0; round < 150; round++) {
            byte[] bad = good.clone();
            int from = random.nextInt(bad.length);
            for (int i = from; i < Math.min(bad.length, from + 200); i++) {
                bad[i] = (byte) random.nextInt(256);
            }
            Files.write(file, bad);
            try (Book book = open()) {
                book.checkWhole();
                book.exercises().all();
            } catch (BookException e) {
                refused++;
                assertThat(e.getMessage())
                        .containsAnyOf("damaged", "not a Book", "another program", "newer version", "refused this");
            }
        }
        assertThat(refused).isPositive();
    }

    @Test
    void aBackupIsMadeOnceADayAndTheOldOnesAreRemoved() throws IOException {
        keep("Weir Steps");
        Backups backups = new Backups(file);
        LocalDate day = NOW.toLocalDate();
        for (int i = 0; i < Backups.KEPT + 5; i++) {
            backups.keepOf(day.plusDays(i));
            backups.keepOf(day.plusDays(i));
        }
        assertThat(backups.all()).hasSize(Backups.KEPT);
        assertThat(backups.all().get(0).name()).isEqualTo("day-" + day.plusDays(Backups.KEPT + 4));
        backups.keepNow("kept", NOW);
        assertThat(backups.all()).hasSize(Backups.KEPT + 1);
    }

    private void restore(Path backup, LocalDateTime when) {
        try (Book book = open()) {
            book.restore(backup, when);
        }
    }

    @Test
    void aBackupIsRestoredAndWhatWasThereIsPutAside() throws IOException {
        keep("Weir Steps");
        Backups backups = new Backups(file);
        Backups.Backup backup = backups.keepNow("kept", NOW);
        keep("Second");
        assertThat(size()).isEqualTo(2);
        restore(backup.file(), NOW);
        assertThat(size()).isEqualTo(1);
        Backups.Backup aside = backups.all().stream()
                .filter(one -> one.name().startsWith("replaced"))
                .findFirst()
                .orElseThrow();
        restore(aside.file(), NOW.plusSeconds(1));
        assertThat(size()).isEqualTo(2);
        Path noBackup = Files.writeString(folder.resolve("no.book"), "not a book at all, is it");
        assertThatThrownBy(() -> restore(noBackup, NOW.plusSeconds(2))).hasMessageContaining("the Book is unchanged");
        assertThat(size()).isEqualTo(2);
        // Also where the Book itself can't be opened any more.
        Files.write(file, "rubbish, rubbish, rubbish".getBytes(StandardCharsets.UTF_8));
        backups.replaceUnreadable(aside.file(), NOW.plusSeconds(3));
        assertThat(size()).isEqualTo(2);
        try (Stream<Path> inFolder = Files.list(folder)) {
            assertThat(inFolder.map(Path::toString)).noneMatch(name -> name.endsWith(".making"));
        }
    }

    @Test
    void whatAKilledProgramLeftHalfMadeIsRemovedWhenItIsOld() throws IOException {
        keep("Weir Steps");
        Path old = Files.writeString(folder.resolve(".my.book-1.making"), "half");
        Path young = Files.writeString(folder.resolve(".my.book-2.making"), "half");
        Files.setLastModifiedTime(old, FileTime.from(Instant.parse("2026-11-20T12:00:00Z")));
        Files.setLastModifiedTime(young, FileTime.from(Instant.parse("2026-11-25T12:00:00Z")));
        new Backups(file).keepOf(NOW.toLocalDate());
        assertThat(old).doesNotExist();
        assertThat(young).exists();
    }

    /** The defect: the open Book was swapped for its own copy, and what came after went to a file without a name. */
    @Test
    void aBackupNeverReplacesTheBookItIsMadeFrom() throws IOException {
        try (Book book = open()) {
            book.exercises().add(Examples.exercise("7/8").withName("Weir Steps"), NOW);
            Path link = Files.createSymbolicLink(folder.resolve("link.book"), file);
            Path second = Files.createLink(folder.resolve("second name.book"), file);
            Path spelled = folder.resolve("backups").resolve("..").resolve("my.book");
            Files.createDirectories(folder.resolve("backups"));
            for (Path itself : List.of(file, link, second, spelled)) {
                assertThatThrownBy(() -> book.backups().copyTo(itself))
                        .as("%s", itself)
                        .isInstanceOf(BookException.class)
                        .hasMessageContaining("is the Book itself");
            }
            book.exercises().add(Examples.exercise("5/8").withName("Lock Gate"), NOW);
        }
        assertThat(size()).isEqualTo(2);
    }

    @Test
    void aBackupThatIsThereIsReplacedOnlyByAWholeOne() throws IOException {
        keep("Weir Steps");
        Path copy = folder.resolve("copy.book");
        new Backups(file).copyTo(copy);
        byte[] good = Files.readAllBytes(copy);
        byte[] bad = Files.readAllBytes(file);
        Arrays.fill(bad, 4096, bad.length, (byte) 7);
        Files.write(file, bad);
        assertThatThrownBy(() -> new Backups(file).copyTo(copy)).isInstanceOf(BookException.class);
        assertThat(Files.readAllBytes(copy)).isEqualTo(good);
    }

    /** The defect: the other window's journal was deleted and its file swapped under it. */
    @Test
    void whatIsRestoredIsSeenByTheOtherWindowAndNothingItWritesIsLost() throws IOException {
        keep("Weir Steps");
        Backups.Backup backup = new Backups(file).keepNow("kept", NOW);
        try (Book one = open();
                Book other = open()) {
            ExerciseSummary edited = other.exercises().all().get(0);
            for (int i = 0; i < 3; i++) {
                edited = other.exercises()
                        .save(
                                edited.id(),
                                edited.revision(),
                                Examples.exercise("9/8").withName("Edited " + i),
                                NOW)
                        .summary();
            }
            other.exercises().add(Examples.exercise("5/8").withName("Lock Gate"), NOW);
            long before = other.changesOfOthers();
            one.restore(backup.file(), NOW);
            assertThat(other.changesOfOthers()).isNotEqualTo(before);
            assertThat(other.exercises().all())
                    .extracting(ExerciseSummary::name)
                    .containsExactly("Weir Steps");
            // What the other window still shows is not taken for what is there now.
            ExerciseSummary shown = edited;
            assertThat(other.exercises().find(shown.id()).orElseThrow().revision())
                    .isGreaterThan(shown.revision());
            assertThat(other.exercises()
                            .save(shown.id(), shown.revision(), Examples.exercise("13/8"), NOW)
                            .others())
                    .isEqualTo(SavedExercise.Others.EDITED);
            other.exercises()
                    .save(
                            shown.id(),
                            shown.revision() + 9,
                            Examples.exercise("9/8").withName("Weir Steps"),
                            NOW);
            other.exercises().add(Examples.exercise("3/8").withName("After"), NOW);
            assertThat(one.exercises().all()).extracting(ExerciseSummary::name).containsExactly("After", "Weir Steps");
        }
        assertThat(size()).isEqualTo(2);
    }

    /** They doubled once, and a Book could be restored only some sixty times. */
    @Test
    void revisionsGrowByOneWithEachRestore() {
        try (Book book = open()) {
            ExerciseSummary kept = book.exercises().add(Examples.exercise("7/8"), NOW);
            for (int i = 1; i <= 5; i++) {
                book.restore(book.backups().keepNow("kept" + i, NOW).file(), NOW.plusSeconds(i));
                assertThat(book.exercises().find(kept.id()).orElseThrow().revision())
                        .isEqualTo(1 + i);
            }
        }
    }

    @Test
    void aBookThatWasReplacedWhileItWasOpenIsNotWrittenInAnyMore() throws IOException {
        keep("Weir Steps");
        Path copy = Files.copy(file, folder.resolve("copy.book"));
        try (Book book = open()) {
            Files.move(copy, file, StandardCopyOption.REPLACE_EXISTING);
            assertThat(book.isInPlace()).isFalse();
            assertThatThrownBy(() -> book.exercises().add(Examples.exercise("5/8"), NOW))
                    .isInstanceOf(BookException.class)
                    .hasMessageContaining("moved, deleted, or replaced");
        }
        assertThat(size()).isEqualTo(1);
    }

    @Test
    void anEmptyFileIsNoNewBook() throws IOException {
        Files.createFile(file);
        assertThatThrownBy(this::open)
                .isInstanceOf(BookException.class)
                .hasMessageContaining("is an empty file")
                .hasMessageContaining("Restore a backup");
        assertThat(file).isEmptyFile();
        new Backups(file).setAside(NOW);
        keep("Weir Steps");
        assertThat(size()).isEqualTo(1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"what?", "number#1", "100%", "a b", "100%25", "d'Orme", "Trommel-Übung", "a;b&c=d"})
    void aFolderMayBeCalledAnything(String name) throws IOException {
        file = Files.createDirectories(folder.resolve(name)).resolve("my.book");
        keep("Weir Steps");
        Backups.Backup backup = new Backups(file).keepNow("kept", NOW);
        keep("Second");
        restore(backup.file(), NOW.plusSeconds(1));
        assertThat(size()).isEqualTo(1);
        try (Stream<Path> inFolder = Files.list(file.getParent())) {
            assertThat(inFolder.map(one -> one.getFileName().toString()))
                    .containsExactlyInAnyOrder("my.book", "my.book-journal", "backups");
        }
    }

    @Test
    void severalChangesAreOneOrNone() throws IOException {
        try (Book book = open()) {
            assertThatThrownBy(() -> book.inTransaction(() -> {
                        ExerciseSummary added = book.exercises().add(Examples.exercise("7/8"), NOW);
                        book.importedFiles().keep(added.id(), "a.mid", new byte[] {1});
                        throw new CancellationException();
                    }))
                    .isInstanceOf(CancellationException.class);
            assertThat(book.exercises().size()).isZero();
            book.exercises().add(Examples.exercise("5/8"), NOW);
            assertThat(book.exercises().size()).isEqualTo(1);
        }
    }

    /** More than the database keeps in memory by itself: what another window asks is answered before all of it is there. */
    @Test
    void whileMuchIsImportedTheBookCanBeRead() {
        try (Book book = open();
                Book other = open()) {
            book.inTransaction(() -> {
                for (int i = 0; i < 30; i++) {
                    book.importedFiles().keep(UUID.randomUUID(), "a.mid", new byte[1 << 20]);
                }
                return other.exercises().size();
            });
            assertThat(other.exercises().size()).isZero();
        }
    }

    /** The defect: an original that could not be stored left its exercise behind. */
    @Test
    void anOriginalThatCannotBeStoredLeavesNoExerciseBehind() throws IOException {
        try (Book book = open()) {
            sql("DROP TABLE original");
            assertThatThrownBy(() -> book.inTransaction(() -> {
                        ExerciseSummary added = book.exercises().add(Examples.exercise("7/8"), NOW);
                        book.importedFiles().keep(added.id(), "a.mid", new byte[] {1});
                        return added;
                    }))
                    .isInstanceOf(BookException.class);
            assertThat(book.exercises().size()).isZero();
        } catch (SQLException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void aBackupIsMadeWhileTheBookIsWrittenIn() throws Exception {
        try (Book book = open()) {
            CountDownLatch begun = new CountDownLatch(1);
            AtomicReference<Throwable> problem = new AtomicReference<>();
            Thread writing = new Thread(() -> {
                try {
                    for (int i = 0; i < 60; i++) {
                        book.exercises().add(Examples.exercise("7/8").withName("E" + i), NOW);
                        begun.countDown();
                    }
                } catch (BookException e) {
                    problem.set(e);
                }
            });
            writing.start();
            begun.await();
            Backups.Backup backup = book.backups().keepNow("kept", NOW);
            writing.join();
            assertThat(problem).hasValue(null);
            try (Book copy = Book.open(backup.file(), new TypedText())) {
                assertThatCode(copy::checkWhole).doesNotThrowAnyException();
                assertThat(copy.exercises().size()).isBetween(1, 60);
            }
        }
    }

    /** Two windows on one Book: made by both at once, each sees what the other has written, and none is lost. */
    @Test
    void twoMayWriteInTurns() throws Exception {
        Thread[] writers = new Thread[2];
        AtomicReference<Throwable> problem = new AtomicReference<>();
        for (int w = 0; w < writers.length; w++) {
            String name = "W" + w;
            writers[w] = new Thread(() -> {
                try (Book book = open()) {
                    for (int i = 0; i < 25; i++) {
                        book.exercises().add(Examples.exercise("7/8").withName(name + i), NOW);
                    }
                } catch (BookException e) {
                    problem.set(e);
                }
            });
            writers[w].start();
        }
        for (Thread writer : writers) {
            writer.join();
        }
        assertThat(problem).hasValue(null);
        assertThat(size()).isEqualTo(50);
    }

    @Test
    void anotherProgramThatHoldsTheBookForLongIsTold() throws Exception {
        keep("Weir Steps");
        try (Book book = open();
                var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.execute("BEGIN EXCLUSIVE");
            assertThatThrownBy(() -> book.exercises().add(Examples.exercise("7/8"), NOW))
                    .isInstanceOf(BookException.class)
                    .hasMessageContaining("Another window is writing");
            statement.execute("ROLLBACK");
            book.exercises().add(Examples.exercise("7/8"), NOW);
            assertThat(book.exercises().size()).isEqualTo(2);
        }
    }

    @Test
    void aFullDiskChangesNothing() throws IOException, SQLException {
        keep("Weir Steps");
        try (BookFile book = BookFile.open(file)) {
            // As full as a disk: the file may not grow any more.
            book.read(handle -> handle.execute("PRAGMA max_page_count = 1"));
            assertThatThrownBy(() -> book.write(handle -> {
                        for (int i = 0; i < 2_000; i++) {
                            handle.execute(
                                    "INSERT INTO collection (id, name) VALUES (?, ?)", "c" + i, "x".repeat(200) + i);
                        }
                    }))
                    .isInstanceOf(BookException.class)
                    .hasMessageContaining("disk is full");
            assertThat(book.<Integer>read(handle -> handle.createQuery("SELECT count(*) FROM collection")
                            .mapTo(Integer.class)
                            .one()))
                    .isZero();
        }
        assertThat(size()).isEqualTo(1);
    }

    @Test
    void aFolderThatCannotBeIsTold() throws IOException {
        Path inTheWay = Files.writeString(folder.resolve("file"), "x");
        assertThatThrownBy(() -> Book.open(inTheWay.resolve("my.book"), new TypedText()))
                .isInstanceOf(BookException.class);
        Path asFolder = Files.createDirectory(folder.resolve("my.book"));
        assertThatThrownBy(() -> Book.open(asFolder, new TypedText())).isInstanceOf(BookException.class);
    }

    /** Several programs come upon an old Book at once: one brings it up to date, and all open it. */
    @Test
    void anOldBookIsBroughtUpToDateOnceHoweverManyOpenIt() throws Exception {
        keep("Weir Steps");
        sql("DROP TABLE original");
        sql("PRAGMA user_version = 1");
        ExecutorService programs = Executors.newFixedThreadPool(4);
        try {
            List<Future<Integer>> sizes = programs.invokeAll(Collections.nCopies(8, this::size));
            for (Future<Integer> found : sizes) {
                assertThat(found.get()).isEqualTo(1);
            }
        } finally {
            programs.shutdownNow();
        }
    }

    /** A Book as the first version made it: a copy of it is kept as it was, and everything in it is there afterwards. */
    /** Earlier programs could stop between making a table and marking the version. */
    /** As the program before made it: nothing assigned has a tempo. */
    @Test
    void aBookOfTheVersionBeforeGetsTempos() throws IOException, SQLException {
        keep("Weir Steps");
        sql("ALTER TABLE assignment DROP COLUMN tempo");
        sql("PRAGMA user_version = 4");
        Student wren = new Student(UUID.randomUUID(), "Wren", "");
        Assignment assigned = new Assignment(
                UUID.randomUUID(),
                wren.id(),
                Optional.empty(),
                "Weir Steps",
                NOW.toLocalDate(),
                Optional.empty(),
                "",
                Optional.of(Tempo.ofQuarters(75)),
                Optional.empty());
        try (Book book = open()) {
            book.students().save(wren);
            book.students().save(assigned);
            assertThat(book.students().assignments(wren.id())).containsExactly(assigned);
        }
    }

    @Test
    void aBookThatHasTheTablesButNotTheMarkOpens() throws IOException, SQLException {
        keep("Weir Steps");
        sql("PRAGMA user_version = 1");
        assertThat(size()).isEqualTo(1);
    }

    @Test
    void anOlderBookIsKeptAsItWasAndThenBroughtUpToDate() throws IOException, SQLException {
        keep("Weir Steps");
        sql("DROP TABLE original");
        sql("PRAGMA user_version = 1");
        byte[] before = Files.readAllBytes(file);
        assertThat(size()).isEqualTo(1);
        Backups.Backup kept = new Backups(file)
                .all().stream()
                        .filter(one -> one.name().equals("version-1"))
                        .findFirst()
                        .orElseThrow();
        assertThat(Files.readAllBytes(kept.file())).isEqualTo(before);
        sql("INSERT INTO original SELECT id, 'a.mid', x'00' FROM exercise");
        // Once is enough: what was kept first is the Book as it was.
        sql("PRAGMA user_version = 1");
        assertThat(size()).isEqualTo(1);
        assertThat(Files.readAllBytes(kept.file())).isEqualTo(before);
    }
}
