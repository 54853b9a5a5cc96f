package nimblestride.desktop.window;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.HBox;
import javafx.util.StringConverter;
import nimblestride.core.counting.CountingSchool;
import nimblestride.core.meter.Bar;
import nimblestride.desktop.desk.Desk;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The school in which the Road is counted, and the count as text. */
final class CountChoice extends HBox {
    CountChoice(Desk desk, ObjectProperty<CountingSchool> school) {
        getStyleClass().add("add-line");
        ComboBox<CountingSchool> schools = new ComboBox<>();
        schools.setId("counting");
        schools.getItems().setAll(CountingSchool.values());
        schools.setPrefWidth(190);
        schools.setMinWidth(190);
        schools.setConverter(titles());
        schools.setAccessibleText("How to count");
        schools.valueProperty().bindBidirectional(school);
        Button copy = new Button("", new FontIcon(Feather.COPY));
        copy.setId("copy-count");
        copy.setMinWidth(USE_PREF_SIZE);
        copy.getStyleClass().add("flat");
        copy.setAccessibleText("Copy the count");
        copy.setTooltip(new Tooltip("Copy the count as text, a line for each bar"));
        copy.setOnAction(event -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(text(desk.exercise().get().phrase().bars(), school.get()));
            Clipboard.getSystemClipboard().setContent(content);
        });
        setMinWidth(USE_PREF_SIZE);
        Label caption = new Label("Count");
        caption.setMinWidth(USE_PREF_SIZE);
        getChildren().setAll(caption, schools, copy);
    }

    private static StringConverter<CountingSchool> titles() {
        return new StringConverter<>() {
            @Override
            public String toString(CountingSchool value) {
                return value == null ? "" : value.title();
            }

            @Override
            public CountingSchool fromString(String title) {
                throw new IllegalStateException("a school is chosen, not typed");
            }
        };
    }

    /** A line for each bar; each group is set off by a bar of its own. */
    static String text(List<Bar> bars, CountingSchool school) {
        return bars.stream().map(bar -> line(bar, school)).collect(Collectors.joining("\n"));
    }

    private static String line(Bar bar, CountingSchool school) {
        List<String> said = school.count(bar);
        List<String> groups = new ArrayList<>();
        int from = 0;
        for (int size : bar.grouping().sizes()) {
            groups.add(String.join(" ", said.subList(from, from + size)));
            from += size;
        }
        return bar.meter() + ": " + String.join(" | ", groups);
    }
}
