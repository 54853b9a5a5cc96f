package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.List;
import java.util.UUID;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.Examples;
import nimblestride.core.practice.students.Student;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.store.book.ExerciseSummary;
import org.junit.jupiter.api.Test;

/** What was there before is there still: named states, what was removed, and files that come again. */
class HistoryStoryTest extends WindowStory {
    private String bars() {
        return BarsText.write(exercise().phrase());
    }

    private List<String> kept() {
        return window.book().ask(book -> book.exercises().all()).orElseThrow().stream()
                .map(ExerciseSummary::about)
                .sorted()
                .toList();
    }

    private void focusRoad() {
        interact(() -> lookup(".road").query().requestFocus());
    }

    @Test
    void aNamedStateIsLookedAtBroughtBackAndMadeAnExercise() throws Exception {
        retype("#bars", "11/8");
        answers.lines.add("  before the lesson ");
        chord(KeyCode.SHORTCUT, KeyCode.S);
        until(() -> shows("Named \"before the lesson\"."));
        retype("#bars", "13/8");
        until(() -> bars().equals("13/8"));

        chord(KeyCode.SHORTCUT, KeyCode.H);
        until(() -> shows("before the lesson · Today at"));
        until(() -> shows("Bars 11/8, was 13/8."));
        fire("#history-back");
        until(() -> bars().equals("11/8"));
        assertThat(shows("Brought back: before the lesson")).isTrue();
        focusRoad();
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> bars().equals("13/8"));

        // What stood there before is a state as well.
        chord(KeyCode.SHORTCUT, KeyCode.H);
        until(() -> lookup("#history-list").queryAs(ListView.class).getItems().size() == 2);
        fire("#history-new");
        until(() -> lookup("#history").tryQuery().isEmpty());
        untilKept();
        assertThat(kept()).hasSize(2);
        chord(KeyCode.SHORTCUT, KeyCode.H);
        until(() -> shows("No earlier states yet."));
        type(KeyCode.ESCAPE);
        until(() -> lookup("#history").tryQuery().isEmpty());

