/**
 * Layers and what they play: steady values, even notes over a span, cells, stickings, and placed notes. Begin with
 * {@link nimblestride.core.layer.pattern.Layer}.
 */
package nimblestride.core.layer.pattern;
