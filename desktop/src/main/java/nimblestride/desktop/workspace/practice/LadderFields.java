package nimblestride.desktop.workspace.practice;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.time.format.TextStyle;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.plan.Ladder;
import nimblestride.core.exercise.plan.LadderPace;
import nimblestride.core.exercise.plan.LadderRules;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.field.WholeNumberField;
import org.apache.commons.numbers.fraction.BigFraction;

/** Edits a ladder: its tempos, its rules, and its days. */
final class LadderFields extends VBox {
    private final Taken taken;
    private final Supplier<LocalDate> today;
    private final TypedField<BigFraction> start = tempo("ladder-start", "The lowest tempo of the Ladder");
    private final TypedField<BigFraction> goal = tempo("ladder-goal", "The goal tempo");
    private final TypedField<BigFraction> step = tempo("ladder-step", "BPM per step");
    private final TypedField<Integer> clean;
    private final TypedField<Integer> misses;
    private final CheckBox paced = new CheckBox("due");
    private final TypedField<LocalDate> due;
    private final Map<DayOfWeek, CheckBox> days = new EnumMap<>(DayOfWeek.class);
    private NoteValue beat = NoteValue.QUARTER;
    private Optional<LadderPace> pace = Optional.empty();
    private boolean showing;

    /** Receives what was typed. */
    interface Taken {
        void ladder(Ladder ladder);

        /** Reports why the fields make no ladder. */
        void none(String problem);
    }

    LadderFields(Taken taken, Supplier<LocalDate> today) {
        super(8);
        this.taken = taken;
        this.today = today;
        clean = WholeNumberField.field("ladder-clean", "clean runs", 1, LadderRules.MAX, 52, number -> typed());
        misses = WholeNumberField.field("ladder-misses", "misses", 1, LadderRules.MAX, 52, number -> typed());
        due = new TypedField<>(LadderFields::readDay, LocalDate::toString, day -> typed(), () -> {});
        due.field().setId("ladder-due");
        due.field().setAccessibleText("The day the goal is due, such as 2026-12-20");
        due.setPrefWidth(110);
        due.setMinWidth(110);
        paced.setId("ladder-paced");
        paced.setMinWidth(USE_PREF_SIZE);
        paced.setOnAction(event -> typed());
        getChildren()
                .setAll(
                        new FlowLine(
                                new Caption("From"), start, new Caption("to"), goal, new Caption("in steps of"), step),
                        new FlowLine(
                                new Caption("Step up after"),
                                clean,
                                new Caption("clean in a row, step back after"),
                                misses,
                                new Caption("misses in a row")),
                        new FlowLine(paced, due, new Caption("practicing on")),
                        new FlowLine(daysOfTheWeek()));
    }

    private CheckBox[] daysOfTheWeek() {
        for (DayOfWeek day : DayOfWeek.values()) {
            CheckBox box = new CheckBox(day.getDisplayName(TextStyle.SHORT, Locale.ENGLISH));
            box.setId("ladder-" + day.name().toLowerCase(Locale.ROOT));
            box.setMinWidth(USE_PREF_SIZE);
            box.setOnAction(event -> typed());
            days.put(day, box);
        }
        return days.values().toArray(new CheckBox[0]);
    }

    private TypedField<BigFraction> tempo(String id, String what) {
        TypedField<BigFraction> field =
                new TypedField<>(this::perMinute, TempoText::written, number -> typed(), () -> {});
        field.field().setId(id);
        field.field().setAccessibleText(what);
        field.setPrefWidth(72);
        field.setMinWidth(72);
        return field;
    }

    /** Converts a tempo to the beat of the exercise, whatever beat it is typed in. */
    private BigFraction perMinute(String text) {
        return TempoText.read(text, beat).perMinuteIn(beat);
    }

    private static LocalDate readDay(String text) {
        try {
            return LocalDate.parse(text.strip());
        } catch (DateTimeParseException e) {
            throw new InvalidValueException("type a day such as 2026-12-20, not \"" + text.strip() + "\"", e);
        }
    }

    /** Takes over the fields if they make a ladder. */
    private void typed() {
        if (showing) {
            return;
        }
        try {
            taken.ladder(new Ladder(
                    perMinute(start.field().getText()),
                    perMinute(goal.field().getText()),
                    perMinute(step.field().getText()),
                    new LadderRules(clean.value(), misses.value()),
                    typedPace()));
        } catch (StrideException e) {
            taken.none(e.getMessage());
        }
    }

    private Optional<LadderPace> typedPace() {
        if (!paced.isSelected()) {
            return Optional.empty();
        }
        Set<DayOfWeek> on = EnumSet.noneOf(DayOfWeek.class);
        days.forEach((day, box) -> {
            if (box.isSelected()) {
                on.add(day);
            }
        });
        LocalDate begun = pace.map(LadderPace::start).orElseGet(today);
        return Optional.of(new LadderPace(begun, readDay(due.field().getText()), on));
    }

    /**
     * Shows a ladder.
     *
     * @param newBeat the beat that counts the tempos
     */
    void show(Ladder ladder, NoteValue newBeat) {
        showing = true;
        beat = newBeat;
        pace = ladder.pace();
        start.show(ladder.start());
        goal.show(ladder.goal());
        step.show(ladder.step());
        clean.show(ladder.rules().cleanToGoUp());
        misses.show(ladder.rules().missesToStepBack());
        paced.setSelected(pace.isPresent());
        due.show(pace.map(LadderPace::due).orElse(today.get().plusWeeks(4)));
        due.setDisable(pace.isEmpty());
        days.forEach((day, box) -> {
            box.setSelected(pace.map(one -> one.days().contains(day)).orElse(day != DayOfWeek.SUNDAY));
            box.setDisable(pace.isEmpty());
        });
        showing = false;
    }
}
