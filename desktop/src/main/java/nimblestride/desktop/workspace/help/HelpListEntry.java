package nimblestride.desktop.workspace.help;

/**
 * A line of a list in the help.
 *
 * @param name what is looked up: a term, or keys as they are named on the keyboard
 * @param told what it means, or what they do
 */
public record HelpListEntry(String name, String told) {}
