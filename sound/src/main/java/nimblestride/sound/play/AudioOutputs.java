package nimblestride.sound.play;

import java.util.List;
import java.util.Optional;

/** The outputs of a machine, which come and go. */
@FunctionalInterface
public interface AudioOutputs {
    /** Opens the best there is now. */
    AudioOutput open();

    /**
     * Opens a better one, where one has come. It is asked now and then while another one plays, on a thread on which it may
     * take its time.
     */
    default Optional<AudioOutput> betterThan(AudioOutput playing) {
        return Optional.empty();
    }

    /** The names of those that can be played through now. */
    default List<String> names() {
        return List.of();
    }

    /** Chooses one by its name, also one that is not there now; empty for any. It is gone over to while it plays. */
    default void choose(Optional<String> name) {}

    /** The one that is chosen; empty for any. */
    default Optional<String> chosen() {
        return Optional.empty();
    }
}
