package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.service.PageId;
import nimblestride.formats.json.LogJson;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** A lesson in the real window: set, done, handed out, merged, written down, and found again. */
@OwnStart
class LessonStoryTest extends WindowStory {
    private Student student() {
        return window.book()
                .ask(book -> book.students().students())
                .orElseThrow()
                .get(0);
    }

    @Test
    void aLessonFromTheFirstStudentToTheirLog() throws Exception {
        retype("#name", "Weir Steps");
        retype("#bars", "10/8");
        clickOn("#bench-students");
        until(() -> shows("No students yet"));
        answers.lines.add("Wren");
        clickOn("#lessons-new");
        until(() -> lookup("Assign \"Weir Steps\"").tryQuery().isPresent());
        retype("#assign-how", "all limbs");
        retype("#assign-tempo", "fast");
        clickOn("#assign-how");
        until(() -> shows("I can't read \"fast\""));
        clickOn("#assign");
        until(() -> lookup("#assign-tempo").query().isFocused());
        assertThat(text("#assign-how")).isEqualTo("all limbs");
        assertThat(shows("due in 7 days")).isFalse();
        retype("#assign-tempo", "1/8=150");
        clickOn("#assign");
        until(() -> shows("Weir Steps at 150 BPM (eighths), due in 7 days"));
        assertThat(shows("Not in the log yet.")).isTrue();

        Path log = home.resolve("wren.json");
        LogEntry entry = new LogEntry(
                UUID.randomUUID(),
                Optional.empty(),
                "weir steps",
                LocalDateTime.of(2026, 11, 24, 17, 0),
                900,
                Optional.of(TempoText.read("84")),
                Optional.of(RepRating.CLEAN),
                "at home",
                List.of("4&"),
                Optional.empty());
        try (OutputStream out = Files.newOutputStream(log)) {
            LogJson.write(out, "Wren", told -> told.accept(entry));
        }
        answers.open.add(log);
        clickOn("#student-merge");
        until(() -> shows("Wren: 1 log entry new, 0 changed, 0 there already."));
        until(() -> shows("1 time, 15 minutes; clean up to 84 BPM (quarters); hard: 4&."));
        answers.open.add(log);
        clickOn("#student-merge");
        until(() -> shows("Wren: 0 log entries new, 0 changed, 1 there already."));

        // What a practice page makes, as its own test compares it.
        Path ofThePage = Path.of("../web/src/test/resources/nimblestride/web/page-log.json");
        for (String merged : List.of("1 log entry new, 0 changed, 0", "0 log entries new, 0 changed, 1")) {
            answers.open.add(ofThePage);
            clickOn("#student-merge");
            until(() -> shows("Wren: " + merged + " there already."));
        }

        retypeFocused("#student-note", "Left-handed; reads well");
        type(KeyCode.ENTER);
        until(() -> student().note().equals("Left-handed; reads well"));
        retypeFocused("#student-lessons", "someday");
        type(KeyCode.ENTER);
        until(() -> shows("Try a day and a time, such as Tue 4:30 PM"));
        retypeFocused("#student-lessons", "wed 16:30");
        type(KeyCode.ENTER);
        until(() -> student().lessons().isPresent());
        assertThat(student().lessons().orElseThrow()).hasToString("Wednesday 4:30 PM");

        select("#assigned-weir-steps");
        fire("#done-weir-steps");
        until(() -> shows("Weir Steps at 150 BPM (eighths), done"));
        fire("#done-weir-steps");
        until(() -> shows("Weir Steps at 150 BPM (eighths), due in 7 days"));

        clickOn("#lesson-notes").write("counted aloud");
        clickOn("#lesson-next").write("the pad");
        clickOn("#bench-cross");
        until(() -> window.book().ask(book -> book.students().lessons(student().id())).orElseThrow().stream()
                .anyMatch(lesson ->
                        lesson.notes().equals("counted aloud") && lesson.next().equals("the pad")));

        clickOn("#bench-students");
        Path booklet = home.resolve("for-wren.pdf");
        answers.save.add(booklet);
        clickOn("#student-booklet");
        until(() -> Files.exists(booklet));
        try (PDDocument document = Loader.loadPDF(booklet.toFile())) {
            assertThat(new PDFTextStripper().getText(document)).contains("For Wren", "Weir Steps");
        }
        Path page = home.resolve("for-wren.html");
        answers.save.add(page);
        clickOn("#student-web");
        until(() -> Files.exists(page));
        assertThat(page)
                .content()
                .contains("<title>For Wren</title>", "Weir Steps", "\"100\":\"1/8=150\"")
                .doesNotContain("at home");
        Path file = home.resolve("for-wren.json");
        answers.save.add(file);
        clickOn("#student-file");
        until(() -> Files.exists(file));
        assertThat(Files.readString(file))
                .contains("nimble-stride-book", "Weir Steps")
                .doesNotContain("at home");

        // The whole class in one go: Yarrow has nothing to do.
        window.book().ask(book -> {
            book.students().save(new Student(UUID.randomUUID(), "Yarrow", ""));
            return true;
        });
        interact(() -> window.open(PageId.LESSONS));
        answers.open.add(home);
        clickOn("#lessons-share");
        until(() -> shows("Wrote a booklet and a web page for 1 student into "));
        assertThat(shows("1 student had nothing to do.")).isTrue();
        try (Stream<Path> written = Files.list(home.resolve("homework-2026-11-25"))) {
            assertThat(written.map(one -> one.getFileName().toString()))
                    .containsExactlyInAnyOrder("wren.html", "wren.pdf");
        }
        try (Stream<Path> left = Files.list(home)) {
            assertThat(left.map(Path::toString)).noneMatch(one -> one.contains(".coming"));
        }

        closeWindow();
        openAgain();
        clickOn("#bench-students");
        until(() -> shows("4:30 PM  Wren"));
        clickOn("#lesson-of-wren");
        until(() -> shows("Weir Steps at 150 BPM (eighths), due in 7 days"));
        until(() -> lookup("#lesson-notes").queryAs(TextArea.class).getText().equals("counted aloud"));
        clickOn("#student-out");
        until(() -> window.book().ask(book -> book.log().size()).equals(Optional.of(0L)));
        interact(() -> lookup(".road").query().requestFocus());
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> window.book().ask(book -> book.log().size()).equals(Optional.of(2L)));
        assertThat(student().note()).isEqualTo("Left-handed; reads well");
    }

    @Test
    void aDayThatCannotBeIsRefusedWhereItIsTyped() throws Exception {
        clickOn("#bench-students");
        answers.lines.add("Alder");
        clickOn("#lessons-new");
        until(() -> lookup("#assign-due").tryQuery().isPresent());
        retype("#assign-due", "yesterday");
        assertThat(shows("type today or a later day")).isTrue();
        retype("#assign-due", " ");
        assertThat(shows("type today or a later day")).isFalse();
        clickOn("#assign");
        until(() -> shows("New exercise, open"));
        press(KeyCode.ESCAPE).release(KeyCode.ESCAPE);
        select("#assigned-new-exercise");
        type(KeyCode.DELETE);
        until(() -> !shows("New exercise, open"));
    }
}
