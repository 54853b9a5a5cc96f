package nimblestride.core.language.text;

import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;

/** Reads and prints the name of a riff in quotes: {@code "bass line"}. The plain {@code riff} needs none. */
public final class RiffText {
    static final String EXAMPLE = "\"bass line\" cell x..x. of 1/8";

    private static final String QUOTES = "\"\u201c\u201d\u201e";
    private static final Pattern OPENING = Pattern.compile("\\s*[" + QUOTES + "]");
    private static final Pattern QUOTED =
            Pattern.compile("\\s*[" + QUOTES + "]([^" + QUOTES + "]*)[" + QUOTES + "](?=\\s|$)");
    private static final Pattern BASS = Pattern.compile("(?i)\\s*bass\\s+(?!drum\\b).*");

    private RiffText() {}

    /**
     * Takes a name in quotes, if one comes next: a riff that is known, or a new one on the usual pitch.
     *
     * @throws TextException if a quote is missing, or the name is that of a drum
     */
    static Optional<Voice> take(TextCursor cursor, NamedVoices voices) {
        Optional<MatchResult> quoted = cursor.take(QUOTED);
        if (quoted.isEmpty()) {
            if (cursor.take(OPENING).isPresent()) {
                throw cursor.here("the name of a riff between two quotes. For example: " + EXAMPLE);
            }
            return Optional.empty();
        }
        TextCursor inside = cursor.group(quoted.get(), 1);
        String name = NamedVoices.tidy(inside.content());
        Optional<Voice> known = voices.named(name);
        if (known.filter(voice -> !voice.isRiff()).isPresent()) {
            throw inside.refuse("that is the " + known.get().name()
                    + ". Write it without quotes, or give the riff another name, such as \"" + name + " line\"");
        }
        return Optional.of(known.orElseGet(() -> inside.make(
                () -> NamedVoices.KIT
                        .withRiff(Voice.riff(name, NamedVoices.USUAL_PITCH))
                        .named(name)
                        .orElseThrow(),
                ". For example: " + EXAMPLE)));
    }

    /** Returns how to mean a bass where a layer starts with {@code bass}, which is the bass drum; empty elsewhere. */
    public static Optional<String> remark(String layer) {
        return BASS.matcher(layer).matches()
                ? Optional.of("Read bass as the bass drum, the " + Kit.KICK + ". For what a bass player plays, write "
                        + "\"bass line\" in quotes.")
                : Optional.empty();
    }

    /** Prints the name of a voice: that of a riff in quotes. */
    static String write(Voice voice) {
        return voice.isRiff() && !voice.name().equals(NamedVoices.RIFF.name())
                ? '"' + voice.name() + '"'
                : voice.name();
    }
}
