/**
 * The Group workspace: groupings, the count, what fits, and what meter something is in. Begin with {@link
 * nimblestride.desktop.workspace.group.GroupWorkspace}.
 */
package nimblestride.desktop.workspace.group;
