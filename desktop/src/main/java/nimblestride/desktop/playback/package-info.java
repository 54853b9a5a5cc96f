/**
 * Plays the open exercise and records what the user plays along. Depends on {@code document}. Begin with {@link
 * nimblestride.desktop.playback.Transport}.
 */
package nimblestride.desktop.playback;
