package nimblestride.sound.microphone;

import java.util.List;
import java.util.Optional;

/** Lists and opens the microphones of a machine, which come and go. */
@FunctionalInterface
public interface AudioInputs {
    /** No microphone. */
    AudioInputs NONE = Optional::empty;

    /** Opens the first microphone that can be opened now; empty where there is none. */
    Optional<AudioInput> open();

    /** Opens a microphone by its name; empty where it can't be opened now. */
    default Optional<AudioInput> open(String name) {
        return open().filter(input -> input.name().equals(name));
    }

    /** Returns the names of the microphones that are there now. */
    default List<String> names() {
        return List.of();
    }
}
