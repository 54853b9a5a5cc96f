/**
 * Holds the workspaces below the Road, and the panes beside it. Depends on {@code view}, {@code playback}, {@code
 * document}, and {@code ui}. Begin with {@link nimblestride.desktop.workspace.cross.CrossWorkspace}.
 */
package nimblestride.desktop.workspace;
