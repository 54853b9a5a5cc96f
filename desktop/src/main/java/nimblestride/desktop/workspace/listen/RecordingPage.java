package nimblestride.desktop.workspace.listen;

import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.recording.LinkedRecording;
import nimblestride.core.foundation.words.Counted;
import nimblestride.desktop.playback.OpenRecording;
import nimblestride.desktop.playback.PlaybackSettings;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.service.WindowServices;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.LoopText;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.field.WholeNumberField;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.Page;
import nimblestride.desktop.view.recording.RecordingStrip;
import nimblestride.desktop.view.recording.StripContent;
import nimblestride.sound.recording.AudioKind;
import nimblestride.sound.render.CountIn;
import nimblestride.sound.render.Loop;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.render.RecordingMix;
import nimblestride.sound.render.RecordingMix.Side;

/** Shows the recording, plays it slowly, and loops bars of it. */
final class RecordingPage extends VBox implements Page {
    private static final int MAX_SPEED_UP = 20;
    private static final String NONE =
            "No recording yet. Open one, or drag one onto the window: WAV, AIFF, FLAC, MP3, or Ogg.";

    private final OpenRecording recording;
    private final RecordingEdits edits;
    private final PlaybackSettings settings;
    private final WindowServices services;
    private final RecordingStrip strip;
    private final Label about = new WrappedLabel(NONE);
    private final Slider sensitivity = slider("sensitivity", "How many hits are found");
    private final Slider balance = slider("recording-balance", "Balance of the recording and the exercise");
    private final ComboBox<Side> side = new ComboBox<>();
    private final CheckBox lowCut = new CheckBox("Cut low");
    private final CheckBox highCut = new CheckBox("Cut high");
    private final TypedField<Optional<Loop>> loop;
    private final TypedField<Integer> percent;
    private final TypedField<Integer> countIn;
    private final TypedField<Integer> speedUp;
    private final VBox controls = new VBox();
    private Optional<Exercise> shown = Optional.empty();
    private int bars = 1;
    private boolean showing;

    /** @param importing makes an exercise of a recording */
    RecordingPage(
            OpenRecording recording,
            RecordingEdits edits,
            Transport transport,
            RecordingImport importing,
            WindowServices services) {
        this.recording = recording;
        this.edits = edits;
        this.settings = transport.settings();
        this.services = services;
        this.strip = new RecordingStrip(edits);
        getStyleClass().add("page");
        SmallButton open = new SmallButton("Open a recording\u2026", "open-recording", () -> services.dialogs()
                .fileToOpen(AudioKind.allEndings())
                .ifPresent(importing::open));
        HBox.setHgrow(about, Priority.ALWAYS);
        loop = new TypedField<>(
                text -> LoopText.read(text, bars),
                chosen -> chosen.map(LoopText::write).orElse(LoopText.ALL),
                settings.loopProperty()::set,
                () -> {});
        loop.field().setId("recording-loop");
        loop.field().setAccessibleText("Bars to loop, such as 2 to 3, or all");
        loop.setPrefWidth(86);
        loop.setMinWidth(86);
        percent = WholeNumberField.field(
                "recording-percent",
                "percent",
                PlaybackRequest.MIN_PERCENT,
                PlaybackRequest.MAX_PERCENT,
                64,
                settings.percentProperty()::set);
        countIn = WholeNumberField.field(
                "recording-count-in", "bars", 0, CountIn.MAX_BARS, 56, settings.countInProperty()::set);
        speedUp = WholeNumberField.field("speed-up", "percent", 0, MAX_SPEED_UP, 56, settings.speedUpProperty()::set);
        ControlTip.on(speedUp.field(), "Each repeat of the loop is so much faster, up to the full tempo");
        build(open);
        listen();
    }

    private void build(Node open) {
        sensitivity.setOnMouseReleased(event -> findHits());
        sensitivity.setOnKeyReleased(event -> findHits());
        balance.valueProperty().addListener(change -> mix(mix().balanced(balance.getValue())));
        side.setId("recording-side");
        side.setAccessibleText("What is taken down of the recording");
        side.getItems().setAll(Side.values());
        side.setConverter(new TitleConverter<>(RecordingPage::title));
        side.valueProperty().addListener(change -> mix(mix().with(side.getValue())));
        lowCut.setId("low-cut");
        highCut.setId("high-cut");
        ControlTip.on(lowCut, "Take down what kick and bass play");
        ControlTip.on(highCut, "Take down what cymbals play");
        lowCut.setOnAction(event -> mix(mix().cut(lowCut.isSelected(), highCut.isSelected())));
        highCut.setOnAction(event -> mix(mix().cut(lowCut.isSelected(), highCut.isSelected())));
        SmallButton guess = new SmallButton("Guess the part", "guess-part", this::guess);
        ControlTip.on(
                guess, "Put kick, snare, and hi-hat where they seem to play in the looped bars, then correct them");
        controls.getStyleClass().add("recording-controls");
        controls.getChildren()
                .setAll(
                        strip,
                        new FlowLine(
                                line(new Caption("Loop bars"), loop),
                                line(new Caption("At"), percent, new Caption("% of the tempo")),
                                line(new Caption("Count in"), countIn, new Caption("bars")),
                                line(new Caption("Each repeat"), speedUp, new Caption("% faster")),
                                guess),
                        new FlowLine(
                                line(new Caption("Fewer hits"), sensitivity, new Caption("more")),
                                line(new Caption("Exercise"), balance, new Caption("recording")),
                                side,
                                lowCut,
                                highCut));
        HBox head = line(open, about);
        getChildren().setAll(head, controls);
    }

