package nimblestride.core.meter;

/** What a phrase is written as: a bar, or parts that repeat. */
public sealed interface PhrasePart permits Bar, Repeat {}
