package nimblestride.sound.custom;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;

/**
 * What the name of a file in a kit says: {@code snare ghost.wav}, {@code Open-Hi-Hat_accent.flac}, {@code kick.wav}, or
 * {@code kick-1.flac} to {@code kick-5.flac}, the softest first.
 *
 * @param voice its name in small letters: the kit's, or another
 * @param level empty where the name says none
 * @param number from the end of the name; empty where there is none
 */
record KitFileName(String voice, Optional<Dynamic> level, OptionalInt number) {
    private static final Pattern NUMBERED = Pattern.compile("(.*\\D) ?(\\d{1,3})");

    /** Reads a name without its ending. */
    static KitFileName read(String name) {
        String words = words(name);
        if (Kit.named(spelled(words)).isPresent()) {
            // Such as "tom 2", which is a drum and no second recording.
            return new KitFileName(known(words), Optional.empty(), OptionalInt.empty());
        }
        Matcher numbered = NUMBERED.matcher(words);
        OptionalInt number =
                numbered.matches() ? OptionalInt.of(Integer.parseInt(numbered.group(2))) : OptionalInt.empty();
        String rest = numbered.matches() ? numbered.group(1).strip() : words;
        Optional<Dynamic> level = Arrays.stream(Dynamic.values())
                .filter(dynamic -> rest.endsWith(" " + word(dynamic)))
                .findFirst();
        String voice = level.map(found ->
                        rest.substring(0, rest.length() - word(found).length()).strip())
                .orElse(rest);
        return new KitFileName(known(voice), level, number);
    }

    private static String words(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[\\s_-]+", " ").strip();
    }

    /** Returns the word for a dynamic in a file's name. */
    static String word(Dynamic level) {
        return switch (level) {
            case GHOST -> "ghost";
            case SOFT -> "soft";
            case NORMAL -> "normal";
            case ACCENT -> "accent";
            case STRONG -> "strong";
        };
    }

    /** Returns the kit's own name for a voice, however its hyphens were written. */
    private static String known(String voice) {
        return Kit.named(spelled(voice)).map(Voice::name).orElse(voice);
    }

    private static String spelled(String voice) {
        List<String> names = Kit.voices().stream().map(Voice::name).toList();
        return names.stream()
                .filter(name -> words(name).equals(voice))
                .findFirst()
                .orElse(voice);
    }

    boolean isOfTheKit() {
        return Kit.named(voice).isPresent();
    }
}
