package nimblestride.core.time.meter;

/** A part of a written phrase: a bar, or parts that repeat. */
public sealed interface PhrasePart permits Bar, Repeat {}
