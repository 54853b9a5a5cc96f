/**
 * The Share workspace: sheets, booklets, notation, audio files, and web pages. Begin with {@link
 * nimblestride.desktop.workspace.share.ShareWorkspace}.
 */
package nimblestride.desktop.workspace.share;
