/**
 * Pages for everything heard: click, mix, band, pads, audio. Begin with {@link
 * nimblestride.desktop.workspace.sound.ClickPage}.
 */
package nimblestride.desktop.workspace.sound;
