/**
 * Holds file formats: exercises, logs, and Books to and from files, and drawings to pictures. Depends on {@code core}
 * and {@code files}. Begin with {@link nimblestride.formats.export.ExportFormat} and {@link
 * nimblestride.formats.source.FileImporter}.
 */
package nimblestride.formats;
