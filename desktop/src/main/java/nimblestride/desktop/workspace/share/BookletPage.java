package nimblestride.desktop.workspace.share;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.page.SheetLayout;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.Export;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.Page;
import nimblestride.desktop.view.staff.DrawingList;
import nimblestride.formats.font.Fonts;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseSummary;

/** Binds several exercises of the Book in one booklet, each set as the sheet is. */
final class BookletPage extends HBox implements Page {
    private static final double CHOICES = 232;
    /** The most exercises listed; nobody looks through more one by one. */
    private static final int MAX_LISTED = 400;
    /** The most exercises chosen at first. */
    private static final int MAX_CHOSEN = 60;

    private final ObjectProperty<Sheet> sheet;
    private final OpenBook book;
    private final TextField title = new TextField("Exercises");
    private final VBox list = new VBox();
    private final Label hint = new WrappedLabel("", "quiet");
    private final DrawingList preview = new DrawingList(4, 14, true);
    private final LatestOnly newest = new LatestOnly("laying out a booklet");
    private final Map<ExerciseSummary, CheckBox> boxes = new LinkedHashMap<>();
    private List<Drawing> pages = List.of();

    /** @param book the exercises to choose from */
    BookletPage(ObjectProperty<Sheet> sheet, OpenBook book, Export export) {
        this.sheet = sheet;
        this.book = book;
        getStyleClass().add("page");
        title.setId("booklet-title");
        title.setAccessibleText("Title of the booklet");
        title.textProperty().addListener(change -> set());
        hint.setId("booklet-told");
        HBox buttons = new HBox(
                8,
                new SmallButton(
                        "Print…",
                        "print-booklet",
                        () -> export.print(name(), pages, sheet.get().paper())),
                new SmallButton("Export…", "save-booklet", () -> export.pages(name(), pages)));
        VBox choices = new VBox(title, buttons, hint, list);
        choices.getStyleClass().add("sheet-choices");
        list.getStyleClass().add("sheet-choices");
        VerticalScroll scroll = new VerticalScroll(choices);
        scroll.setMinWidth(CHOICES);
        scroll.setPrefWidth(CHOICES);
        scroll.setMaxWidth(CHOICES);
        HBox.setHgrow(preview, Priority.ALWAYS);
        preview.setId("booklet-preview");
        preview.onRoom(this::fit);
        sheet.addListener(change -> set());
        getChildren().setAll(preview, scroll);
    }

    private String name() {
        return title.getText().isBlank() ? "Exercises" : title.getText().strip();
    }

    @Override
    public void show(Exercise exercise) {
        List<ExerciseSummary> entries = book.book().isEmpty()
                ? List.of()
                : book.ask(one -> one.exercises().search("", 0, MAX_LISTED)).orElse(List.of());
        if (!List.copyOf(boxes.keySet()).equals(entries)) {
            Map<ExerciseSummary, CheckBox> before = Map.copyOf(boxes);
            boxes.clear();
            for (ExerciseSummary entry : entries) {
                CheckBox box = new CheckBox(entry.name());
                box.setSelected(Optional.ofNullable(before.get(entry))
                        .map(CheckBox::isSelected)
                        .orElse(entries.size() <= MAX_CHOSEN));
                box.selectedProperty().addListener(change -> set());
                boxes.put(entry, box);
            }
            list.getChildren().setAll(boxes.values());
            set();
        } else if (pages.isEmpty()) {
            set();
        }
    }

    private record Bound(List<Drawing> pages, List<String> problems) {}

    private void set() {
        if (getScene() == null) {
            return;
        }
        if (book.book().isEmpty()) {
            return;
        }
        Book open = book.book().get();
        List<UUID> chosen = boxes.entrySet().stream()
                .filter(entry -> entry.getValue().isSelected())
                .map(entry -> entry.getKey().id())
                .toList();
        Sheet now = sheet.get();
        String called = name();
        if (pages.isEmpty()) {
            hint.setText("Laying out the pages…");
        }
        newest.ask(() -> bind(open, chosen, now, called), this::lay);
    }

    /** Names and leaves out what can't be read or set. */
    private static Bound bind(Book book, List<UUID> chosen, Sheet sheet, String title) {
        List<Exercise> exercises = new ArrayList<>();
        List<String> problems = new ArrayList<>();
        SheetLayout pages = new SheetLayout(sheet, Fonts.get().music(), Fonts.get());
        for (UUID id : chosen) {
            String name = "an exercise";
            try {
                Exercise exercise = book.exercises().read(id);
                name = exercise.name();
                pages.of(exercise);
                exercises.add(exercise);
            } catch (StrideException e) {
                problems.add(name + ": " + e.getMessage());
            }
        }
        return new Bound(exercises.isEmpty() ? List.of() : pages.booklet(title, exercises), problems);
    }

    private void lay(Bound bound) {
        pages = bound.pages;
        String count = pages.isEmpty()
                ? "Select at least one exercise."
                : pages.size() + (pages.size() == 1 ? " page." : " pages.");
        hint.setText(bound.problems.isEmpty() ? count : count + " Skipped: " + String.join("; ", bound.problems) + ".");
        fit();
        preview.show(pages);
    }

    private void fit() {
        preview.fitAcross(sheet.get().paper().width());
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
