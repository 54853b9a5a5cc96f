/**
 * Reads and writes files with care: only ordinary files, only up to a limit, whole or not at all, and under names that
 * are safe on every system. Turns errors of the system into a {@link nimblestride.files.FileException} that people
 * understand. Begin with {@link nimblestride.files.AtomicFile} and {@link nimblestride.files.SourceFile}.
 */
package nimblestride.files;
