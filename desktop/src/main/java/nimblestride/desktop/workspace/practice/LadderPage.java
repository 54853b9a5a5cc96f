package nimblestride.desktop.workspace.practice;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.Ladder;
import nimblestride.core.exercise.plan.LadderPace;
import nimblestride.core.exercise.plan.LadderProgress;
import nimblestride.core.exercise.plan.LadderSchedule;
import nimblestride.core.exercise.plan.PracticePlan;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.page.Page;
import nimblestride.store.book.Book;

/** Shows the ladder: today's step, one button for how it went, and the days that remain. */
final class LadderPage extends VBox implements Page {
    private final ExerciseDocument document;
    private final OpenBook book;
    private final Transport transport;
    private final PracticeRecorder diary;
    private final LatestOnly reading = new LatestOnly("reading the log");
    private final VBox without = new VBox(8);
    private final VBox with = new VBox(8);
    private final Label today = new WrappedLabel("", "pane-title");
    private final Label plan = new WrappedLabel();
    private final ToggleButton play = new ToggleButton("Play at this tempo");
    private final SmallButton later = new SmallButton("Move the due date", "ladder-later", this::moveDue);
    private final LadderFields fields;
    private Optional<LadderProgress> standing = Optional.empty();

    LadderPage(ExerciseDocument document, OpenBook book, Transport transport, PracticeRecorder diary) {
        this.document = document;
        this.book = book;
        this.transport = transport;
        this.diary = diary;
        getStyleClass().add("page");
        today.setId("ladder-today");
        plan.setId("ladder-plan");
        play.setId("ladder-play");
        play.getStyleClass().add("stage");
        play.setMinWidth(USE_PREF_SIZE);
        play.setOnAction(event -> playOrNot());
        fields = new LadderFields(
                new LadderFields.Taken() {
                    @Override
                    public void ladder(Ladder ladder) {
                        document.edit(
                                LadderPage.this,
                                exercise -> exercise.withPractice(
                                        exercise.practice().withLadder(ladder)));
                    }

                    @Override
                    public void none(String problem) {
                        plan.setText("I can't make this Ladder: " + problem + ".");
                    }
                },
                book::today);
        Label about = new WrappedLabel(
                "A Ladder climbs from a slow tempo to the goal in even steps. Clean runs take you up a step;"
                        + " misses take you back one. It reads your log and shows today's tempo.");
        about.getStyleClass().add("quiet");
        without.getChildren().setAll(about, new SmallButton("Make a Ladder", "ladder-make", this::make));
        FlowLine now = new FlowLine(play, new RepButtons("ladder", this::went), later);
        with.getChildren()
                .setAll(
                        today,
                        now,
                        plan,
                        fields,
                        new SmallButton(
                                "Remove the Ladder", "ladder-give-up", () -> edit(PracticePlan::withoutLadder)));
        getChildren().setAll(new VerticalScroll(new VBox(without, with)));
        book.onChange(this::read);
        document.inBookProperty().addListener(change -> read());
        transport.settings().tempoProperty().addListener(change -> markPlaying());
        transport.playingProperty().addListener(change -> markPlaying());
    }

    private void edit(UnaryOperator<PracticePlan> change) {
        document.edit(exercise -> exercise.withPractice(change.apply(exercise.practice())));
    }

    private void make() {
        edit(plan -> plan.withLadder(
                Ladder.upTo(document.exerciseProperty().get().tempo().perMinute())));
    }

    private NoteValue beat() {
        return document.exerciseProperty().get().tempo().beat();
    }

    @Override
    public void show(Exercise exercise) {
        Optional<Ladder> ladder = exercise.practice().ladder();
        without.setVisible(ladder.isEmpty());
        without.setManaged(ladder.isEmpty());
        with.setVisible(ladder.isPresent());
        with.setManaged(ladder.isPresent());
        ladder.ifPresent(one -> fields.show(one, exercise.tempo().beat()));
        read();
    }

    private void read() {
        Optional<Ladder> ladder = document.exerciseProperty().get().practice().ladder();
        if (getScene() == null || ladder.isEmpty()) {
            return;
        }
        Optional<UUID> exercise = diary.exercise();
        if (exercise.isEmpty() || book.book().isEmpty()) {
            climb(ladder.get().startProgress());
            return;
        }
        Book open = book.book().get();
        NoteValue beat = beat();
        reading.ask(
                () -> book.askElsewhere(open, one -> ladder.get().after(RepHistory.of(one, exercise.get(), beat)))
                        .orElseGet(() -> ladder.get().startProgress()),
                this::climb);
    }

    private void climb(LadderProgress now) {
        standing = Optional.of(now);
        today.setText(LadderText.today(now, beat()));
        plan.setText(LadderText.plan(now, book.today()));
        boolean over = now.ladder().pace().isPresent()
                && LadderSchedule.of(now, book.today()).isOver()
                && !now.isAtGoal();
        later.setVisible(over);
        later.setManaged(over);
        if (transport.settings().tempoProperty().get().isPresent()) {
            transport.settings().tempoProperty().set(Optional.of(step(now)));
        }
        markPlaying();
    }

    private Tempo step(LadderProgress now) {
        return new Tempo(beat(), now.perMinute());
    }

    private void moveDue() {
        standing.flatMap(now -> now.ladder().pace()).ifPresent(pace -> {
            LocalDate earliest = LadderSchedule.earliest(standing.orElseThrow(), pace, book.today());
            LadderPace later = new LadderPace(pace.start(), earliest, pace.days());
            edit(plan -> plan.ladder()
                    .map(ladder -> plan.withLadder(ladder.withPace(later)))
                    .orElse(plan));
        });
    }

    private void went(RepRating rating) {
        standing.ifPresent(now -> diary.log(step(now), rating, List.of()));
    }

    private void playOrNot() {
        if (!play.isSelected()) {
            transport.settings().tempoProperty().set(Optional.empty());
            transport.stop();
            return;
        }
        standing.ifPresent(now -> {
            transport.settings().percentProperty().set(100);
            transport.settings().tempoProperty().set(Optional.of(step(now)));
            if (!transport.playingProperty().get()) {
                transport.toggle();
            }
        });
    }

    private void markPlaying() {
        play.setSelected(transport.settings().tempoProperty().get().isPresent()
                && transport.playingProperty().get());
    }

    @Override
    public void close() {
        reading.close();
    }
}
