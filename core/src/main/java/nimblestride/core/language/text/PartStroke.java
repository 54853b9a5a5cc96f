package nimblestride.core.language.text;

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
                VoiceText.read(note.group(match, 5), voices),
                match.group(4).isEmpty()
                        ? stroke
                        : stroke.by(StrokeSigns.limb(match.group(4).charAt(0))));
    }

    /** Returns it as a user types it. */
    String text(NamedVoices voices) {
        String limb = stroke.limb().map(one -> String.valueOf(one.letter())).orElse("");
        String named = limb + VoiceText.write(voice, voices);
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
