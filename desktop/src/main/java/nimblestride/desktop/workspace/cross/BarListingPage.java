package nimblestride.desktop.workspace.cross;

import java.util.stream.Collectors;
import java.util.stream.LongStream;
import javafx.collections.ObservableListBase;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.SelectionMode;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.finding.BarListing;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.document.exercise.AnalyzedExercise;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.page.Page;

/**
 * Lists the Road and the Weave as text, one bar per line, to read, read aloud, or copy; selects the bar heard during
 * playback.
 */
final class BarListingPage extends VBox implements Page {
    private static final long ROUNDS_WITHOUT_HOME = 64;
    private static final int MAX_LINES = 10_000_000;
    private static final int MAX_COPIED = 1_000;
    private static final long FINE = 4_096;

    private final ListView<String> list = new ListView<>();
    private Phrase phrase;
    private Lines lines;

    /** Makes lines when they are looked at, since there may be millions. */
    private static final class Lines extends ObservableListBase<String> {
        private final BarListing words;
        private final int size;
        private final long home;

        Lines(Analysis analysis) {
            words = new BarListing(analysis);
            home = analysis.together().result().map(Analysis.Together::bars).orElse(Long.MAX_VALUE);
            size = (int) Math.min(MAX_LINES, analysis.barsInCycle(ROUNDS_WITHOUT_HOME));
        }

        @Override
        public String get(int index) {
            return words.line(index);
        }

        @Override
        public int size() {
            return size;
        }
    }

    BarListingPage() {
        getStyleClass().add("page");
        SmallButton copy = new SmallButton("Copy", "words-copy", this::copy);
        ControlTip.on(copy, "Copy the selected bars, or the first " + MAX_COPIED + " if none are selected");
        list.setId("words");
        list.setAccessibleText("Bar by bar");
        list.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        list.setCellFactory(view -> new WrappedCell());
        list.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.isShortcutDown() && "c".equalsIgnoreCase(event.getText())) {
                copy();
                event.consume();
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        getChildren().setAll(new FlowLine(new Caption("Bar by bar, through the whole cycle"), copy), list);
    }

    /** A line that wraps at the width of the list. */
    private static final class WrappedCell extends ListCell<String> {
        WrappedCell() {
            setWrapText(true);
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(String line, boolean empty) {
            super.updateItem(line, empty);
            setText(empty ? null : line);
        }
    }

    @Override
    public void show(Exercise exercise) {
        // Everything is derived from the analysis.
    }

    @Override
    public void show(AnalyzedExercise answer) {
        phrase = answer.exercise().phrase();
        lines = new Lines(answer.analysis());
        list.setItems(lines);
    }

    /**
     * Selects the bar heard.
     *
     */
    void follow(Playhead playhead) {
        if (!playhead.isShown() || lines == null || getScene() == null) {
            return;
        }
        long bar =
                phrase.barAt(NoteValue.of(Math.max(0, (long) (playhead.moment().getAsDouble() * FINE)), FINE));
        long number = bar % lines.home;
        if (number >= lines.size()) {
            // Playback has gone past the last listed bar.
            return;
        }
        int line = (int) number;
        if (list.getSelectionModel().getSelectedIndex() != line) {
            list.getSelectionModel().clearAndSelect(line);
            list.scrollTo(Math.max(0, line - 1));
        }
    }

    private void copy() {
        if (lines == null) {
            return;
        }
        String text = list.getSelectionModel().getSelectedIndices().isEmpty()
                ? LongStream.range(0, Math.min(MAX_COPIED, lines.size()))
                        .mapToObj(bar -> lines.get((int) bar))
                        .collect(Collectors.joining("\n"))
                : list.getSelectionModel().getSelectedIndices().stream()
                        .limit(MAX_COPIED)
                        .map(lines::get)
                        .collect(Collectors.joining("\n"));
        ClipboardContent content = new ClipboardContent();
        content.putString(text);
        Clipboard.getSystemClipboard().setContent(content);
    }
}
