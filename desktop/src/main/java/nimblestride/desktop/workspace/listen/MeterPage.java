package nimblestride.desktop.workspace.listen;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.recording.LinkedRecording;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.transcription.recording.HeardHit;
import nimblestride.core.transcription.recording.KnownAbout;
import nimblestride.core.transcription.recording.RecordingMeters;
import nimblestride.core.transcription.recording.RecordingProposal;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.playback.OpenRecording;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TapKey;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.page.Page;

/** Proposes meters for the recording; the user helps by tapping along, or by typing what it is in. */
final class MeterPage extends VBox implements Page {
    private static final int MIN_TAPS = 3;
    private static final String HOW = "Play the recording, and tap along with the T key. Or type what it is in.";
    private static final String UNKNOWN = "";

    private final OpenRecording recording;
    private final RecordingEdits edits;
    private final LatestOnly finding = new LatestOnly("finding a meter");
    private final Label answer = new WrappedLabel(HOW);
    private final ComboBox<Tapped> what = new ComboBox<>();
    private final TypedField<Optional<Phrase>> known;
    private final GridPane found = new GridPane();
    private final List<Double> taps = new ArrayList<>();
    private Optional<Exercise> shown = Optional.empty();
    private Optional<Question> asked = Optional.empty();
    private Playhead playhead = Playhead.HIDDEN;

    /** What the user taps. */
    private enum Tapped {
        ONES,
        BEATS
    }

    /** What was asked: from these hits, in so many seconds, with that known. */
    private record Question(List<HeardHit> hits, double seconds, KnownAbout known) {}

    MeterPage(OpenRecording recording, RecordingEdits edits) {
        this.recording = recording;
        this.edits = edits;
        getStyleClass().add("page");
        Button tap = new Button("Tap  (T)");
        tap.setId("tap-recording");
        tap.setMinWidth(Region.USE_PREF_SIZE);
        tap.setOnMousePressed(event -> tap());
        what.setId("tapped");
        what.setMinWidth(140);
        what.setAccessibleText("What you tap");
        what.getItems().setAll(Tapped.values());
        what.setConverter(new TitleConverter<>(one -> one == Tapped.ONES ? "the 1s" : "the quarters"));
        what.setValue(Tapped.ONES);
        what.valueProperty().addListener(change -> startAgain());
        SmallButton again = new SmallButton("Start again", "tap-recording-again", this::startAgain);
        known = new TypedField<>(
                text -> text.isBlank() ? Optional.empty() : Optional.of(BarsText.read(text)),
                bars -> bars.map(BarsText::write).orElse(UNKNOWN),
                bars -> find(),
                () -> {});
        known.field().setId("known-bars");
        known.field().setPromptText("7/8");
        known.field().setAccessibleText("What it is in, such as 7/8; empty where you do not know");
        known.show(Optional.empty());
        known.setPrefWidth(150);
        known.setMinWidth(150);
        HBox line = new HBox(tap, what, again, new Caption("It is in"), known);
        line.getStyleClass().add("add-line");
        found.getStyleClass().add("ways");
        getChildren().setAll(line, answer, new VerticalScroll(found));
        new TapKey(this, this::tap);
        recording.loadedProperty().addListener(change -> find());
        sceneProperty().addListener(change -> find());
    }

    private Optional<LinkedRecording> linked() {
        return shown.flatMap(Exercise::recording);
    }

    private void tap() {
        if (!playhead.isShown() || linked().isEmpty()) {
            answer.setText("Play the recording first, with Space; then tap along.");
            return;
        }
        double at = linked().orElseThrow().beats().secondsAt(playhead.moment().getAsDouble());
        if (!taps.isEmpty() && at <= taps.get(taps.size() - 1)) {
            taps.clear();
        }
        taps.add(at);
        find();
    }

    private void startAgain() {
        taps.clear();
        find();
    }

    private KnownAbout known() {
        Optional<Phrase> bars = known.value() == null ? Optional.empty() : known.value();
        if (taps.size() < MIN_TAPS) {
            return new KnownAbout(bars, OptionalDouble.empty(), List.of());
        }
        if (what.getValue() == Tapped.ONES) {
            return new KnownAbout(bars, OptionalDouble.empty(), taps);
        }
        double gap = (taps.get(taps.size() - 1) - taps.get(0)) / (taps.size() - 1);
        return new KnownAbout(bars, OptionalDouble.of(60 / gap), List.of());
    }

    /** Looks for meters in the background, while the page is in view. */
    private void find() {
        Optional<LinkedRecording> now = linked();
        boolean read = recording.loadedProperty().get().isPresent();
        if (getScene() == null || now.isEmpty() || !read) {
            asked = Optional.empty();
            found.getChildren().clear();
            answer.setText(now.isEmpty() ? "No recording yet. Open one on the page Recording." : HOW);
            return;
        }
        Question question = new Question(recording.hits(now.get()), now.get().seconds(), known());
        if (asked.equals(Optional.of(question))) {
            return;
        }
        asked = Optional.of(question);
        answer.setText(tapped() + "Listening\u2026");
        finding.ask(() -> RecordingMeters.of(question.hits, question.seconds, question.known), this::show);
    }

    private String tapped() {
        return taps.isEmpty()
                ? ""
                : Counted.count(taps.size(), "tap") + (taps.size() < MIN_TAPS ? ", at least 3 are needed. " : ". ");
    }

    private void show(List<RecordingProposal> proposals) {
        found.getChildren().clear();
        if (proposals.isEmpty()) {
            answer.setText(tapped() + "I hear no meter that repeats. Tap the 1s along, type what it is in,"
                    + " or drag a bar line on the page Recording.");
            return;
        }
        answer.setText(tapped() + HOW);
        for (RecordingProposal one : proposals) {
            Label bars = new WrappedLabel(BarsText.write(one.phrase()), "reading-grouping");
            Label why = new WrappedLabel(
                    one.sure() + ": " + one.why() + ", quarter = "
                            + one.exerciseTempo().perMinute(),
                    "quiet");
            VBox both = new VBox(bars, why);
            GridPane.setHgrow(both, Priority.ALWAYS);
            SmallButton use =
                    new SmallButton("Use this meter", "recorded-meter-" + proposals.indexOf(one), () -> edits.use(one));
            found.addRow(found.getRowCount(), both, use);
        }
    }

    /** Notes what is heard now. */
    void follow(Playhead heard) {
        playhead = heard;
    }

    @Override
    public void show(Exercise exercise) {
        boolean another =
                !exercise.recording().map(LinkedRecording::content).equals(linked().map(LinkedRecording::content));
        shown = Optional.of(exercise);
        if (another) {
            taps.clear();
            known.show(Optional.empty());
        }
        find();
    }

    @Override
    public void close() {
        finding.close();
    }
}
