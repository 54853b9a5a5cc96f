/**
 * The Sound workspace: click, mix, band, pads, and audio. Begin with {@link
 * nimblestride.desktop.workspace.sound.SoundWorkspace}.
 */
package nimblestride.desktop.workspace.sound;
