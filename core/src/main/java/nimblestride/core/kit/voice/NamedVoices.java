package nimblestride.core.kit.voice;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * The voices that can be named: those of the kit, and the player's own.
 *
 * @param custom the player's own; none named as one of the kit, no two alike; at most {@value #MAX_OWN}
 */
public record NamedVoices(List<Voice> custom) {
    /** The most voices of the player's own. */
    public static final int MAX_OWN = 64;

    /** The kit only. */
    public static final NamedVoices KIT = new NamedVoices(List.of());

    /** @throws InvalidValueException if there are too many, or a name is taken */
    public NamedVoices {
        custom = List.copyOf(custom);
        if (custom.size() > MAX_OWN) {
            throw new InvalidValueException("you can add up to " + MAX_OWN + " voices of your own");
        }
        for (Voice voice : custom) {
            if (Kit.named(voice.name()).isPresent()
                    || custom.stream()
                                    .filter(other -> other.name().equals(voice.name()))
                                    .count()
                            > 1) {
                throw new InvalidValueException("a voice named " + voice.name() + " already exists");
            }
            if (!voice.name().matches("[\\p{L}][\\p{L}\\p{N}' -]{0,39}")
                    || !voice.name().equals(tidy(voice.name()))) {
                throw new InvalidValueException("name a voice in up to 40 lowercase letters, such as frame drum");
            }
        }
    }

    /** Returns a name as it is looked up: small letters, single spaces. */
    public static String tidy(String name) {
        return name.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
    }

    /** Returns the voice with a name, in capitals or not; empty if there is none. */
    public Optional<Voice> named(String name) {
        String tidy = tidy(name);
        return Kit.named(tidy).or(() -> custom.stream()
                .filter(voice -> voice.name().equals(tidy))
                .findFirst());
    }

    /** Returns the kit, and then the player's own. */
    public List<Voice> all() {
        List<Voice> all = new ArrayList<>(Kit.voices());
        all.addAll(custom);
        return all;
    }

    /** Returns all names, for a message. */
    public String names() {
        return all().stream().map(Voice::name).collect(Collectors.joining(", "));
    }

    /**
     * Returns the voices with one more.
     *
     * @throws InvalidValueException if its name is taken, or there are too many
     */
    public NamedVoices and(Voice voice) {
        List<Voice> more = new ArrayList<>(custom);
        more.add(voice);
        return new NamedVoices(more);
    }

    /** Returns the voices without one of the player's own. */
    public NamedVoices without(Voice voice) {
        return new NamedVoices(custom.stream().filter(one -> !one.equals(voice)).toList());
    }
}
