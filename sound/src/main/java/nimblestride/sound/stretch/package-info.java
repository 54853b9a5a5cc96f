/**
 * Plays a recording slower or faster without change of pitch. Begin with {@link nimblestride.sound.stretch.Stretcher}.
 */
package nimblestride.sound.stretch;
