package nimblestride.desktop.workspace.cross;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.fact.CrossingFact;
import nimblestride.core.insight.fact.MeetingFact;
import nimblestride.core.insight.wording.Wording;
import nimblestride.core.layer.crossing.CrossBarPulse;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.value.NoteName;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.AnalyzedExercise;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.BarCountParser;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.page.Page;

/** Flow: how often everybody is on the 1, a 1 only every so many bars, and pulses threaded through odd bars. */
final class FlowPage extends VBox implements Page {
    private static final Set<String> ABOUT_FLOW = Set.of("ones", "together");

    private final ExerciseDocument document;
    private final TypedField<Integer> ones;
    private final Label summary = new WrappedLabel();
    private final GridPane pulses = new GridPane();
    private final LatestOnly answers = new LatestOnly("finding pulses");

    FlowPage(ExerciseDocument document) {
        this.document = document;
        getStyleClass().add("page");
        ones = new TypedField<>(
                BarCountParser.upTo(Layer.MAX_DOWNBEAT_EVERY),
                String::valueOf,
                every -> document.edit("ones", now -> now.withDownbeatEvery(every)),
                document::endBurst);
        ones.field().setId("flow-ones");
        ones.field().setAccessibleText("Fewer downbeats");
        ones.setPrefWidth(64);
        ones.setMinWidth(64);
        HBox line = new HBox(new Caption("Play a downbeat every"), ones, new Caption("bars"));
        line.getStyleClass().add("add-line");
        summary.setId("flow-told");
        pulses.getStyleClass().add("ways");
        getChildren().setAll(summary, new VerticalScroll(pulses), line);
    }

    @Override
    public void show(Exercise exercise) {
        ones.show(
                exercise.layers().stream().mapToInt(Layer::downbeatEvery).max().orElse(1));
        answers.ask(() -> CrossBarPulse.through(exercise.phrase()), this::show);
    }

    /** Shows on which 1 all layers are, and what the findings say about the 1. */
    @Override
    public void show(AnalyzedExercise answer) {
        Stream<Wording.Words> shared = answer.analysis().crossingLayers().size() < 2
                ? Stream.of()
                : answer.analysis().onBarLines().result().stream().map(ones -> Wording.of(new MeetingFact.OnOne(ones)));
        Stream<Wording.Words> others = answer.findings().stream()
                .filter(finding -> ABOUT_FLOW.contains(finding.code()))
                .map(finding -> Wording.of(finding.fact()));
        String known = Stream.concat(shared, others)
                .map(words -> (words.sentence() + " " + words.sum()).strip())
                .collect(Collectors.joining(" "));
        summary.setText(
                known.isEmpty() ? "With two or more layers, this shows how often they all land on the 1." : known);
    }

    private void show(List<CrossBarPulse> found) {
        pulses.getChildren().clear();
        pulses.addRow(
                0,
                new Caption(
                        found.isEmpty()
                                ? "Every common pulse fits inside these bars, so none runs across them."
                                : "a pulse across the bars"),
                new Caption(found.isEmpty() ? "" : "cycle"),
                new Caption(found.isEmpty() ? "" : "where it falls, bar by bar"));
        for (CrossBarPulse pulse : found) {
            int row = pulses.getRowCount();
            Label name = new Label("every " + NoteName.each(pulse.pulse()));
            name.getStyleClass().add("said");
            Label home = new Label(String.format(Locale.ROOT, "%,d-bar cycle", pulse.home()));
            home.setMinWidth(USE_PREF_SIZE);
            name.setMinWidth(USE_PREF_SIZE);
            Label bars = new WrappedLabel(falls(pulse));
            GridPane.setHgrow(bars, Priority.ALWAYS);
            pulses.addRow(
                    row,
                    name,
                    home,
                    bars,
                    new SmallButton("Add this pulse", "flow-thread-" + row, () -> thread(pulse)));
        }
    }

    private void thread(CrossBarPulse pulse) {
        if (document.exerciseProperty().get().layers().size() < Exercise.MAX_LAYERS) {
            document.edit(exercise -> exercise.plusLayer(pulse.layer()));
        }
    }

    private static String falls(CrossBarPulse pulse) {
        return Wording.of(new CrossingFact.OnTheBeat(
                        "", pulse.bars(), pulse.home(), new CrossingFact.Against.Pulse(pulse.pulse())))
                .sentence();
    }

    @Override
    public void close() {
        answers.close();
    }
}
