package nimblestride.formats.musicxml;

import java.util.Set;

/**
 * How a score is laid out in MusicXML, besides its music.
 *
 * @param newLines which bars a new line begins with, from 0
 * @param count how the count is written
 */
public record ScoreLayout(Set<Integer> newLines, Count count) {
    /** How the count is written. */
    public enum Count {
        /** Under notes, as lyrics: other programs move them with their notes. What falls on no note is left out. */
        LYRICS,
        /** Below the staff, as text, whether a note is there or not. */
        TEXT
    }

    /** Leaves lines to whoever reads it; the count is lyrics. */
    public static final ScoreLayout PLAIN = new ScoreLayout(Set.of(), Count.LYRICS);

    public ScoreLayout {
        newLines = Set.copyOf(newLines);
    }
}
