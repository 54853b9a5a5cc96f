package nimblestride.desktop.workspace.practice;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import javafx.beans.property.IntegerProperty;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.practice.care.BreakSchedule;
import nimblestride.core.practice.care.Cautions;
import nimblestride.core.practice.care.NoiseExposure;
import nimblestride.core.practice.journal.PracticeSession;
import nimblestride.core.practice.journal.PracticeSummary;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.Library;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.field.WholeNumberField;
import nimblestride.desktop.ui.page.Page;
import nimblestride.store.book.Book;

/** Plans today's practice in the time available, with exercises not practiced lately, and care for ears and hands. */
final class TodayPage extends VBox implements Page {
    private static final int MAX_NEGLECTED = 5;

    private final OpenBook book;
    private final Library library;
    private final GridPane turns = new GridPane();
    private final Label neglected = new WrappedLabel();
    private final LatestOnly planning = new LatestOnly("planning today");
    private int minutes = PracticePlanner.USUAL_MINUTES;

    /**
     * @param rests minutes of playing after which a break is due; 0 for never
     * @param library opens an exercise of the Book
     */
    TodayPage(OpenBook book, IntegerProperty rests, Library library) {
        this.book = book;
        this.library = library;
        getStyleClass().add("page");
        TypedField<Integer> time = WholeNumberField.field("today-minutes", "minutes", 5, 240, 56, number -> {
            minutes = number;
            plan();
        });
        time.show(PracticePlanner.USUAL_MINUTES);
        TypedField<Integer> rest = new TypedField<>(
                text -> new BreakSchedule(WholeNumberField.reader(0, BreakSchedule.MAX, "minutes")
                                .apply(text))
                        .minutes(),
                String::valueOf,
                rests::set,
                () -> {});
        rest.field().setId("rest-minutes");
        rest.field().setAccessibleText("Minutes of playing before a break reminder; 0 for none");
        rest.setPrefWidth(56);
        rest.setMinWidth(56);
        rests.addListener(change -> rest.show(rests.get()));
        rest.show(rests.get());
        turns.getStyleClass().add("ways");
        turns.setId("today-turns");
        neglected.setId("today-neglected");
        getChildren()
                .setAll(new VerticalScroll(new VBox(
                        10,
                        turns,
                        neglected,
                        line(new Caption("Practice for"), time, new Caption("minutes today")),
                        line(
                                new Caption("Remind me to take a break after"),
                                rest,
                                new Caption("minutes (0 for never)")),
                        care())));
        book.onChange(this::plan);
    }

    private static HBox line(Node... nodes) {
        HBox line = new HBox(nodes);
        line.getStyleClass().add("add-line");
        return line;
    }

    private static VBox care() {
        VBox care = new VBox(3);
        care.setId("care");
        for (String caution : Cautions.all()) {
            care.getChildren().add(quiet(caution));
        }
        care.getChildren()
                .add(quiet("Daily limits without protection (NIOSH 98-126): "
                        + NoiseExposure.table().stream()
                                .map(limit -> limit.decibels() + " dBA " + limit.said())
                                .collect(Collectors.joining(", "))
                        + ". Times add up: half of one limit plus half of another is a full day."));
        return care;
    }

    private static Label quiet(String text) {
        return new WrappedLabel(text, "quiet");
    }

    @Override
    public void show(Exercise exercise) {
        plan();
    }

    private void plan() {
        if (getScene() == null || book.book().isEmpty()) {
            return;
        }
        Book opened = book.book().get();
        LocalDate today = book.today();
        int asked = minutes;
        planning.ask(
                () -> book.askElsewhere(opened, one -> PracticePlanner.plan(one, today, asked)),
                plan -> plan.ifPresentOrElse(this::show, this::showUnreadable));
    }

    private void showUnreadable() {
        turns.getChildren().clear();
        neglected.setText("I can't read the log right now.");
    }

    private void show(PracticePlanner.Plan plan) {
        turns.getChildren().clear();
        int row = 0;
        for (PracticeSession.Turn turn : plan.session().turns()) {
            Label time = new Label(turn.minutes() + " min");
            time.setMinWidth(USE_PREF_SIZE);
            Label what = new Label(turn.what());
            what.getStyleClass().add("entry-name");
            what.setMinWidth(USE_PREF_SIZE);
            Label why = quiet(turn.why());
            GridPane.setHgrow(why, Priority.ALWAYS);
            turns.addRow(row, time, what, why);
            int at = row;
            turn.exercise()
                    .ifPresent(id ->
                            turns.add(new SmallButton("Open", "today-open-" + at, () -> library.open(id)), 3, at));
            row++;
        }
        List<PracticeSummary> left = plan.neglected();
        neglected.setText(
                left.isEmpty()
                        ? "Nothing has waited longer than two weeks."
                        : "Not practiced lately: "
                                + left.stream()
                                        .limit(MAX_NEGLECTED)
                                        .map(one -> one.name() + " (" + lying(one) + ")")
                                        .collect(Collectors.joining(", "))
                                + (left.size() > MAX_NEGLECTED
                                        ? " and " + Counted.number(left.size() - MAX_NEGLECTED) + " more."
                                        : "."));
    }

    private String lying(PracticeSummary one) {
        return one.last().isEmpty() ? "never practiced" : Counted.count(one.daysLeftLying(book.today()), "day");
    }

    @Override
    public void close() {
        planning.close();
    }
}
