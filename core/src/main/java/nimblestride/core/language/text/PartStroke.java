package nimblestride.core.language.text;

import java.util.List;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;

/** Reads and prints one note of a part: {@code >snare}, {@code (snare)}, {@code ''Lsnare}, {@code snare:}. */
record PartStroke(Voice voice, Stroke stroke) {
    private static final Pattern NOTE =
            Pattern.compile("([>^_]?)(\\(?)('{0,3})([RLKFH]?)(\\p{Ll}[^\\s+()/|]*?)([:~]?)(\\)?)");
    private static final String EXAMPLE = "snare, >snare, (snare), 'snare, hi-hat+kick, . or -";

    static PartStroke read(TextCursor note, NamedVoices voices) {
        MatchResult match = note.match(NOTE).orElseThrow(() -> note.error("a note, such as " + EXAMPLE));
        boolean ghost = !match.group(2).isEmpty();
        boolean closed = !match.group(7).isEmpty();
        boolean twoLevels = ghost && !match.group(1).isEmpty();
        Ornament grace = StrokeSigns.GRACES.get(match.group(3).length());
        boolean twoOrnaments = grace != Ornament.NONE && !match.group(6).isEmpty();
        if (ghost != closed || twoLevels || twoOrnaments) {
            throw note.error("one level and one ornament for each note, such as " + EXAMPLE);
        }
        Ornament own =
                switch (match.group(6)) {
                    case ":" -> Ornament.DOUBLED;
                    case "~" -> Ornament.BUZZ;
                    default -> grace;
                };
        Stroke stroke =
                new Stroke(StrokeSigns.LEVELS.get(ghost ? match.group(2) : match.group(1)), own, Optional.empty());
        return new PartStroke(
                voice(note.group(match, 5), voices),
                match.group(4).isEmpty()
                        ? stroke
                        : stroke.by(StrokeSigns.limb(match.group(4).charAt(0))));
    }

    private static Voice voice(TextCursor name, NamedVoices voices) {
        String typed = name.content();
        List<Voice> beginning = voices.all().stream()
                .filter(voice -> name(voice).startsWith(typed))
                .toList();
        return voices.named(typed)
                .or(() -> voices.named(typed.replace('-', ' ')))
                .or(() -> beginning.size() == 1 ? Optional.of(beginning.get(0)) : Optional.empty())
                .orElseThrow(() -> name.error("a voice: " + near(typed, voices)));
    }

    /** Returns the names that begin with the same letter; all where none does. */
    private static String near(String typed, NamedVoices voices) {
        List<String> all = voices.all().stream().map(PartStroke::name).toList();
        List<String> near =
                all.stream().filter(name -> name.charAt(0) == typed.charAt(0)).toList();
        return String.join(", ", near.isEmpty() ? all : near);
    }

    /** Returns a voice's name in one word. */
    private static String name(Voice voice) {
        return voice.name().replace(' ', '-');
    }

    /** Returns it as a user types it. */
    String text() {
        String limb = stroke.limb().map(one -> String.valueOf(one.letter())).orElse("");
        String named = limb + name(voice);
        String played =
                switch (stroke.ornament()) {
                    case NONE -> named;
                    case FLAM -> "'" + named;
                    case DRAG -> "''" + named;
                    case RUFF -> "'''" + named;
                    case DOUBLED -> named + ":";
                    case BUZZ -> named + "~";
                };
        return StrokeSigns.level(stroke, played);
    }
}
