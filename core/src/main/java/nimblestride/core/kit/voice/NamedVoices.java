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
 * @param custom none of them named as a voice of the kit is, and no two alike; at most {@value #MAX_OWN}
 */
public record NamedVoices(List<Voice> custom) {
    public static final int MAX_OWN = 64;

    /** The kit alone. */
    public static final NamedVoices KIT = new NamedVoices(List.of());

    public NamedVoices {
        custom = List.copyOf(custom);
        if (custom.size() > MAX_OWN) {
            throw new InvalidValueException("there are at most " + MAX_OWN + " voices of one's own");
        }
        for (Voice voice : custom) {
            if (Kit.named(voice.name()).isPresent()
                    || custom.stream()
                                    .filter(other -> other.name().equals(voice.name()))
                                    .count()
                            > 1) {
                throw new InvalidValueException("there is a voice named " + voice.name() + " already");
            }
            if (!voice.name().matches("[\\p{L}][\\p{L}\\p{N}' -]{0,39}")
                    || !voice.name().equals(tidy(voice.name()))) {
                throw new InvalidValueException(
                        "a voice's name is in small letters and begins with one, at most 40 of them, such as frame drum");
            }
        }
    }

    /** A name as it is looked up: small letters, single spaces. */
    public static String tidy(String name) {
        return name.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
    }

    /** The voice called so, capital letters or not. */
    public Optional<Voice> named(String name) {
        String tidy = tidy(name);
        return Kit.named(tidy).or(() -> custom.stream()
                .filter(voice -> voice.name().equals(tidy))
                .findFirst());
    }

    /** The kit, and then one's own. */
    public List<Voice> all() {
        List<Voice> all = new ArrayList<>(Kit.voices());
        all.addAll(custom);
        return all;
    }

    /** All their names, for a message. */
    public String names() {
        return all().stream().map(Voice::name).collect(Collectors.joining(", "));
    }

    public NamedVoices and(Voice voice) {
        List<Voice> more = new ArrayList<>(custom);
        more.add(voice);
        return new NamedVoices(more);
    }

    public NamedVoices without(Voice voice) {
        return new NamedVoices(custom.stream().filter(one -> !one.equals(voice)).toList());
    }
}