        answers.lines.add(" ");
        chord(KeyCode.SHORTCUT, KeyCode.S);
        until(() -> shows("A state needs a name of 1 to"));
    }

    /** As where the disk is full: for a while nothing can be written. */
    @Test
    void whatTheBookCannotTakeNowItGetsLater() throws Exception {
        retype("#bars", "7/8");
        untilKept();
        try (Connection other = DriverManager.getConnection(
                        "jdbc:sqlite:" + window.book().file());
                Statement holding = other.createStatement()) {
            holding.execute("BEGIN IMMEDIATE");
            retype("#bars", "9/8");
            until(() -> shows("The Book can't take your edits now; they are safe in this window."));
            // The window works on.
            retype("#bars", "11/8");
            assertThat(kept()).containsExactly("7/8");
            holding.execute("ROLLBACK");
        }
        until(() -> shows("The Book has everything again."));
        untilKept();
        assertThat(kept()).containsExactly("11/8");
    }

    /** As where the Book is in a folder of a network that goes away. */
    @Test
    void aBookThatGoesAwayGetsEverythingWhenItIsBack() throws Exception {
        retype("#bars", "7/8");
        untilKept();
        Path file = window.book().file();
        Path away = file.resolveSibling("away");
        Files.move(file, away);
        retype("#bars", "9/8");
        until(() -> shows("is not there. Put it back."));
        retype("#bars", "13/8");
        Files.move(away, file);
        until(() -> shows("The Book has everything again."));
        untilKept();
        assertThat(kept()).containsExactly("13/8");
    }

    /** Edits and changes to the Book undo in the order in which they were made. */
    @Test
    void undoReachesTheBook() throws Exception {
        retype("#bars", "7/8");
        untilKept();
        answers.lines.add("Wren");
        clickOn("#bench-students").clickOn("#lessons-new");
        until(() -> shows("Added \"Wren\". Ctrl+Z undoes it."));
        retype("#tempo", "120");
        focusRoad();
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> exercise().tempo().toString().equals("96"));
        assertThat(students()).hasSize(1);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> students().isEmpty());
        assertThat(shows("Undid: added \"Wren\".")).isTrue();
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.Z);
        until(() -> students().size() == 1);
        assertThat(shows("Did again: added \"Wren\".")).isTrue();
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.Z);
        until(() -> exercise().tempo().toString().equals("120"));
    }

    private List<Student> students() {
        return window.book().ask(book -> book.students().students()).orElseThrow();
    }

    @Test
    void whatWasRemovedComesBackWithOnePress() throws Exception {
        interact(() -> window.book().change(book -> {
            book.students().save(new Student(new UUID(3, 4), "Alder", ""));
            return true;
        }));
        clickOn("#bench-students").clickOn("#page-lessons");
        until(() -> lookup("#lesson-of-alder").tryQuery().isPresent());
        clickOn("#lesson-of-alder");
        until(() -> lookup("#student-out").tryQuery().isPresent());
        fire("#student-out");
        until(() -> students().isEmpty());
        closeWindow();
        openAgain();
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.U);
        until(() -> shows("student, removed today at"));
        fire("#bring-back-0");
        until(() -> students().size() == 1);
        until(() -> shows("Nothing has been removed."));
        type(KeyCode.ESCAPE);
        until(() -> lookup("#removed").tryQuery().isEmpty());
    }

    @Test
    void aFileThatComesAgainIsShownBesideWhatBecameOfIt() throws Exception {
        Path file = home.resolve("ferry.json");
        ExerciseJson.write(Examples.exercise("7/8").withName("Ferry Bell"), file);
        interact(() -> window.open(file));
        until(() -> bars().equals("7/8"));
        assertThat(kept()).containsExactly("7/8");
        // The same again is no new exercise.
        interact(() -> window.open(file));
        until(() -> shows("is in the Book already, just as in ferry.json."));

        retype("#bars", "9/8");
        until(() -> kept().equals(List.of("9/8")));
        interact(() -> window.open(file));
        until(() -> shows("You imported ferry.json before"));
        assertThat(shows("bars 7/8, was 9/8")).isTrue();
        fire("#repeat-replace");
        until(() -> bars().equals("7/8"));
        until(() -> kept().equals(List.of("7/8")));
        chord(KeyCode.SHORTCUT, KeyCode.H);
        until(() -> shows("Before importing ferry.json"));
        type(KeyCode.ESCAPE);

        ExerciseJson.write(Examples.exercise("5/8").withName("Ferry Bell"), file);
        interact(() -> window.open(file));
        until(() -> shows("You imported ferry.json before"));
        fire("#repeat-both");
        until(() -> kept().equals(List.of("5/8", "7/8")));
        ExerciseJson.write(Examples.exercise("3/8").withName("Ferry Bell"), file);
        interact(() -> window.open(file));
        until(() -> shows("You imported ferry.json before"));
        fire("#repeat-cancel");
        until(() -> lookup("#repeated-import").tryQuery().isEmpty());
        assertThat(kept()).hasSize(2);
        Files.delete(file);
    }

    /** A class gets the same in one go. */
    @Test
    void aGroupIsAssignedAtOnce() throws Exception {
        interact(() -> window.book().change(book -> {
            for (String name : List.of("Alder", "Juniper", "Wren")) {
                Student student = new Student(UUID.randomUUID(), name, "");
                book.students().save(name.equals("Wren") ? student : student.inGroups(List.of("Beginners")));
            }
            return true;
        }));
        // An exercise that nobody has touched comes into the Book when it is assigned.
        assertThat(window.document().inBookProperty().get()).isEmpty();
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.A);
        until(() -> shows("Assign \"New exercise\""));
        fire("#assign-group-0");
        fire("#assign");
        until(() -> shows("Assigned \"New exercise\" to 2 students."));
        untilKept();
        assertThat(students())
                .extracting(student -> window.book()
                        .ask(book -> book.students().assignments(student.id()).size())
                        .orElseThrow())
                .containsExactly(1, 1, 0);
        focusRoad();
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> shows("Undid: assigned \"New exercise\" to 2 students."));
        assertThat(students()).allMatch(student -> window.book()
                .ask(book -> book.students().assignments(student.id()))
                .orElseThrow()
                .isEmpty());
    }
}
