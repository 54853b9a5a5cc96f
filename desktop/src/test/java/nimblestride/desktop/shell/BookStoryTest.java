package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuItem;
import javafx.scene.control.skin.VirtualFlow;
import javafx.scene.input.KeyCode;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.Examples;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseSummary;
import nimblestride.store.book.RemovedItem;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** The Book in the real window: found as one types, put in order, taken out and put back, damaged, backed up, shared. */
class BookStoryTest extends WindowStory {
    private void keep(String name, String bars) {
        interact(() -> window.book().change(book -> book.exercises()
                .add(Examples.exercise(bars).withName(name), window.book().now())));
    }

    private List<String> listed() {
        @SuppressWarnings("unchecked")
        ListView<ExerciseSummary> list = lookup("#book-list").queryAs(ListView.class);
        return list.getItems().stream().map(ExerciseSummary::name).toList();
    }

    private void choose(String item) {
        @SuppressWarnings("unchecked")
        ListView<ExerciseSummary> list = lookup("#book-list").queryAs(ListView.class);
        interact(() -> list.getContextMenu().getItems().stream()
                .filter(one -> one.getText().equals(item))
                .forEach(MenuItem::fire));
    }

    @Test
    void exercisesAreFoundAsOneTypesAndOpenedWithTheKeyboard() throws Exception {
        keep("Weir Steps", "10/8, 9/16");
        keep("Oars in Elevens", "11/8(3+3+3+2)");
        keep("Lock Gate", "7/8, 5/8");
        until(() -> listed().size() == 3);
        chord(KeyCode.SHORTCUT, KeyCode.F);
        write("everything in elevens");
        until(() -> listed().equals(List.of("Oars in Elevens")));
        press(KeyCode.ENTER).release(KeyCode.ENTER);
        until(() -> exercise().name().equals("Oars in Elevens"));
        retype("#book-search", "zzz");
        until(() -> shows("No matches."));
        retype("#book-search", "3+3+3+2");
        until(() -> listed().size() == 1);
    }

    private boolean isListedInSight(String name) {
        return lookup("#book-list .entry-name").queryAll().stream()
                .filter(node -> ((Label) node).getText().equals(name))
                .map(node -> node.getParent().getParent())
                .map(cell -> cell.localToScene(cell.getLayoutBounds()))
                .anyMatch(at -> lookup("#book-list")
                        .query()
                        .localToScene(lookup("#book-list").query().getBoundsInLocal())
                        .contains(at));
    }

    /** What is opened is wholly in sight in the list, unless one has scrolled away from it. */
    @Test
    void whatLiesOnTheDeskIsInSightInTheBook() throws Exception {
        for (int i = 10; i < 30; i++) {
            keep("Study " + i, i + "/16");
        }
        until(() -> listed().size() == 20);
        retype("#book-search", "Study 27");
        until(() -> listed().size() == 1);
        press(KeyCode.ENTER).release(KeyCode.ENTER);
        until(() -> exercise().name().equals("Study 27"));
        assertThat(isListedInSight("Study 27")).isTrue();
        retype("#book-search", " ");
        until(() -> listed().size() == 20 && isListedInSight("Study 27"));
        @SuppressWarnings("unchecked")
        ListView<ExerciseSummary> list = lookup("#book-list").queryAs(ListView.class);
        interact(() -> list.scrollTo(0));
        until(() -> isListedInSight("Study 10"));
        keep("Study 60", "60/16");
        until(() -> listed().size() == 21);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(isListedInSight("Study 10")).isTrue();
        for (String name : List.of("Study 10", "Study 60", "Study 13", "Study 10", "Study 60")) {
            openFromTheList(list, listed().indexOf(name));
        }
        // The last one is at the lower edge, and the first in sight is cut by the upper one.
        VirtualFlow<?> rows = lookup("#book-list .virtual-flow").query();
        openFromTheList(list, rows.getFirstVisibleCell().getIndex() - 1);
    }

    private void openFromTheList(ListView<ExerciseSummary> list, int row) throws Exception {
        String name = listed().get(row);
        interact(() -> {
            list.requestFocus();
            list.getSelectionModel().select(row);
        });
        press(KeyCode.ENTER).release(KeyCode.ENTER);
        until(() -> exercise().name().equals(name) && isListedInSight(name));
    }

