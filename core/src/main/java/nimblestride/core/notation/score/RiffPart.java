package nimblestride.core.notation.score;

import nimblestride.core.kit.voice.Voice;

/** What another player plays in one bar. */
public record RiffPart(Voice voice, PartRhythm rhythm) {}
