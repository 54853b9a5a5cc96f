/**
 * Turns an exercise into samples, with every hit at its exact place. Begin with {@link
 * nimblestride.sound.render.Renderer}.
 */
package nimblestride.sound.render;
