package nimblestride.desktop.service;

/** Shows one line in the status bar. Belongs to the interface thread. */
@FunctionalInterface
public interface Status {
    /** Shows a message in place of the last one. */
    void show(String message);
}
