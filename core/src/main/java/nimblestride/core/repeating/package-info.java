/** What repeats in a line of strokes: its shortest cycle, and the layer it might be. */
package nimblestride.core.repeating;
