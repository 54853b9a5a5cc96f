package nimblestride.desktop.workspace.share;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.ToIntFunction;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.page.PaperSize;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.page.SheetItem;
import nimblestride.core.notation.page.SheetLayout;
import nimblestride.core.time.counting.Counting;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.service.Export;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.Page;
import nimblestride.desktop.view.staff.DrawingList;
import nimblestride.formats.export.ExportFormat;
import nimblestride.formats.font.Fonts;

/** Shows one exercise on paper: its contents on the left, the printed page on the right. */
final class SheetPage extends HBox implements Page {
    private static final double CHOICES = 232;
    private static final double GAP = 14;

    private final ObjectProperty<Sheet> sheet;
    private final Export export;
    private final DrawingList preview = new DrawingList(4, GAP, true);
    private final LatestOnly newest = new LatestOnly("laying out a sheet");
    private final Label hint = new WrappedLabel("", "quiet");
    private final Map<SheetItem, CheckBox> sections = new EnumMap<>(SheetItem.class);
    /** Each shows what is chosen now. */
    private final List<Consumer<Sheet>> controls = new ArrayList<>();

    private Optional<Exercise> shown = Optional.empty();
    private List<Drawing> pages = List.of();

    SheetPage(ObjectProperty<Sheet> sheet, ObjectProperty<Counting> counting, Export export) {
        this.sheet = sheet;
        this.export = export;
        getStyleClass().add("page");
        preview.setId("sheet-preview");
        preview.setFocusTraversable(true);
        HBox.setHgrow(preview, Priority.ALWAYS);
        preview.onRoom(this::fit);
        sheet.set(sheet.get().counted(counting.get()));
        counting.addListener((property, old, now) -> sheet.set(sheet.get().counted(now)));
        sheet.addListener((property, old, now) -> {
            controls.forEach(control -> control.accept(now));
            set();
        });
        VerticalScroll choices = new VerticalScroll(choices());
        choices.setMinWidth(CHOICES);
        choices.setPrefWidth(CHOICES);
        choices.setMaxWidth(CHOICES);
        getChildren().setAll(preview, choices);
    }

    private VBox choices() {
        ComboBox<PaperSize> paper = new ComboBox<>();
        paper.setId("paper");
        paper.getItems().setAll(PaperSize.values());
        paper.setConverter(new TitleConverter<>(PaperSize::title));
        paper.setValue(sheet.get().paper());
        paper.setAccessibleText("Paper");
        paper.valueProperty()
                .addListener((property, old, now) -> sheet.set(sheet.get().on(now)));
        controls.add(now -> paper.setValue(now.paper()));
        SmallButton print = new SmallButton("Print…", "print-sheet", this::print);
        ComboBox<ExportFormat> forms = new ComboBox<>();
        forms.setId("forms");
        forms.getItems().setAll(ExportFormat.values());
        forms.setConverter(new TitleConverter<>(ExportFormat::title));
        forms.setValue(ExportFormat.PDF);
        forms.setMaxWidth(Double.MAX_VALUE);
        forms.setAccessibleText("File format");
        SmallButton save = new SmallButton(
                "Export…",
                "save-form",
                () -> shown.ifPresent(exercise -> export.exercise(exercise, forms.getValue(), sheet.get())));
        TextField whom = new ForWhomField(sheet, "for-whom");
        VBox all = new VBox(new HBox(8, paper, print), new HBox(8, forms, save), whom);
        HBox.setHgrow(forms, Priority.ALWAYS);
        for (SheetItem section : SheetItem.values()) {
            CheckBox box = new CheckBox(section.title());
            box.setId("section-" + section.name().toLowerCase(Locale.ROOT));
            box.setSelected(sheet.get().sections().contains(section));
            box.selectedProperty().addListener((property, was, on) -> choose(section, on));
            sections.put(section, box);
            controls.add(now -> box.setSelected(now.sections().contains(section)));
            all.getChildren().add(box);
        }
        all.getChildren()
                .addAll(
                        number("rounds", "the phrase", 1, Sheet.MAX_ROUNDS, Sheet::rounds, "times", value -> sheet.get()
                                .inRounds(value)),
                        number("stages", "", 1, Sheet.MAX_STAGES, Sheet::stages, "stages", value -> sheet.get()
                                .inStages(value, sheet.get().firstPercent())),
                        number(
                                "first-percent",
                                "from",
                                10,
                                100,
                                Sheet::firstPercent,
                                "% of the goal",
                                value -> sheet.get().inStages(sheet.get().stages(), value)),
                        hint);
        all.getStyleClass().add("sheet-choices");
        return all;
    }

    private interface Change {
        Sheet to(int value);
    }

    private FlowPane number(
            String id, String before, int least, int most, ToIntFunction<Sheet> now, String after, Change change) {
        Spinner<Integer> spinner = new Spinner<>(least, most, now.applyAsInt(sheet.get()));
        controls.add(chosen -> spinner.getValueFactory().setValue(now.applyAsInt(chosen)));
        spinner.setId(id);
        spinner.setPrefWidth(76);
        spinner.setEditable(true);
        spinner.setAccessibleText((before + " " + after).strip());
        spinner.getEditor().setAccessibleText((before + " " + after).strip());
        spinner.valueProperty().addListener((property, old, value) -> sheet.set(change.to(value)));
        FlowPane row = new FlowPane(spinner, new Caption(after));
        if (!before.isEmpty()) {
            row.getChildren().add(0, new Caption(before));
        }
        row.getStyleClass().add("wishes");
        return row;
    }

    private void choose(SheetItem section, boolean on) {
        Sheet changed = sheet.get().with(section, on);
        sheet.set(changed);
        // At least one section stays.
        sections.get(section).setSelected(changed.sections().contains(section));
    }

    private void fit() {
        preview.fitAcross(sheet.get().paper().width());
    }

    @Override
    public void show(Exercise exercise) {
        if (!shown.equals(Optional.of(exercise)) || pages.isEmpty()) {
            shown = Optional.of(exercise);
            set();
        }
    }

    private record Laid(List<Drawing> pages, String problem) {}

    private void set() {
        if (shown.isEmpty()) {
            return;
        }
        Exercise exercise = shown.get();
        Sheet now = sheet.get();
        newest.ask(() -> set(exercise, now), this::lay);
    }

    private static Laid set(Exercise exercise, Sheet sheet) {
        try {
            return new Laid(new SheetLayout(sheet, Fonts.get().music(), Fonts.get()).of(exercise), "");
        } catch (StrideException e) {
            return new Laid(List.of(), e.getMessage());
        }
    }

    private void lay(Laid laid) {
        pages = laid.pages;
        String written =
                sheet.get().way().isEmpty() ? "" : " Notation: " + sheet.get().way() + ".";
        hint.setText(
                laid.problem.isEmpty()
                        ? pages.size() + (pages.size() == 1 ? " page." : " pages.") + written
                        : "I can't lay out this sheet: " + laid.problem + ".");
        fit();
        preview.show(pages);
    }

    /** Prints the pages as shown. */
    void print() {
        shown.ifPresent(
                exercise -> export.print(exercise.name(), pages, sheet.get().paper()));
    }

    @Override
    public void setPalette(Palette palette) {
        preview.setPalette(palette);
    }

    @Override
    public void close() {
        newest.close();
    }
}
