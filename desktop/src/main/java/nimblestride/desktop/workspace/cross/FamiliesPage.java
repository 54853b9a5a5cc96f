package nimblestride.desktop.workspace.cross;

import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.insight.family.AccentFamily;
import nimblestride.core.insight.family.CadenceFamily;
import nimblestride.core.insight.family.DisplacementFamily;
import nimblestride.core.insight.family.Family;
import nimblestride.core.insight.family.GroupingFamily;
import nimblestride.core.insight.family.ImpliedModulations;
import nimblestride.core.insight.family.MeterFamily;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.time.meter.Phrase;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.service.Library;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.page.Page;

/**
 * Makes families for practice: sets of exercises derived from the open one, to try one by one or to add to the Book.
 */
final class FamiliesPage extends VBox implements Page {
    private static final int MAX_SHOWN = 64;
    private static final String METERS = "4/4, 3/4, 5/4, 6/8, 7/8, 9/8, 11/8";

    private final ExerciseDocument document;
    private final LayerChoice layer = new LayerChoice("family-layer", chosen -> ask());
    private final ComboBox<Kind> kind = new ComboBox<>();
    private final TypedField<Phrase> meters;
    private final Label summary = new WrappedLabel();
    private final GridPane members = new GridPane();
    private final SmallButton keepAll;
    private final LatestOnly answers = new LatestOnly("families");
    private Phrase against = BarsText.read(METERS);
    private Exercise base;
    private Optional<Exercise> tried = Optional.empty();
    private Optional<Family> family = Optional.empty();

    /** The kinds of families. */
    private enum Kind {
        DISPLACEMENTS("every displacement"),
        EACH_UNIT("on each unit in turn"),
        ACCENTS("with and without accents"),
        ROTATION("rotate all groupings"),
        FIGURE("the same figure in each grouping"),
        CADENCE("a cadence of three"),
        METERS("against a list of meters"),
        FEELS("implied modulations");

        private final String title;

        Kind(String title) {
            this.title = title;
        }
    }

    /** The answer to a question, or why there is none. */
    private record Answered(Optional<Family> family, String problem) {}

    /** @param library adds exercises to the Book */
    FamiliesPage(ExerciseDocument document, Library library) {
        this.document = document;
        getStyleClass().add("page");
        kind.setId("family-kind");
        kind.setAccessibleText("Family");
        kind.getItems().setAll(Kind.values());
        kind.setConverter(new TitleConverter<>(value -> value.title));
        kind.setValue(Kind.DISPLACEMENTS);
        kind.setPrefWidth(206);
        kind.setMinWidth(206);
        kind.valueProperty().addListener(change -> ask());
        meters = new TypedField<>(
                BarsText::read,
                BarsText::write,
                typed -> {
                    against = typed;
                    ask();
                },
                () -> {});
        meters.field().setId("family-meters");
        meters.field().setAccessibleText("The meters, as in: 4/4, 5/4, 7/8");
        meters.show(against);
        meters.setPrefWidth(200);
        keepAll = new SmallButton(
                "Add all to the Book",
                "family-keep",
                () -> family.ifPresent(one -> library.add(
                        one.members().stream().map(Family.Member::exercise).toList())));
        FlowLine line = new FlowLine(new Caption("From"), layer, kind, meters, keepAll);
        summary.setId("family-told");
        members.getStyleClass().add("ways");
        getChildren().setAll(line, summary, new VerticalScroll(members));
    }

    /** Keeps the family of the exercise it was made from while its members are tried. */
    @Override
    public void show(Exercise exercise) {
        if (tried.filter(exercise::equals).isPresent()) {
            return;
        }
        tried = Optional.empty();
        base = exercise;
        layer.show(exercise);
        ask();
    }

    private void ask() {
        boolean typed = kind.getValue() == Kind.METERS;
        meters.setVisible(typed);
        meters.setManaged(typed);
        if (base == null) {
            return;
        }
        Exercise about = base;
        int index = layer.layer();
        Kind asked = kind.getValue();
        Phrase bars = against;
        answers.ask(() -> answer(about, index, asked, bars), this::show);
    }

    private static Answered answer(Exercise exercise, int layer, Kind kind, Phrase meters) {
        if (layer < 0) {
            return new Answered(Optional.empty(), "Add a layer first. A family grows from one layer.");
        }
        try {
            return new Answered(
                    Optional.of(
                            switch (kind) {
                                case DISPLACEMENTS -> DisplacementFamily.easiestFirst(exercise, layer);
                                case EACH_UNIT -> DisplacementFamily.onEachUnit(exercise, layer);
                                case ACCENTS -> AccentFamily.of(exercise, layer);
                                case ROTATION -> GroupingFamily.rotation(exercise, layer);
                                case FIGURE -> GroupingFamily.sameFigure(exercise, layer);
                                case CADENCE -> CadenceFamily.of(exercise, layer);
                                case METERS -> MeterFamily.of(exercise, layer, meters.bars());
                                case FEELS -> ImpliedModulations.of(exercise, layer);
                            }),
                    "");
        } catch (StrideException e) {
            return new Answered(Optional.empty(), e.getMessage() + ".");
        }
    }

    private void show(Answered answered) {
        family = answered.family;
        keepAll.setDisable(family.isEmpty());
        members.getChildren().clear();
        summary.setText(family.map(one -> one.why()
                        + (one.members().size() > MAX_SHOWN
                                ? String.format(
                                        Locale.ROOT,
                                        " The first %d of %,d:",
                                        MAX_SHOWN,
                                        one.members().size())
                                : ""))
                .orElse(answered.problem));
        family.ifPresent(one -> one.members().stream().limit(MAX_SHOWN).forEach(this::add));
    }

    private void add(Family.Member member) {
        int row = members.getRowCount();
        Label label = new Label(member.label());
        label.getStyleClass().add("said");
        Label why = new WrappedLabel(member.why(), "finding-sum");
        GridPane.setHgrow(why, Priority.ALWAYS);
        SmallButton attempt = new SmallButton("Open", "family-try-" + row, () -> {
            tried = Optional.of(member.exercise());
            document.edit(now -> member.exercise());
        });
        members.addRow(row, label, why, attempt);
    }

    @Override
    public void close() {
        answers.close();
    }
}
