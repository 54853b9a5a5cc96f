/**
 * Shows what is in a file of another program, and imports what the user chooses. Begin with {@link
 * nimblestride.desktop.workspace.importing.ImportPane}.
 */
package nimblestride.desktop.workspace.importing;
