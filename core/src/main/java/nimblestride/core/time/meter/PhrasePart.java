package nimblestride.core.time.meter;

/** What a phrase is written as: a bar, or parts that repeat. */
public sealed interface PhrasePart permits Bar, Repeat {}