    private static HBox line(Node... nodes) {
        HBox line = new HBox(nodes);
        line.getStyleClass().add("add-line");
        return line;
    }

    private static Slider slider(String id, String said) {
        Slider slider = new Slider(0, 1, 0.5);
        slider.setId(id);
        slider.setAccessibleText(said);
        slider.setPrefWidth(130);
        slider.setBlockIncrement(0.05);
        return slider;
    }

    private static String title(Side side) {
        return switch (side) {
            case ALL -> "Left and right";
            case LEFT_DOWN -> "Right only";
            case RIGHT_DOWN -> "Left only";
            case CENTER_DOWN -> "Without the center";
        };
    }

    private void listen() {
        recording.loadedProperty().addListener(change -> show());
        recording.problemProperty().addListener(change -> show());
        settings.loopProperty().addListener(change -> show());
        settings.percentProperty().addListener(change -> show());
        settings.countInProperty().addListener(change -> show());
        settings.speedUpProperty().addListener(change -> show());
        settings.recordingProperty().addListener(change -> show());
        show();
    }

    private RecordingMix mix() {
        return settings.recordingProperty().get();
    }

    private void mix(RecordingMix mix) {
        if (!showing) {
            settings.recordingProperty().set(mix);
        }
    }

    private void findHits() {
        boolean another = shown.flatMap(Exercise::recording)
                .filter(now -> now.sensitivity() != sensitivity.getValue())
                .isPresent();
        if (another) {
            edits.findAt(sensitivity.getValue());
        }
    }

    private void guess() {
        if (edits.guessPart()) {
            services.navigation().open(PageId.COUNTS);
            services.status().show("This is a guess: kick, snare, and hi-hat. Click a count to correct it.");
        } else {
            services.status().show("I hear no kick, snare, or hi-hat in these bars.");
        }
    }

    @Override
    public void show(Exercise exercise) {
        shown = Optional.of(exercise);
        show();
    }

    private void show() {
        showing = true;
        Optional<LinkedRecording> linked = shown.flatMap(Exercise::recording);
        Optional<StripContent> content =
                shown.flatMap(exercise -> exercise.recording().flatMap(now -> recording
                        .loadedProperty()
                        .get()
                        .filter(read -> read.content().equals(now.content()))
                        .map(read -> new StripContent(
                                now,
                                read.heard(),
                                recording.hits(now),
                                exercise.phrase(),
                                OpenRecording.bars(exercise),
                                settings.loopProperty().get()))));
        bars = shown.map(OpenRecording::bars).orElse(1);
        about.setText(
                content.map(this::described).or(() -> linked.map(this::waiting)).orElse(NONE));
        controls.setVisible(content.isPresent());
        controls.setManaged(content.isPresent());
        content.ifPresentOrElse(strip::show, strip::clear);
        linked.ifPresent(now -> sensitivity.setValue(now.sensitivity()));
        loop.show(settings.loopProperty().get());
        percent.show(settings.percentProperty().get());
        countIn.show(settings.countInProperty().get());
        speedUp.show(settings.speedUpProperty().get());
        balance.setValue(mix().balance());
        side.setValue(mix().side());
        lowCut.setSelected(mix().lowCut());
        highCut.setSelected(mix().highCut());
        showing = false;
    }

    private String waiting(LinkedRecording now) {
        String problem = recording.problemProperty().get();
        return length(now) + ": " + (problem.isEmpty() ? "listening\u2026" : problem);
    }

    private String described(StripContent content) {
        boolean sections = shown.filter(Exercise::hasSections).isPresent();
        return length(content.recording()) + ", "
                + Counted.count(content.hits().size(), "hit") + ", " + Counted.count(bars, "bar")
                + (sections ? ". It does not play along while the exercise has several sections." : ".");
    }

    private static String length(LinkedRecording now) {
        int seconds = (int) now.seconds();
        return String.format(Locale.ROOT, "%s, %d:%02d", now.name(), seconds / 60, seconds % 60);
    }

    /** Shows what is heard now. */
    void follow(Playhead playhead) {
        strip.follow(playhead);
    }

    @Override
    public void setPalette(Palette newPalette) {
        strip.setPalette(newPalette);
    }
}
