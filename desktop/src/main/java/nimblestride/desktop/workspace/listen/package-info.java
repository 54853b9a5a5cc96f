/**
 * The Listen workspace: a recording, its hits, its meter, and the part that is heard. Begin with {@link
 * nimblestride.desktop.workspace.listen.ListenWorkspace}.
 */
package nimblestride.desktop.workspace.listen;
