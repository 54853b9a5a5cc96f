package nimblestride.core.kit.voice;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * The voices that can be named: those of the kit, the {@code riff} of another player, and the player's own, more riffs
 * among them.
 *
 * @param custom the player's own; none named as one of the kit, no two alike; at most {@value #MAX_OWN}; a {@code riff}
 *     here has another pitch than the usual one
 * @param shortNames by the name of a voice, one small letter or more, no two alike and none the name of another voice
 */
public record NamedVoices(List<Voice> custom, Map<String, String> shortNames) {
    /** The most voices of the player's own. */
    public static final int MAX_OWN = 64;

    /** The pitch of a riff for which none is chosen: the A in the lowest space of the bass clef, 110 Hz. */
    public static final int USUAL_PITCH = 45;

    /** What another player plays, if it has no name. */
    public static final Voice RIFF = Voice.riff("riff", USUAL_PITCH);

    /** The kit and the riff. */
    public static final NamedVoices KIT = new NamedVoices(List.of(), Map.of());

    /** @throws InvalidValueException if there are too many, or a name is taken */
    public NamedVoices {
        custom = List.copyOf(custom);
        shortNames = Collections.unmodifiableMap(new TreeMap<>(shortNames));
        if (custom.size() > MAX_OWN) {
            throw new InvalidValueException("you can add up to " + MAX_OWN + " voices of your own");
        }
        for (Voice voice : custom) {
            if (!Kit.isFree(voice.name())
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
        checkShortNames(byName(custom), shortNames);
    }

    private static void checkShortNames(Map<String, Voice> byName, Map<String, String> shortNames) {
        shortNames.forEach((name, shortName) -> {
            Voice voice = Optional.ofNullable(byName.get(name))
                    .orElseThrow(() -> new InvalidValueException("there is no voice " + name + " to shorten"));
            if (!shortName.matches("\\p{Ll}[\\p{Ll}\\p{N}]{0,7}")) {
                throw new InvalidValueException(
                        "a short name has 1 to 8 lowercase letters and digits, such as hat, not \"" + shortName + "\"");
            }
            // The plain riff gives way: files from before there were riffs may call a drum so.
            Voice named = byName.getOrDefault(shortName, voice);
            Voice taken = named.equals(RIFF) ? voice : named;
            boolean twice = Collections.frequency(shortNames.values(), shortName) > 1;
            if (!taken.equals(voice) || twice) {
                throw new InvalidValueException(
                        "\"" + shortName + "\" already names " + (twice ? "another voice" : "the " + taken.name()));
            }
        });
    }

    private static Map<String, Voice> byName(List<Voice> custom) {
        Map<String, Voice> all = new LinkedHashMap<>(Kit.byName());
        all.put(RIFF.name(), RIFF);
        custom.forEach(voice -> all.put(voice.name(), voice));
        return all;
    }

    /** Returns the voices by every name they have, except their short names. */
    public Map<String, Voice> byName() {
        return byName(custom);
    }

    /** Returns the short name of a voice; empty where none was chosen. */
    public Optional<String> shortName(Voice voice) {
        return Optional.ofNullable(shortNames.get(voice.name()));
    }

    /**
     * Returns the voices with another short name for one of them.
     *
     * @param shortName empty for none
     * @throws InvalidValueException if it can't be typed in a part, or names another voice
     */
    public NamedVoices withShortName(Voice voice, String shortName) {
        Map<String, String> changed = new TreeMap<>(shortNames);
        changed.remove(voice.name());
        if (!shortName.isBlank()) {
            changed.put(voice.name(), tidy(shortName));
        }
        return new NamedVoices(custom, changed);
    }

    /** Returns a name as it is looked up: small letters, single spaces. */
    public static String tidy(String name) {
        return name.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
    }

    /** Returns the voice with a name or a short name, in capitals or not; empty if there is none. */
    public Optional<Voice> named(String name) {
        String tidy = tidy(name);
        return custom.stream()
                .filter(voice -> voice.name().equals(tidy))
                .findFirst()
                .or(() -> Kit.named(tidy))
                .or(() -> all().stream()
                        .filter(voice -> voice.name().equals(tidy) || tidy.equals(shortNames.get(voice.name())))
                        .findFirst());
    }

    /** Returns the kit, then the player's own, then the riff; those of the player's own replace others of their name. */
    public List<Voice> all() {
        List<Voice> all = new ArrayList<>(Kit.voices());
        custom.forEach(voice -> Kit.named(voice.name()).ifPresent(all::remove));
        all.addAll(custom);
        if (custom.stream().noneMatch(voice -> voice.name().equals(RIFF.name()))) {
            all.add(RIFF);
        }
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
        return new NamedVoices(more, shortNames);
    }

    /**
     * Returns the voices with a riff, in the place of the one with its name.
     *
     * @throws InvalidValueException if a drum has its name, or there are too many
     */
    public NamedVoices withRiff(Voice riff) {
        List<Voice> changed = new ArrayList<>(custom);
        changed.replaceAll(voice -> voice.isRiff() && voice.name().equals(riff.name()) ? riff : voice);
        return changed.contains(riff) ? new NamedVoices(changed, shortNames) : and(riff);
    }

    /** Returns the voices without one of the player's own. */
    public NamedVoices without(Voice voice) {
        return new NamedVoices(
                custom.stream().filter(one -> !one.equals(voice)).toList(), withShortName(voice, "").shortNames);
    }
}
