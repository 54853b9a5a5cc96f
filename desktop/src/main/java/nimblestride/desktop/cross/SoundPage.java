package nimblestride.desktop.cross;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.Exercise;
import nimblestride.desktop.look.Caption;
import nimblestride.desktop.look.DownScroll;
import nimblestride.desktop.pages.Page;
import nimblestride.desktop.play.Transport;
import nimblestride.desktop.typing.TypedField;
import nimblestride.sound.render.Loop;
import nimblestride.sound.render.Mix;

/** How it sounds: which bars are played again and again, which layers are heard, which alone, and how loud. */
final class SoundPage extends VBox implements Page {
    private static final Pattern BARS = Pattern.compile("\\s*(\\d{1,6})(?:\\s*(?:to|-)\\s*(\\d{1,6}))?\\s*");

    private final Transport transport;
    private final GridPane rows = new GridPane();
    private final TypedField<Optional<Loop>> loop;
    private List<String> shown = List.of();
    private int bars = 1;

    SoundPage(Transport transport) {
        this.transport = transport;
        getStyleClass().add("page");
        rows.getStyleClass().add("ways");
        Slider volume =
                slider("volume", "How loud all of it is", 1, transport.volume().get(), value -> {});
        volume.valueProperty().bindBidirectional(transport.volume());
        loop = new TypedField<>(this::readLoop, SoundPage::told, transport.loop()::set, () -> {});
        loop.field().setId("loop");
        loop.field().setAccessibleText("Bars to play again and again, as in 2 to 3, or all");
        loop.setPrefWidth(86);
        loop.setMinWidth(86);
        loop.show(Optional.empty());
        transport.loop().addListener(change -> loop.show(transport.loop().get()));
        HBox all = new HBox(new Caption("Play bars"), loop, new Caption("All of it"), volume);
        all.getStyleClass().add("add-line");
        HBox.setHgrow(volume, Priority.ALWAYS);
        getChildren().setAll(all, new DownScroll(rows));
    }

    private Optional<Loop> readLoop(String text) {
        if (text.strip().equalsIgnoreCase("all")) {
            return Optional.empty();
        }
        Matcher typed = BARS.matcher(text);
        if (typed.matches()) {
            int from = Integer.parseInt(typed.group(1));
            int to = typed.group(2) == null ? from : Integer.parseInt(typed.group(2));
            if (from >= 1 && from <= to && to <= bars) {
                return Optional.of(new Loop(from - 1, to));
            }
        }
        throw new IllegalArgumentException("expected bars from 1 to " + bars + ", as in 1 to " + bars + ", or all");
    }

    private static String told(Optional<Loop> loop) {
        return loop.map(one ->
                        one.to() - one.from() == 1 ? String.valueOf(one.to()) : (one.from() + 1) + " to " + one.to())
                .orElse("all");
    }

    private void change(UnaryOperator<Mix> edit) {
        transport.mix().set(edit.apply(transport.mix().get()));
    }

    @Override
    public void show(Exercise exercise) {
        bars = exercise.phrase().bars().size();
        List<String> names = exercise.layerNames();
        if (names.equals(shown) && !rows.getChildren().isEmpty()) {
            return;
        }
        shown = names;
        rows.getChildren().clear();
        Mix mix = transport.mix().get();
        rows.addRow(
                0,
                new Label("the click"),
                new Label(),
                new Label(),
                level(-1, "the click", mix.click(), value -> change(now -> now.withClick(value))));
        for (int i = 0; i < names.size(); i++) {
            String name = names.get(i);
            CheckBox heard = box("heard-" + i, "heard", !mix.muted().contains(name));
            heard.selectedProperty().addListener((property, was, on) -> change(now -> now.muting(name, !on)));
            CheckBox alone = box("alone-" + i, "alone", mix.alone().contains(name));
            alone.selectedProperty().addListener((property, was, on) -> change(now -> now.alone(name, on)));
            Label label = new Label(name);
            label.setMinWidth(USE_PREF_SIZE);
            rows.addRow(
                    i + 1,
                    label,
                    heard,
                    alone,
                    level(
                            i,
                            name,
                            mix.levels().getOrDefault(name, 1.0),
                            value -> change(now -> now.withLevel(name, value))));
        }
    }

    private static CheckBox box(String id, String text, boolean on) {
        CheckBox box = new CheckBox(text);
        box.setId(id);
        box.setSelected(on);
        box.setMinWidth(USE_PREF_SIZE);
        return box;
    }

    private static Slider level(int index, String name, double now, DoubleConsumer changed) {
        Slider slider =
                slider("level-" + (index < 0 ? "click" : index), "How loud " + name + " is", Mix.LOUDEST, now, changed);
        GridPane.setHgrow(slider, Priority.ALWAYS);
        return slider;
    }

    private static Slider slider(String id, String what, double most, double now, DoubleConsumer changed) {
        Slider slider = new Slider(0, most, now);
        slider.setId(id);
        slider.setAccessibleText(what);
        slider.setBlockIncrement(most / 20);
        slider.setMaxWidth(420);
        slider.valueProperty().addListener((property, old, value) -> changed.accept(value.doubleValue()));
        return slider;
    }
}
