/**
 * The Share workspace: sheets, booklets, notation, and audio files. Begin with {@link
 * nimblestride.desktop.workspace.share.ShareWorkspace}.
 */
package nimblestride.desktop.workspace.share;
