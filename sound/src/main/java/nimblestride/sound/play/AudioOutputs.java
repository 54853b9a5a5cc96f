package nimblestride.sound.play;

import java.util.List;
import java.util.Optional;

/** Lists and opens the audio outputs of a machine, which come and go. */
@FunctionalInterface
public interface AudioOutputs {
    /** Opens the best output available now. */
    AudioOutput open();

    /**
     * Opens a better output than the one that plays, if one has appeared. Called now and then, on a thread that may
     * wait.
     */
    default Optional<AudioOutput> betterThan(AudioOutput playing) {
        return Optional.empty();
    }

    /** Returns the names of the outputs available now. */
    default List<String> names() {
        return List.of();
    }

    /** Chooses an output by name, even one that is missing now. Playback switches to it at once. */
    default void choose(String name) {}

    /** Takes any output from now on. */
    default void chooseAny() {}

    /** Returns the chosen output; empty for any. */
    default Optional<String> chosen() {
        return Optional.empty();
    }
}
