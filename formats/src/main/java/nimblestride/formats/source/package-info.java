/**
 * Imports a file of any kind, known by its first bytes. Begin with {@link nimblestride.formats.source.FileImporter}.
 */
package nimblestride.formats.source;
