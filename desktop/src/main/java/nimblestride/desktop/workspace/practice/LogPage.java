package nimblestride.desktop.workspace.practice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.UUID;
import java.util.stream.Collectors;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.Ladder;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.SpokenDate;
import nimblestride.core.language.text.PracticeNoteText;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.core.practice.journal.WeeklyMinutes;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.BookEdits;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.Export;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SentenceRow;
import nimblestride.desktop.ui.control.SentenceRows;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.Page;
import nimblestride.store.book.Book;
import nimblestride.store.book.RemovedItem;
import org.apache.commons.numbers.fraction.BigFraction;

/** Shows the log: a line to type it in seconds, the list, and charts. */
final class LogPage extends VBox implements Page {
    private static final int MAX_LISTED = 60;
    private static final int WEEKS = 12;
    private static final int MAX_POINTS = 60;

    private final ExerciseDocument document;
    private final OpenBook book;
    private final BookEdits edits;
    private final PracticeRecorder diary;
    private final LogEntryField line;
    private final CheckBox all = new CheckBox("all exercises");
    private final SentenceRows list = new SentenceRows("Log entries, newest first", this::remove);
    private List<LogEntry> listed = List.of();
    private final Label hard = new WrappedLabel("", "quiet");
    private final PracticeChart weeks = new PracticeChart("chart-weeks");
    private final PracticeChart tempos = new PracticeChart("chart-tempos");
    private final LatestOnly reading = new LatestOnly("reading the log");

    LogPage(ExerciseDocument document, OpenBook book, BookEdits edits, PracticeRecorder diary, Export export) {
        this.document = document;
        this.book = book;
        this.edits = edits;
        this.diary = diary;
        getStyleClass().add("page");
        line = new LogEntryField(book, diary);
        all.setId("log-all");
        all.setMinWidth(USE_PREF_SIZE);
        all.setOnAction(event -> read());
        FlowLine first = new FlowLine();
        first.getChildren().addAll(line.controls());
        first.getChildren()
                .addAll(
                        all,
                        new SmallButton("Share the log…", "log-hand-out", export::log),
                        new SmallButton("Export CSV…", "log-table", export::logTable));
        list.setId("log-list");
        hard.setId("log-hard");
        VBox charts = new VBox(6, tempos, weeks);
        charts.setMinWidth(220);
        VerticalScroll entries = new VerticalScroll(new VBox(4, list, hard));
        HBox.setHgrow(entries, Priority.ALWAYS);
        HBox both = new HBox(14, entries, charts);
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().setAll(first, both);
        book.onChange(this::read);
        document.inBookProperty().addListener(change -> read());
    }

    @Override
    public void show(Exercise exercise) {
        line.show(exercise);
        read();
    }

    /** What the log holds about the exercise, or about everything. */
    private record Read(
            List<LogEntry> entries,
            SortedMap<LocalDate, Integer> minutes,
            List<PracticeChart.Played> played,
            Map<String, Integer> hard) {}

    private void read() {
        if (getScene() == null || book.book().isEmpty()) {
            return;
        }
        Book open = book.book().get();
        Optional<UUID> exercise = diary.exercise();
        boolean everything = all.isSelected() || exercise.isEmpty();
        NoteValue beat = diary.beat();
        LocalDate today = book.today();
        reading.ask(
                () -> new Question(exercise, everything, beat, today).ask(open),
                read -> read.ifPresentOrElse(this::list, this::showUnreadable));
    }

    /** Asks the log about one exercise, or about everything. */
    private record Question(Optional<UUID> exercise, boolean everything, NoteValue beat, LocalDate today) {
        Optional<Read> ask(Book book) {
            try {
                List<LogEntry> entries = everything
                        ? book.log().between(LogOwner.USER, today.minusYears(1), today, MAX_LISTED)
                        : newestFirst(book.log().ofExercise(LogOwner.USER, exercise.orElseThrow(), MAX_LISTED));
                SortedMap<LocalDate, Integer> minutes = WeeklyMinutes.minutes(
                        book.log().secondsByDay(LogOwner.USER, today.minusWeeks(WEEKS), today), today, WEEKS);
                List<PracticeChart.Played> played = exercise.isEmpty()
                        ? List.of()
                        : book.log().ofExercise(LogOwner.USER, exercise.get(), MAX_POINTS).stream()
                                .filter(entry -> entry.tempo().isPresent())
                                .map(entry -> played(entry, beat))
                                .toList();
                Map<String, Integer> hard = exercise.isEmpty()
                        ? Map.of()
                        : book.log().hardPlaces(LogOwner.USER, exercise.get(), 2 * MAX_LISTED);
                return Optional.of(new Read(entries, minutes, played, hard));
            } catch (StrideException e) {
                return Optional.empty();
            }
        }
    }

    private static List<LogEntry> newestFirst(List<LogEntry> entries) {
        List<LogEntry> turned = new ArrayList<>(entries);
        Collections.reverse(turned);
        return turned;
    }

    private static PracticeChart.Played played(LogEntry entry, NoteValue beat) {
        BigFraction perMinute = entry.tempo().orElseThrow().perMinuteIn(beat);
        return new PracticeChart.Played(entry.when().toLocalDate(), perMinute, entry.rating());
    }

    private void showUnreadable() {
        list.setRows(List.of());
        hard.setText("I can't read the log right now.");
    }

    private void list(Read now) {
        listed = now.entries;
        boolean named = all.isSelected() || diary.exercise().isEmpty();
        List<SentenceRow> rows = new ArrayList<>();
        for (LogEntry entry : listed) {
            rows.add(row(rows.size(), entry, named));
        }
        list.setRows(rows);
        String empty = named
                ? "No entries yet. Type a line above, or rate a run on the Ladder or Timing page."
                : "No entries for this exercise yet. Type a line above, or rate a run on the Ladder page.";
        hard.setText(
                now.entries.isEmpty()
                        ? empty
                        : now.hard.isEmpty()
                                ? ""
                                : "Still hard: "
                                        + now.hard.entrySet().stream()
                                                .limit(6)
                                                .map(place -> place.getKey() + " (" + place.getValue() + ")")
                                                .collect(Collectors.joining(", "))
                                        + ".");
        weeks.showWeeks(now.minutes);
        Optional<Ladder> ladder = document.exerciseProperty().get().practice().ladder();
        tempos.showTempos(
                now.played,
                ladder.map(Ladder::goal)
                        .orElse(document.exerciseProperty().get().tempo().perMinute()));
    }

    private SentenceRow row(int index, LogEntry entry, boolean named) {
        SmallButton change = new SmallButton("Change", "log-change-" + index, () -> line.change(entry));
        SmallButton remove = new SmallButton("Remove", "log-remove-" + index, () -> remove(index));
        SentenceRow row = SentenceRow.with(new HBox(6, change, remove));
        row.setId("log-row-" + index);
        row.say(SpokenDate.brief(entry.when()) + ", " + SpokenDate.clock(entry.when()) + " · "
                + (named ? entry.what() + ": " : "")
                + PracticeNoteText.write(entry.note().unnamed(), diary.beat()));
        return row;
    }

    private void remove(int index) {
        LogEntry entry = listed.get(index);
        edits.remove(
                RemovedItem.Kind.LOG_ENTRY,
                entry.id(),
                entry.what() + " of " + entry.when().toLocalDate());
    }

    @Override
    public void setPalette(Palette palette) {
        weeks.setPalette(palette);
        tempos.setPalette(palette);
    }

    @Override
    public void close() {
        reading.close();
    }
}
