package nimblestride.desktop.help;

/**
 * A shortcut.
 *
 * @param keys as they are named on the keyboard
 * @param does what they do
 */
public record KeyLine(String keys, String does) {}
