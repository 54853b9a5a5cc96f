package nimblestride.core.language.text;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;
import org.apache.commons.text.similarity.LevenshteinDistance;

/**
 * Reads and prints a voice in one word: its short name, or its name with hyphens between words. The first letters are
 * enough where they name one voice only.
 */
final class VoiceText {
    private static final int MOST_NEAR = 4;
    private static final LevenshteinDistance DISTANCE = LevenshteinDistance.getDefaultInstance();

    private VoiceText() {}

    static Voice read(TextCursor name, NamedVoices voices) {
        String typed = name.content();
        return voices.named(typed)
                .or(() -> voices.named(typed.replace('-', ' ')))
                .or(() -> begun(typed, voices))
                .orElseThrow(() -> name.error("a voice: " + String.join(", ", near(typed, voices))));
    }

    /** Returns the only voice whose name begins with some letters; empty where there is none, or several. */
    private static Optional<Voice> begun(String typed, NamedVoices voices) {
        List<Voice> beginning = beginning(typed, voices);
        return beginning.size() == 1 ? Optional.of(beginning.get(0)) : Optional.empty();
    }

    /**
     * Returns the voices whose names begin with some letters; those that came to the kit later only where no other does, so
     * that what was typed before still means the same.
     */
    static List<Voice> beginning(String typed, NamedVoices voices) {
        Map<Boolean, List<Voice>> later = voices.all().stream()
                .filter(voice -> word(voice.name()).startsWith(typed))
                .collect(Collectors.partitioningBy(Kit::cameLater));
        return later.get(later.get(false).isEmpty());
    }

    /** Returns the names that are most likely meant, nearest first; all names where none is near. */
    private static List<String> near(String typed, NamedVoices voices) {
        Map<String, Integer> distances = new TreeMap<>();
        voices.byName().forEach((name, voice) -> {
            int distance = word(name).startsWith(typed) ? 0 : DISTANCE.apply(typed, word(name));
            if (distance <= 1 + typed.length() / 3) {
                distances.merge(word(voice.name()), distance, Math::min);
            }
        });
        Stream<String> near = distances.entrySet().stream()
                .sorted(Map.Entry.comparingByValue(Comparator.naturalOrder()))
                .limit(MOST_NEAR)
                .map(Map.Entry::getKey);
        return distances.isEmpty()
                ? voices.all().stream().map(voice -> word(voice.name())).toList()
                : near.toList();
    }

    /** Returns a voice as a user types it, by its short name where it has one. */
    static String write(Voice voice, NamedVoices voices) {
        return voices.shortName(voice).orElse(word(voice.name()));
    }

    private static String word(String name) {
        return name.replace(' ', '-');
    }
}
