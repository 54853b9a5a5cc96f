package nimblestride.desktop.workspace.help;

/**
 * A line of a list in the help.
 *
 * @param name what the user looks up: a term, or keys as the keyboard names them
 * @param description what the term means, or what the keys do
 */
public record HelpListEntry(String name, String description) {}