    @Test
    void tagsCollectionsTakingOutAndPuttingBack() throws Exception {
        keep("Weir Steps", "10/8");
        keep("Lock Gate", "7/8");
        until(() -> listed().size() == 2);
        clickOn("Lock Gate");
        answers.lines.add("Parade, slow");
        choose("Tags…");
        retype("#book-search", "parade");
        until(() -> listed().equals(List.of("Lock Gate")));
        answers.lines.add("On the bridge");
        interact(() ->
                lookup("#book-list").queryAs(ListView.class).getSelectionModel().selectFirst());
        choose("Add to a collection…");
        until(() -> lookup("#book-collection").query().isVisible());
        assertThat(window.book().ask(book -> book.collections().all().get(0).size()))
                .contains(1);
        interact(() ->
                lookup("#book-list").queryAs(ListView.class).getSelectionModel().selectFirst());
        choose("Remove from the Book");
        until(() -> listed().isEmpty());
        assertThat(exercise().name()).isEqualTo("New exercise");
        assertThat(shows("Removed \"Lock Gate\". Ctrl+Z undoes it.")).isTrue();
        interact(() -> lookup(".road").query().requestFocus());
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> listed().equals(List.of("Lock Gate")));
        assertThat(shows("Undid: removed \"Lock Gate\".")).isTrue();
        retype("#book-search", " ");
        until(() -> listed().size() == 2);
    }

    private ExerciseSummary first(Book other) {
        return other.exercises().named("New exercise").orElseThrow();
    }

    /** Two windows on one Book: each sees what the other edits, and undo brings back what was here. */
    @Test
    void whatAnotherWindowEditsIsSeen() throws Exception {
        retype("#bars", "7/8");
        untilKept();
        try (Book other = Book.open(home.resolve(StartupTasks.BOOK), OpenBook.AS_JSON)) {
            ExerciseSummary kept = first(other);
            other.exercises().save(kept.id(), kept.revision(), exercise().withPhrase(Examples.bars("13/8")), now());
            until(() -> BarsText.write(exercise().phrase()).equals("13/8"));
            until(() -> shows("Another window changed \"New exercise\"."));
            interact(() -> lookup(".road").query().requestFocus());
            chord(KeyCode.SHORTCUT, KeyCode.Z);
            until(() -> BarsText.write(exercise().phrase()).equals("7/8"));
            untilKept();
            assertThat(other.exercises().read(kept.id()).phrase()).isEqualTo(Examples.bars("7/8"));
        }
    }

    private LocalDateTime now() {
        return window.book().now();
    }

    /** Two edits at once are two states, and the window says so. */
    @Test
    void twoEditsAtOnceAreBothInTheHistory() throws Exception {
        retype("#bars", "7/8");
        untilKept();
        try (Book other = Book.open(home.resolve(StartupTasks.BOOK), OpenBook.AS_JSON)) {
            ExerciseSummary kept = first(other);
            // Both in one turn of the window, so that it can't see the other's edit first.
            interact(() -> {
                other.exercises().save(kept.id(), kept.revision(), exercise().withPhrase(Examples.bars("13/8")), now());
                window.document().edit(exercise -> exercise.withPhrase(Examples.bars("9/8")));
            });
            until(() -> shows("the other one is in its history"));
            untilKept();
            assertThat(other.exercises().read(kept.id()).phrase()).isEqualTo(Examples.bars("9/8"));
            assertThat(other.history().of(kept.id())).singleElement().satisfies(state -> {
                assertThat(state.name()).isEqualTo("From another window");
                assertThat(other.history().read(state).phrase()).isEqualTo(Examples.bars("13/8"));
            });
        }
    }

    @Test
    @OwnStart
    void aDamagedBookIsToldAndRestoredFromABackup() throws Exception {
        keep("Weir Steps", "10/8");
        interact(() -> window.book()
                .ask(book -> book.backups().keepNow("kept", window.book().now())));
        closeWindow();
        Path file = home.resolve(StartupTasks.BOOK);
        Files.write(file, "rubbish, and more rubbish than sixteen bytes".getBytes(StandardCharsets.UTF_8));
        openAgain();
        assertThat(shows("Restore a backup, or start a new Book.")).isTrue();
        // The program goes on without a Book.
        retype("#bars", "11/8");
        until(() -> shows("The Book can't take your edits now"));
        assertThat(window.document().savedProperty().get()).isFalse();
        answers.choices.add(0);
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.R);
        // The edit comes into the Book as soon as there is one.
        until(() -> listed().equals(List.of("New exercise", "Weir Steps")));
        untilKept();
        try (Stream<Path> aside = Files.list(home.resolve("backups"))) {
            assertThat(aside.map(path -> path.getFileName().toString())).anyMatch(name -> name.startsWith("replaced-"));
        }
    }

    @Test
    void theWholeBookGoesOutAndComesIn() throws Exception {
        keep("Weir Steps", "10/8");
        Path all = home.resolve("all.json");
        answers.save.add(all);
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.W);
        until(() -> Files.exists(all));
        Path copy = home.resolve("copy.book");
        answers.save.add(copy);
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.B);
        until(() -> Files.exists(copy));
        try (Book moved = Book.open(copy, OpenBook.AS_JSON)) {
            assertThat(moved.exercises().size()).isEqualTo(1);
        }
        interact(() -> window.open(all));
        until(() -> shows("0 exercises new, 1 there already"));
        Optional<ExerciseSummary> weir =
                window.book().ask(book -> book.exercises().named("Weir Steps").orElseThrow());
        interact(() -> window.book().change(book -> book.removed()
                .remove(RemovedItem.Kind.EXERCISE, weir.orElseThrow().id(), now())));
        interact(() -> window.open(all));
        until(() -> shows("1 exercise new, 0 there already"));
        Files.writeString(all, Files.readString(all).replace("\"name\"", "\"nome\""));
        interact(() -> window.open(all));
        until(() -> answers.told.stream().anyMatch(told -> told.contains("nome")));
    }

    /** The defect: choosing the Book's own file swapped it for its copy, and what came after was lost. */
    @Test
    void aBackupIsNeverWrittenOverTheBookItself() throws Exception {
        keep("Weir Steps", "10/8");
        answers.save.add(home.resolve(StartupTasks.BOOK));
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.B);
        until(() -> answers.told.stream().anyMatch(told -> told.contains("is the Book itself")));
        keep("Lock Gate", "7/8");
        closeWindow();
        openAgain();
        until(() -> listed().equals(List.of("Lock Gate", "Weir Steps")));
    }

    /** What another window does to the Book is seen in this one: here it restores a backup. */
    @Test
    void whatAnotherWindowRestoresIsSeen() throws Exception {
        keep("Weir Steps", "10/8");
        try (Book other = Book.open(home.resolve(StartupTasks.BOOK), OpenBook.AS_JSON)) {
            var backup = other.backups().keepNow("kept", window.book().now());
            keep("Lock Gate", "7/8");
            until(() -> listed().size() == 2);
            other.restore(backup.file(), window.book().now());
            until(() -> listed().equals(List.of("Weir Steps")));
            keep("After", "5/8");
            assertThat(other.exercises().all())
                    .extracting(ExerciseSummary::name)
                    .containsExactly("After", "Weir Steps");
        }
    }

    @Test
    @OwnStart
    void aBookOfNoBytesIsToldAndANewOneCanBeStarted() throws Exception {
        closeWindow();
        Path file = home.resolve(StartupTasks.BOOK);
        Files.write(file, new byte[0]);
        openAgain();
        assertThat(shows("is an empty file")).isTrue();
        assertThat(file).isEmptyFile();
        clickOn("#book-new");
        until(() -> shows("No exercises yet."));
        retype("#bars", "7/8");
        until(() -> listed().size() == 1);
    }

    /** A Book was a folder of files once. */
    @Test
    @OwnStart
    void whatWasKeptInAFolderComesIntoTheBook() throws Exception {
        closeWindow();
        Files.delete(home.resolve(StartupTasks.BOOK));
        Path folder = Files.createDirectories(home.resolve("book"));
        ExerciseJson.write(Examples.exercise("21/16").withName("Old Rope"), folder.resolve("old-rope.json"));
        Files.writeString(folder.resolve("broken.json"), "{");
        openAgain();
        until(() -> listed().equals(List.of("Old Rope")));
        assertThat(shows("I couldn't read all of the old Book")).isTrue();
        assertThat(folder.resolve("old-rope.json")).exists();
    }
}
