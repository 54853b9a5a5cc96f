package nimblestride.desktop.workspace.importing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.SplitPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.transcription.proposal.ImportChoice;
import nimblestride.core.transcription.proposal.Proposal;
import nimblestride.core.transcription.repetition.MeterProposal;
import nimblestride.core.transcription.source.ImportedPart;
import nimblestride.core.transcription.source.MeterSource;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.view.road.RoadView;

/**
 * Shows a file before it is imported: on one side its parts, meters, voices, repeats, and what is lost; on the other
 * the exercise it would become.
 */
public final class ImportPane extends BorderPane {
    private static final int MAX_BARS_SHOWN = 120;

    private final ImportSession bringing;
    private final Label title = new Label();
    private final Label status = new WrappedLabel();
    private final Button take = new Button("Import");
    private final ComboBox<ImportedPart> parts = new ComboBox<>();
    private final ComboBox<Optional<MeterProposal>> meters = new ComboBox<>();
    private final Caption whyMeter = new Caption("");
    private final SoundMapping sounds;
    private final VBox offers = new VBox(6);
    private final VBox leftOut = new VBox(6);
    private final Label bars = new WrappedLabel();
    private final RoadView road = new RoadView();
    private final Node choices;
    private boolean showing;

    /** @param bringing the import to show */
    public ImportPane(ImportSession bringing) {
        this.bringing = bringing;
        this.sounds = new SoundMapping((sound, voice) -> bringing.choose(choice ->
                voice.map(one -> choice.with(sound.name(), one)).orElseGet(() -> choice.without(sound.name()))));
        take.setId("bring-take");
        take.setOnAction(event -> bringing.take());
        take.setDefaultButton(true);
        take.getStyleClass().add("play");
        getStyleClass().add("bringing");
        title.getStyleClass().add("exercise-name");
        Button leave = new Button("Cancel");
        leave.setId("bring-leave");
        leave.setOnAction(event -> bringing.leave());
        leave.setCancelButton(true);
        HBox head = new HBox(12, title, new Caption("preview, nothing imported yet"));
        head.getStyleClass().add("way");
        HBox statusBar = new HBox(10, take, leave, status);
        statusBar.getStyleClass().add("way");
        choices = choices();
        VBox result = new VBox(8, paneTitle("Preview"), bars, road);
        VBox.setVgrow(road, Priority.ALWAYS);
        SplitPane sides = new SplitPane(choices, result);
        sides.setOrientation(Orientation.HORIZONTAL);
        sides.setDividerPositions(0.42);
        setTop(head);
        setCenter(sides);
        setBottom(statusBar);
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE && !parts.isShowing() && !meters.isShowing()) {
                bringing.leave();
                event.consume();
            }
        });
        bringing.stateProperty().addListener((property, old, now) -> show(now));
    }

    /** Sets the colors. */
    public void setPalette(Palette palette) {
        road.paletteProperty().set(palette);
    }

    private Node choices() {
        parts.setId("bring-part");
        parts.setAccessibleText("The part to import");
        parts.setConverter(new TitleConverter<>(part -> part.name() + ", "
                + Counted.count(part.strokes().size(), "hit") + (part.percussion() ? "" : ", its rhythm")));
        parts.setMaxWidth(Double.MAX_VALUE);
        parts.setOnAction(event -> {
            if (!showing && parts.getValue() != null) {
                int index = parts.getItems().indexOf(parts.getValue());
                bringing.choose(choice -> choice.ofPart(index));
            }
        });
        meters.setId("bring-meter");
        meters.setAccessibleText("The bars to use");
        meters.setMaxWidth(Double.MAX_VALUE);
        meters.setOnAction(event -> {
            if (!showing && meters.getValue() != null) {
                Optional<MeterProposal> wanted = meters.getValue();
                bringing.choose(choice -> wanted.map(choice::in).orElseGet(choice::inOwnBars));
            }
        });
        whyMeter.setWrapText(true);
        whyMeter.setMinWidth(0);
        whyMeter.setMinHeight(USE_PREF_SIZE);
        VBox column = new VBox(
                8,
                paneTitle("The part"),
                parts,
                paneTitle("Bars"),
                meters,
                whyMeter,
                paneTitle("Repeats"),
                offers,
                paneTitle("Voices"),
                sounds,
                paneTitle("Notes"),
                leftOut);
        column.getStyleClass().add("told");
        return new VerticalScroll(column);
    }

    private static Label paneTitle(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("pane-title");
        return label;
    }

    private void show(ImportSession.State state) {
        title.setText(state.name());
        status.setText(state.working()
                .orElse(state.preview().map(ImportPreview::problem).orElse("")));
        boolean ready = state.preview().flatMap(ImportPreview::answer).isPresent()
                && state.working().isEmpty();
        take.setDisable(!ready);
        choices.setVisible(state.preview().isPresent());
        if (state.source().isEmpty() || state.preview().isEmpty()) {
            bars.setText("");
            road.setVisible(false);
            return;
        }
        boolean first = !road.isVisible();
        showing = true;
        show(state.source().get(), state.preview().get());
        showing = false;
        if (first) {
            parts.requestFocus();
        }
    }

    private void show(Transcription source, ImportPreview preview) {
        ImportChoice choice = preview.choice();
        setItems(parts, source.parts());
        parts.setValue(source.parts().get(choice.part()));
        showMeters(source, preview);
        sounds.show(source.parts().get(choice.part()), choice);
        showOffers(preview);
        leftOut.getChildren()
                .setAll(preview
                        .arrangement()
                        .map(arrangement -> arrangement.leftOut().isEmpty()
                                ? List.of("Everything imports.")
                                : arrangement.leftOut())
                        .orElse(List.of(preview.problem()))
                        .stream()
                        .map(WrappedLabel::new)
                        .toList());
        road.setVisible(preview.answer().isPresent());
        preview.answer().ifPresent(answer -> {
            String text = BarsText.write(answer.exercise().phrase());
            bars.setText((text.length() > MAX_BARS_SHOWN ? text.substring(0, MAX_BARS_SHOWN) + " …" : text)
                    + "   at " + answer.exercise().tempo()
                    + (answer.exercise().hasSections()
                            ? ", in "
                                    + Counted.count(answer.exercise().sections().size(), "section")
                            : ""));
            road.show(answer);
            road.fitPhrase();
        });
    }

    private void showMeters(Transcription source, ImportPreview preview) {
        List<Optional<MeterProposal>> all = new ArrayList<>();
        all.add(Optional.empty());
        preview.meters().forEach(proposal -> all.add(Optional.of(proposal)));
        meters.setConverter(
                new TitleConverter<>(one -> one.map(proposal -> said(proposal)).orElse(asItCame(source))));
        setItems(meters, all);
        meters.setValue(preview.choice().meter());
        meters.setDisable(all.size() == 1);
        whyMeter.setText(preview.choice()
                .meter()
                .map(MeterProposal::why)
                .orElse(all.size() == 1 ? "" : "The file names no meter. Choose one from the list."));
    }

    private static <T> void setItems(ComboBox<T> box, List<T> items) {
        if (!box.getItems().equals(items)) {
            box.getItems().setAll(items);
        }
    }

    private static String said(MeterProposal proposal) {
        return BarsText.write(Phrase.folded(proposal.bars())) + ", " + proposal.sure();
    }

    private static String asItCame(Transcription source) {
        String text = BarsText.write(Phrase.folded(source.bars()));
        String cut = text.length() > MAX_BARS_SHOWN / 2 ? text.substring(0, MAX_BARS_SHOWN / 2) + " …" : text;
        return (source.meters() == MeterSource.NONE ? "4/4 in its place: " : "as it came: ") + cut;
    }

    private void showOffers(ImportPreview preview) {
        List<Proposal> found = preview.arrangement().map(one -> one.offers()).orElse(List.of());
        List<Node> rows = new ArrayList<>();
        for (int i = 0; i < found.size(); i++) {
            Proposal offer = found.get(i);
            CheckBox row =
                    new CheckBox(offer.said() + " " + capital(offer.sureness().said()) + ".");
            row.setId("offer-" + i);
            row.setWrapText(true);
            row.setSelected(preview.taken().contains(offer));
            row.setOnAction(event -> bringing.take(offer, row.isSelected()));
            rows.add(row);
        }
        if (rows.isEmpty()) {
            rows.add(new WrappedLabel("No clear repeats."));
        }
        offers.getChildren().setAll(rows);
    }

    private static String capital(String word) {
        return Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }
}
