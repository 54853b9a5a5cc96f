/** The findings pane. Begin with {@link nimblestride.desktop.workspace.findings.FindingsPane}. */
package nimblestride.desktop.workspace.findings;
