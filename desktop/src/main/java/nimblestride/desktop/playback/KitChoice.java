package nimblestride.desktop.playback;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import nimblestride.core.exercise.model.PlayingStyle;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.Status;
import nimblestride.sound.custom.ChosenSounds;
import nimblestride.sound.custom.CustomKit;
import nimblestride.sound.custom.KitShelf;
import nimblestride.store.database.BookException;

/** Which kit is heard: the exercise's, else the Book's, else the one that ships. Follows both. */
public final class KitChoice implements AutoCloseable {
    private final ExerciseDocument document;
    private final OpenBook book;
    private final ChosenSounds sounds;
    private final Status status;
    private final KitShelf shelf;
    private final LatestOnly reading = new LatestOnly("reading a kit");
    private String heard = PlayingStyle.SHIPPED_KIT;
    private String booksKit = PlayingStyle.SHIPPED_KIT;
    private Runnable changed = () -> {};

    /** A kit that was read, or why it can't be. */
    private record Read(Optional<CustomKit> kit, String problem) {}

    /** @param sounds that play the kit */
    public KitChoice(ExerciseDocument document, OpenBook book, ChosenSounds sounds, Status status) {
        this.document = document;
        this.book = book;
        this.sounds = sounds;
        this.status = status;
        this.shelf = new KitShelf(book.file().resolveSibling("kits"));
        document.exerciseProperty().addListener((property, old, now) -> {
            // Most edits leave the kit as it is, and the Book is not asked for them.
            if (!old.playingStyle().kit().equals(now.playingStyle().kit())) {
                follow();
            }
        });
        book.onChange(this::askTheBook);
        askTheBook();
    }

    /** Runs a listener each time another kit is chosen, or there are other kits. */
    public void onChange(Runnable listener) {
        changed = listener;
    }

    /** Returns the names of all kits, the one that ships first. */
    public List<String> names() {
        List<String> names = new ArrayList<>(List.of(PlayingStyle.SHIPPED_KIT));
        try {
            names.addAll(shelf.names());
        } catch (StrideException e) {
            status.show("I can't list your kits: " + e.getMessage());
        }
        return names;
    }

    /** Reads the Book's kit. While the Book can't be read, the last kit known stays; the Book pane says why. */
    private void askTheBook() {
        try {
            booksKit = book.book().flatMap(open -> open.settings().kit()).orElse(PlayingStyle.SHIPPED_KIT);
        } catch (BookException e) {
            return;
        }
        follow();
    }

    /** Returns the kit of the Book. */
    public String ofTheBook() {
        return booksKit;
    }

    /** Returns the exercise's kit; empty where it has the Book's. */
    public Optional<String> ofTheExercise() {
        return document.exerciseProperty().get().playingStyle().kit();
    }

    /** Chooses a kit for the exercise. */
    public void choose(String kit) {
        document.edit(
                exercise -> exercise.withPlayingStyle(exercise.playingStyle().on(kit)));
    }

    /** Lets the exercise have the kit of the Book. */
    public void chooseTheBooks() {
        document.edit(
                exercise -> exercise.withPlayingStyle(exercise.playingStyle().onTheKitOfTheBook()));
    }

    /** Chooses the kit that is heard for the whole Book, and lets the exercise have the Book's. */
    public void chooseForTheBook() {
        String kit = heard();
        book.change(open -> {
            open.settings().useKit(kit);
            return kit;
        });
        if (ofTheExercise().isPresent()) {
            chooseTheBooks();
        }
    }

    /**
     * Adds a kit, from a folder or a soundfont, in the background, and chooses it for the exercise.
     *
     * @param added gets its name and what is wrong with some of its files
     */
    public void add(Path place, BiConsumer<String, List<String>> added) {
        book.run("Adding the kit " + place.getFileName(), (open, progress) -> shelf.add(place), kit -> {
            // Perhaps it was heard already, and other files have its name now.
            heard = PlayingStyle.SHIPPED_KIT;
            choose(kit.name());
            follow();
            added.accept(kit.name(), kit.problems());
        });
    }

    private String heard() {
        return ofTheExercise().orElse(booksKit);
    }

    private void follow() {
        String wanted = heard();
        if (!wanted.equals(heard)) {
            heard = wanted;
            if (wanted.equals(PlayingStyle.SHIPPED_KIT)) {
                reading.ask(() -> new Read(Optional.empty(), ""), this::play);
            } else {
                reading.ask(() -> read(wanted), this::play);
            }
        }
        changed.run();
    }

    private Read read(String name) {
        try {
            return new Read(Optional.of(shelf.read(name)), "");
        } catch (StrideException e) {
            return new Read(Optional.empty(), "The recorded kit plays instead: " + e.getMessage());
        }
    }

    private void play(Read read) {
        read.kit.ifPresentOrElse(kit -> sounds.use(kit.recordings()), sounds::useShippedKit);
        if (!read.problem.isEmpty()) {
            status.show(read.problem);
        }
    }

    @Override
    public void close() {
        reading.close();
    }
}
