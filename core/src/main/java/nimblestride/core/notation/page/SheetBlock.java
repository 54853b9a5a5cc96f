package nimblestride.core.notation.page;

import nimblestride.core.notation.engraving.Drawing;

/**
 * A part of a sheet that stays together.
 *
 * @param before room above it, unless it is the first on its page
 * @param keepsWith how much of what follows must fit on its page too
 */
record SheetBlock(Drawing drawing, double before, double keepsWith) {}
