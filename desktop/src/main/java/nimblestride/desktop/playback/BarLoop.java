package nimblestride.desktop.playback;

import java.util.Optional;
import nimblestride.core.exercise.edit.PlacementEdits;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.sound.render.Loop;

/** Loops one bar, slowly, and goes on to the next: for learning a part bar by bar. */
public final class BarLoop {
    private static final int SLOW = 60;
    private static final int FULL = 100;

    private final ExerciseDocument document;
    private final Transport transport;

    public BarLoop(ExerciseDocument document, Transport transport) {
        this.document = document;
        this.transport = transport;
    }

    /**
     * Loops a bar, slowed down unless the user chose a speed; where it loops already, stops and lets go of the loop.
     *
     * @param bar from 0; numbers past the end of the phrase, and of every part, are bars of later rounds
     */
    public void toggle(long bar) {
        int number = (int) (bar % bars());
        PlaybackSettings settings = transport.settings();
        if (transport.playingProperty().get() && settings.loopProperty().get().equals(Optional.of(one(number)))) {
            transport.stop();
            settings.loopProperty().set(Optional.empty());
            if (settings.percentProperty().get() == SLOW) {
                settings.percentProperty().set(FULL);
            }
        } else {
            loop(number);
        }
    }

    /** Loops the bar after the one that loops; after a certain bar where none does. */
    public void next(long bar) {
        long last = transport
                .settings()
                .loopProperty()
                .get()
                .map(loop -> loop.to() - 1L)
                .orElse(bar);
        loop((int) ((last + 1) % bars()));
    }

    private void loop(int bar) {
        PlaybackSettings settings = transport.settings();
        if (settings.percentProperty().get() == FULL) {
            settings.percentProperty().set(SLOW);
        }
        // Bars of one section loop; while all sections play in order, there is no loop.
        settings.allSectionsProperty().set(false);
        settings.loopProperty().set(Optional.of(one(bar)));
        transport.playFrom(document.exerciseProperty().get().phrase().startOf(bar));
    }

    private static Loop one(int bar) {
        return new Loop(bar, bar + 1);
    }

    private int bars() {
        return PlacementEdits.bars(document.exerciseProperty().get());
    }
}
