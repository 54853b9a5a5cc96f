package nimblestride.desktop.workspace.cross;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.value.CommonNote;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.document.exercise.AnalyzedExercise;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.Page;
import nimblestride.desktop.view.weave.DisplaceAction;
import nimblestride.desktop.view.weave.WeaveView;

/**
 * Shows the Weave with the selected layer, a description of the place under the mouse, and buttons for landings that
 * lie far apart.
 */
final class WeavePage extends VBox implements Page {
    /** A cycle of more bars is also described by its parts. */
    private static final long LONG = 200;

    private final ExerciseDocument document;
    private final LayerChoice selected;
    private final WeaveView weave;
    private final Label hint = new WrappedLabel("", "quiet");
    private final Label parts = new WrappedLabel("", "quiet");
    private AnalyzedExercise answer;
    private long lastLanding = -1;

    WeavePage(ExerciseDocument document) {
        this.document = document;
        getStyleClass().add("page");
        hint.setId("weave-told");
        hint.setMinWidth(0);
        weave = new WeaveView(displacing(), this::showMessage);
        selected = new LayerChoice("weave-layer", weave::setInHand);
        SmallButton landing = new SmallButton("Next landing", "weave-landing", this::nextLanding);
        ControlTip.on(landing, "Go to the next bar line where this layer lands");
        SmallButton fit = new SmallButton("Zoom to fit", "weave-fit", weave::fit);
        ControlTip.on(fit, "Show the whole cycle (0)");
        FlowLine line = new FlowLine(new Caption("Layer"), selected, landing, fit);
        parts.setId("weave-parts");
        VBox.setVgrow(weave, Priority.ALWAYS);
        getChildren().setAll(line, hint, parts, weave);
    }

    private DisplaceAction displacing() {
        return new DisplaceAction() {
            @Override
            public void displace(int index, Layer layer) {
                document.edit("weave" + index, exercise -> exercise.withLayer(index, layer));
            }

            @Override
            public void done() {
                document.endBurst();
            }
        };
    }

    private void showMessage(String words) {
        hint.setText(
                words.isEmpty()
                        ? "Point at a hit, or use the arrow keys. Drag it, or press Shift and an arrow, to move the start."
                        : words);
    }

    @Override
    public void show(Exercise exercise) {
        selected.show(exercise);
        weave.setInHand(selected.layer());
        // The rows are drawn from the analysis, which comes a moment later.
    }

    @Override
    public void show(AnalyzedExercise newAnswer) {
        answer = newAnswer;
        lastLanding = -1;
        weave.show(answer);
        String text = parts();
        parts.setText(text);
        parts.setVisible(!text.isEmpty());
        parts.setManaged(!text.isEmpty());
    }

    /** Returns the parts of a cycle that is too long to show at once, or why it can't be counted. */
    private String parts() {
        Analysis analysis = answer.analysis();
        if (analysis.layers().isEmpty()) {
            return "Nothing runs across these bars yet. Add a layer on the Layers page.";
        }
        if (analysis.together().result().isEmpty()) {
            return "Too long to draw: " + analysis.together().problem() + ".";
        }
        long bars = analysis.together().result().get().bars();
        if (bars <= LONG) {
            return "";
        }
        String each = analysis.layers().stream()
                .limit(4)
                .filter(layer -> layer.alignment().result().isPresent())
                .map(layer -> {
                    Alignment alignment = layer.alignment().result().get();
                    return String.format(
                            Locale.ROOT,
                            "%s %,d %s = %,d bars",
                            layer.name(),
                            alignment.returnsAfter().cycles(),
                            alignment.timeline().hasEvenCycles()
                                    ? "× " + said(alignment.timeline().cycle())
                                    : "times",
                            alignment.returnsAfter().bars());
                })
                .collect(Collectors.joining("; "));
        return String.format(Locale.ROOT, "%,d-bar cycle, row by row: %s.", bars, each);
    }

    private static String said(NoteValue cycle) {
        return CommonNote.of(List.of(cycle)).say(cycle);
    }

    private void nextLanding() {
        if (answer == null
                || selected.layer() < 0
                || selected.layer() >= answer.analysis().layers().size()) {
            return;
        }
        answer.analysis().layers().get(selected.layer()).alignment().result().ifPresent(alignment -> {
            if (alignment.landings().isEmpty()) {
                showMessage("This layer never lands on a bar line" + (alignment.lands() ? " inside the cycle." : "."));
                return;
            }
            long home = alignment.returnsAfter().bars();
            List<Long> landings = alignment.landings();
            long next = landings.stream()
                    .filter(bar -> bar > lastLanding)
                    .findFirst()
                    .orElse(lastLanding >= home ? landings.get(0) : home + landings.get(0));
            lastLanding = next;
            weave.bringIntoView(next);
            showMessage(String.format(Locale.ROOT, "Lands on bar %,d%s.", next + 1, next >= home ? ", back home" : ""));
        });
    }

    @Override
    public void setPalette(Palette palette) {
        weave.setPalette(palette);
    }

    void follow(Playhead playhead) {
        weave.follow(playhead);
    }
}
