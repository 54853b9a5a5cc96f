package nimblestride.desktop.workspace.sound;

import java.util.List;
import java.util.concurrent.ThreadLocalRandom;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.HBox;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.field.WholeNumberField;
import nimblestride.sound.render.SilentBars;

/** Sets in which bars the click is silent: never, in some of every few, or at random. */
final class SilentBarsField extends HBox {
    /** Ways of silencing bars. */
    private enum Kind {
        NEVER("never"),
        REGULAR("every few bars"),
        AT_RANDOM("at random");

        private final String title;

        Kind(String title) {
            this.title = title;
        }
    }

    private final Consumer<SilentBars> chosen;
    private final ComboBox<Kind> kind = new ComboBox<>();
    private final TypedField<Integer> bars;
    private final TypedField<Integer> of;
    private final TypedField<Integer> percent;
    private final HBox regular;
    private final HBox byChance;
    private int silent = 1;
    private int every = 4;
    private int chance = 25;
    private boolean showing;

    SilentBarsField(Consumer<SilentBars> chosen) {
        this.chosen = chosen;
        getStyleClass().add("add-line");
        kind.setId("silence");
        kind.getItems().setAll(List.of(Kind.values()));
        kind.setConverter(new TitleConverter<>(one -> one.title));
        kind.setPrefWidth(170);
        kind.setAccessibleText("When the click drops out");
        bars = WholeNumberField.field("silent-bars", "bars silent", 1, SilentBars.MAX_BARS - 1, 52, value -> {
            silent = value;
            every = Math.max(every, silent + 1);
            choose();
        });
        of = WholeNumberField.field("silent-of", "bars", 2, SilentBars.MAX_BARS, 52, value -> {
            every = value;
            silent = Math.min(silent, every - 1);
            choose();
        });
        percent = WholeNumberField.field("silent-percent", "percent", 1, SilentBars.AtRandom.MAX_PERCENT, 52, value -> {
            chance = value;
            choose();
        });
        regular = line(bars, new Caption("of every"), of, new Caption("bars (the last ones)"));
        byChance = line(new Caption("in about"), percent, new Caption("% of the bars"));
        kind.valueProperty().addListener(change -> choose());
        getChildren().setAll(kind, regular, byChance);
        show(SilentBars.NEVER);
    }

    private static HBox line(Node... nodes) {
        HBox line = new HBox(nodes);
        line.getStyleClass().add("add-line");
        return line;
    }

    private void choose() {
        if (!showing) {
            chosen.accept(
                    switch (kind.getValue()) {
                        case NEVER -> SilentBars.NEVER;
                        case REGULAR -> new SilentBars.Regular(silent, every);
                        case AT_RANDOM ->
                            new SilentBars.AtRandom(
                                    chance, ThreadLocalRandom.current().nextLong());
                    });
        }
    }

    void show(SilentBars silence) {
        showing = true;
        if (silence instanceof SilentBars.AtRandom random) {
            kind.setValue(Kind.AT_RANDOM);
            chance = random.percent();
        } else if (silence instanceof SilentBars.Regular some && some.bars() > 0) {
            kind.setValue(Kind.REGULAR);
            silent = some.bars();
            every = some.of();
        } else {
            kind.setValue(Kind.NEVER);
        }
        bars.show(silent);
        of.show(every);
        percent.show(chance);
        regular.setVisible(kind.getValue() == Kind.REGULAR);
        regular.setManaged(regular.isVisible());
        byChance.setVisible(kind.getValue() == Kind.AT_RANDOM);
        byChance.setManaged(byChance.isVisible());
        showing = false;
    }
}
