package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.service.PageId;
import nimblestride.store.book.ExerciseSummary;
import org.junit.jupiter.api.Test;

/** A teacher's week: pieces, students, a recording, homework, rehearsals, a crash, and a backup. */
@OwnStart
class TeachersWeekStoryTest extends WindowStory {
    private static final List<String> NAMES = List.of("Alder", "Juniper", "Teasel", "Wren");

    private List<String> pieces() {
        return window.book().ask(book -> book.exercises().all()).orElseThrow().stream()
                .map(ExerciseSummary::name)
                .sorted()
                .toList();
    }

    private List<Student> students() {
        return window.book().ask(book -> book.students().students()).orElseThrow();
    }

    private long logged() {
        return window.book().ask(book -> book.log().size()).orElseThrow();
    }

    private void write(String name, String bars, String tempo) throws Exception {
        retype("#name", name);
        retype("#bars", bars);
        retype("#tempo", tempo);
        push(KeyCode.ENTER);
        untilKept();
    }

    @Test
    void nothingIsLostFromMondayToSunday() throws Exception {
        // Monday: three pieces, and what a student brought on a phone.
        write("Weir Steps", "10/8 x2, 9/16", "1/8=180");
        chord(KeyCode.SHORTCUT, KeyCode.N);
        write("Ferry Call", "7/8", "1/8=200");
        chord(KeyCode.SHORTCUT, KeyCode.N);
        write("Lantern Walk", "11/8(3+3+3+2)", "1/8=190");
        Path brought = RecordedGroove.in(home);
        interact(() -> window.open(brought));
        untilDone();
        until(() -> exercise().recording().isPresent() && shows(" hits, "));
        untilKept();
        Files.delete(brought);

        // Tuesday: four students. What was brought is homework for all, slower.
        for (String name : NAMES) {
            interact(() -> window.open(PageId.LESSONS));
            answers.lines.add(name);
            fire("#lessons-new");
            until(() -> students().stream().anyMatch(student -> student.name().equals(name)));
        }
        interact(() -> window.open(PageId.SHEET));
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.A);
        until(() -> shows("Assign \"Weir in seven\""));
        for (int student = 0; student < NAMES.size(); student++) {
            fire("#assign-to-" + student);
        }
        retype("#assign-tempo", "1/8=160");
        retype("#assign-how", "count aloud");
        fire("#assign");
        until(() -> shows("Assigned \"Weir in seven\" to 4 students."));
        interact(() -> window.open(PageId.LESSONS));
        answers.open.add(home);
        fire("#lessons-share");
        until(() -> shows("Wrote a booklet and a web page for 4 students into "));
        try (Stream<Path> written = Files.list(home.resolve("homework-2026-11-25"))) {
            assertThat(written).hasSize(8);
        }
        assertThat(home.resolve("homework-2026-11-25").resolve("teasel.html"))
                .content()
                .contains("count aloud", "\"100\":\"1/8=160\"")
                .doesNotContain("Juniper");

        // Wednesday and Friday: two rehearsals, written down.
        interact(() -> window.open(PageId.LOG));
        for (String said : List.of("40 min, at 180: with the troupe", "50 min, at 190, clean: with the troupe")) {
            retype("#log-line", said);
            fire("#log-add");
            until(() -> text("#log-line").isEmpty());
        }

        // Thursday: homework comes back from a phone, by accident twice.
        interact(() -> window.open(PageId.LESSON));
        for (String merged : List.of("1 log entry new, 0 changed, 0", "0 log entries new, 0 changed, 1")) {
            answers.open.add(Path.of("../web/src/test/resources/nimblestride/web/page-log.json"));
            fire("#student-merge");
            until(() -> shows(merged + " there already."));
        }
        assertThat(logged()).isEqualTo(3);

        // Friday: the power fails in the middle of it. The next start has what the disk had then.
        retype("#bars", "13/8");
        untilKept();
        Path disk = copied(home, "disk");
        closeWindow();
        home = disk;
        openAgain();
        assertThat(exercise().name()).isEqualTo("Weir in seven");
        assertThat(exercise().phrase().bars().get(0).meter().toString()).isEqualTo("13/8");
        everythingIsThere();

        // Saturday: somebody overwrites the Book. The backup of Friday comes back.
        interact(() -> window.book()
                .ask(book -> book.backups().keepNow("kept", window.book().now())));
        closeWindow();
        Files.write(home.resolve(StartupTasks.BOOK), "shopping list".getBytes(StandardCharsets.UTF_8));
        openAgain();
        until(() -> shows("Restore a backup, or start a new Book."));
        answers.choices.add(0);
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.R);
        until(() -> window.book().book().isPresent());
        everythingIsThere();
    }

    private void everythingIsThere() throws Exception {
        until(() -> pieces().equals(List.of("Ferry Call", "Lantern Walk", "Weir Steps", "Weir in seven")));
        assertThat(students()).extracting(Student::name).containsExactlyElementsOf(NAMES);
        for (Student student : students()) {
            assertThat(window.book()
                            .ask(book -> book.students().assignments(student.id()))
                            .orElseThrow())
                    .singleElement()
                    .matches(assigned -> assigned.tempo().isPresent());
        }
        assertThat(logged()).isEqualTo(3);
    }

    /** Returns a copy of a folder within it, so that both go together; without what is just being written and has no name yet. */
    private static Path copied(Path from, String name) throws IOException {
        List<Path> all;
        try (Stream<Path> found = Files.walk(from)) {
            all = found.filter(file -> !file.toString().endsWith(".part")).toList();
        }
        Path to = from.resolve(name);
        for (Path one : all) {
            Path target = to.resolve(from.relativize(one).toString());
            if (Files.isDirectory(one)) {
                Files.createDirectories(target);
            } else {
                Files.copy(one, target);
            }
        }
        return to;
    }
}
