package nimblestride.core.language.text;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.time.meter.Phrase;

/**
 * Completes a part at a place where somebody types: the name of a voice; the strides that a bar still lacks, as rests;
 * after a whole bar, the bar line and the bar again.
 */
public final class PartCompletion {
    private static final Pattern NAME_BEFORE = Pattern.compile("[\\p{Ll}][\\p{Ll}\\p{N}-]*$");

    private PartCompletion() {}

    /**
     * Returns what to insert; empty where nothing is to be completed.
     *
     * @param index from 0 to the length of the text
     */
    public static Optional<String> at(String text, int index, Phrase phrase, NamedVoices voices) {
        Matcher name = NAME_BEFORE.matcher(text.substring(0, index));
        if (name.find()) {
            List<Voice> beginning = VoiceText.beginning(name.group(), voices);
            String rest = beginning.size() == 1
                    ? beginning
                            .get(0)
                            .name()
                            .replace(' ', '-')
                            .substring(name.group().length())
                    : "";
            if (!rest.isEmpty()) {
                return Optional.of(rest);
            }
            if (beginning.size() > 1 && voices.named(name.group()).isEmpty()) {
                return Optional.empty();
            }
        }
        return text.substring(index).isBlank() ? bar(text.substring(0, index), phrase) : Optional.empty();
    }

    /** Completes the last bar, or begins the next. */
    private static Optional<String> bar(String text, Phrase phrase) {
        PartLayout layout = PartLayout.of(text);
        if (text.isBlank() || layout.bars().isEmpty()) {
            return Optional.empty();
        }
        PartLayout.WrittenBar last = layout.bars().get(layout.bars().size() - 1);
        String space = Character.isWhitespace(text.charAt(text.length() - 1)) ? "" : " ";
        if (text.stripTrailing().endsWith("|")) {
            return Optional.of(space + "%");
        }
        int wanted = phrase.first(layout.count())
                .bars()
                .get(last.first())
                .groupStarts()
                .size();
        int missing = wanted - last.strides().size();
        if (missing < 0) {
            return Optional.empty();
        }
        boolean rests = last.strides().get(last.strides().size() - 1).isBlank();
        String strides = (rests ? space + "." : "") + " / .".repeat(missing);
        return Optional.of(strides.isEmpty() ? space + "|" : strides);
    }
}
