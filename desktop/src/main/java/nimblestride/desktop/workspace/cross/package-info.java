/**
 * The Cross workspace: layers that run across the bar line, the Weave, resolutions, and families. Begin with {@link
 * nimblestride.desktop.workspace.cross.CrossWorkspace}.
 */
package nimblestride.desktop.workspace.cross;
