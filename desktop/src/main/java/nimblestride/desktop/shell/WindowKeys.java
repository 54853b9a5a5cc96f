package nimblestride.desktop.shell;

import java.util.EnumSet;
import java.util.Set;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.desktop.document.library.UndoHistory;
import nimblestride.desktop.playback.PadKeys;
import nimblestride.desktop.playback.PlaybackDevices;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.ui.field.TextEntry;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.view.road.RoadView;
import nimblestride.sound.kit.PadHit;

/** Handles the keys that mean the same wherever the focus is. */
final class WindowKeys {
    private static final KeyCombination UNDO = KeyCombination.valueOf("Shortcut+Z");
    private static final KeyCombination REDO = KeyCombination.valueOf("Shortcut+Shift+Z");
    private static final KeyCombination HISTORY = KeyCombination.valueOf("Shortcut+H");
    private static final KeyCombination REDO_TOO = KeyCombination.valueOf("Shortcut+Y");

    private final Scene scene;
    private final UndoHistory steps;
    private final Transport transport;
    private final PlaybackDevices devices;
    private final RoadView road;
    private final DeskFocus focus;
    private final WindowParts parts;
    private final Set<KeyCode> down = EnumSet.noneOf(KeyCode.class);
    /** The text of the focused field at the moment it got the focus. */
    private String found = "";

    /** @param road receives the focus when Escape leaves a field */
    WindowKeys(
            Scene scene,
            UndoHistory steps,
            Transport transport,
            PlaybackDevices devices,
            RoadView road,
            DeskFocus focus,
            WindowParts parts) {
        this.scene = scene;
        this.steps = steps;
        this.transport = transport;
        this.devices = devices;
        this.road = road;
        this.focus = focus;
        this.parts = parts;
    }

    void listen() {
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::padsPlay);
        scene.addEventFilter(KeyEvent.KEY_RELEASED, event -> down.remove(event.getCode()));
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::spacePlays);
        scene.addEventFilter(KeyEvent.KEY_TYPED, this::isNotTyped);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::enterPresses);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::undoEverything);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::goesOn);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::opensHistory);
        scene.focusOwnerProperty().addListener((property, old, now) -> found = TextEntry.textOf(now));
    }

    /** Plays pads: letters strike while the computer's keys are pads; a key that repeats strikes once. */
    private void padsPlay(KeyEvent event) {
        boolean typing = TextEntry.isTypedInto(scene.getFocusOwner());
        if (!devices.keysProperty().get() || typing || event.isShortcutDown() || event.isAltDown()) {
            return;
        }
        PadKeys.voice(event.getCode()).ifPresent(voice -> {
            if (down.add(event.getCode())) {
                devices.strike(new PadHit(voice, event.isShiftDown() ? Dynamic.ACCENT : Dynamic.NORMAL));
            }
            event.consume();
        });
    }

    /** Plays and stops on space, unless it types a space; nothing that is typed begins with one. */
    private void spacePlays(KeyEvent event) {
        boolean typing = TextEntry.isTypedInto(scene.getFocusOwner());
        boolean begun = typing && !isAtStart();
        if (event.getCode() == KeyCode.SPACE && !begun && !event.isShortcutDown() && isDeskSeen()) {
            if (event.isShiftDown()) {
                transport.playFrom(road.barHere());
            } else {
                transport.toggle();
            }
            event.consume();
        } else if (event.getCode() == KeyCode.ESCAPE && typing && isDeskSeen()) {
            if (!TypedField.restoreWrongText(scene.getFocusOwner())) {
                Platform.runLater(road::requestFocus);
            }
        }
    }

    /** Returns whether nothing is typed yet where the focus is. */
    private boolean isAtStart() {
        return TextEntry.textOf(scene.getFocusOwner()).isEmpty() || focus.isOnNewBars();
    }

    /** Drops the letter of a space that played. */
    private void isNotTyped(KeyEvent event) {
        Node focused = scene.getFocusOwner();
        if (event.getCharacter().equals(" ") && TextEntry.isTypedInto(focused) && isAtStart() && isDeskSeen()) {
            event.consume();
        }
    }

    /** Presses the focused button or check box on Enter, since space is taken. */
    private void enterPresses(KeyEvent event) {
        if (event.getCode() == KeyCode.ENTER && scene.getFocusOwner() instanceof ButtonBase button) {
            button.fire();
            event.consume();
        }
    }

    /** Returns whether the exercise is in view; a pane that covers it has its own keys. */
    private boolean isDeskSeen() {
        return road.getScene() != null;
    }

    private void goesOn(KeyEvent event) {
        if (event.getCode() == KeyCode.F6 && !event.isShortcutDown() && isDeskSeen()) {
            parts.step(scene.getFocusOwner(), event.isShiftDown() ? -1 : 1);
            event.consume();
        }
    }

    /** Opens the history even from a field, which would take the key to delete a character. */
    private void opensHistory(KeyEvent event) {
        if (HISTORY.match(event)) {
            event.consume();
            scene.getAccelerators().get(HISTORY).run();
        }
    }

    /** Undoes and redoes edits of the exercise, even from a field, except text just typed there. */
    private void undoEverything(KeyEvent event) {
        boolean redo = REDO.match(event) || REDO_TOO.match(event);
        if ((!redo && !UNDO.match(event)) || !isDeskSeen()) {
            return;
        }
        Node focused = scene.getFocusOwner();
        String text = TextEntry.textOf(focused);
        if (!TypedField.holds(focused) && !text.isEmpty() && !text.equals(found)) {
            return;
        }
        event.consume();
        if (redo) {
            steps.redo();
        } else if (!TypedField.restoreWrongText(focused)) {
            steps.undo();
        }
    }
}
