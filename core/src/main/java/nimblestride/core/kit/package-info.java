/**
 * Holds what a drummer plays and with what: voices, strokes, stickings, and a backing band. Depends on {@code
 * foundation} and {@code time}. Begin with {@link nimblestride.core.kit.voice.Kit}.
 */
package nimblestride.core.kit;
