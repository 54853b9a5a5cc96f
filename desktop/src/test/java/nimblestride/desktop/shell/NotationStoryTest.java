package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import nimblestride.core.language.text.Examples;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.page.PaperSize;
import nimblestride.core.notation.score.Score;
import nimblestride.core.time.meter.Meter;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.view.staff.DrawingList;
import nimblestride.desktop.view.staff.StaffView;
import nimblestride.formats.export.ExportFormat;
import nimblestride.formats.json.ExerciseJson;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Written music in the real window: the staff, the sheet, the ways to write, the booklet. */
class NotationStoryTest extends WindowStory {
    private StaffView staff() {
        return lookup("#staff").queryAs(StaffView.class);
    }

    private DrawingList drawings(String id) {
        return lookup(id).queryAs(DrawingList.class);
    }

    private List<String> meters(Score score) {
        return score.bars().stream()
                .map(bar -> bar.bar().meter())
                .map(Meter::toString)
                .toList();
    }

    @SuppressWarnings("unchecked")
    private <T> void pick(String choice, T value) {
        ComboBox<T> box = lookup(choice).queryAs(ComboBox.class);
        interact(() -> box.setValue(value));
    }

    private void untilWritten(String... meters) throws Exception {
        until(() -> staff().score().map(this::meters).equals(Optional.of(List.of(meters))));
    }

    @Test
    void theStaffFollowsEditsAndTheSoundAndTellsWhatStandsOnACount() throws Exception {
        interact(() ->
                window.document().edit(exercise -> Examples.exercise("7/8, 5/8", "snare every 1/8", "kick every 3/8")));
        clickOn("#bench-place").clickOn("#page-staff");
        untilWritten("7/8", "5/8");
        DrawingList view = (DrawingList) staff().getCenter();
        until(() -> !view.drawings().isEmpty());
        // The third eighth of bar 2.
        Drawing.Spot spot = view.drawings().get(0).spots().stream()
                .filter(one -> one.bar() == 1 && one.at().equals(Examples.value("1/4")))
                .findFirst()
                .orElseThrow();
        Bounds bounds = view.localToScreen(view.getBoundsInLocal());
        double space = 6;
        clickOn(new Point2D(
                bounds.getMinX() + 8 + (spot.x() + spot.width() / 2) * space, bounds.getMinY() + 8 + 10 * space));
        Label told = lookup("#staff-told").queryAs(Label.class);
        until(() -> told.getText().startsWith("Bar 2, 3: "));
        assertThat(told.getText()).contains("snare");
        push(KeyCode.LEFT).push(KeyCode.LEFT);
        until(() -> told.getText().startsWith("Bar 2, 1: "));
        push(KeyCode.LEFT);
        until(() -> told.getText().startsWith("Bar 1, 7: "));

        interact(() -> lookup("#staff-parts")
                .queryAs(ComboBox.class)
                .getSelectionModel()
                .select(1));
        until(() -> staff().score()
                .filter(score -> score.bars().get(0).feet().isEmpty())
                .isPresent());
        interact(() -> lookup("#staff-until-back").queryAs(CheckBox.class).fire());
        until(() ->
                staff().score().filter(score -> score.playedOrder().size() == 2).isPresent());

        interact(() -> lookup("#staff-until-back").queryAs(CheckBox.class).fire());
        retype("#bars", "9/16, 3/4+1/12");
        untilWritten("9/16", "3/4+1/12");
        clickOn("#play");
        until(() -> shows("Playing through"));
        clickOn("#play");
    }

