package nimblestride.desktop.workspace.modulate;

import java.util.function.UnaryOperator;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.layout.Region;
import nimblestride.core.exercise.edit.SectionEdits;
import nimblestride.core.exercise.leadin.LeadIn;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.Section;
import nimblestride.core.language.sentence.SectionSentence;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.PivotText;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.value.NoteName;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SentenceRow;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.field.BarCountParser;
import nimblestride.desktop.ui.field.TypedField;

/** Says what a section is. While it is selected, its name, how often it plays, and its pivot can be typed. */
final class SectionRow {
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final int MAX_BARS = 22;

    /** Runs an edit, or reports why it fails. */
    interface Editing {
        void edit(Object from, UnaryOperator<Exercise> change);
    }

    private final int index;
    private final Button number;
    private final TypedField<String> name;
    private final Button bars = new Button();
    private final TypedField<Integer> rounds;
    private final TypedField<Pivot> entered;
    private final Button leadIn;
    private final Button out;
    private final SentenceRow row;
    private Exercise shown;

    /** @param play plays from this section */
    SectionRow(int index, ExerciseDocument document, Editing editing, Runnable play) {
        this.index = index;
        number = new Button(Integer.toString(index + 1));
        number.setId("section-play-" + index);
        number.getStyleClass().addAll("flat", "section-number");
        number.setMinWidth(Button.USE_PREF_SIZE);
        number.setAccessibleText("Play from section " + (index + 1));
        ControlTip.on(number, "Play from this section");
        number.setOnAction(event -> play.run());
        name = new TypedField<>(
                text -> SectionEdits.rename(shown, content(), text.strip())
                        .contents()
                        .get(content())
                        .name(),
                text -> text,
                text -> editing.edit("section-name", exercise -> SectionEdits.rename(exercise, content(), text)),
                document::endBurst);
        field(name, "section-name-" + index, "Name of section " + (index + 1), 88);
        bars.setId("section-bars-" + index);
        bars.getStyleClass().addAll("small", "way", "wrapped");
        bars.setMinWidth(64);
        bars.setWrapText(true);
        bars.setMinHeight(Region.USE_PREF_SIZE);
        ControlTip.on(bars, "Show this section on the Road and in every workspace");
        bars.setOnAction(event -> document.selectContent(content()));
        rounds = new TypedField<>(
                BarCountParser.upTo(Section.MAX_ROUNDS),
                String::valueOf,
                times -> editing.edit("section-rounds", exercise -> SectionEdits.withRounds(exercise, index, times)),
                document::endBurst);
        field(rounds, "section-rounds-" + index, "How many times section " + (index + 1) + " plays its bars", 44);
        entered = new TypedField<>(
                PivotText::read,
                SectionRow::write,
                pivot -> editing.edit("section-pivot", exercise -> SectionEdits.withPivot(exercise, index, pivot)),
                document::endBurst);
        field(entered, "section-pivot-" + index, "The modulation into section " + (index + 1), 168);
        entered.setVisible(index > 0);
        entered.setManaged(index > 0);
        leadIn = new SmallButton(
                "Add a lead-in",
                "section-lead-in-" + index,
                () -> editing.edit(this, exercise -> LeadIn.before(exercise, index, 1)));
        ControlTip.on(leadIn, "Add bars that prepare the new pulse before the change");
        out = new SmallButton(
                "Remove",
                "section-out-" + index,
                () -> editing.edit(this, exercise -> SectionEdits.remove(exercise, index)));
        row = SentenceRow.edited(new FlowLine(name, bars, rounds, new Caption("times"), entered, leadIn, out))
                .lead(number);
        row.setId("section-row-" + index);
    }

    /** Returns the row of the list. */
    SentenceRow row() {
        return row;
    }

    private static void field(TypedField<?> field, String id, String what, double width) {
        field.field().setId(id);
        field.field().setAccessibleText(what);
        field.setPrefWidth(width);
        field.setMinWidth(width);
    }

    private static String write(Pivot pivot) {
        return pivot.isNone()
                ? "quarter = quarter"
                : NoteName.say(pivot.oldValue()) + " = " + NoteName.say(pivot.newValue());
    }

    private int content() {
        return shown.sections().get(index).content();
    }

    void show(Exercise exercise) {
        shown = exercise;
        Section section = exercise.sections().get(index);
        name.show(exercise.contents().get(content()).name());
        String text = BarsText.write(exercise.contents().get(content()).phrase());
        bars.setText(text.length() <= MAX_BARS ? text : text.substring(0, MAX_BARS - 1) + "…");
        boolean selected = content() == exercise.selected();
        bars.getStyleClass().remove("taken");
        if (selected) {
            bars.getStyleClass().add("taken");
        }
        bars.setAccessibleText(text + (selected ? ", shown" : ", show"));
        rounds.show(section.rounds());
        entered.show(section.pivot());
        row.say(SectionSentence.of(exercise, index));
        boolean changes = index > 0 && !section.pivot().isNone();
        leadIn.setVisible(changes);
        leadIn.setManaged(changes);
        out.setDisable(!exercise.hasSections());
    }

    /** Sets whether this section is heard now. */
    void setHeard(boolean heard) {
        number.pseudoClassStateChanged(LIT, heard);
    }
}
