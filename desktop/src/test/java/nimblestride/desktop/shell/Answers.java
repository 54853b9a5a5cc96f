package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import nimblestride.desktop.service.Dialogs;

/** Answers that a user gives in dialogs. */
final class Answers implements Dialogs {
    final Deque<Path> open = new ArrayDeque<>();
    final Deque<Path> save = new ArrayDeque<>();
    final ObjectProperty<Path> folder = new SimpleObjectProperty<>(Path.of("").toAbsolutePath());
    final Deque<String> lines = new ArrayDeque<>();
    final Deque<Integer> choices = new ArrayDeque<>();
    boolean sure = true;
    final List<String> told = new ArrayList<>();

    /** Takes back every answer, and forgets what was told. */
    void forget() {
        List.of(open, save, lines, choices, told).forEach(Collection::clear);
        sure = true;
    }

    @Override
    public Optional<Path> fileToOpen(List<String> endings) {
        return Optional.ofNullable(open.poll());
    }

    @Override
    public Optional<Path> folderToOpen() {
        return Optional.ofNullable(open.poll());
    }

    @Override
    public Optional<Path> fileToSave(String suggested) {
        return Optional.ofNullable(save.poll());
    }

    @Override
    public Optional<Path> fileToSave(String suggested, Path folder) {
        return Optional.ofNullable(save.poll());
    }

    @Override
    public ObjectProperty<Path> folderProperty() {
        return folder;
    }

    @Override
    public boolean confirm(String title, String text, String yes) {
        told.add(title + ": " + text);
        return sure;
    }

    @Override
    public Optional<String> askLine(String title, String what, String first) {
        return Optional.ofNullable(lines.poll());
    }

    @Override
    public Optional<Integer> choose(String title, String what, List<String> from) {
        return Optional.ofNullable(choices.poll());
    }

    @Override
    public void showError(String title, String text) {
        told.add(title + ": " + text);
    }

    @Override
    public void showText(String title, String text) {
        told.add(title + ": " + text);
    }
}
