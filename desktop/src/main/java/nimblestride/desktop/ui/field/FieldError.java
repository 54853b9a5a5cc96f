package nimblestride.desktop.ui.field;

import java.util.Optional;
import javafx.beans.InvalidationListener;
import javafx.beans.Observable;
import javafx.geometry.Bounds;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Region;

/**
 * Shows what is wrong with the text of a field: under the field, where that is wide enough for a sentence; otherwise
 * in a note that hangs from the field while the user types in it or the mouse is over it.
 */
final class FieldError extends Label {
    private static final String STYLE = "problem";

    /** A column narrower than this breaks a sentence word by word. */
    private static final double ROOM_FOR_A_SENTENCE = 200;

    private static final double NOTE_WIDTH = 280;
    private static final double GAP = 3;

    private final Region field;
    private final InvalidationListener follow = this::hang;
    private Optional<Tooltip> note = Optional.empty();
    /** What a screen reader says of the field while nothing is wrong. */
    private String usualHelp = "";

    FieldError(Region field) {
        this.field = field;
        getStyleClass().add(STYLE);
        setWrapText(true);
        setMinHeight(USE_PREF_SIZE);
        setVisible(false);
        setManaged(false);
        field.focusedProperty().addListener(change -> place());
        field.hoverProperty().addListener(change -> place());
        field.sceneProperty().addListener(change -> place());
    }

    /** Shows what is wrong. */
    void show(String text) {
        if (!isShown()) {
            usualHelp = field.getAccessibleHelp();
        }
        setText(text);
        field.setAccessibleHelp(text);
        place();
    }

    /** Shows nothing, as the text makes sense. */
    void clear() {
        if (isShown()) {
            field.setAccessibleHelp(usualHelp);
        }
        setText("");
        place();
    }

    boolean isShown() {
        return !getText().isEmpty();
    }

    private void place() {
        boolean narrow = field.getWidth() > 0 && field.getWidth() < ROOM_FOR_A_SENTENCE;
        setVisible(isShown() && !narrow);
        setManaged(isShown() && !narrow);
        boolean looked = field.isFocused() || field.isHover();
        if (isShown() && narrow && looked && field.localToScreen(0, 0) != null) {
            showNote();
        } else {
            hideNote();
        }
    }

    private void showNote() {
        Tooltip shown = note.orElseGet(FieldError::newNote);
        shown.setText(getText());
        if (note.isEmpty()) {
            note = Optional.of(shown);
            field.localToSceneTransformProperty().addListener(follow);
            Bounds place = field.localToScreen(field.getBoundsInLocal());
            shown.show(field, place.getMinX(), place.getMaxY() + GAP);
        }
    }

    private static Tooltip newNote() {
        Tooltip note = new Tooltip();
        note.getStyleClass().add(STYLE);
        note.setWrapText(true);
        note.setMaxWidth(NOTE_WIDTH);
        // Escape is for the field, which puts back what was there.
        note.setHideOnEscape(false);
        return note;
    }

    private void hang(Observable moved) {
        Bounds place = field.localToScreen(field.getBoundsInLocal());
        if (place != null) {
            note.ifPresent(shown -> {
                shown.setAnchorX(place.getMinX());
                shown.setAnchorY(place.getMaxY() + GAP);
            });
        }
    }

    private void hideNote() {
        field.localToSceneTransformProperty().removeListener(follow);
        note.ifPresent(Tooltip::hide);
        note = Optional.empty();
    }
}
