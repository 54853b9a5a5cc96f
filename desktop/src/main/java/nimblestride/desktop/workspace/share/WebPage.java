package nimblestride.desktop.workspace.share;

import javafx.beans.property.ObjectProperty;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.notation.page.Sheet;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.service.Export;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.page.Page;
import nimblestride.formats.json.DraftJson.InBook;
import nimblestride.web.Booklet;
import nimblestride.web.PageContent;

/** Exports the exercise as a web page that a student opens on a phone. */
final class WebPage extends VBox implements Page {
    private static final int TO_DO_ROWS = 3;

    private final ExerciseDocument document;
    private final ObjectProperty<Sheet> sheet;
    private final Export export;
    private final TextArea toDo = new TextArea();

    /** @param sheet knows for whom it is, and how to count */
    WebPage(ExerciseDocument document, ObjectProperty<Sheet> sheet, Export export) {
        this.document = document;
        this.sheet = sheet;
        this.export = export;
        getStyleClass().add("page");
        TextField whom = new ForWhomField(sheet, "web-whom");
        whom.setPrefWidth(260);
        toDo.setId("web-to-do");
        toDo.setPromptText("what to do, in your words");
        toDo.setAccessibleText("What to do");
        toDo.setPrefRowCount(TO_DO_ROWS);
        toDo.setWrapText(true);
        HBox line = new HBox(new Caption("For"), whom, new SmallButton("Export…", "web-write", this::write));
        line.getStyleClass().add("add-line");
        Label about = new WrappedLabel(
                "One file that plays on any phone, also without a network: the bars, the count, the staff, the stages, and a"
                        + " log. Send it as an attachment. A student's log comes back as a file: merge it under Students.",
                "quiet");
        getChildren().setAll(line, toDo, about);
    }

    @Override
    public void show(Exercise exercise) {
        // It is read when it is exported.
    }

    /** Asks for a file, and writes the page. */
    void write() {
        Exercise exercise = document.exerciseProperty().get();
        PageContent content = new PageContent(
                exercise,
                document.inBookProperty().get().map(InBook::id),
                sheet.get().counting(),
                toDo.getText());
        Booklet booklet = Booklet.of(content).forStudent(sheet.get().forWhom());
        export.webPage(booklet);
    }
}
