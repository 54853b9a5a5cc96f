/** What runs across the bar line: steady values, even notes over a span, and cells. */
package nimblestride.core.layer.pattern;
