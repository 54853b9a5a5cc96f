package nimblestride.desktop.workspace.place;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.layer.limbs.LimbNote;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Writes the count lines of a phrase: the syllables, with signs for how notes are played. */
final class CountLineText {
    private final Phrase phrase;
    private final Counting counting;
    private final Subdivision subdivision;
    private final Map<Bar, List<SpokenSyllable>> said = new HashMap<>();

    CountLineText(Phrase phrase, Counting counting, Subdivision subdivision) {
        this.phrase = phrase;
        this.counting = counting;
        this.subdivision = subdivision;
    }

    Phrase phrase() {
        return phrase;
    }

    /** Returns the syllables of a bar, in order. */
    List<SpokenSyllable> said(Bar bar) {
        return said.computeIfAbsent(bar, counted -> counting.count(counted, subdivision));
    }

    /** Returns the syllable at a note. */
    String of(LimbNote note) {
        return signs(note.stroke(), syllable(note.at()));
    }

    /** Returns the letters of the hands at each moment, with the signs of their strokes. */
    Map<NoteValue, String> sticking(List<CountLines.Line> lines) {
        Map<NoteValue, String> hands = new TreeMap<>();
        lines.stream()
                .flatMap(line -> line.notes().stream())
                .filter(note -> note.limb().isHand())
                .forEach(note -> hands.merge(
                        note.at(),
                        signs(note.stroke(), String.valueOf(note.limb().letter())),
                        String::concat));
        return hands;
    }

    /** Returns the syllable at a place; else the place itself. */
    private String syllable(NoteValue at) {
        Bar bar = phrase.bar(phrase.barAt(at));
        NoteValue position = at.minus(phrase.startOf(phrase.barAt(at)));
        return said(bar).stream()
                .filter(one -> one.at().equals(position))
                .map(SpokenSyllable::syllable)
                .findFirst()
                .orElseGet(() -> new CountPosition(bar.meter(), position).syllable());
    }

    /**
     * Returns the first letters of grace notes, and a buzz as it is typed in stickings, {@code Rz}; a double is two
     * notes already.
     */
    private static String signs(Stroke stroke, String word) {
        String played =
                switch (stroke.ornament()) {
                    case NONE, DOUBLED -> word;
                    case FLAM, DRAG, RUFF -> stroke.ornament().title().substring(0, 1) + "·" + word;
                    case BUZZ -> word + "z";
                };
        return switch (stroke.level()) {
            case GHOST -> "(" + played + ")";
            case SOFT, NORMAL -> played;
            case ACCENT -> ">" + played;
            case STRONG -> "^" + played;
        };
    }
}
