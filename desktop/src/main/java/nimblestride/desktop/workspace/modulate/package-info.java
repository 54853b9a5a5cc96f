/**
 * The Modulate workspace: pivots, sections, tempos, implied modulation. Begin with {@link
 * nimblestride.desktop.workspace.modulate.ModulateWorkspace}.
 */
package nimblestride.desktop.workspace.modulate;
