/**
 * Draws a recording on the time of its bars, with its hits. Begin with {@link
 * nimblestride.desktop.view.recording.RecordingStrip}.
 */
package nimblestride.desktop.view.recording;
