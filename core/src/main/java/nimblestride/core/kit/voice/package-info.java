/** What a drummer plays with: the voices of the kit and the strokes on them. */
package nimblestride.core.kit.voice;