    @Test
    void whatCannotBeWrittenIsSaidAndTheStaffComesBack() throws Exception {
        clickOn("#bench-place").clickOn("#page-staff");
        interact(() -> window.document().edit(exercise -> Examples.exercise("4/4 x1000", "snare every 1/1024")));
        Label told = lookup("#staff-told").queryAs(Label.class);
        until(() -> told.getText().startsWith("I can't write this: a layer has more than 500,000 notes"));
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> staff().score().isPresent());
        assertThat(told.getText()).isEmpty();
    }

    /** Chosen for one exercise, it is usual for all, until another has its own; that stays when the program starts again. */
    @Test
    void theBookRemembersWhatIsOnEachSheet() throws Exception {
        lay(Examples.exercise("7/8", "snare every 1/8").withName("Weir Walk"));
        untilKept();
        interact(() -> window.book().change(book -> book.exercises()
                .add(
                        Examples.exercise("5/8").withName("Oars in Fives"),
                        window.book().now())));
        clickOn("#bench-share").clickOn("#page-sheet");
        pick("#paper", PaperSize.LETTER);
        fire("#section-road");
        clickOn("#for-whom").write("Tuesday group");

        openFromBook("Oars in Fives");
        CheckBox road = lookup("#section-road").queryAs(CheckBox.class);
        assertThat(road.isSelected()).isFalse();
        assertThat(text("#for-whom")).isEmpty();
        fire("#section-road");

        closeWindow();
        openAgain();
        clickOn("#bench-share");
        assertThat(lookup("#section-road").queryAs(CheckBox.class).isSelected()).isTrue();
        openFromBook("Weir Walk");
        until(() -> text("#for-whom").equals("Tuesday group"));
        assertThat(lookup("#section-road").queryAs(CheckBox.class).isSelected()).isFalse();
        assertThat(lookup("#paper").queryAs(ComboBox.class).getValue()).isEqualTo(PaperSize.LETTER);
    }

    private void openFromBook(String name) throws Exception {
        retype("#book-search", name);
        until(() -> lookup("#book-list").queryAs(ListView.class).getItems().size() == 1);
        push(KeyCode.ENTER);
        until(() -> exercise().name().equals(name));
    }

    @Test
    void aSheetIsSetSavedInEveryFormAndPrintedOnlyWhereThereIsAPrinter() throws Exception {
        interact(() -> window.document()
                .edit(exercise -> Examples.exercise("11/8(3+3+3+2)", "snare every 1/8", "kick every 3/16")
                        .withName("Weir Walk")));
        clickOn("#bench-share").clickOn("#page-sheet");
        until(() -> drawings("#sheet-preview").drawings().size() == 1);
        clickOn("#for-whom");
        write("Tuesday group");
        pick("#paper", PaperSize.LETTER);
        until(() -> drawings("#sheet-preview").drawings().get(0).width() == PaperSize.LETTER.width());
        // What is on it is chosen; the last that is left can't be taken away.
        CheckBox road = lookup("#section-road").queryAs(CheckBox.class);
        int marks = drawings("#sheet-preview").drawings().get(0).marks().size();
        interact(() -> road.setSelected(false));
        until(() -> drawings("#sheet-preview").drawings().get(0).marks().size() < marks);
        interact(() -> road.setSelected(true));
        until(() -> drawings("#sheet-preview").drawings().get(0).marks().size() == marks);
        for (ExportFormat form : ExportFormat.values()) {
            Path file = home.resolve("weir-walk." + form.ending());
            answers.save.add(file);
            pick("#forms", form);
            clickOn("#save-form");
            until(() -> Files.exists(file));
            assertThat(Files.size(file)).isPositive();
        }
        assertThat(ExerciseJson.read(home.resolve("weir-walk.json"))).isEqualTo(exercise());
        try (PDDocument document = Loader.loadPDF(home.resolve("weir-walk.pdf").toFile())) {
            assertThat(new PDFTextStripper().getText(document)).contains("Weir Walk", "Tuesday group");
        }
        // A folder that is not there: a message says so, and nothing is lost.
        answers.save.add(home.resolve("nowhere").resolve("sheet.pdf"));
        pick("#forms", ExportFormat.PDF);
        clickOn("#save-form");
        until(() -> answers.told.stream()
                .anyMatch(told -> told.startsWith("Exporting the PDF sheet sheet.pdf failed: No folder")));
        // Nor where there is no printer, as on this screen.
        chord(KeyCode.SHORTCUT, KeyCode.P);
        until(() -> answers.told.stream().anyMatch(told -> told.startsWith("No printer found")));
    }

    @Test
    void theSameMusicIsWrittenInAnotherWayAndBack() throws Exception {
        interact(() ->
                window.document().edit(exercise -> Examples.exercise("2/4+3/20", "hi-hat cell x....x....xxx of 1/20")));
        clickOn("#bench-share").clickOn("#page-notation");
        until(() -> shows("easiest to read here"));
        assertThat(shows("5 notes read back")).isTrue();
        Node card = lookup(".way-card")
                .match(node -> node.lookupAll(".label").stream()
                        .anyMatch(label ->
                                label instanceof Label one && one.getText().startsWith("One tempo")))
                .query();
        clickOn(from(card).lookup("Use on the sheet").<Node>query());
        clickOn("#page-sheet");
        until(() -> shows("Notation: One tempo throughout, in 1/16."));
        answers.save.add(home.resolve("gear.musicxml"));
        pick("#forms", ExportFormat.MUSICXML);
        clickOn("#save-form");
        until(() -> Files.exists(home.resolve("gear.musicxml")));
        assertThat(home.resolve("gear.musicxml")).content().contains("<beats>13</beats>", "<sound tempo=\"120\"/>");

        interact(() -> window.document().edit(exercise -> Examples.exercise("10/8(3+3+2+2), 9/16", "kick every 5/16")));
        clickOn("#page-notation");
        until(() -> shows("One long bar"));
        Node long29 = lookup(".way-card")
                .match(node -> node.lookupAll(".label").stream()
                        .anyMatch(label ->
                                label instanceof Label one && one.getText().equals("One long bar")))
                .query();
        interact(() -> from(long29).lookup("Use this notation").queryButton().fire());
        until(() -> exercise().phrase().bars().size() == 1);
        assertThat(exercise().phrase().bars().get(0).meter()).hasToString("29/16");
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> exercise().phrase().bars().size() == 2);
    }

    @Test
    void aBookletIsBoundFromTheBook() throws Exception {
        interact(() -> window.book().change(book -> book.exercises()
                .addAll(
                        List.of(
                                Examples.exercise("7/8", "snare every 1/8").withName("First Lamp"),
                                Examples.exercise("5/8", "kick every 1/4").withName("Second Lamp")),
                        window.book().now())));
        clickOn("#bench-share").clickOn("#page-booklet");
        until(() -> drawings("#booklet-preview").drawings().size() == 3);
        retype("#booklet-title", "Parade");
        interact(() -> lookup(".check-box").queryAllAs(CheckBox.class).stream()
                .filter(box -> box.getText().equals("Second Lamp"))
                .forEach(CheckBox::fire));
        until(() -> drawings("#booklet-preview").drawings().size() == 2);
        answers.save.add(home.resolve("parade.pdf"));
        clickOn("#save-booklet");
        until(() -> Files.exists(home.resolve("parade.pdf")));
        try (PDDocument document = Loader.loadPDF(home.resolve("parade.pdf").toFile())) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Parade", "First Lamp")
                    .doesNotContain("Second Lamp");
        }
    }

    /** The page for a phone says for whom it is and what to do, in the teacher's words. */
    @Test
    void aWebPageIsExportedForAStudent() throws Exception {
        lay("7/8(2+2+3)", "snare every 1/8");
        interact(() -> window.open(PageId.WEB_PAGE));
        retype("#web-whom", "Wren");
        clickOn("#web-to-do").write("Slowly, please");
        Path file = home.resolve("ferry.html");
        answers.save.add(file);
        clickOn("#web-write");
        until(() -> shows("Exported"));
        assertThat(file)
                .content()
                .contains("<h1>Ferry Steps</h1>")
                .contains("For Wren")
                .contains("Slowly, please");
        // Who it is for is the same on the sheet.
        interact(() -> window.open(PageId.SHEET));
        assertThat(text("#for-whom")).isEqualTo("Wren");
    }
}
