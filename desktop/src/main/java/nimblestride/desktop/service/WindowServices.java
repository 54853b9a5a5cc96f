package nimblestride.desktop.service;

/**
 * The services a part of one window may use.
 *
 * @param dialogs asks the user
 * @param status shows one line in the status bar
 * @param navigation goes to a page
 * @param library moves exercises between the window and the Book
 * @param export exports to files, and prints
 */
public record WindowServices(Dialogs dialogs, Status status, Navigation navigation, Library library, Export export) {}
