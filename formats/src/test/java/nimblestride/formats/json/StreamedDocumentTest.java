package nimblestride.formats.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.students.Assignment;
import nimblestride.core.practice.students.Lesson;
import nimblestride.core.practice.students.Student;
import nimblestride.core.time.value.Tempo;
import nimblestride.files.UnreadableFileException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Logs and whole Books as JSON. */
class StreamedDocumentTest {
    private static final UUID STUDENT = UUID.nameUUIDFromBytes(new byte[] {1});
    private static final UUID EXERCISE = UUID.nameUUIDFromBytes(new byte[] {2});
    private static final LocalDate DAY = LocalDate.of(2026, 11, 20);

    private static LogEntry entry(int number) {
        boolean full = number % 2 == 0;
        return new LogEntry(
                UUID.nameUUIDFromBytes(new byte[] {3, (byte) number}),
                full ? Optional.of(EXERCISE) : Optional.empty(),
                "Weir Steps " + number,
                LocalDateTime.of(2026, 11, 20, 18, number % 60),
                number * 60,
                full ? Optional.of(TempoText.read("289/3")) : Optional.empty(),
                full ? Optional.of(RepRating.NEARLY) : Optional.empty(),
                full ? "\"late\" – links" : "",
                full ? List.of("4& of bar 2", "a of 2") : List.of(),
                full ? Optional.of(STUDENT) : Optional.empty());
    }

