package nimblestride.sound.recording;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** The kinds of recordings that are read, known by their first bytes whatever the name of the file says. */
public enum AudioKind {
    WAV("wav"),
    AIFF("aiff", "aif"),
    FLAC("flac"),
    OGG("ogg"),
    MP3("mp3");

    /** How many bytes it takes to know the kind. */
    static final int BYTES = 12;

    private static final int MP3_SYNC = 0xE0;

    /** Kinds that are not read; a file of one gets a clear message. */
    private static final List<String> OTHER_ENDINGS = List.of("m4a", "aac", "wma", "opus", "ape", "mp4");

    @SuppressWarnings("ImmutableEnumChecker") // A list that never changes.
    private final List<String> endings;

    AudioKind(String... endings) {
        this.endings = List.of(endings);
    }

    /** Returns the endings of all kinds, the usual one first. */
    public static List<String> allEndings() {
        return Arrays.stream(values()).flatMap(kind -> kind.endings.stream()).toList();
    }

    /** Returns whether a file has the name of a recording, of a kind that is read or not. */
    public static boolean isCalledSo(Path file) {
        String name = file.toString().toLowerCase(Locale.ROOT);
        return Stream.concat(allEndings().stream(), OTHER_ENDINGS.stream())
                .anyMatch(ending -> name.endsWith("." + ending));
    }

    /** Returns the kind of a file that begins like this; empty for any other. */
    static Optional<AudioKind> of(byte[] first) {
        String text = new String(first, StandardCharsets.ISO_8859_1);
        if (text.startsWith("RIFF") && text.startsWith("WAVE", 8)) {
            return Optional.of(WAV);
        }
        if (text.startsWith("FORM") && (text.startsWith("AIFF", 8) || text.startsWith("AIFC", 8))) {
            return Optional.of(AIFF);
        }
        if (text.startsWith("fLaC")) {
            return Optional.of(FLAC);
        }
        if (text.startsWith("OggS")) {
            return Optional.of(OGG);
        }
        boolean frame = first.length > 1 && (first[0] & 0xFF) == 0xFF && (first[1] & MP3_SYNC) == MP3_SYNC;
        return text.startsWith("ID3") || frame ? Optional.of(MP3) : Optional.empty();
    }
}