    private static String log(int entries) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        LogJson.write(out, "Wren", told -> {
            for (int i = 0; i < entries; i++) {
                told.accept(entry(i));
            }
        });
        return out.toString(StandardCharsets.UTF_8);
    }

    private static List<LogEntry> read(String log) throws IOException {
        List<LogEntry> entries = new ArrayList<>();
        LogJson.read(new ByteArrayInputStream(log.getBytes(StandardCharsets.UTF_8)), entries::add);
        return entries;
    }

    @Test
    void aLogIsReadAsItWasWritten() throws IOException {
        assertThat(read(log(40))).hasSize(40).startsWith(entry(0), entry(1)).endsWith(entry(39));
        assertThat(read(log(0))).isEmpty();
        assertThat(LogJson.read(new ByteArrayInputStream(log(1).getBytes(StandardCharsets.UTF_8)), entry -> {}))
                .isEqualTo("Wren");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "nimble-stride-log | nimble-stride-exercise | format: read \"nimble-stride-exercise\"; expected \"nimble-stride-log\"",
                "\"version\":1 | \"version\":7 | version: this file has version 7, and this program reads version 1",
                "\"entries\" | \"things\" | things: unknown list here; expected only entries",
                "\"seconds\":120 | \"seconds\":-1 | entries[2]: log up to 24 hours, not -1 s",
                "\"seconds\":120 | \"seconds\":\"long\" | entries[2].seconds: read \"long\"; expected a whole number",
                "18:02 | 18:99 | entries[2].begun: read \"2026-11-20T18:99\"; expected a day and a time",
                "\"nearly\" | \"great\" | entries[0].clean: read \"great\"; expected one of",
                "289/3 | fast | entries[0].tempo: column 1",
                "\"what\" | \"whatever\" | entries[0].whatever: unknown key here; expected only id, exercise, what,",
                "] | `` | line 2, column 259: this is not JSON; expected a file with",
            })
    void aBrokenLogSaysWhere(String good, String bad, String message) throws IOException {
        String log = log(3);
        assertThat(log).contains(good);
        assertThatThrownBy(() -> read(log.replace(good, bad == null ? "" : bad)))
                .isInstanceOf(UnreadableFileException.class)
                .hasMessageContaining(message);
    }

    @Test
    void aLogThatBreaksOffSaysWhere() throws IOException {
        String log = log(3);
        assertThatThrownBy(() -> read(log.substring(0, log.length() / 2)))
                .isInstanceOf(UnreadableFileException.class)
                .hasMessageMatching(
                        "line \\d+, column \\d+: the file ends before its log does; expected a file with .*");
    }

    /** Cut anywhere, or with any byte changed: read, or refused with words, and nothing else. */
    @Test
    void aLogOfAnyBytesIsReadOrRefused() throws IOException {
        byte[] good = log(4).getBytes(StandardCharsets.UTF_8);
        Random random = new Random(11);
        for (int i = 0; i < 4_000; i++) {
            byte[] bytes = good.clone();
            bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
            int length = random.nextInt(3) == 0 ? random.nextInt(bytes.length) : bytes.length;
            try {
                LogJson.read(new ByteArrayInputStream(bytes, 0, length), entry -> {});
            } catch (UnreadableFileException e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }

    /** Writes down each event, as text. */
    private record Listing(List<String> told) implements BookVisitor {
        @Override
        public void exercise(UUID id, Exercise exercise, Set<String> tags) {
            told.add(id + " " + ExerciseJson.write(exercise) + tags);
        }

        @Override
        public void collection(String name, List<UUID> exercises) {
            told.add(name + exercises);
        }

        @Override
        public void student(Student student) {
            told.add(student.toString());
        }

        @Override
        public void assignment(Assignment assignment) {
            told.add(assignment.toString());
        }

        @Override
        public void lesson(Lesson lesson) {
            told.add(lesson.toString());
        }

        @Override
        public void entry(LogEntry entry) {
            told.add(entry.toString());
        }
    }

    private static void visit(BookVisitor told) {
        told.exercise(EXERCISE, Examples.exercise("11/8", "kick every 3/16"), Set.of("parade"));
        told.exercise(STUDENT, Examples.exercise("7/8"), Set.of());
        told.collection("Lanterns", List.of(EXERCISE, STUDENT));
        told.student(new Student(STUDENT, "Wren", ""));
        told.assignment(new Assignment(
                EXERCISE,
                STUDENT,
                Optional.of(EXERCISE),
                "Weir Steps",
                DAY,
                Optional.of(DAY.plusDays(7)),
                "slowly",
                Optional.of(Tempo.ofQuarters(75)),
                Optional.empty()));
        told.assignment(new Assignment(
                STUDENT,
                STUDENT,
                Optional.empty(),
                "Scales",
                DAY,
                Optional.empty(),
                "",
                Optional.empty(),
                Optional.of(DAY)));
        told.lesson(new Lesson(EXERCISE, STUDENT, DAY, "counted", "pad"));
        told.entry(entry(0));
        told.entry(entry(1));
    }

    @Test
    void aBookIsReadAsItWasWritten() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        BookJson.write(out, StreamedDocumentTest::visit);
        Listing expected = new Listing(new ArrayList<>());
        visit(expected);
        Listing read = new Listing(new ArrayList<>());
        BookJson.read(new ByteArrayInputStream(out.toByteArray()), read);
        assertThat(read.told).isEqualTo(expected.told);
    }

    /** The library's own exception must not escape: nobody above knows it. */
    @Test
    void aStreamThatFailsIsAnExceptionOfStreams() {
        OutputStream full = new OutputStream() {
            @Override
            public void write(int one) throws IOException {
                throw new IOException("No space left on device");
            }
        };
        assertThatExceptionOfType(UncheckedIOException.class)
                .isThrownBy(() -> BookJson.write(full, StreamedDocumentTest::visit))
                .withCauseInstanceOf(IOException.class)
                .withMessageContaining("No space left on device");
        InputStream gone = new InputStream() {
            @Override
            public int read() throws IOException {
                throw new IOException("Stale file handle");
            }

            @Override
            public int read(byte[] to, int from, int length) throws IOException {
                return read();
            }
        };
        assertThatExceptionOfType(UncheckedIOException.class)
                .isThrownBy(() -> BookJson.read(gone, new Listing(new ArrayList<>())));
    }
}
